<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\PlainName;

/**
 * White and black that lean to one side: base, shade and highlight of one tint. A white leans to brown or to blue-grey in
 * its shades, a black in its highlights; two blacks on one figure are told apart by their tints.
 */
final readonly class Tint
{
    public const MOST = 4;

    private const WHITE_FROM = 0.82;
    private const BLACK_TO = 0.34;
    private const NEUTRAL = 0.045;

    /** OKLCh chroma of a shade (white) or a highlight (black) for each step of strength; the base has a share of it. */
    private const CHROMA_STEP = 0.011;
    private const BASE_SHARE = 0.45;

    /** Above this chroma a white or black reads as a colour. */
    public const READS_AS_COLOUR = 0.030;

    /**
     * @param array{base: Oklch, shade: Oklch, highlight: Oklch} $tones
     * @param string|null $warning where a tone reads as a colour
     */
    private function __construct(public array $tones, public ?string $warning)
    {
    }

    /** white, black, or null for any other colour. */
    public static function kind(Oklch $colour): ?string
    {
        return match (true) {
            $colour->chroma > self::NEUTRAL => null,
            $colour->lightness >= self::WHITE_FROM => 'white',
            $colour->lightness <= self::BLACK_TO => 'black',
            default => null,
        };
    }

    /**
     * @param string $kind white or black
     * @param int $strength 0 (none) to 4
     * @param int $white how white, or how black: 0 (off) to 2 (nearly pure)
     */
    public static function of(string $kind, EdgeTint $way, int $strength, int $white): self
    {
        $hue = $way->hue();
        $chroma = self::CHROMA_STEP * max(0, min(self::MOST, $strength));
        $whole = max(0, min(2, $white));
        $lights = $kind === 'white' ? [
            'shade' => 0.68 + 0.03 * $whole,
            'base' => 0.87 + 0.04 * $whole,
            'highlight' => 0.96 + 0.01 * $whole,
        ] : ['shade' => 0.13, 'base' => 0.27 - 0.045 * $whole, 'highlight' => 0.46 - 0.02 * $whole];
        $most = $kind === 'white' ? 'shade' : 'highlight';
        $tones = [];
        foreach ($lights as $tone => $lightness) {
            $share = $tone === $most ? 1.0 : ($tone === 'base' ? self::BASE_SHARE : 0.2);
            $tones[$tone] = (new Oklch($lightness, $chroma * $share, $hue))->onScreen();
        }
        $strong = $tones[$most];

        return new self(
            ['base' => $tones['base'], 'shade' => $tones['shade'], 'highlight' => $tones['highlight']],
            $strong->chroma <= self::READS_AS_COLOUR ? null
                : sprintf('The %s is so strong that it reads as %s: take one step less.', $most, PlainName::of($strong)),
        );
    }
}
