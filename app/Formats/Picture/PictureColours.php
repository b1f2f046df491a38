<?php

declare(strict_types=1);

namespace App\Formats\Picture;

use App\Formats\UnreadableFile;
use Kalokroma\Colour\DominantColours;
use Kalokroma\Colour\OnScreen;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;

/** The colours that rule a reference picture. */
final class PictureColours
{
    private const SIDE = 72;
    private const MOST = 8;

    /**
     * @return list<array{hex: string, words: string, share: float}> share in percent
     *
     * @throws UnreadableFile
     */
    public static function of(string $bytes): array
    {
        $pixels = [];
        $known = [];
        foreach (Photograph::read($bytes, self::SIDE)->pixels() as [$r, $g, $b]) {
            $hex = sprintf('#%02x%02x%02x', $r, $g, $b);
            $lab = $known[$hex] ??= Srgb::fromHex($hex)->toLab();
            $pixels[] = [$lab->l, $lab->a, $lab->b];
        }

        return array_map(static function (array $colour): array {
            $hex = OnScreen::of($colour['lab']->toXyz())->toHex();

            return ['hex' => $hex, 'words' => PlainName::of(Srgb::fromHex($hex)->toOklch()), 'share' => round(100 * $colour['share'], 1)];
        }, DominantColours::of($pixels, self::MOST));
    }
}
