<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Caution\Tool;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Purpose;

/** The medium, thinner or solvent of the shelf that a load is thinned with. */
final class NamedThinner
{
    /** The load with its product, where one for this use is in stock. */
    public static function of(Load $load, Technique $technique, Palette $palette): Load
    {
        if ($load->thinning->isUndiluted() || $load->thinner === Thinner::Water) {
            return $load;
        }
        $wanted = match (true) {
            $load->thinner->isSolvent() => Purpose::Solvent,
            $load->thinner === Thinner::Retarder => Purpose::Slowing,
            $technique->facts()->tool === Tool::Airbrush->value => Purpose::Airbrush,
            default => Purpose::Glazing,
        };
        $found = array_values(array_filter(
            [...$palette->atHand(Behaviour::Medium), ...$palette->atHand(Behaviour::Thinner)],
            static fn (Paint $p): bool => $p->thins() === $load->thinner && ($p->isFor($wanted) || $p->isFor(Purpose::Anything)),
        ));
        usort($found, static fn (Paint $a, Paint $b): int => $b->isFor($wanted) <=> $a->isFor($wanted) ?: $a->id <=> $b->id);

        return $found === [] ? $load : $load->by($found[0]);
    }
}
