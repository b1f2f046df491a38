<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Film\Face;

/** How much two drafts of one area differ: in how it ends, and in what is done for it. */
final class DraftsApart
{
    /** A draft of which every step is another counts as if its faces ended so far apart (CIEDE2000): our own weight. */
    private const ALL_STEPS = 10.0;

    /**
     * Mean distance of recess, plane and ridge (CIEDE2000), and the share of steps that only one of both has, weighed as
     * {@see self::ALL_STEPS}; 0 where both are the same.
     *
     * @param list<StepOutcome> $one
     * @param list<StepOutcome> $other
     */
    public static function of(array $one, array $other): float
    {
        if ($one === [] || $other === []) {
            return $one === $other ? 0.0 : self::ALL_STEPS;
        }
        $ends = 0.0;
        foreach (Face::cases() as $face) {
            $mine = $one[count($one) - 1]->look->after->face($face)->toLab();
            $its = $other[count($other) - 1]->look->after->face($face)->toLab();
            $ends += Ciede2000::difference($mine, $its) / count(Face::cases());
        }
        [$a, $b] = [self::steps($one), self::steps($other)];
        $all = array_unique([...$a, ...$b]);

        return $ends + self::ALL_STEPS * (1 - count(array_intersect($a, $b)) / count($all));
    }

    /**
     * @param list<StepOutcome> $outcomes
     *
     * @return list<string> each technique with its mix
     */
    private static function steps(array $outcomes): array
    {
        return array_values(array_unique(array_map(
            static fn (StepOutcome $o): string => $o->step->technique->value.' '.($o->step->load->mix?->key() ?? ''),
            $outcomes,
        )));
    }
}
