<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Word\Message;

/** One loaded colour is used everywhere it occurs before it is put away. */
final class SharedPaints
{
    /**
     * @param array<string, list<string>> $others ids of the paints that the other areas load, by the area's name
     *
     * @return string|null "Bone is on the palette: also for strap and sail."; null where no other area takes what is loaded
     */
    public static function sentence(PlannedStep $step, array $others): ?string
    {
        $found = [];
        foreach ($step->load->paints() as $paint) {
            foreach ($others as $area => $loaded) {
                if (in_array($paint->id, $loaded, true)) {
                    $found[$paint->name][mb_strtolower((string) $area)] = true;
                }
            }
        }
        if ($found === [] || $step->handling->omitted) {
            return null;
        }
        $said = [];
        foreach ($found as $paint => $areas) {
            $said[] = sprintf('%s is on the palette: also for %s', $paint, Message::listed(array_map(strval(...), array_keys($areas))));
        }

        return implode('. ', $said).'.';
    }
}
