<?php

declare(strict_types=1);

namespace App\Workshop\Figure;

use App\Models\AreaRow;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;

/** How an area will look in recess, on the plane and on the ridge: as its recipe predicts, or as its colour suggests. */
final class AreaTones
{
    /** @return array{recess: string, plane: string, ridge: string}|null `#rrggbb`; null while it is undecided */
    public static function of(AreaRow $area): ?array
    {
        $strip = $area->recipe !== null && $area->recipe->drafted_colour === $area->hex ? $area->recipe->strip : [];

        return count($strip) === 4 ? [
            'recess' => $strip[1],
            'plane' => $strip[2],
            'ridge' => $strip[3],
        ] : ($area->hex === null ? null : self::suggested($area->hex));
    }

    /** @return array{recess: string, plane: string, ridge: string} */
    public static function suggested(string $hex): array
    {
        $ladder = new Ladder(Srgb::fromHex($hex)->toOklch());

        return [
            'recess' => $ladder->rung(Rung::Shade)->toSrgb()->toHex(),
            'plane' => $hex,
            'ridge' => $ladder->rung(Rung::Highlight)->toSrgb()->toHex(),
        ];
    }
}
