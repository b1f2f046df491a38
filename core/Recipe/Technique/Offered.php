<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Technique;

use Kalokroma\Figure\Material;
use Kalokroma\Shelf\Behaviour;

/** What tables and forms offer to choose from; anything else can be said as well. */
final class Offered
{
    /** Ratios, paint first: along the table of coats, on the page of a paint, for glazes; and ways to say one. */
    public const THINNINGS = [
        'scale' => ['1:0', '6:1', '4:1', '3:1', '2:1', '3:2', '1:1', '1:2', '1:3', '1:4'],
        'paint' => ['1:0', '4:1', '2:1', '1:1', '1:2', '1:4', '1:8'],
        'glaze' => ['1:4', '1:6', '1:8', '1:10', '1:12'],
        'said' => [
            'undiluted', '4:1', '2:1', '1:1', '1:2', '1:4', '1:8', '1:12', 'thin as milk', '60 % water', '2 parts water to 1 part paint',
        ],
    ];

    /** What a colour can be glazed toward another with. */
    public const GLAZED_WITH = [Behaviour::Opaque, Behaviour::SemiOpaque, Behaviour::Stain, Behaviour::Wash, Behaviour::Ink];

    /** What can be matched and mixed. */
    public const MATCHED = [Behaviour::Opaque, Behaviour::SemiOpaque, Behaviour::Metallic];

    /** What covers, and can be mixed in steps from one to another. */
    public const COVERING = [Behaviour::Opaque, Behaviour::SemiOpaque];

    private const GROUNDS = ['#1c1b1a' => 'dark', '#7a7a7a' => 'middle grey', '#f0ece2' => 'light ivory'];

    /** @return list<Behaviour> what an area of this material can have its colour from; glass is stained as well */
    public static function colouredWith(Material $material): array
    {
        return $material === Material::Glass ? [...self::MATCHED, Behaviour::Stain] : self::MATCHED;
    }

    /** @return list<array{id: string, words: string}> grounds to lay coats over, as `#rrggbb` */
    public static function grounds(): array
    {
        $row = static fn (string $hex, string $words): array => ['id' => $hex, 'words' => $words];

        return array_map($row, array_keys(self::GROUNDS), self::GROUNDS);
    }
}
