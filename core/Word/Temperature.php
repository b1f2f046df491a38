<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** In which unit a painter reads temperatures. What is computed is in °C. */
enum Temperature: string
{
    case Celsius = 'C';
    case Fahrenheit = 'F';

    public function unit(): string
    {
        return '°'.$this->value;
    }

    /** A temperature in this unit, from °C. */
    public function of(float $celsius): float
    {
        return $this === self::Celsius ? $celsius : 32 + $celsius * 9 / 5;
    }

    /** A temperature of this unit in °C. */
    public function toCelsius(float $said): float
    {
        return $this === self::Celsius ? $said : ($said - 32) * 5 / 9;
    }

    /** "20 °C", "68 °F". */
    public function words(float $celsius, int $decimals = 0): string
    {
        return sprintf('%.'.$decimals.'f %s', $this->of($celsius), $this->unit());
    }

    /** A difference of temperatures: "10 °C", "18 °F". */
    public function gap(float $celsius, int $decimals = 0): string
    {
        return sprintf('%.'.$decimals.'f %s', $this === self::Celsius ? $celsius : $celsius * 9 / 5, $this->unit());
    }
}
