<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Film\Constants;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Shelf\Paint;

/**
 * How much paint a plan takes and whether it is there: by paint, for every figure still to be painted.
 */
final class Needs
{
    /** How far off such a reckoning may be, as a share: thickness of coats and what stays on the palette. */
    public const UNCERTAIN = Constants::GUESSED_THICKNESS;

    /**
     * @param list<array{outcome: StepOutcome, where: string, figures: int}> $steps figures still to do, 0 or more
     *
     * @return list<array{paint: Paint, ml: float, uncertain: float, left: float|null, figures: int|null, uses: list<string>}>
     *                                                                                                                         what runs out first comes first; figures: alike figures it is enough for, null where nobody said what is left
     */
    public static function of(array $steps): array
    {
        $found = [];
        foreach ($steps as ['outcome' => $outcome, 'where' => $where, 'figures' => $figures]) {
            if ($outcome->step->handling->omitted || $figures < 1) {
                continue;
            }
            foreach (self::usedMl($outcome, $figures) as $id => $ml) {
                $found[$id] ??= ['paint' => self::paint($outcome, (string) $id), 'ml' => 0.0, 'each' => 0.0, 'most' => 0, 'uses' => []];
                $found[$id]['ml'] += $ml;
                $found[$id]['each'] += $ml / $figures;
                $found[$id]['most'] = max($found[$id]['most'], $figures);
                $found[$id]['uses'][$where] = true;
            }
        }
        $needs = array_map(static fn (array $n): array => [
            'paint' => $n['paint'],
            'ml' => round($n['ml'], 2),
            'uncertain' => round(self::UNCERTAIN * $n['ml'], 2),
            'left' => $n['paint']->owned ? $n['paint']->leftMl : 0.0,
            'figures' => self::enoughFor($n['paint'], $n['each']),
            'uses' => array_map(strval(...), array_keys($n['uses'])),
        ], array_values($found));
        usort($needs, static fn (array $a, array $b): int => self::strain($b) <=> self::strain($a) ?: $a['paint']->name <=> $b['paint']->name);

        return $needs;
    }

    /**
     * Paint that a step takes for so many figures at one go, waste included, ml.
     *
     * @return array<int|string, float> by the paint's id
     */
    public static function usedMl(StepOutcome $outcome, int $figures): array
    {
        $mix = $outcome->step->load->mix;
        if ($outcome->amount === null || $mix === null) {
            return [];
        }
        $load = $outcome->step->load->thinning->load();
        $mixed = Amount::neededUl($outcome->amount->usedMl * 1000 / $load, $figures) * $load / 1000;
        $used = [];
        foreach ($mix->parts as $part) {
            if ($part->paint->id !== '') {
                $used[$part->paint->id] = $mixed * $part->parts / $mix->totalParts();
            }
        }

        return $used;
    }

    private static function enoughFor(Paint $paint, float $each): ?int
    {
        return match (true) {
            !$paint->owned => 0,
            $paint->leftMl === null => null,
            default => (int) floor($paint->leftMl / $each + 1e-9),
        };
    }

    private static function paint(StepOutcome $outcome, string $id): Paint
    {
        foreach ($outcome->step->load->mix?->paints() ?? [] as $paint) {
            if ($paint->id === $id) {
                return $paint;
            }
        }
        throw RecipeProblem::noSuchStep($outcome->step->key);
    }

    /** @param array{ml: float, left: float|null} $need */
    private static function strain(array $need): float
    {
        return match (true) {
            $need['left'] === null => 0.0,
            $need['left'] <= 0.0 => INF,
            default => $need['ml'] / $need['left'],
        };
    }
}
