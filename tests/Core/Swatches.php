<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Colours and paints for tests, written as painters would: a name and a hex colour. */
final class Swatches
{
    public static function reflectance(string $hex): Reflectance
    {
        return Reflectance::fromSrgb(Srgb::fromHex($hex));
    }

    public static function paint(
        string $name,
        string $hex,
        Behaviour $behaviour = Behaviour::Opaque,
        bool $owned = true,
        ?float $left = 10.0,
    ): Paint {
        return new Paint($name, $name, 'Test range', $behaviour, self::reflectance($hex), $owned, $left);
    }

    /** @return list<Paint> a small workshop: covering paints, two washes, two metallics, three primers */
    public static function shelf(): array
    {
        /** @var list<Paint>|null $shelf made once: what a paint scatters and absorbs is worked out when first asked for */
        static $shelf = null;

        return $shelf ??= [
            self::paint('Black', '#1d1c1b'),
            self::paint('White', '#f3f1ea'),
            self::paint('Bone', '#d9cca6'),
            self::paint('Dark brown', '#4b3524'),
            self::paint('Middle brown', '#6f4a2e'),
            self::paint('Ochre', '#9c7630'),
            self::paint('Mustard', '#a8842a'),
            self::paint('Flesh', '#c98e6b'),
            self::paint('Red', '#a82a20'),
            self::paint('Orange', '#d0601f'),
            self::paint('Yellow', '#f0b42c'),
            self::paint('Green', '#4b5a32'),
            self::paint('Pale green', '#a9ae7e'),
            self::paint('Blue', '#2f5a7e'),
            self::paint('Dark blue', '#1f3050'),
            self::paint('Sky', '#9dbac6'),
            self::paint('Grey', '#9aa09e'),
            self::paint('Slate', '#3d4b52'),
            self::paint('Brown wash', '#8b6a49', Behaviour::Wash),
            self::paint('Black wash', '#6e6a66', Behaviour::Wash),
            self::paint('Brass', '#8f6f35', Behaviour::Metallic),
            self::paint('Pale brass', '#c2a050', Behaviour::Metallic),
            self::paint('Black primer', '#1b1b1b', Behaviour::Primer),
            self::paint('Grey primer', '#868686', Behaviour::Primer),
            self::paint('Ivory primer', '#e6dfcc', Behaviour::Primer),
        ];
    }

    /** @return list<Paint> as many opaque paints, spread over hue and lightness by chance with a seed */
    public static function randomShelf(int $seed, int $count): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $paints = [];
        for ($i = 0; $i < $count; ++$i) {
            $paints[] = self::paint('P'.$i, self::randomHex($dice));
        }

        return $paints;
    }

    public static function randomHex(Randomizer $dice): string
    {
        return (new Oklch($dice->getInt(12, 96) / 100, $dice->getInt(0, 20) / 100, $dice->getInt(0, 359)))->onScreen()->toSrgb()->toHex();
    }
}
