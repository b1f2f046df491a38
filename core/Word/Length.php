<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** In which unit a painter measures figures. What is computed is in millimetres. */
enum Length: string
{
    case Millimetres = 'mm';
    case Inches = 'in';

    private const MM_PER_INCH = 25.4;

    /** A length in this unit, from mm; inches to a hundredth. */
    public function of(float $mm): float
    {
        return $this === self::Millimetres ? $mm : round($mm / self::MM_PER_INCH, 2);
    }

    public function toMm(float $said): float
    {
        return $this === self::Millimetres ? $said : $said * self::MM_PER_INCH;
    }
}
