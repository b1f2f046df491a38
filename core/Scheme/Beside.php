<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;

/**
 * What would make a highlight shine more: lightening it once more, deepening the shade beside it, or deepening the
 * neighbour. Each is tried by the same step, on the screen's colours, and judged by how much further the highlight then
 * stands from both (CIEDE2000).
 */
final readonly class Beside
{
    /** OKLCh lightness of one step. */
    private const STEP = 0.06;

    /** How much more than a lighter highlight something else must bring to be worth a remark. */
    private const WORTH = 1.15;

    /** @param array{highlight: float, shade: float, neighbour: float|null} $gains CIEDE2000 that each step brings */
    private function __construct(public array $gains, public ?string $remark)
    {
    }

    public static function of(string $area, Oklch $highlight, Oklch $shade, ?string $beside, ?Oklch $neighbour): self
    {
        $now = self::apart($highlight, $shade, $neighbour);
        $gains = [
            'highlight' => self::apart(self::moved($highlight, self::STEP), $shade, $neighbour) - $now,
            'shade' => self::apart($highlight, self::moved($shade, -self::STEP), $neighbour) - $now,
            'neighbour' => $neighbour === null ? null : self::apart($highlight, $shade, self::moved($neighbour, -self::STEP)) - $now,
        ];

        return new self($gains, self::sentence($area, $beside, $gains));
    }

    /** @param array{highlight: float, shade: float, neighbour: float|null} $gains */
    private static function sentence(string $area, ?string $beside, array $gains): ?string
    {
        $byShade = $gains['shade'] >= ($gains['neighbour'] ?? -INF);
        $most = $byShade ? $gains['shade'] : (float) $gains['neighbour'];
        if ($most <= 0 || $most < self::WORTH * $gains['highlight']) {
            return null;
        }

        return sprintf(
            'To brighten the highlight of %s, deepen %s instead: that brings %.1f, a lighter highlight %s.',
            mb_strtolower($area),
            $byShade ? 'its shade' : mb_strtolower((string) $beside),
            $most,
            $gains['highlight'] > 0.05 ? sprintf('only %.1f', $gains['highlight']) : 'nothing more',
        );
    }

    private static function apart(Oklch $highlight, Oklch $shade, ?Oklch $neighbour): float
    {
        $lab = $highlight->toLab();
        $sum = Ciede2000::difference($lab, $shade->toLab());

        return $neighbour === null ? $sum : ($sum + Ciede2000::difference($lab, $neighbour->toLab())) / 2;
    }

    private static function moved(Oklch $colour, float $step): Oklch
    {
        return (new Oklch(max(0.1, min(0.99, $colour->lightness + $step)), $colour->chroma, $colour->hue))->onScreen();
    }
}
