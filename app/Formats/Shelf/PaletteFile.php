<?php

declare(strict_types=1);

namespace App\Formats\Shelf;

use App\Models\PaintRow;
use Kalokroma\Colour\Srgb;

/** The shelf as a palette of the GIMP: one line of red, green, blue and name for each paint that has a colour. */
final class PaletteFile
{
    /** @param iterable<PaintRow> $paints */
    public static function write(iterable $paints): string
    {
        $lines = ['GIMP Palette', 'Name: Kalokroma shelf', 'Columns: 8', '#'];
        foreach ($paints as $paint) {
            if ($paint->hex !== null) {
                $hex = Srgb::fromHex($paint->hex)->toHex();
                $name = trim((string) preg_replace('/\s+/u', ' ', $paint->name));
                $lines[] = sprintf(
                    "%3d %3d %3d\t%s",
                    hexdec(substr($hex, 1, 2)),
                    hexdec(substr($hex, 3, 2)),
                    hexdec(substr($hex, 5, 2)),
                    $name,
                );
            }
        }

        return implode("\n", $lines)."\n";
    }
}
