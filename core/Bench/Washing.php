<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Caution\Tool;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;

/** What is washed and put away after a sitting. */
final class Washing
{
    /**
     * @param list<Tool> $tools that were used
     * @param list<Behaviour> $behaviours of the paints that were used
     *
     * @return list<string> sentences
     */
    public static function after(array $tools, array $behaviours, Equipment $owned): array
    {
        $isSolvent = array_filter($behaviours, static fn (Behaviour $b): bool => $b->isSolventBased()) !== [];
        $isWater = array_filter($behaviours, static fn (Behaviour $b): bool => !$b->isSolventBased()) !== [];
        $isBrushed = array_filter($tools, static fn (Tool $t): bool => str_ends_with($t->value, 'brush') && $t !== Tool::Airbrush) !== [];

        return array_values(array_filter([
            $isBrushed && $isWater ? 'Brushes: rinse, wash with soap, shape the tip on a cloth, and let them dry lying down.' : '',
            in_array(Tool::MetalBrush, $tools, true) ? 'The metal brush: wash it last, in water of its own.' : '',
            in_array(Tool::Airbrush, $tools, true) ? 'Airbrush: flush it until clear, then take the needle out and wipe it.' : '',
            in_array(Tool::SprayCan, $tools, true) ? 'Spray can: turn it over and spray until only gas comes.' : '',
            $isSolvent ? 'Solvent brushes: clean them in the thinner, then with soap.' : '',
            $isSolvent ? 'Rags: dry them flat outdoors or keep them in a closed metal tin. Leftovers go to the hazardous-waste point.' : '',
            $isBrushed && $isWater && $owned->wetPalette ? 'Wet palette: close the lid. What is on it keeps for about a day.' : '',
            $isBrushed && $isWater && !$owned->wetPalette ? 'Palette: wipe it before the paint is hard.' : '',
            'Caps: wipe the rims and close them.',
        ]));
    }
}
