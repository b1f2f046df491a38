<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Recipe\Technique\Level;

/** Where in a recipe each level of finish ends: before the first step that only a higher one asks for. */
final class LevelEnds
{
    /**
     * @param list<PlannedStep> $steps those left out do not count
     *
     * @return array<string, Level> the level that is reached after a step, by its key; nothing where no step goes beyond
     */
    public static function of(array $steps): array
    {
        $found = [];
        foreach ([Level::Fieldable, Level::Finished] as $level) {
            $last = null;
            foreach ($steps as $step) {
                if ($step->handling->omitted) {
                    continue;
                }
                if (!$step->level()->isWithin($level)) {
                    $found += $last === null ? [] : [$last => $level];
                    break;
                }
                $last = $step->key->value;
            }
        }

        return $found;
    }
}
