<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Figure\Area;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Predict\Simulation;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Matcher;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;

/**
 * What stands in for the mix of a step when one of its paints is missing, low or dried up: by role, that is by what it
 * looks like in place, over the real substrate and so thinned, not by name.
 */
final class Substitutes
{
    /** Singles and mixes laid in place to be compared. */
    private const TRIED = 12;

    /**
     * @param list<Paint>  $shelf
     * @param list<string> $without ids of the paints that cannot be used
     *
     * @return list<array{mix: Mix, difference: float, words: string, coats_more: int, after: Surface, certainty: float}> nearest in place first
     */
    public static function of(PlannedStep $step, Area $area, Surface $below, array $shelf, array $without, int $most = 6): array
    {
        if ($step->mix === null || !$step->isFilm()) {
            return [];
        }
        $missing = array_fill_keys($without, true);
        $usable = array_values(array_filter($shelf, static fn (Paint $p): bool => $p->isAtHand() && $p->colour !== null && !isset($missing[$p->id])));
        $auto = $step->with(coats: 0);
        $now = Simulation::step($auto, $area, $below);
        $face = $step->application()->on($step->face()) > 0 ? $step->face() : 'recess';
        $wanted = $now->after->face($face)->toLab();
        $found = [];
        foreach (self::candidates($step->mix, $usable) as $mix) {
            $then = Simulation::step($auto->with(mix: $mix), $area, $below);
            $look = $then->after->face($face)->toLab();
            $coats = $then->coats - $now->coats;
            $found[] = [
                'mix' => $mix,
                'difference' => Ciede2000::difference($look, $wanted),
                'words' => self::words(DifferenceWords::between($wanted, $look), $coats),
                'coats_more' => $coats,
                'after' => $then->after,
                'certainty' => $then->certainty,
            ];
        }
        usort($found, static fn (array $a, array $b): int => round($a['difference'], 3) <=> round($b['difference'], 3)
            ?: $a['mix']->totalParts() <=> $b['mix']->totalParts() ?: $a['mix']->key() <=> $b['mix']->key());

        return array_slice($found, 0, $most);
    }

    /**
     * @param list<Paint> $usable
     *
     * @return list<Mix>
     */
    private static function candidates(Mix $mix, array $usable): array
    {
        $first = $mix->parts[0]['paint'];
        $alike = array_values(array_filter($usable, static fn (Paint $p): bool => self::isAlike($p, $first)));
        $target = $mix->lab();
        $matcher = new Matcher();
        $ranked = $matcher->singles($target, $alike);
        $mixes = array_slice($ranked, 0, self::TRIED);
        if ($first->behaviour->isMixable()) {
            $mixes = [...$mixes, ...$matcher->pairs($target, $alike, self::TRIED)];
        }

        return array_map(static fn ($r): Mix => $r->mix, $mixes);
    }

    /** Same role and finish; the finish of metal is its own. */
    private static function isAlike(Paint $paint, Paint $original): bool
    {
        return $paint->behaviour->standsInFor($original->behaviour) && ($paint->finish === $original->finish || $original->behaviour === Behaviour::Metallic);
    }

    private static function words(string $difference, int $coatsMore): string
    {
        return $difference.match (true) {
            $coatsMore === 1 => ', needs one more coat',
            $coatsMore > 1 => sprintf(', needs %d more coats', $coatsMore),
            $coatsMore === -1 => ', needs one coat less',
            $coatsMore < -1 => sprintf(', needs %d coats less', -$coatsMore),
            default => '',
        };
    }
}
