<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** In what a paint comes, and so how it gets on the figure. */
enum Form: string
{
    case Bottle = 'bottle';
    case SprayCan = 'spray can';
    case AirbrushReady = 'airbrush-ready';
    case Tube = 'tube';
    case Pen = 'pen';
    case Powder = 'powder';
    case Sheet = 'sheet';

    /** What a product of this name and behaviour most likely comes in. */
    public static function guess(string $name, Behaviour $behaviour): self
    {
        $said = static fn (string ...$words): bool =>
            preg_match('/\b(?:'.implode('|', $words).')\b/iu', $name) === 1;

        return match (true) {
            $behaviour === Behaviour::Pigment => self::Powder,
            $said('spray ?cans?', 'rattle ?cans?', 'aerosols?', 'cans?', '(?<!sea )(?<!salt )(?<!ocean )(?<!surf )spray') => self::SprayCan,
            $said('tubes?') || $behaviour === Behaviour::Oil => self::Tube,
            $said('airbrush', 'air') && $behaviour !== Behaviour::Thinner && $behaviour !== Behaviour::Medium => self::AirbrushReady,
            $said('pens?', 'markers?', 'sticks?', 'pencils?') => self::Pen,
            $said('transfers?', 'decals?', 'sheets?') && !$said('fix\w*', 'set\w*', 'soft\w*', 'solution', 'fluid') => self::Sheet,
            default => self::Bottle,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::AirbrushReady => 'airbrush-ready bottle',
            self::Pen => 'pen or stick',
            self::Sheet => 'sheet of markings',
            default => $this->value,
        };
    }

    /** Whether it is used as it comes: nothing thins it, and no drops are counted. */
    public function isAsItComes(): bool
    {
        return in_array($this, [self::SprayCan, self::Pen, self::Powder, self::Sheet], true);
    }
}
