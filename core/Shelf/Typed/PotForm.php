<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;

/** In what a pot of a list comes: what is said, as far as it can be so. */
final class PotForm
{
    public static function of(?Form $said, Behaviour $behaviour, string $name): Form
    {
        $serves = in_array($behaviour, [Behaviour::Thinner, Behaviour::Medium], true);

        return match (true) {
            $behaviour === Behaviour::Pigment => Form::Powder,
            // "Airbrush thinner" says what it is for.
            $said === Form::AirbrushReady && $serves => Form::Bottle,
            $said !== null => $said,
            default => Form::guess($name, $behaviour),
        };
    }
}
