<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Models\PaintRow;
use App\Workshop\Shelf\PaintState;
use App\Workshop\Shelf\SwatchDesk;
use Kalokroma\Colour\Family;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\ColourSource;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Stock;
use Kalokroma\Shelf\UsualWash;

final class PaintView
{
    /** @return array<string, mixed> */
    public static function of(PaintRow $paint, int $usedIn = 0, ?float $apart = null): array
    {
        $look = self::look($paint);
        $oklch = $look === null ? null : Srgb::fromHex($look)->toOklch();

        return [
            'id' => $paint->id,
            'version' => PaintState::of($paint)->version(),
            'name' => $paint->name,
            'line' => $paint->line,
            'behaviour' => $paint->behaviour->value,
            'colour' => $paint->hex,
            'look' => $look,
            'source' => self::source($paint)->value,
            'certainty' => $look === null ? null : self::source($paint)->single(),
            'words' => $oklch === null ? '' : PlainName::of($oklch),
            'family' => $oklch === null ? 'without colour' : Family::of($oklch)->value,
            'lab' => $paint->lab === null ? null : array_map(static fn (float|int $v): float => round((float) $v, 2), $paint->lab),
            'bottle_ml' => $paint->bottle_ml,
            'fill' => Stock::fill($paint->left_ml, $paint->bottle_ml, $paint->bottles),
            'left_ml' => $paint->left_ml,
            'price' => $paint->price_minor === null ? null : number_format($paint->price_minor / 100, 2, '.', ''),
            'currency' => $paint->currency,
            'owned' => $paint->owned,
            'at_hand' => self::isAtHand($paint),
            'low' => $paint->owned && Stock::isLow($paint->left_ml, $paint->bottle_ml),
            'used_in' => $usedIn,
            'apart' => $apart,
            'bottles' => $paint->bottles,
            'place' => $paint->place,
            'opened' => $paint->opened_on?->format('Y-m-d'),
            'state' => $paint->state,
            'set' => $paint->set_name,
            'colour_source' => $paint->colour_source,
            'notes' => $paint->notes,
            'sheen' => $paint->sheen,
            'form' => $paint->form,
            'purpose' => $paint->purpose,
        ];
    }

    private static function isAtHand(PaintRow $paint): bool
    {
        return $paint->owned && !$paint->isDriedUp() && ($paint->left_ml === null || $paint->left_ml > 0);
    }

    /** The colour to draw: measured from a test swatch, or as it was entered. */
    private static function look(PaintRow $paint): ?string
    {
        $measured = SwatchDesk::pigment($paint);

        return match (true) {
            $measured === null => self::drawn($paint->behaviour, $paint->hex),
            $paint->behaviour->isTransparent() => $measured->overWhite()->toHex(),
            default => $measured->fullHide()->toHex(),
        };
    }

    /** A wash is known by the look of its bottle; one coat of it over white is nearly white. */
    public static function drawn(Behaviour $behaviour, ?string $hex): ?string
    {
        return $behaviour !== Behaviour::Wash || $hex === null ? $hex
            : UsualWash::inTheBottle(Reflectance::fromSrgb(Srgb::fromHex($hex)))->toHex();
    }

    private static function source(PaintRow $paint): ColourSource
    {
        return SwatchDesk::pigment($paint) === null ? ColourSource::fromText($paint->colour_source) : ColourSource::Calibrated;
    }

    /**
     * As a shelf is read: family by family, each from light to dark; what has no colour last.
     *
     * @param iterable<PaintRow> $paints
     * @param array<int, int> $usedIn areas by paint
     * @param array<int, float> $apart differences by paint
     *
     * @return list<array<string, mixed>>
     */
    public static function shelf(iterable $paints, array $usedIn = [], array $apart = []): array
    {
        $keyed = [];
        foreach ($paints as $paint) {
            $look = self::look($paint);
            $oklch = $look === null ? null : Srgb::fromHex($look)->toOklch();
            $keyed[] = [
                'family' => $oklch === null ? PHP_INT_MAX : Family::of($oklch)->place(),
                'dark' => 1 - ($oklch->lightness ?? 0.0),
                'paint' => $paint,
            ];
        }
        usort(
            $keyed,
            static fn (array $a, array $b): int => [
                $a['family'],
                $a['dark'],
                $a['paint']->name,
            ] <=> [$b['family'], $b['dark'], $b['paint']->name],
        );

        return array_map(
            static fn (array $k): array => self::of($k['paint'], $usedIn[$k['paint']->id] ?? 0, $apart[$k['paint']->id] ?? null),
            $keyed,
        );
    }
}
