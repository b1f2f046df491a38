<?php

declare(strict_types=1);

namespace App\Formats\Picture;

use App\Formats\UnreadableFile;
use GdImage;

/** A photograph that was sent in: measured before it is opened, made small, and written again, so that only pixels are left. */
final readonly class Photograph
{
    private const MOST_BYTES = 12_000_000;
    private const MOST_PIXELS = 24_000_000;
    private const MOST_SIDE = 12_000;

    private function __construct(private GdImage $image, public int $width, public int $height)
    {
    }

    /**
     * @param int $side the longer side of what is kept, pixels
     *
     * @throws UnreadableFile
     */
    public static function read(string $bytes, int $side): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw UnreadableFile::because(
                sprintf('The picture holds %.1f MB: at most %d MB are taken.', strlen($bytes) / 1e6, self::MOST_BYTES / 1e6),
            );
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || !in_array($size[2], [IMAGETYPE_PNG, IMAGETYPE_JPEG], true)) {
            throw UnreadableFile::because('This is not a picture that can be read: use PNG or JPEG.');
        }
        if (
            $size[0] < 8 || $size[1] < 8
            || $size[0] > self::MOST_SIDE
            || $size[1] > self::MOST_SIDE
            || $size[0] * $size[1] > self::MOST_PIXELS
        ) {
            throw UnreadableFile::because(
                sprintf(
                    'The picture is %d × %d pixels: it may have %d million at most, and at least 8 × 8.',
                    $size[0],
                    $size[1],
                    self::MOST_PIXELS / 1e6,
                ),
            );
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw UnreadableFile::because('The picture is broken: save it again.');
        }
        $image = self::upright($image, $bytes, $size[2]);
        $factor = min(1.0, $side / max(imagesx($image), imagesy($image)));
        [$width, $height] = [max(1, (int) round(imagesx($image) * $factor)), max(1, (int) round(imagesy($image) * $factor))];
        $small = imagecreatetruecolor($width, $height);
        imagefill($small, 0, 0, 0xFFFFFF);
        imagecopyresampled($small, $image, 0, 0, 0, 0, $width, $height, imagesx($image), imagesy($image));

        return new self($small, $width, $height);
    }

    /** The grey values, as JPEG. */
    public function grey(): string
    {
        imagefilter($this->image, IMG_FILTER_GRAYSCALE);

        return $this->jpeg();
    }

    /** As JPEG, of pixels alone: where and with what it was taken is gone. */
    public function jpeg(): string
    {
        ob_start();
        imagejpeg($this->image, null, 86);

        return (string) ob_get_clean();
    }

    /** @return list<array{int, int, int}> red, green and blue of each pixel, 0..255 */
    public function pixels(): array
    {
        $pixels = [];
        for ($y = 0; $y < $this->height; ++$y) {
            for ($x = 0; $x < $this->width; ++$x) {
                $c = (int) imagecolorat($this->image, $x, $y);
                $pixels[] = [$c >> 16 & 0xFF, $c >> 8 & 0xFF, $c & 0xFF];
            }
        }

        return $pixels;
    }

    /** Cameras lay a picture on its side and say so beside it. */
    private static function upright(GdImage $image, string $bytes, int $type): GdImage
    {
        $orientation = $type === IMAGETYPE_JPEG && function_exists('exif_read_data')
            ? (@exif_read_data('data://image/jpeg;base64,'.base64_encode($bytes)) ?: [])['Orientation'] ?? 1 : 1;
        $turned = match ($orientation) {
            3, 4 => imagerotate($image, 180, 0),
            5, 6 => imagerotate($image, -90, 0),
            7, 8 => imagerotate($image, 90, 0),
            default => $image,
        };
        if ($turned !== false && in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($turned, IMG_FLIP_HORIZONTAL);
        }

        return $turned === false ? $image : $turned;
    }
}
