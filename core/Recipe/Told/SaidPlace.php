<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Film\Face;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;
use Kalokroma\Recipe\Told\Words\SpokenOf;

/** Where a clause says that it goes, and what it leaves alone. */
final readonly class SaidPlace
{
    /**
     * @param list<Face> $left faces that are left alone
     * @param bool $folds whether mere folds are named: raised ones for a light, deep ones for a shade
     * @param bool $foldsLeft whether mere folds are left alone: deep ones by a light, raised ones by a shade
     * @param bool $edges whether it is edges that are named
     * @param bool $isExact whether its face is told as it is printed, where the technique goes there anyway
     * @param bool $isLines whether it is the lines between parts that are named
     */
    public function __construct(
        public Place $place = new Place(),
        public array $left = [],
        public bool $folds = false,
        public bool $foldsLeft = false,
        public bool $edges = false,
        public bool $isLines = false,
        public bool $isExact = false,
    ) {
    }

    /**
     * @param list<Span> $spans of a clause
     * @param float|null $share per cent of it
     */
    public static function of(array $spans, SpokenOf $spoken, ?float $share): self
    {
        $in = $left = [];
        $part = $light = '';
        $folds = $foldsLeft = $edges = $isLines = $isExact = false;
        $isBlend = self::count($spans, SpanKind::Technique, Technique::WetBlend->value) > 0 && self::count($spans, SpanKind::Part) > 1;
        foreach ($spans as $i => $span) {
            $isLeft = isset($spoken->left[$i]);
            if ($span->is(SpanKind::Face) && $span->means === 'folds') {
                $isLeft ? $foldsLeft = true : $folds = true;
            } elseif ($span->is(SpanKind::Face)) {
                $face = match ($span->means) {
                    'edges' => Face::Ridge,
                    'lines' => Face::Recess,
                    default => Face::from($span->means),
                };
                $isExact = $isExact || $span->group(0) !== '';
                $isLines = $isLines || (!$isLeft && $span->means === 'lines');
                $isLeft ? $left[$face->value] = $face : $in[$face->value] = $face;
                $edges = $edges || (!$isLeft && $span->means === 'edges');
            } elseif ($span->is(SpanKind::Part) && !$isLeft && !isset($spoken->kept[$i]) && !$isBlend) {
                $part = $part === '' ? $span->means : $part;
            } elseif ($span->is(SpanKind::Light)) {
                $light = $light === '' ? $span->means : $light;
            }
        }
        $place = self::on($in, $part, $light, $share === null ? 1.0 : Place::shareOf($share));

        return new self(
            $place->leaving(array_values($left)),
            array_values($left),
            $folds,
            $foldsLeft,
            $edges && count($in) === 1,
            $isLines,
            $isExact,
        );
    }

    /** @param list<Span> $spans */
    private static function count(array $spans, SpanKind $kind, ?string $means = null): int
    {
        return count(array_filter($spans, static fn (Span $s): bool => $s->is($kind) && ($means === null || $s->means === $means)));
    }

    /** @param array<string, Face> $faces */
    private static function on(array $faces, string $part, string $light, float $share): Place
    {
        $out = array_values(array_filter(Face::cases(), static fn (Face $f): bool => !in_array($f, $faces, true)));
        // Raised parts of which a share is told reach into the planes.
        $isWide = $share < 1.0 && count($faces) === 1 && reset($faces) === Face::Ridge;

        return match (true) {
            $isWide => new Place(null, $part, $light, $share, but: Face::Recess),
            count($faces) === 1 => new Place(reset($faces), $part, $light, $share),
            count($faces) === 2 => new Place(null, $part, $light, $share, but: $out[0] ?? null),
            default => new Place(null, $part, $light, $share),
        };
    }
}
