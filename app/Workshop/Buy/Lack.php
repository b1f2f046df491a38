<?php

declare(strict_types=1);

namespace App\Workshop\Buy;

use Kalokroma\Colour\Lab;
use Kalokroma\Recipe\Predict\Demand;
use Kalokroma\Recipe\Predict\Need;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Behaviour;

/** A paint that is missing, gone or too little, or a colour nothing in stock comes near to. */
final readonly class Lack
{
    /** @param list<string> $uses what for */
    private function __construct(
        public string $id,
        public string $name,
        public string $why,
        public array $uses,
        public Lab $lab,
        public string $hex,
        public Behaviour $behaviour,
    ) {
    }

    /** @return self|null null where there is enough, or the paint has no colour to look for */
    public static function ofPaint(Need $need): ?self
    {
        $paint = $need->paint;
        $why = match (true) {
            $paint->colour === null => null,
            !$paint->isAtHand() => 'not in stock',
            $need->left !== null && $need->verdict() === 'short' => sprintf(
                '%s ml left, %s ml needed',
                round($need->left, 1),
                round($need->ml, 1),
            ),
            default => null,
        };

        return $why === null || $paint->colour === null ? null : new self(
            'paint-'.$paint->id,
            $paint->name,
            $why,
            $need->uses,
            $paint->colour->toLab(),
            $paint->colour->toHex(),
            $paint->behaviour,
        );
    }

    /** @return self|null null where a mix in stock comes near, or none is wanted */
    public static function ofColour(Demand $demand, int $number): ?self
    {
        $step = $demand->taken->step;
        $off = $demand->taken->difference;
        $mix = $step->load->mix;
        $isOff = $demand->figures > 0 && !$step->handling->omitted && $off !== null && $off >= Defaults::RUNG_MISSING_FROM;

        return !$isOff || $mix === null || !$mix->isAtHand() || $step->target === null ? null : new self(
            'colour-'.$number,
            'a colour for the '.$step->stage->value,
            sprintf('the nearest on your shelf is %.1f off', $off),
            [$demand->where],
            $step->target->toSrgb()->clipped()->toLab(),
            $step->target->toSrgb()->clipped()->toHex(),
            $mix->first()->behaviour,
        );
    }
}
