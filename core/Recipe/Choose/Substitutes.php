<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Colour\Lab;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Matcher;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Preference;
use Kalokroma\Word\Message;

/**
 * What stands in for the mix of a step when one of its paints is missing, low or dried up: by role, that is by what it
 * looks like in place, over the real substrate and so thinned, not by name.
 */
final class Substitutes
{
    /** Singles and mixes laid in place to be compared. */
    private const TRIED = 12;

    /** Two colours of hues no further apart (degrees of CIELAB) are one family. */
    private const SAME_HUE = 35.0;

    /** Below this chroma (CIELAB) a colour has no hue to speak of. */
    private const GREY_BELOW = 8.0;

    /**
     * @param list<Paint> $shelf
     * @param list<string> $without ids of the paints that cannot be used
     *
     * @return list<Substitute> as painters choose, {@see Preference}
     */
    public static function of(PlannedStep $step, Area $area, Surface $below, array $shelf, array $without, int $most = 6): array
    {
        if ($step->load->mix === null || !$step->isFilm()) {
            return [];
        }
        $missing = array_fill_keys($without, true);
        $usable = array_values(
            array_filter($shelf, static fn (Paint $p): bool => $p->isAtHand() && $p->colour !== null && !isset($missing[$p->id])),
        );
        $auto = $step->withCoats(0);
        $now = Simulation::step($auto, $area, $below);
        $face = $step->application()->on($step->face()) > 0 ? $step->face() : Face::Recess;
        $wanted = $now->look->after->face($face)->toLab();
        $found = [];
        foreach (self::candidates($step->load->mix, $usable) as $mix) {
            $then = Simulation::step($auto->withMix($mix), $area, $below);
            $look = $then->look->after->face($face)->toLab();
            $coats = $then->labour->coats - $now->labour->coats;
            $found[] = new Substitute(
                $mix,
                Ciede2000::difference($look, $wanted),
                self::words(DifferenceWords::between($wanted, $look), $coats),
                $coats,
                $then->look->after,
                $then->look->certainty,
            );
        }
        $preference = new Preference(static fn (Substitute $s): Mix => $s->mix, static fn (Substitute $s): float => $s->expected());

        return array_slice($preference->order($found), 0, $most);
    }

    /**
     * @param list<Paint> $usable
     *
     * @return list<Mix>
     */
    private static function candidates(Mix $mix, array $usable): array
    {
        $first = $mix->first();
        $alike = array_values(array_filter($usable, static fn (Paint $p): bool => self::isAlike($p, $first)));
        $target = $mix->lab();
        $matcher = new Matcher();
        $ranked = $matcher->singles($target, $alike);
        $mixes = array_slice($ranked, 0, self::TRIED);
        if ($first->isMixable()) {
            $mixes = [...$mixes, ...$matcher->sure($target, $alike, most: self::TRIED)];
        }

        if ($first->behaviour->isTransparent()) {
            $mixes = [...$mixes, ...array_slice($matcher->singles($target, self::thinned($target, $usable)), 0, self::TRIED)];
        }

        return array_map(static fn ($r): Mix => $r->mix, $mixes);
    }

    /**
     * What can be thinned to a tint of the same hue.
     *
     * @param list<Paint> $usable
     *
     * @return list<Paint>
     */
    private static function thinned(Lab $target, array $usable): array
    {
        return array_values(array_filter($usable, static function (Paint $p) use ($target): bool {
            $its = $p->colour?->toLab();
            if (!$p->isMixable() || $its === null) {
                return false;
            }

            return $target->chroma() < self::GREY_BELOW
                ? $its->chroma() < self::GREY_BELOW
                : $its->chroma() >= self::GREY_BELOW && $target->hueApart($its) <= self::SAME_HUE;
        }));
    }

    /** Same role and sheen; the sheen of metal is its own. */
    private static function isAlike(Paint $paint, Paint $original): bool
    {
        return $paint->behaviour->standsInFor($original->behaviour)
            && ($paint->sheen === $original->sheen || $original->behaviour === Behaviour::Metallic);
    }

    private static function words(string $difference, int $coatsMore): string
    {
        return $difference.match (true) {
            $coatsMore > 0 => Message::said(', needs {n, plural, one {one more coat} other {# more coats}}', ['n' => $coatsMore]),
            $coatsMore < 0 => Message::said(', needs {n, plural, one {one coat} other {# coats}} less', ['n' => -$coatsMore]),
            default => '',
        };
    }
}
