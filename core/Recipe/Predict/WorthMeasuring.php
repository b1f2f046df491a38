<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;

/**
 * Which paints are worth measuring most: each one's colour is made lighter and darker by its own doubt, every mix it takes part in is
 * mixed again, and half of how far the two stand apart is what the doubt moves there. In an area the mix counts that is moved most;
 * areas count by their surface.
 */
final class WorthMeasuring
{
    /** Paint known better than this needs no measuring. */
    private const LEAST_DOUBT = 1.5;

    /** Less than this nobody would see. */
    private const LEAST_MOVE = 0.5;

    /** @var array<string, float> by mix and paint */
    private array $known = [];

    /**
     * @param list<array{where: string, plan: Plan, surface: float}> $areas surface of all figures that are painted so, cm²
     *
     * @return list<Doubted> the one worth most first
     */
    public static function of(array $areas, int $most = 5): array
    {
        $self = new self();
        $found = [];
        foreach ($areas as $area) {
            foreach ($self->moved($area['plan']) as [$paint, $move]) {
                $id = $paint->id;
                $was = $found[$id] ?? ['paint' => $paint, 'areas' => 0, 'most' => 0.0, 'where' => '', 'moves' => 0.0];
                $found[$id] = [
                    'paint' => $paint,
                    'areas' => $was['areas'] + 1,
                    'most' => max($was['most'], $move),
                    'where' => $move > $was['most'] ? $area['where'] : $was['where'],
                    'moves' => $was['moves'] + $move * $area['surface'],
                ];
            }
        }
        $doubted = array_map(static fn (array $f): Doubted => new Doubted(
            $f['paint'],
            $f['paint']->source->single(),
            $f['areas'],
            $f['most'],
            $f['where'],
            $f['moves'],
        ), array_values($found));
        usort($doubted, static fn (Doubted $a, Doubted $b): int => $b->moves <=> $a->moves ?: $a->paint->name <=> $b->paint->name);

        return array_slice($doubted, 0, $most);
    }

    /** @return array<string, array{Paint, float}> by paint: how far the mix of this plan is moved that it moves most */
    private function moved(Plan $plan): array
    {
        $found = [];
        foreach ($plan->steps as $step) {
            foreach ($step->handling->omitted ? [] : self::mixes($step) as $mix) {
                foreach ($mix->paints() as $paint) {
                    $move = self::canBeMeasured($paint) ? $this->move($mix, $paint) : 0.0;
                    if ($move >= self::LEAST_MOVE && $move > ($found[$paint->id][1] ?? 0.0)) {
                        $found[$paint->id] = [$paint, $move];
                    }
                }
            }
        }

        return $found;
    }

    /** @return list<Mix> */
    private static function mixes(PlannedStep $step): array
    {
        return array_values(array_filter(
            [$step->load->mix, $step->load->meets],
            static fn (?Mix $m): bool => $m !== null && array_filter(
                $m->paints(),
                static fn (Paint $p): bool => $p->colour === null,
            ) === [],
        ));
    }

    private static function canBeMeasured(Paint $paint): bool
    {
        return $paint->isAtHand() && $paint->behaviour->canBeRead() && $paint->source->single() >= self::LEAST_DOUBT;
    }

    private function move(Mix $mix, Paint $paint): float
    {
        $key = $paint->id.'|'.implode('+', array_map(static fn (Part $p): string => $p->parts.'×'.$p->paint->id, $mix->parts));

        return $this->known[$key] ??= Ciede2000::difference(
            self::with($mix, $paint, $paint->source->single()),
            self::with($mix, $paint, -$paint->source->single()),
        ) / 2;
    }

    private static function with(Mix $mix, Paint $paint, float $lighter): Lab
    {
        return Mix::of(array_map(
            static fn (Part $p): Part => $p->paint->id === $paint->id ? new Part(self::shifted($paint, $lighter), $p->parts) : $p,
            $mix->parts,
        ))->colour()->toLab();
    }

    private static function shifted(Paint $paint, float $lighter): Paint
    {
        $lab = $paint->lab();
        $colour = Srgb::fromXyz((new Lab(max(1.0, min(99.0, $lab->l + $lighter)), $lab->a, $lab->b))->toXyz())->clipped();

        return new Paint(
            $paint->id,
            $paint->name,
            $paint->line,
            $paint->behaviour,
            Reflectance::fromSrgb($colour),
            $paint->owned,
            $paint->leftMl,
            null,
            $paint->source,
            $paint->sheen,
            $paint->form,
            $paint->purpose,
        );
    }
}
