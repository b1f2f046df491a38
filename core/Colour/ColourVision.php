<?php

declare(strict_types=1);

namespace Kalokroma\Colour;

/**
 * How a colour looks to people who lack one kind of cone. Matrices in linear sRGB for the full deficiency from
 * G. M. Machado, M. M. Oliveira, L. A. F. Fernandes, "A Physiologically-based Model for Simulation of Color Vision
 * Deficiency", IEEE Transactions on Visualization and Computer Graphics 15 (2009) 1291–1298.
 */
enum ColourVision: string
{
    case Protanopia = 'protanopia';
    case Deuteranopia = 'deuteranopia';
    case Tritanopia = 'tritanopia';

    /** Components that fall outside the screen are cut. */
    public function seen(Srgb $colour): Srgb
    {
        [$r, $g, $b] = $colour->linear();
        [$p, $q, $s] = $this->matrix();

        return Srgb::fromLinear(
            $p[0] * $r + $p[1] * $g + $p[2] * $b,
            $q[0] * $r + $q[1] * $g + $q[2] * $b,
            $s[0] * $r + $s[1] * $g + $s[2] * $b,
        )->clipped();
    }

    public function words(): string
    {
        return match ($this) {
            self::Protanopia => 'without the red cones',
            self::Deuteranopia => 'without the green cones',
            self::Tritanopia => 'without the blue cones',
        };
    }

    /** @return array{list<float>, list<float>, list<float>} */
    private function matrix(): array
    {
        return match ($this) {
            self::Protanopia => [[0.152286, 1.052583, -0.204868], [0.114503, 0.786281, 0.099216], [-0.003882, -0.048116, 1.051998]],
            self::Deuteranopia => [[0.367322, 0.860646, -0.227968], [0.280085, 0.672501, 0.047413], [-0.01182, 0.04294, 0.968881]],
            self::Tritanopia => [[1.255528, -0.076749, -0.178779], [-0.078411, 0.930809, 0.147602], [0.004733, 0.691367, 0.3039]],
        };
    }
}
