<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ground;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Film\Facings;
use Kalokroma\Film\Hiding;
use Kalokroma\Recipe\Predict\Effort;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\School;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Word\Counted;

/** Every ground that could be laid under a figure's colours, with its consequences; the advised one first. */
final readonly class GroundsCompared
{
    /** Painters lay two thin coats, three at most, of ordinary colours. */
    private const MOST_COATS = 3;

    /** More base coats than over the best ground for an area that make it one at risk. */
    private const RISKY_COATS = 3;

    /** CIEDE2000 by which a transparent coat misses its colour on a ground that is too dark. */
    private const RISKY_STAIN = 12.0;

    /** Share of the surface in metal from which on a dark ground is wanted, and in transparent paint from which on it rules. */
    private const METAL_HEAVY = 0.5;
    private const TRANSPARENT_RULES = 0.3;

    /** @param non-empty-list<GroundLaid> $laid */
    private function __construct(public array $laid, public string $reason)
    {
    }

    /**
     * @param non-empty-list<Ground> $grounds
     * @param list<PlannedCoat> $coats
     * @param float $figureCm2 surface of the whole figure
     */
    public static function of(array $grounds, array $coats, Kind $kind, School $school, float $figureCm2): self
    {
        $metal = self::share($coats, $figureCm2, static fn (PlannedCoat $c): bool => $c->isMetallic());
        $transparent = self::share($coats, $figureCm2, static fn (PlannedCoat $c): bool => $c->isTransparent());
        $counted = [];
        foreach ($grounds as $g => $ground) {
            foreach ($coats as $coat) {
                $counted[$g][$coat->area->name] = self::count($coat, $ground);
            }
        }
        $laid = [];
        foreach ($grounds as $g => $ground) {
            $byArea = array_map(static fn (array $c): int => $c[0], $counted[$g] ?? []);
            $minutes = Effort::undercoatMinutes($kind, $figureCm2, Undercoating::COATS + count($ground->lights));
            $apart = $surface = 0.0;
            foreach ($coats as $coat) {
                $minutes += Effort::minutes(Technique::Basecoat, $coat->area, max(1, $byArea[$coat->area->name]));
                $apart += $coat->area->surfaceCm2 * $counted[$g][$coat->area->name][1];
                $surface += $coat->area->surfaceCm2;
            }
            $laid[] = new GroundLaid(
                $ground,
                $byArea,
                $minutes,
                $surface > 0 ? $apart / $surface : 0.0,
                self::risks($ground, $coats, $counted, $g),
                $school->favours($ground, $transparent >= self::TRANSPARENT_RULES),
            );
        }
        $dark = $metal >= self::METAL_HEAVY;
        $rank = static fn (GroundLaid $l): float => ($l->coats() + 0.01 * $l->minutes) * ($l->favoured ? 1 - $school->forgives() : 1.0) - (
            $dark && $l->ground->tone === Tone::Dark
            && !$l->ground->isSketch() ? 1000 : 0
        );
        usort($laid, static fn (GroundLaid $a, GroundLaid $b): int => $rank($a) <=> $rank($b) ?: $a->ground->id <=> $b->ground->id);

        return new self($laid, self::sentence($laid, $coats, $dark ? $metal : null, $school));
    }

    /**
     * Coats until every facing is hidden, and what is left after at most three, over all facings. A transparent paint goes on
     * once: what is left is how far it then is from its colour over white.
     *
     * @return array{int, float}
     */
    private static function count(PlannedCoat $coat, Ground $ground): array
    {
        $pigment = $coat->mix->pigment();
        $load = $coat->thinning->load();
        $wanted = $coat->mix->lab();
        $most = 1;
        $left = 0.0;
        foreach (Facings::SURFACE as $facing => $share) {
            $bare = match ($facing) {
                'above' => $ground->facings->above->plane,
                'side' => $ground->facings->side->plane,
                default => $ground->facings->below->plane,
            };
            if ($coat->isTransparent()) {
                $left += $share * Ciede2000::difference($pigment->over($bare, $load)->toLab(), $wanted);
                continue;
            }
            $hiding = Hiding::of($pigment, $load, $bare);
            $most = max($most, $hiding->planned());
            $left += $share * $hiding->difference[min(self::MOST_COATS, count($hiding->difference)) - 1];
        }

        return [$most, $left];
    }

    /**
     * @param list<PlannedCoat> $coats
     * @param array<int, array<string, array{int, float}>> $counted
     *
     * @return list<string>
     */
    private static function risks(Ground $ground, array $coats, array $counted, int $g): array
    {
        $found = [];
        foreach ($coats as $coat) {
            $name = $coat->area->name;
            [$here, $left] = $counted[$g][$name];
            $least = min($here, ...array_map(static fn (array $c): int => $c[$name][0], array_values($counted)));
            if ($coat->isTransparent() && $left >= self::RISKY_STAIN) {
                $found[] = sprintf('%s: transparent paint hardly shows here, %.0f from its colour.', $name, $left);
            } elseif ($coat->isMetallic() && $ground->isSketch()) {
                $found[] = sprintf('%s: metal flakes hide the sketch.', $name);
            } elseif ($here - $least >= self::RISKY_COATS) {
                $found[] = sprintf('%s: %d coats, elsewhere %d.', $name, $here, $least);
            }
        }

        return $found;
    }

    /** Base coats more than the ground with the fewest. */
    public function more(GroundLaid $laid): int
    {
        return $laid->coats() - min(array_map(static fn (GroundLaid $l): int => $l->coats(), $this->laid));
    }

    /** Why a ground of the painter's own choice is what it is, against the one with the fewest coats. */
    public function ownReason(Ground $chosen): string
    {
        $fewest = $mine = $this->laid[0];
        foreach ($this->laid as $laid) {
            $fewest = $laid->coats() < $fewest->coats() ? $laid : $fewest;
            $mine = $laid->ground->id === $chosen->id ? $laid : $mine;
        }
        $more = $mine->ground->id === $chosen->id ? $mine->coats() - $fewest->coats() : 0;

        return sprintf('%s is your own choice: %s', $chosen->words, $more <= 0
            ? 'no ground needs fewer base coats.'
            : sprintf('%s more over all areas than %s.', Counted::BaseCoats->of($more), $fewest->ground->words));
    }

    /**
     * @param non-empty-list<GroundLaid> $laid
     * @param list<PlannedCoat> $coats
     */
    private static function sentence(array $laid, array $coats, ?float $metal, School $school): string
    {
        $best = $laid[0];
        if ($coats === []) {
            return 'No area has a colour yet: a middle grey suits mixed subjects.';
        }
        if ($metal !== null) {
            return sprintf(
                '%d %% of the surface is metal, which wants a dark ground: recesses stay dark and flakes shine on it.',
                round(100 * $metal),
            );
        }
        $text = $best->ground->words.': '.Counted::BaseCoats->of($best->coats()).' over '.Counted::Areas->of(count($coats));
        $fewest = $laid[0];
        $most = $laid[0];
        foreach ($laid as $other) {
            $fewest = $other->coats() < $fewest->coats() ? $other : $fewest;
            $most = $other->coats() > $most->coats() ? $other : $most;
        }
        if ($best->favoured && $fewest->coats() < $best->coats()) {
            $text .= sprintf(
                '; %s would need %d fewer, but you favour %s',
                $fewest->ground->words,
                $best->coats() - $fewest->coats(),
                $school->words(),
            );
        } elseif ($most->coats() > $best->coats()) {
            ['area' => $worst, 'more' => $more] = $most->worstAgainst($best);
            $text .= sprintf('; %s costs %d more', $most->ground->words, $most->coats() - $best->coats());
            $text .= $more > 1 ? sprintf(', %d of them on %s', $more, mb_strtolower($worst)) : '';
        }

        return $text.'.';
    }

    /**
     * @param list<PlannedCoat> $coats
     * @param callable(PlannedCoat): bool $is
     */
    private static function share(array $coats, float $figureCm2, callable $is): float
    {
        return array_sum(array_map(static fn (PlannedCoat $c): float => $is($c) ? $c->area->surfaceCm2 : 0.0, $coats)) / $figureCm2;
    }
}
