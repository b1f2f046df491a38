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
    /** How far off such a sum may be, as a share: thickness of coats and what stays on the palette. */
    public const UNCERTAIN = Constants::GUESSED_THICKNESS;

    /**
     * @param list<Demand> $demands
     *
     * @return list<Need> what runs out first comes first
     */
    public static function of(array $demands): array
    {
        $found = [];
        foreach ($demands as $demand) {
            if ($demand->taken->step->handling->omitted || $demand->figures < 1) {
                continue;
            }
            foreach ($demand->taken->ml($demand->figures) as $id => $ml) {
                $found[$id] ??= ['paint' => self::paint($demand->taken, (string) $id), 'ml' => 0.0, 'each' => 0.0, 'uses' => []];
                $found[$id]['ml'] += $ml;
                $found[$id]['each'] += $ml / $demand->figures;
                $found[$id]['uses'][$demand->where] = true;
            }
        }
        $needs = array_map(static fn (array $n): Need => new Need(
            $n['paint'],
            round($n['ml'], 2),
            round(self::UNCERTAIN * $n['ml'], 2),
            $n['paint']->owned ? $n['paint']->leftMl : 0.0,
            self::enoughFor($n['paint'], $n['each']),
            array_map(strval(...), array_keys($n['uses'])),
        ), array_values($found));
        usort($needs, static fn (Need $a, Need $b): int => $b->strain() <=> $a->strain() ?: $a->paint->name <=> $b->paint->name);

        return $needs;
    }

    private static function enoughFor(Paint $paint, float $each): ?int
    {
        return match (true) {
            !$paint->owned => 0,
            $paint->leftMl === null => null,
            default => (int) floor($paint->leftMl / $each + 1e-9),
        };
    }

    private static function paint(Taken $taken, string $id): Paint
    {
        foreach ($taken->step->load->paints() as $paint) {
            if ($paint->id === $id) {
                return $paint;
            }
        }

        throw RecipeProblem::noSuchStep($taken->step->key->value);
    }
}
