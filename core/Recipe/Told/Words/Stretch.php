<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;

/** What stands between two separators of a line: what it does, and with how many paints. */
final readonly class Stretch
{
    /** A varnish of which it is not said how it shines. */
    public const VARNISH = 'varnish';

    /** What is done, as spans name it; null where nothing is said. */
    public ?string $technique;

    /** Paints it takes; one that is only spoken of does not count. */
    public int $paints;

    private SpokenOf $spoken;

    /** @param list<Span> $spans */
    public function __construct(private array $spans)
    {
        $this->spoken = SpokenOf::in($spans);
        $technique = null;
        $paints = 0;
        foreach ($spans as $i => $span) {
            $technique ??= $span->is(SpanKind::Technique) ? $span->means : null;
            $isSpoken = isset($this->spoken->mentioned[$i]) || isset($this->spoken->replaced[$i]);
            $paints += $span->is(SpanKind::Paint) && !$isSpoken ? 1 : 0;
        }
        [$this->technique, $this->paints] = [$technique, $paints];
    }

    public function has(SpanKind $kind): bool
    {
        return array_filter($this->spans, static fn (Span $s): bool => $s->is($kind)) !== [];
    }

    /** Whether it names neither a technique nor a paint. */
    public function isBare(): bool
    {
        return $this->technique === null && $this->paints === 0;
    }

    public function isPaintOnly(): bool
    {
        return $this->technique === null && $this->paints > 0;
    }

    /** Whether it says how much in figures: "a bit of it" and "a dot" do not. */
    public function hasCount(): bool
    {
        return array_filter(
            $this->spans,
            static fn (Span $s): bool => $s->is(SpanKind::Amount) && !in_array($s->means, ['some', 'little'], true) && !self::isArticle($s),
        ) !== [];
    }

    /** Whether an amount of a paint is said: "three passes" is none. */
    public function hasShare(): bool
    {
        $weighty = array_values(array_filter($this->spans, static fn (Span $s): bool => !$s->is(SpanKind::Plain)));
        foreach ($weighty as $i => $span) {
            [$prior, $next] = [$weighty[$i - 1] ?? null, $weighty[$i + 1] ?? null];
            $isBeside = $prior?->is(SpanKind::Paint) === true || $next?->is(SpanKind::Paint) === true;
            if ($span->is(SpanKind::Amount) && !self::isArticle($span) && ($isBeside || $span->means !== 'number')) {
                return true;
            }
        }

        return false;
    }

    /** Whether its amounts are bare numbers, and no ratio is said. */
    public function isNumberOnly(): bool
    {
        $amounts = array_filter($this->spans, static fn (Span $s): bool => $s->is(SpanKind::Amount, SpanKind::Ratio));

        return $amounts !== [] && array_filter($amounts, static fn (Span $s): bool => $s->means !== 'number') === [];
    }

    /** Whether it ends a list of what is mixed: "in equal parts", "1:1:2". */
    public function isOfAll(): bool
    {
        return array_filter(
            $this->spans,
            static fn (Span $s): bool => $s->is(SpanKind::Ratio) && ($s->means === 'even' || count($s->groups) > 2),
        ) !== [] || array_filter($this->spans, static fn (Span $s): bool => $s->means === 'of-each') !== [];
    }

    private static function isArticle(Span $span): bool
    {
        return $span->means === 'number' && in_array($span->group(0), ['a', 'an'], true);
    }

    public function isMixed(): bool
    {
        return $this->paints > 1 || array_filter($this->spans, static fn (Span $s): bool => $s->means === 'mix') !== [];
    }

    public function isWash(): bool
    {
        foreach ($this->spans as $span) {
            if ($span->is(SpanKind::Paint)) {
                return $span->paint === null
                    ? preg_match('/\bwash(?:es)?$/i', $span->group(0)) === 1 : $span->paint->behaviour === Behaviour::Wash;
            }
        }

        return false;
    }

    /** Whether it says where on the area or the figure. */
    public function isPlaced(): bool
    {
        foreach ($this->spans as $i => $span) {
            $isThing = $span->is(SpanKind::Note) && in_array($span->means, ['thing', 'somewhere'], true);
            $isPlace = $span->is(SpanKind::Face, SpanKind::Part, SpanKind::AllOver, SpanKind::Light);
            if ($isThing || ($isPlace && !isset($this->spoken->left[$i]))) {
                return true;
            }
        }

        return false;
    }

    /** Whether it names a thing of the figure and then its paint: "pupil black". */
    public function beginsWithThing(): bool
    {
        foreach ($this->spans as $span) {
            if (!$span->is(SpanKind::Plain)) {
                return $span->is(SpanKind::Note) && $span->means === 'thing';
            }
        }

        return false;
    }

    /** "Drybrush this", and not "this drybrushed". */
    public function beginsWithTechnique(): bool
    {
        foreach ($this->spans as $span) {
            if ($span->is(SpanKind::Technique, SpanKind::Paint)) {
                return $span->is(SpanKind::Technique);
            }
        }

        return false;
    }

    /** Whether its technique is done with what was named before: "drybrush it". */
    public function isOfThat(): bool
    {
        foreach ($this->spans as $i => $span) {
            if ($span->is(SpanKind::Technique) && !self::takesNoPaint($span->means)) {
                return ($this->spans[$i + 1] ?? null)?->means === 'it';
            }
        }

        return false;
    }

    /** Whether all is said that its technique needs, so that another one is the next step. */
    public function isDone(): bool
    {
        return $this->paints > 0 || ($this->technique !== null
            && (self::takesNoPaint($this->technique) || str_contains($this->technique, 'varnish')));
    }

    public function isNegated(): bool
    {
        return array_filter(
            $this->spans,
            static fn (Span $s): bool => $s->is(SpanKind::Note) && in_array($s->means, ['negated', 'remark'], true),
        ) !== [];
    }

    public static function takesNoPaint(string $technique): bool
    {
        return $technique === self::VARNISH || Technique::tryFrom($technique)?->facts()->takes === [];
    }
}
