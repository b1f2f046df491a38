<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

use DomainException;

/** Raised for conditions, angles or prices that cannot be. */
final class UndercoatProblem extends DomainException
{
    public static function temperatureOutOfRange(float $celsius): self
    {
        return new self(sprintf('%g °C is not a temperature to paint in: it runs from −20 to 50.', $celsius));
    }

    public static function humidityOutOfRange(float $humidity): self
    {
        return new self(sprintf('A humidity of %g %% cannot be: it runs from 1 to 100.', $humidity));
    }

    public static function sketchNeedsSpray(): self
    {
        return new self('A light sketch is sprayed: it needs an airbrush or a spray can.');
    }

    public static function sketchNeedsTwoTones(string $name): self
    {
        return new self(sprintf('A light sketch needs a dark and a light primer; %s is given for both.', $name));
    }

    public static function noAngle(float $degrees): self
    {
        return new self(sprintf('The angle of a spray runs from 90° below to 90° above the horizontal: %g° is outside.', $degrees));
    }

    public static function noSide(string $side): self
    {
        return new self(sprintf('A spray comes from all round, left, right, front or back, not from "%s".', $side));
    }

    public static function noStrength(float $strength): self
    {
        return new self(sprintf('A spray lays a tenth of a coat to three coats at a time: %g is outside.', $strength));
    }

    public static function tooManySprays(int $most): self
    {
        return new self(sprintf('An undercoat has at most %d steps.', $most));
    }

    public static function firstAllOver(): self
    {
        return new self('The first step of an undercoat goes over the whole figure: choose "all over" for it.');
    }

    public static function costOutOfRange(string $what): self
    {
        return new self(sprintf('%s must be more than 0.', $what));
    }
}
