<?php

declare(strict_types=1);

namespace App\Formats\Picture;

use App\Formats\UnreadableFile;
use GdImage;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\ColourProblem;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\OnScreen;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\WhitePaper;
use Kalokroma\Film\ColourSource;

/** A small piece of a picture around the point that was chosen: its mean colour, in linear light, and how even it is. */
final class PicturePatch
{
    /** Pixels along a side; the page sends a few around the point, not the picture. */
    private const MOST = 64;
    private const MOST_BYTES = 100_000;

    /**
     * @param string|null $white the piece around a point of white paper in the same picture
     *
     * @return array{hex: string, words: string, spread: float, pixels: int, source: string, certainty: float}
     *
     * @throws UnreadableFile
     * @throws ColourProblem where the white is none
     */
    public static function read(string $bytes, ?string $white = null): array
    {
        [$image, $width, $height] = self::opened($bytes);
        if ($white === null) {
            return self::averaged($image, $width, $height, null);
        }
        $paper = WhitePaper::seen(self::mean(...self::opened($white))[0]);

        return self::averaged($image, $width, $height, $paper);
    }

    /**
     * @return array{GdImage, int, int} with its width and height
     *
     * @throws UnreadableFile
     */
    private static function opened(string $bytes): array
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
            throw UnreadableFile::because('This is not a picture that can be read: use PNG, JPEG or WebP.');
        }
        if ($size[0] > self::MOST || $size[1] > self::MOST || $size[0] < 1 || $size[1] < 1) {
            throw UnreadableFile::because(
                sprintf('The piece of the picture is %d × %d pixels: at most %d × %3$d are taken.', $size[0], $size[1], self::MOST),
            );
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw UnreadableFile::because('The picture is broken: save it again, then choose the point again.');
        }
        imagepalettetotruecolor($image);

        return [$image, $size[0], $size[1]];
    }

    /** @return array{hex: string, words: string, spread: float, pixels: int, source: string, certainty: float} the mean of the light */
    private static function averaged(GdImage $image, int $width, int $height, ?WhitePaper $paper): array
    {
        [$seen, $spread] = self::mean($image, $width, $height);
        $mean = $paper?->lit($seen) ?? $seen;
        $source = $paper === null ? ColourSource::BY_LAMP : ColourSource::Pictured->text();

        return [
            'hex' => OnScreen::of($mean->toXyz())->toHex(),
            'words' => PlainName::of($mean->toOklch()),
            'spread' => round($spread, 1),
            'pixels' => $width * $height,
            'source' => $source,
            'certainty' => ColourSource::fromText($source)->single(),
        ];
    }

    /** @return array{Srgb, float} the mean of the light, and how far pixels stray from it */
    private static function mean(GdImage $image, int $width, int $height): array
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

        return [$mean, array_sum(array_map(static fn (Lab $l): float => Ciede2000::difference($l, $lab), $labs)) / $n];
    }
}
