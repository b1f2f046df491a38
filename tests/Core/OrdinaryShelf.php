<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;

/** Fifty-three plain pots as many a painter has them: everything common, nothing special. */
final class OrdinaryShelf
{
    public const COVERING = [
        'Pit Black' => '#1b1a1c', 'Cover White' => '#f2f1ed', 'Ivory' => '#ece3c8', 'Bone' => '#d8caa3', 'Pale Bone' => '#e4d9bb',
        'Dark Grey' => '#4a4d50', 'Mid Grey' => '#858a8c', 'Pale Grey' => '#bcc1c2', 'Blue Grey' => '#5d6f7c', 'Warm Grey' => '#8d857b',
        'Bright Red' => '#b3221e', 'Dark Red' => '#6b1a1b', 'Wine' => '#4d1626', 'Orange' => '#d9661c', 'Pale Orange' => '#e9a15a',
        'Yellow' => '#f0bd2a', 'Lemon' => '#f3e160', 'Ochre' => '#b58a3a', 'Magenta' => '#9a2f5f', 'Purple' => '#4e2f63',
        'Dark Blue' => '#1e2c52', 'Mid Blue' => '#2d5596', 'Sky' => '#7fa9cf', 'Teal' => '#1f6266', 'Turquoise' => '#3f9c9c',
        'Dark Green' => '#1f3d2a', 'Mid Green' => '#3c7a3e', 'Olive' => '#5b5c31', 'Pale Green' => '#9cb177',
        'Dark Earth' => '#3a2a20', 'Dark Brown' => '#4d3322', 'Saddle Brown' => '#7a4b2a', 'Rust' => '#94461f', 'Tan' => '#b08a5c',
        'Leather' => '#8c6239', 'Dark Flesh' => '#9a5f45', 'Skin Tan' => '#c48c69', 'Flesh' => '#dcab88', 'Pale Flesh' => '#ecc9ab',
    ];

    public const WASHES = [
        'Black Wash' => '#77736f', 'Brown Wash' => '#8f6c4c', 'Sepia Wash' => '#a3824d', 'Red Brown Wash' => '#a2614a',
        'Blue Wash' => '#5f7fa8',
    ];

    public const METALS = ['Dark Iron' => '#4a4b4e', 'Steel' => '#8b9095', 'Brass' => '#a07c38', 'Bronze' => '#7d5534'];

    public const PRIMERS = ['Black Primer' => '#1d1d1d', 'Grey Primer' => '#868686', 'White Primer' => '#f0f0ee'];

    public const INKS = ['Yellow Ink' => '#f2d24a', 'Red Ink' => '#c4473c'];

    /** @return list<Paint> made once */
    public static function paints(): array
    {
        /** @var list<Paint>|null $shelf */
        static $shelf = null;

        return $shelf ??= [
            ...self::made(self::COVERING, Behaviour::Opaque),
            ...self::made(self::WASHES, Behaviour::Wash),
            ...self::made(self::METALS, Behaviour::Metallic),
            ...self::made(self::PRIMERS, Behaviour::Primer),
            ...self::made(self::INKS, Behaviour::Ink),
        ];
    }

    /**
     * @param array<string, string> $hexes by name
     *
     * @return list<Paint>
     */
    private static function made(array $hexes, Behaviour $behaviour): array
    {
        $found = [];
        foreach ($hexes as $name => $hex) {
            $found[] = Swatches::paint($name, $hex, $behaviour);
        }

        return $found;
    }
}
