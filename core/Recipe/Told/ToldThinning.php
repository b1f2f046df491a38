<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;
use Kalokroma\Shelf\Paint;

/** How far it is thinned, and with what. */
final readonly class ToldThinning
{
    /** How it is thinned beside the step before. */
    public const FURTHER = 'further';
    public const LESS = 'less';
    public const SLIGHTLY = 'slightly';

    /**
     * @param bool $said whether anything is said of it
     * @param Thinning|null $thinning null where it is open
     * @param Thinner|null $with null where that is not said
     * @param Paint|null $product the pot of the shelf it is thinned with; null where none is named
     * @param string $than how it departs from the step before; empty where it does not
     * @param bool $isBare whether nothing is said but the ratio: it may be that of a mix
     * @param bool $isMostly whether there is hardly any paint in it
     * @param bool $isRefused whether it makes no sense, and stays as words
     */
    public function __construct(
        public bool $said = false,
        public ?Thinning $thinning = null,
        public ?Thinner $with = null,
        public ?Paint $product = null,
        public string $than = '',
        public bool $isRefused = false,
        public bool $isBare = false,
        public bool $isMostly = false,
    ) {
    }

    /**
     * @param list<Span> $spans of a clause
     * @param string|null $ratio paint to thinner, where parts or a ratio say it
     */
    public static function of(array $spans, ?string $ratio): self
    {
        $with = $product = $like = null;
        $neat = $open = $mostly = false;
        $than = '';
        foreach ($spans as $span) {
            if ($span->is(SpanKind::Thinner)) {
                $product ??= $span->paint;
                $with ??= $span->means === 'spirit' ? Thinner::Solvent : Thinner::from($span->means);
            } elseif ($span->is(SpanKind::Consistency)) {
                $like = $span->means === 'like' ? self::likeness($span) : $like;
                $with ??= Thinner::said($span->group(0));
                $neat = $neat || $span->means === 'neat';
                $mostly = $mostly || $span->means === 'mostly';
                $open = $open || $span->means === 'open' || $mostly;
                $than = in_array($span->means, [self::FURTHER, self::LESS, self::SLIGHTLY], true) ? $span->means : $than;
            }
        }
        $product = $product !== null && $product->thins() === $with ? $product : null;
        $text = $ratio ?? $like;
        if ($text !== null) {
            try {
                $isBare = $ratio !== null && $with === null && !$open && array_filter($spans, self::names(...)) === [];

                return new self(true, ParsedThinning::read($text)->thinning, $with, $product, isBare: $isBare);
            } catch (FilmProblem) {
                return new self(isRefused: true);
            }
        }
        if ($than !== '') {
            return new self($than === self::SLIGHTLY, null, $with, $product, $than);
        }

        return $neat ? new self(true, Thinning::undiluted()) : new self(
            $open || $with !== null,
            null,
            $with,
            $product,
            isMostly: $mostly,
        );
    }

    private static function names(Span $span): bool
    {
        return $span->is(SpanKind::Paint, SpanKind::Thinner, SpanKind::AnyPaint);
    }

    private static function likeness(Span $span): string
    {
        $groups = array_values(array_filter($span->groups, static fn (string $g): bool => Thinner::said($g) === null && $g !== ''));
        $like = $groups[0] ?? 'milk';

        return 'like '.match ($like) {
            'single cream' => 'cream',
            'whole milk' => 'milk',
            default => $like,
        };
    }
}
