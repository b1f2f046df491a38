<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ground;

use Kalokroma\Undercoat\Ground;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Message;

/** One undercoat for companies that are meant to match, and what it costs each of them beside the ground that suits it best. */
final readonly class OneForAll
{
    /** Share of the minutes that a coloured ground has to save before it goes under several companies. */
    private const SAVES = 0.2;

    /** @param array<string, float> $more minutes a figure, by the name of the company */
    private function __construct(public Ground $ground, public array $more)
    {
    }

    /**
     * The ground with the least work over all their figures; a light sketch is a matter of each company.
     *
     * @param array<string, array{compared: GroundsCompared, figures: int}> $companies by name
     *
     * @return self|null null where no primer is offered to all of them
     */
    public static function of(array $companies): ?self
    {
        $sums = $grounds = $more = [];
        foreach ($companies as $name => ['compared' => $compared, 'figures' => $figures]) {
            $least = min(array_map(static fn (GroundLaid $l): float => $l->minutes, $compared->laid));
            foreach ($compared->laid as $laid) {
                if ($laid->ground->primer === null || $laid->ground->isSketch()) {
                    continue;
                }
                $id = $laid->ground->id;
                $grounds[$id] = $laid->ground;
                $sums[$id] = ($sums[$id] ?? 0.0) + $figures * $laid->minutes;
                $more[$id][$name] = $laid->minutes - $least;
            }
        }
        $offered = array_filter($sums, static fn (int|string $id): bool => count($more[$id]) === count($companies), ARRAY_FILTER_USE_KEY);
        if ($offered === []) {
            return null;
        }
        asort($offered);
        $best = array_keys($offered)[0];
        $neutral = array_values(array_filter(
            array_keys($offered),
            static fn (int|string $id): bool => isset($grounds[$id]) && $grounds[$id]->isNeutral(),
        ))[0] ?? null;
        // A coloured ground for all of them has to save a good part of the minutes.
        $best = $neutral !== null && $offered[$best] > (1 - self::SAVES) * $offered[$neutral] ? $neutral : $best;

        return new self($grounds[$best], $more[$best]);
    }

    /** "Grey Ground for all of them: 4 min more on each figure of Heron rider, nothing more for Lamplighters." */
    public function sentence(): string
    {
        $costs = $free = [];
        foreach ($this->more as $name => $minutes) {
            if (round($minutes) >= 1.0) {
                $costs[] = sprintf('%s more on each figure of %s', Duration::words((int) round($minutes)), $name);
            } else {
                $free[] = (string) $name;
            }
        }
        $told = [...$costs, ...($free === [] ? [] : ['nothing more for '.Message::listed($free)])];

        return sprintf('%s for all of them: %s.', $this->ground->words, implode('; ', $told));
    }
}
