<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Reflectance;

/**
 * A metallic film seen at three angles. Its entered colour is what shows between glint and shadow; flakes turned toward
 * the light return more of it, flakes turned away less, in its own hue until the glint nears white.
 *
 * This says nothing of sparkle, of flake size, or of how a single figure is lit: it is a range, not a picture.
 */
final readonly class MetalLook
{
    private function __construct(public Reflectance $away, public Reflectance $base, public Reflectance $toward)
    {
    }

    public static function of(Reflectance $base): self
    {
        $scaled = static fn (float $by): Reflectance => Reflectance::of(array_map(
            // 1 − e^(−x) bends the scaled share so that it stays below one; exact where by = 1.
            static fn (float $r): float => 1 - (1 - min($r, KubelkaMunk::LIGHTEST)) ** $by,
            $base->bands,
        ));

        return new self($scaled(Constants::METAL_AWAY), $base, $scaled(Constants::METAL_TOWARD));
    }
}
