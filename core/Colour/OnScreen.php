<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * A colour as the screen can show it: hue and lightness kept (OKLCh), chroma taken back until it fits, and how much
 * was lost on the way.
 */
final readonly class OnScreen
{
    /** @param float $lost CIEDE2000 between the colour and what the screen shows; 0 where it fits */
    private function __construct(public Srgb $colour, public float $lost)
    {
    }

    public static function of(Xyz $wanted): self
    {
        $screen = Srgb::fromXyz($wanted);
        if ($screen->isOnScreen()) {
            return new self($screen->clipped(), 0.0);
        }
        $shown = $screen->toOklch()->onScreen()->toSrgb()->clipped();

        return new self($shown, Ciede2000::difference(Lab::fromXyz($wanted), $shown->toLab()));
    }

    /** Whether the screen shows something else than was asked for. */
    public function isReduced(): bool
    {
        return $this->lost > 0.0;
    }

    public function toHex(): string
    {
        return $this->colour->toHex();
    }

    /** Whether what is lost can be seen. */
    public function isSeen(): bool
    {
        return $this->lost > 0.5;
    }
}
