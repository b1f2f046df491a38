<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Paint;
use App\Workshop\ShelfRows;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Hiding;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint as CorePaint;
use Kalokroma\Undercoat\Tone;

/** What the film model says of one paint: its coats over three grounds, and its nearest relatives on the shelf. */
final class PaintLook
{
    private const MOST_COATS = 6;
    private const RELATIVES = 3;

    /** @return array<string, mixed> */
    public static function of(Paint $paint, ShelfRows $shelf): array
    {
        $core = ShelfRows::toCore($paint);

        return [
            'paint' => PaintView::of($paint),
            'certainty' => Mix::single($core)->certainty(),
            'staircases' => $core->colour === null || !$paint->behaviour->colours() ? [] : array_map(static fn (Tone $tone): array => self::staircase($core, $tone), Tone::cases()),
            'relatives' => $core->colour === null ? [] : self::relatives($core, $core->colour, $shelf),
        ];
    }

    /** @return array<string, mixed> */
    private static function staircase(CorePaint $paint, Tone $tone): array
    {
        $hiding = Hiding::of($paint->pigment(), 1.0, $tone->assumed());
        $after = array_slice($hiding->after, 0, self::MOST_COATS);
        for ($n = count($after) + 1; $n <= self::MOST_COATS; ++$n) {
            $after[] = $paint->pigment()->over($tone->assumed(), $n);
        }

        return [
            'ground' => $tone->words(),
            'hex' => $tone->assumed()->toHex(),
            'coats' => $hiding->coats,
            'after' => array_map(static fn (Reflectance $r): string => $r->toHex(), $after),
        ];
    }

    /** @return list<array<string, mixed>> of the same behaviour, nearest first */
    private static function relatives(CorePaint $paint, Reflectance $colour, ShelfRows $shelf): array
    {
        $lab = $colour->toLab();
        $found = [];
        foreach ($shelf->paints() as $other) {
            if ($other->id !== $paint->id && $other->behaviour === $paint->behaviour && $other->colour !== null) {
                $found[] = ['id' => (int) $other->id, 'name' => $other->name, 'hex' => $other->colour->toHex(), 'difference' => round(Ciede2000::difference($lab, $other->colour->toLab()), 1)];
            }
        }
        usort($found, static fn (array $a, array $b): int => [$a['difference'], $a['name']] <=> [$b['difference'], $b['name']]);

        return array_slice($found, 0, self::RELATIVES);
    }
}
