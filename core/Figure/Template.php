<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

/** Plausible areas of each kind of figure, as a start: shares sum to 100, neighbours are named. Our own estimates. */
final class Template
{
    /**
     * Name, material, relief, share in percent, depth, weight, neighbours; then "in" where glue puts it out of reach, "weak"
     * at a weak joint.
     */
    private const ROWS = [
        'foot' => [
            'Face | skin | tight | 4 | 2 | leading | Hair,Coat',
            'Hands | skin | tight | 4 | 2 | supporting | Coat,Weapon or tool',
            'Hair | hair | texture | 4 | 3 | minor | Face,Coat',
            'Trousers | cloth | tight | 16 | 2 | supporting | Coat,Boots',
            'Coat | cloth | tight | 34 | 3 | leading | Face,Hands,Hair,Trousers,Belt',
            'Boots | leather | broad | 10 | 3 | supporting | Trousers,Base',
            'Belt | leather | trim | 4 | 4 | minor | Coat,Buckles',
            'Buckles | metal | trim | 2 | 5 | minor | Belt',
            'Weapon or tool | metal | plate | 8 | 6 | supporting | Hands | weak',
            'Base | ground | texture | 14 | 8 | minor | Boots',
        ],
        'rider' => [
            'Mount hide | fur | texture | 40 | 2 | leading | Mane or crest,Saddle,Legs and hooves,Harness',
            'Mane or crest | hair | texture | 6 | 3 | supporting | Mount hide',
            'Legs and hooves | bone | texture | 6 | 3 | supporting | Mount hide,Base | weak',
            'Mount eyes | glass | orb | 0.5 | 4 | supporting | Mount hide',
            'Saddle | leather | plate | 7 | 4 | minor | Mount hide,Rider coat,Harness | in',
            'Harness | leather | trim | 4 | 5 | minor | Mount hide,Saddle',
            'Rider face | skin | tight | 1.5 | 4 | leading | Rider coat',
            'Rider coat | cloth | tight | 17 | 5 | leading | Saddle,Rider face,Rider boots',
            'Rider boots | leather | broad | 4 | 5 | minor | Rider coat,Mount hide',
            'Weapon or tool | metal | plate | 3 | 6 | supporting | Rider coat | weak',
            'Base | ground | texture | 11 | 8 | minor | Legs and hooves',
        ],
        'beast' => [
            'Hide | scales | texture | 48 | 2 | leading | Belly,Crest,Claws,Eyes,Mouth',
            'Belly | skin | broad | 18 | 2 | supporting | Hide',
            'Crest | skin | tight | 9 | 3 | leading | Hide',
            'Mouth | skin | tight | 3 | 1 | supporting | Hide,Teeth',
            'Teeth | bone | trim | 1 | 3 | minor | Mouth',
            'Claws | bone | trim | 3 | 4 | minor | Hide,Base',
            'Eyes | glass | orb | 0.5 | 4 | leading | Hide',
            'Base | ground | texture | 17.5 | 8 | minor | Claws',
        ],
        'vehicle' => [
            'Hull | wood | plate | 42 | 2 | leading | Deck,Fittings,Stripe,Keel',
            'Deck | wood | plate | 24 | 2 | supporting | Hull,Cargo,Fittings',
            'Inside | wood | plate | 10 | 1 | minor | Deck | in',
            'Keel | wood | plate | 6 | 3 | minor | Hull',
            'Fittings | metal | trim | 6 | 4 | supporting | Hull,Deck',
            'Stripe | other | plate | 4 | 4 | leading | Hull',
            'Cargo | cloth | tight | 6 | 5 | minor | Deck,Rope',
            'Rope | rope | texture | 2 | 6 | minor | Cargo,Deck',
        ],
        'scenery' => [
            'Walls | stone | texture | 46 | 2 | leading | Timber,Roof,Ground',
            'Timber | wood | texture | 14 | 3 | supporting | Walls,Roof',
            'Roof | wood | texture | 18 | 4 | supporting | Walls,Timber',
            'Fittings | metal | trim | 4 | 5 | minor | Timber',
            'Ground | ground | texture | 18 | 6 | minor | Walls',
        ],
        'bust' => [
            'Face | skin | broad | 24 | 2 | leading | Eyes,Mouth,Hair,Collar',
            'Eyes | glass | orb | 1 | 3 | leading | Face',
            'Mouth | skin | tight | 1 | 3 | supporting | Face',
            'Hair | hair | texture | 20 | 4 | supporting | Face,Collar',
            'Collar | cloth | broad | 16 | 4 | supporting | Face,Hair,Coat',
            'Coat | cloth | broad | 30 | 5 | leading | Collar,Buttons',
            'Buttons | metal | trim | 2 | 6 | minor | Coat',
            'Plinth | wood | plate | 6 | 7 | minor | Coat',
        ],
    ];

    /** @return list<Draft> inner areas first */
    public static function of(FigureKind $kind): array
    {
        return array_map(self::draft(...), self::ROWS[$kind->value]);
    }

    private static function draft(string $row): Draft
    {
        [$name, $material, $relief, $share, $depth, $weight, $touches, $joint] = [...explode(' | ', $row), ''];

        return new Draft(
            $name,
            Material::from($material),
            Relief::from($relief),
            (float) $share,
            (int) $depth,
            Weight::from($weight),
            explode(',', $touches),
            $joint !== 'in',
            $joint === 'weak',
        );
    }
}
