<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Hiding;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;

/**
 * Which ground saves the most coats over all areas of a figure.
 */
final readonly class Advice
{
    /** From this share of the surface in metal on, a dark ground is chosen whatever the coats say. */
    public const METAL_HEAVY = 0.5;

    /** @param non-empty-list<Choice> $choices the advised one first */
    private function __construct(public array $choices, public string $reason)
    {
    }

    /**
     * @param list<Paint>  $shelf
     * @param list<Demand> $demands
     */
    public static function of(array $shelf, array $demands): self
    {
        $choices = [];
        foreach (self::grounds($shelf) as [$tone, $primer, $colour]) {
            $byArea = [];
            foreach ($demands as $demand) {
                $byArea[$demand->area] = Hiding::of($demand->pigment, $demand->load, $colour)->planned();
            }
            $choices[] = new Choice($tone, $primer, $colour, $byArea);
        }
        $metal = array_sum(array_map(static fn (Demand $d): float => $d->metal ? $d->share : 0.0, $demands));
        $dark = $metal >= self::METAL_HEAVY;
        usort($choices, static fn (Choice $a, Choice $b): int => ($dark ? ($b->tone === Tone::Dark) <=> ($a->tone === Tone::Dark) : 0)
            ?: $a->coats() <=> $b->coats()
            ?: ($b->tone === Tone::Grey) <=> ($a->tone === Tone::Grey)
            ?: ($a->primer->id ?? '') <=> ($b->primer->id ?? ''));

        return new self($choices, self::sentence($choices, count($demands), $dark ? $metal : null));
    }

    /**
     * @param list<Paint> $shelf
     *
     * @return non-empty-list<array{Tone, Paint|null, Reflectance}>
     */
    private static function grounds(array $shelf): array
    {
        $found = [];
        foreach ($shelf as $paint) {
            if ($paint->behaviour === Behaviour::Primer && $paint->isAtHand() && $paint->colour !== null) {
                $found[] = [Tone::ofColour($paint->colour->toLab()), $paint, $paint->colour];
            }
        }
        if ($found !== []) {
            return $found;
        }

        return array_map(static fn (Tone $tone): array => [$tone, null, $tone->assumed()], Tone::plain());
    }

    /** @param non-empty-list<Choice> $choices */
    private static function sentence(array $choices, int $areas, ?float $metal): string
    {
        $best = $choices[0];
        if ($metal !== null) {
            return sprintf('%d %% of the surface is metal, which wants a dark ground: recesses stay dark and flakes shine on it.', round(100 * $metal));
        }
        if ($areas === 0) {
            return 'No area has a colour yet: a middle grey suits mixed subjects.';
        }
        $name = static fn (Choice $c): string => $c->primer === null ? $c->tone->words() : $c->primer->name;
        $text = sprintf('Over %s the base coats of %d %s come to %d', $name($best), $areas, $areas === 1 ? 'area' : 'areas', $best->coats());
        $last = $choices[count($choices) - 1];
        if ($last->coats() > $best->coats()) {
            ['area' => $area, 'more' => $more] = $last->worstAgainst($best);
            $text .= sprintf('; over %s to %d, with %d more on %s alone', $name($last), $last->coats(), $more, mb_strtolower($area));
        }

        return $text.'.';
    }
}
