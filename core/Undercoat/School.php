<?php

declare(strict_types=1);

namespace Kalokroma\Undercoat;

/** What painters disagree about before the first coat. It weighs in; only "always" decides alone. */
enum School: string
{
    case Open = 'open';
    case Dark = 'dark';
    case Light = 'light';
    case Sketch = 'sketch';
    case SketchUnderTransparent = 'sketch-transparent';

    /** Share of the coats a ground of the favoured school may cost more and still be advised. */
    private const ALLOWANCE = 0.15;

    public function words(): string
    {
        return match ($this) {
            self::Open => 'whatever saves most work',
            self::Dark => 'dark: shadows stay in the recesses',
            self::Light => 'light: colours stay clean and bright',
            self::Sketch => 'always a light sketch',
            self::SketchUnderTransparent => 'a light sketch only under transparent paint',
        };
    }

    /** Share of its coats that a favoured ground is forgiven. */
    public function forgives(): float
    {
        return $this === self::Sketch ? 1.0 : self::ALLOWANCE;
    }

    /** @param bool $transparent whether transparent paint rules the figure */
    public function favours(Ground $ground, bool $transparent): bool
    {
        return match ($this) {
            self::Open => false,
            self::Dark => !$ground->isSketch() && $ground->tone === Tone::Dark,
            self::Light => !$ground->isSketch() && in_array($ground->tone, [Tone::Light, Tone::LightCold], true),
            self::Sketch => $ground->isSketch(),
            self::SketchUnderTransparent => $ground->isSketch() === $transparent,
        };
    }
}
