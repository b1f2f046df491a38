<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Lab;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Size;
use Kalokroma\Word\Message;

/** Which neighbours run into each other from a distance, and the nearest change that parts them. */
final readonly class Legibility
{
    /** A mended pair is this much clearer than just enough. */
    private const MARGIN = 1.03;

    /** Below this CIELAB chroma a colour has no hue to speak of. */
    private const NO_HUE = 4.0;

    /** What has a colour of its own, as leather and skin, is moved no further (CIEDE2000): it is to stay what it is. */
    private const MOST_MOVED = 18.0;

    /** A metal of less chroma (CIELAB) is a silver or steel; beside it a colour between these two looks greyer than it is. */
    private const SILVER_BELOW = 12.0;
    private const DULLED = [9.0, 30.0];

    /** Blacks and whites beside silver are told apart by lightness alone. */
    private const DULLED_LIGHTNESS = [22.0, 80.0];

    /** @var list<Pair> the least legible first */
    public array $pairs;

    /**
     * @param list<Coloured> $areas
     * @param list<array{0: string, 1: string}> $touching ids of neighbours
     * @param list<array{0: string, 1: string}> $alike ids of areas that are meant to run together
     */
    public function __construct(private array $areas, private array $touching, public Sight $sight, array $alike = [])
    {
        $byId = self::byId($areas);
        $pairs = [];
        foreach ($touching as [$a, $b]) {
            $one = $byId[$a] ?? null;
            $other = $byId[$b] ?? null;
            if ($one?->lab !== null && $other?->lab !== null) {
                $meant = in_array([$a, $b], $alike, true) || in_array([$b, $a], $alike, true);
                $pairs[] = self::pair($one, $other, $one->lab, $other->lab, $sight, $meant);
            }
        }
        usort(
            $pairs,
            static fn (Pair $p, Pair $q): int =>
                $p->ratio <=> $q->ratio ?: $p->one->area->id <=> $q->one->area->id ?: $p->other->area->id <=> $q->other->area->id,
        );
        $this->pairs = $pairs;
    }

    /** @return list<Pair> those that are not clear */
    public function findings(): array
    {
        return array_values(array_filter($this->pairs, static fn (Pair $p): bool => !$p->isClear()));
    }

    /** @return list<string> where a dulled colour lies beside silver: it looks greyer, however far apart they are in lightness */
    public function dulledByMetal(): array
    {
        $said = [];
        foreach ($this->pairs as $pair) {
            foreach ([[$pair->one, $pair->other], [$pair->other, $pair->one]] as [$metal, $colour]) {
                $isSilver = $metal->area->material === Material::Metal && $metal->lab?->chroma() < self::SILVER_BELOW;
                $lab = $colour->lab;
                if ($isSilver && $lab !== null && MaterialRange::isFree($colour->area->material)
                    && $lab->chroma() > self::DULLED[0] && $lab->chroma() < self::DULLED[1]
                    && $lab->l > self::DULLED_LIGHTNESS[0] && $lab->l < self::DULLED_LIGHTNESS[1]) {
                    $said[$colour->area->id] ??= Message::said(
                        'Beside the bare metal of {metal} the dulled colour of {area} looks greyer than it is (strength {chroma}): from '
                            .'about {enough} on it holds.',
                        [
                            'metal' => mb_strtolower($metal->area->name),
                            'area' => mb_strtolower($colour->area->name),
                            'chroma' => $lab->chroma(),
                            'enough' => self::DULLED[1],
                        ],
                    );
                }
            }
        }

        return array_values($said);
    }

    /**
     * The nearest colour on the shelf for one of the two that parts them and harms no other pair. The less important of both yields, and
     * the nearer change where they weigh alike; the painter's fixed colours stay.
     */
    public function mend(Pair $pair, Pool $pool): ?Mend
    {
        $best = null;
        foreach ([$pair->one, $pair->other] as $change) {
            $found = $change->fixed || $change->lab === null ? null : $this->nearest($change, $change->lab, $pool);
            if ($found !== null && ($best === null || self::yields($found, $best))) {
                $best = $found;
            }
        }

        return $best;
    }

    /** Whether this change is of the less important area, or of one as important and nearer. */
    private static function yields(Mend $one, Mend $other): bool
    {
        return $one->area->area->weight === $other->area->area->weight
            ? $one->apart < $other->apart
            : $one->area->area->weight->isBelow($other->area->area->weight);
    }

    private function nearest(Coloured $change, Lab $now, Pool $pool): ?Mend
    {
        $around = [];
        $byId = self::byId($this->areas);
        foreach ($this->touching as [$a, $b]) {
            $other = $byId[match ($change->area->id) {
                $a => $b,
                $b => $a,
                default => '',
            }] ?? null;
            if ($other?->lab !== null) {
                $needed = self::needed($change, $other, $this->sight);
                $around[] = [$other->lab, $needed, min(self::MARGIN, max(1.0, Sight::ratio($now, $other->lab, $needed)))];
            }
        }
        foreach ($pool->nearest($now, $change->area->material) as $choice) {
            foreach ($around as [$lab, $needed, $least]) {
                if (Sight::ratio($choice->lab, $lab, $needed) < $least) {
                    continue 2;
                }
            }

            $mend = Mend::to($change, $now, $choice);

            return MaterialRange::isFree($change->area->material) || $mend->apart <= self::MOST_MOVED ? $mend : null;
        }

        return null;
    }

    private static function pair(Coloured $one, Coloured $other, Lab $a, Lab $b, Sight $sight, bool $alike): Pair
    {
        $needed = self::needed($one, $other, $sight);

        return new Pair(
            $one,
            $other,
            abs($a->l - $b->l),
            abs($a->chroma() - $b->chroma()),
            min($a->chroma(), $b->chroma()) < self::NO_HUE ? 0.0 : $a->hueApart($b),
            self::sizeMm($one, $other),
            $needed[0],
            Sight::ratio($a, $b, $needed),
            $alike,
        );
    }

    /** @return array{float, float, float} */
    public static function needed(Coloured $one, Coloured $other, Sight $sight): array
    {
        return $sight->needed(self::sizeMm($one, $other));
    }

    private static function sizeMm(Coloured $one, Coloured $other): float
    {
        return min(Size::seenMm($one->area->surfaceCm2, $one->area->relief), Size::seenMm($other->area->surfaceCm2, $other->area->relief));
    }

    /**
     * @param list<Coloured> $areas
     *
     * @return array<string, Coloured>
     */
    private static function byId(array $areas): array
    {
        $byId = [];
        foreach ($areas as $area) {
            $byId[$area->area->id] = $area;
        }

        return $byId;
    }
}
