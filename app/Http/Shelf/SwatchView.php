<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\PaintRow;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\Shelf\SwatchDesk;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Film\Hiding;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Tone;

/**
 * What a test swatch changed.
 *
 * @phpstan-import-type Swatch from SwatchDesk
 */
final class SwatchView
{
    /** @return array<string, mixed>|null null without a swatch */
    public static function of(PaintRow $paint): ?array
    {
        if ($paint->swatch === null || SwatchDesk::pigment($paint) === null) {
            return null;
        }
        /** @var Swatch $swatch */
        $swatch = $paint->swatch;
        $typed = SwatchDesk::asTyped($paint);
        $measured = ShelfRows::toCore($paint);

        return [
            'at' => $swatch['at'],
            'by' => $swatch['by'],
            'thin' => $swatch['thin'],
            'guarded' => $swatch['guarded'],
            'contrast' => round(100 * $swatch['contrast']),
            'grounds' => array_map(static fn (Tone $tone): string => $tone->assumed()->toHex(), Tone::usual()),
            'before' => self::side($typed),
            'after' => self::side($measured),
            'apart' => $typed->colour === null || $measured->colour === null ? null : round(
                Ciede2000::difference($typed->colour->toLab(), $measured->colour->toLab()),
                1,
            ),
        ];
    }

    /** @return array<string, mixed>|null the paint over each usual ground; null without a colour */
    private static function side(Paint $paint): ?array
    {
        return $paint->colour === null ? null : [
            'hex' => $paint->colour->toHex(),
            'coats' => array_map(
                static fn (Tone $tone): ?int => Hiding::of($paint->pigment(), 1.0, $tone->assumed())->coats,
                Tone::usual(),
            ),
            'certainty' => round(Mix::single($paint)->certainty(), 1),
            'one_coat' => array_map(
                static fn (Tone $tone): string => $paint->pigment()->over($tone->assumed(), 1.0)->toHex(),
                Tone::usual(),
            ),
        ];
    }
}
