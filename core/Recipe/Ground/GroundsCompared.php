<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ground;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Film\Facings;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Sheen;
use Kalokroma\Recipe\Predict\Effort;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\School;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Message;

/** Every ground that could be laid under a figure's colours, with its consequences; the advised one first. */
final readonly class GroundsCompared
{
    /** Painters lay two thin coats, three at most, of ordinary colours. */
    private const MOST_COATS = 3;

    /** More base coats than over the best ground for an area that make it one at risk. */
    private const RISKY_COATS = 2;

    /** CIEDE2000 by which a transparent coat misses its colour on a ground that is too dark. */
    private const RISKY_STAIN = 12.0;

    /** A white is painted under white on any ground, so that its edges have somewhere to go (L*). */
    private const WHITE_FROM = 90.0;

    /** Covering coats that a transparent paint then wants beneath it. */
    private const BENEATH_STAIN = 2;

    /** Share of the surface in metal from which on a dark ground is wanted, and in transparent paint from which on it rules. */
    private const METAL_HEAVY = 0.5;
    private const TRANSPARENT_RULES = 0.3;

    /** A coloured ground is the basecoat of this share of the surface, or saves this share of the minutes; else it stands behind. */
    private const BASE_OF = 0.4;
    private const SAVES = 0.2;
    private const BEHIND = 0.001;

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
            $minutes = [];
            $apart = $surface = 0.0;
            foreach ($coats as $coat) {
                $minutes[$coat->area->name] = self::minutes($coat, $counted[$g][$coat->area->name]);
                $apart += $coat->area->surfaceCm2 * $counted[$g][$coat->area->name][1];
                $surface += $coat->area->surfaceCm2;
            }
            $laid[] = new GroundLaid(
                $ground,
                $byArea,
                $minutes,
                array_sum($minutes) + Effort::undercoatMinutes(
                    $ground->primer === null ? $kind : $kind->of($ground->primer),
                    $figureCm2,
                    Undercoating::COATS + count($ground->lights),
                ),
                $surface > 0 ? $apart / $surface : 0.0,
                self::risks($ground, $coats, $counted, $g),
                $school->favours($ground, $transparent >= self::TRANSPARENT_RULES),
            );
        }
        $dark = $metal >= self::METAL_HEAVY;
        $laid = self::ranked($laid, $coats, $dark, $school);

        return new self($laid, self::sentence($laid, $coats, $dark ? $metal : null, $school));
    }

    /**
     * Best first: by minutes, what the school favours with less, neutral grounds before coloured ones.
     *
     * @param non-empty-list<GroundLaid> $laid
     * @param list<PlannedCoat> $coats
     *
     * @return non-empty-list<GroundLaid>
     */
    private static function ranked(array $laid, array $coats, bool $dark, School $school): array
    {
        $rank = static fn (GroundLaid $l): float => $l->minutes * ($l->favoured ? 1 - $school->forgives() : 1.0) - (
            $dark && $l->ground->tone === Tone::Dark
            && !$l->ground->isSketch() ? 10000 : 0
        );
        $neutral = self::neutral($laid, $rank);
        $rank = static fn (GroundLaid $l): float => $neutral === null || self::isWorthItsColour($l, $neutral, $coats, $rank)
            ? $rank($l) : max($rank($l), $rank($neutral) + self::BEHIND);
        usort($laid, static fn (GroundLaid $a, GroundLaid $b): int => round($rank($a), 6) <=> round($rank($b), 6)
            ?: round($a->apart, 6) <=> round($b->apart, 6)
            ?: $a->ground->id <=> $b->ground->id);

        return $laid;
    }

    /**
     * The best of the neutral grounds; null where none is offered.
     *
     * @param list<GroundLaid> $laid
     * @param callable(GroundLaid): float $rank
     */
    private static function neutral(array $laid, callable $rank): ?GroundLaid
    {
        $neutral = array_values(array_filter($laid, static fn (GroundLaid $l): bool => $l->ground->isNeutral()));
        usort($neutral, static fn (GroundLaid $a, GroundLaid $b): int => $rank($a) <=> $rank($b));

        return $neutral[0] ?? null;
    }

    /**
     * Whether a ground may go before the neutral ones: a neutral one, a sketch, or a colour that is the basecoat of much of the figure, or
     * saves a good part of the minutes.
     *
     * @param list<PlannedCoat> $coats
     * @param callable(GroundLaid): float $rank
     */
    private static function isWorthItsColour(GroundLaid $laid, GroundLaid $neutral, array $coats, callable $rank): bool
    {
        if ($laid->ground->isNeutral() || $laid->ground->isSketch() || $laid->favoured) {
            return true;
        }
        $all = array_sum(array_map(static fn (PlannedCoat $c): float => $c->area->surfaceCm2, $coats));
        $based = array_sum(array_map(
            static fn (PlannedCoat $c): float => self::isBase($c, $laid->ground) ? $c->area->surfaceCm2 : 0.0,
            $coats,
        ));

        return ($all > 0.0 && $based >= self::BASE_OF * $all && $rank($laid) < $rank($neutral))
            || $rank($laid) <= (1 - self::SAVES) * $rank($neutral);
    }

    /**
     * Coats until every facing is covered well enough under what follows, and what is left after at most three, over all facings; none
     * where the ground is the colour already. A transparent paint goes on once: what is left is how far it then is from its colour over
     * white.
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
        if (self::isBase($coat, $ground)) {
            return [0, 0.0];
        }
        foreach (Facings::SURFACE as $facing => $share) {
            $bare = match ($facing) {
                'above' => $ground->facings->above->plane,
                'side' => $ground->facings->side->plane,
                default => $ground->facings->below->plane,
            };
            if ($coat->isTransparent() && $ground->isSketch()) {
                // A sketch is judged where it is lit: its shadows are wanted.
                $left += $facing === 'above' ? Ciede2000::difference($pigment->over($bare, $load)->toLab(), $wanted) : 0.0;
                continue;
            }
            if ($coat->isTransparent()) {
                $left += $share * Ciede2000::difference($pigment->over($bare, $load)->toLab(), $wanted);
                continue;
            }
            $hiding = Hiding::of($pigment, $load, $bare, Defaults::ENOUGH_WITHIN);
            $most = max($most, $hiding->planned());
            $left += $share * $hiding->difference[min(self::MOST_COATS, count($hiding->difference)) - 1];
        }

        return [$most, $left];
    }

    /** Whether the ground is within a pot's reach of the colour, or both are black: nobody paints black on black. */
    private static function isBase(PlannedCoat $coat, Ground $ground): bool
    {
        $wanted = $coat->mix->lab();
        $plane = $ground->facings->side->plane->toLab();

        if ($wanted->l >= self::WHITE_FROM) {
            return false;
        }

        return !$coat->isTransparent() && !$coat->isMetallic() && !$ground->isSketch() && (
            Ciede2000::difference($plane, $wanted) <= Defaults::ENOUGH_WITHIN
            || max($plane->l, $wanted->l) < Defaults::BLACK_BELOW && Ciede2000::difference($plane, $wanted) <= Defaults::BLACK_WITHIN
        );
    }

    /**
     * Hands-on minutes of the base coats. Where a transparent paint hardly shows, a covering coat or two lies under it first.
     *
     * @param array{int, float} $counted
     */
    private static function minutes(PlannedCoat $coat, array $counted): float
    {
        [$coats, $left] = $counted;
        if ($coats === 0) {
            return 0.0;
        }
        $beneath = $coat->isTransparent() && $left >= self::RISKY_STAIN
            ? Effort::minutes(Technique::Basecoat, $coat->area, self::BENEATH_STAIN) : 0.0;

        return $beneath + Effort::minutes($coat->isTransparent() ? Technique::Stain : Technique::Basecoat, $coat->area, $coats);
    }

    /**
     * @param list<PlannedCoat> $coats
     * @param array<int, array<string, array{int, float}>> $counted
     *
     * @return list<string>
     */
    private static function risks(Ground $ground, array $coats, array $counted, int $g): array
    {
        $found = self::glossy($ground);
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

    /** @return list<string> that paint slides off a gloss primer, where one is among its paints */
    private static function glossy(Ground $ground): array
    {
        $paints = [...($ground->primer === null ? [] : [$ground->primer]), ...array_map(
            static fn (array $l): Paint => $l['paint'],
            $ground->lights,
        )];
        $glossy = array_filter($paints, static fn (Paint $p): bool => (Sheen::guess($p->name) ?? $p->sheen) === Sheen::Gloss);

        return array_map(
            static fn (Paint $p): string => $p->name.' is gloss: paint finds no grip on it and rubs off; a primer is matt or satin.',
            array_values($glossy),
        );
    }

    /** Minutes a figure more than the quickest ground, rounded. */
    public function more(GroundLaid $laid): int
    {
        return (int) round($laid->minutes - min(array_map(static fn (GroundLaid $l): float => $l->minutes, $this->laid)));
    }

    /** Why a ground of the painter's own choice is what it is, against the quickest. */
    public function ownReason(Ground $chosen): string
    {
        $quickest = $mine = $this->laid[0];
        foreach ($this->laid as $laid) {
            $quickest = $laid->minutes < $quickest->minutes ? $laid : $quickest;
            $mine = $laid->ground->id === $chosen->id ? $laid : $mine;
        }
        $more = $mine->ground->id === $chosen->id ? $this->more($mine) : 0;

        return sprintf('%s is your own choice: %s', $chosen->words, $more <= 0
            ? 'no ground asks for less work.'
            : sprintf('%d min more on each figure than %s.', $more, $quickest->ground->words));
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
        $text = sprintf(
            '%s: %d min a figure for undercoat and base coats over %s',
            $best->ground->words,
            (int) round($best->minutes),
            Counted::Areas->of(count($coats)),
        );
        $base = array_map(mb_strtolower(...), $best->isBaseOf());
        $text .= $base === [] ? '' : sprintf('; it is the basecoat of %s already', Message::listed($base));

        return $text.self::other($laid, $school).'.';
    }

    /** @param non-empty-list<GroundLaid> $laid the one that is told first */
    private static function other(array $laid, School $school): string
    {
        $best = $quickest = $slowest = $laid[0];
        foreach ($laid as $other) {
            $quickest = $other->minutes < $quickest->minutes ? $other : $quickest;
            $slowest = $other->minutes > $slowest->minutes ? $other : $slowest;
        }
        $more = (int) round($best->minutes - $quickest->minutes);
        if ($best->favoured && $more > 0) {
            return sprintf('; %s would save %d min, but you favour %s', $quickest->ground->words, $more, $school->words());
        }
        $more = (int) round($slowest->minutes - $best->minutes);
        if ($more <= 0) {
            return '';
        }
        ['area' => $worst, 'more' => $there] = $slowest->worstAgainst($best);
        $text = sprintf('; %s costs %d min more', $slowest->ground->words, $more);

        return $there >= 1.0 ? $text.sprintf(', %d of them on %s', (int) round($there), mb_strtolower($worst)) : $text;
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
