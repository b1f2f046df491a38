<?php

declare(strict_types=1);

namespace App\Formats\Picture;

use App\Formats\UnreadableFile;
use GdImage;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\OnScreen;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;

/** A small piece of a picture around the point that was chosen: its mean colour, in linear light, and how even it is. */
final class PicturePatch
{
    /** Pixels along a side; the page sends a few around the point, not the picture. */
    private const MOST = 64;
    private const MOST_BYTES = 100_000;

    /**
     * @return array{hex: string, words: string, spread: float, pixels: int}
     *
     * @throws UnreadableFile
     */
    public static function read(string $bytes): array
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw UnreadableFile::because(
                sprintf(
                    'The piece of the picture holds %d kB: at most %d kB are taken.',
                    (int) ceil(strlen($bytes) / 1000),
                    self::MOST_BYTES / 1000,
                ),
            );
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false) {
            throw UnreadableFile::because('This is no picture that can be read: use PNG, JPEG or WebP.');
        }
        if ($size[0] > self::MOST || $size[1] > self::MOST || $size[0] < 1 || $size[1] < 1) {
            throw UnreadableFile::because(
                sprintf('The piece of the picture is %d × %d pixels: at most %d × %3$d are taken.', $size[0], $size[1], self::MOST),
            );
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw UnreadableFile::because('The picture is broken: save it anew, then choose the point again.');
        }
        imagepalettetotruecolor($image);

        return self::averaged($image, $size[0], $size[1]);
    }

    /** @return array{hex: string, words: string, spread: float, pixels: int} the mean of the light, and how far pixels stray from it */
    private static function averaged(GdImage $image, int $width, int $height): array
    {
        $labs = [];
        $sum = [0.0, 0.0, 0.0];
        for ($x = 0; $x < $width; ++$x) {
            for ($y = 0; $y < $height; ++$y) {
                $pixel = Srgb::fromHex(sprintf('#%06x', (int) imagecolorat($image, $x, $y) & 0xFFFFFF));
                $labs[] = $pixel->toLab();
                foreach ($pixel->linear() as $i => $light) {
                    $sum[$i] += $light;
                }
            }
        }
        $n = count($labs);
        $mean = Srgb::fromLinear($sum[0] / $n, $sum[1] / $n, $sum[2] / $n);
        $lab = $mean->toLab();

        return [
            'hex' => OnScreen::of($mean->toXyz())->toHex(),
            'words' => PlainName::of($mean->toOklch()),
            'spread' => round(array_sum(array_map(static fn (Lab $l): float => Ciede2000::difference($l, $lab), $labs)) / $n, 1),
            'pixels' => $n,
        ];
    }
}
