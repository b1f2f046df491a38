<?php

declare(strict_types=1);

namespace Tests\Core\Critic;

use Generator;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Draft\Brief;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Typed\TypedPaint;
use Kalokroma\Shelf\Typed\TypedShelf;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Forty areas in all ways, on five grounds, from six shelves, to three levels: what drafts are tried on. */
final class Matrix
{
    /** Name, material, relief, wanted colour, cm². */
    public const AREAS = [
        ['Red cape', 'cloth', 'broad', '#a82a20', 3.4], ['Brown cloak', 'cloth', 'tight', '#6f4a2e', 2.4],
        ['White tabard', 'cloth', 'broad', '#efece2', 1.6], ['Yellow hood', 'cloth', 'tight', '#e8b530', 0.9],
        ['Black coat', 'cloth', 'tight', '#232327', 3.2], ['Olive trousers', 'cloth', 'tight', '#5f5d3a', 1.6],
        ['Face', 'skin', 'tight', '#d3a07b', 0.6], ['Hands', 'skin', 'tight', '#c08562', 0.4],
        ['Brown hair', 'hair', 'texture', '#54382a', 0.5], ['Grey beard', 'hair', 'texture', '#9a9a98', 0.5],
        ['Wolf fur', 'fur', 'texture', '#2b2a2b', 8.0], ['Belt', 'leather', 'trim', '#754e2f', 0.4],
        ['Boots', 'leather', 'tight', '#432815', 1.3], ['Pouch', 'leather', 'broad', '#8c6239', 0.4],
        ['Blue armour', 'lacquered-metal', 'plate', '#2d5596', 6.0], ['Yellow armour', 'lacquered-metal', 'plate', '#e6b733', 6.0],
        ['Steel blade', 'metal', 'plate', '#8b9095', 1.5], ['Brass lamp', 'metal', 'trim', '#9c7a3c', 1.0],
        ['Gunmetal pipe', 'metal', 'tight', '#4e5257', 0.8], ['Shield', 'wood', 'plate', '#3a2f2a', 3.0],
        ['Staff', 'wood', 'texture', '#8a7358', 1.5], ['Horn', 'bone', 'broad', '#d3c49a', 0.8],
        ['Rope', 'rope', 'texture', '#d7caa6', 0.6], ['Claws', 'bone', 'trim', '#a0926b', 0.3],
        ['Ribs', 'bone', 'tight', '#d7caa6', 1.2], ['Red gem', 'glass', 'orb', '#a3202a', 0.15],
        ['Lens', 'glass', 'orb', '#b3221e', 0.1], ['Eyes', 'skin', 'orb', '#e9e4d8', 0.1],
        ['Glow of the lantern', 'glass', 'orb', '#f0bd2a', 0.4], ['Straps', 'leather', 'trim', '#f0efe9', 0.6],
        ['Lips', 'skin', 'trim', '#7d1a1c', 0.1], ['Warm strip', 'cloth', 'trim', '#af2f02', 0.5],
        ['Turquoise scarf', 'cloth', 'tight', '#3fa0a0', 0.9], ['Navy coat', 'cloth', 'tight', '#1b2848', 2.6],
        ['Green robe', 'cloth', 'broad', '#3f7a3c', 4.0], ['Purple sash', 'cloth', 'tight', '#664693', 0.8],
        ['Pink belly', 'scales', 'tight', '#d98a92', 2.0], ['Wing feathers', 'feather', 'tight', '#8a8d8c', 2.2],
        ['Orange plume', 'feather', 'texture', '#dc6a20', 0.7], ['Marsh base', 'ground', 'texture', '#6b5b40', 4.0],
    ];

    public const GROUNDS = ['black' => '#1d1d1d', 'grey' => '#868686', 'white' => '#f0f0ee', 'brown' => '#4a3626', 'sketch' => ''];

    public const WAYS = [Way::Mixed, Way::Washes, Way::Layers, Way::Drybrush, Way::Stain, Way::Glazes, Way::Airbrush];

    public const ORDINARY = ['words.txt', 'hexes.csv', 'mixed.txt'];

    /** Shelves made by chance: so many paints each. */
    private const CHANCE = ['chance 24' => 24, 'chance 60' => 60, 'chance 140' => 140];

    /** @return array<string, list<Paint>> by name; the ordinary ones first */
    public static function shelves(): array
    {
        $found = [];
        foreach (self::ORDINARY as $file) {
            $found[$file] = self::typed((string) file_get_contents(dirname(__DIR__).'/data/shelves/drafts/'.$file));
        }
        foreach (self::CHANCE as $name => $count) {
            $found[$name] = self::made($count, $count);
        }

        return $found;
    }

    /** @return list<Paint> */
    public static function typed(string $text): array
    {
        return array_map(static fn (TypedPaint $p): Paint => new Paint(
            $p->name,
            $p->name,
            $p->range,
            $p->behaviour,
            $p->hex === null ? null : Reflectance::fromSrgb(Srgb::fromHex($p->hex)),
            true,
            10.0,
            source: $p->source,
            form: $p->form,
            purpose: $p->purpose,
        ), TypedShelf::read($text));
    }

    /** @return list<Paint> */
    private static function made(int $count, int $seed): array
    {
        $dice = new Randomizer(new Mt19937($seed));
        $paints = [];
        for ($i = 0; $i < $count; ++$i) {
            $behaviour = match (true) {
                $i % 8 === 0 => Behaviour::Wash,
                $i % 12 === 1 => Behaviour::Metallic,
                $i % 16 === 2 => Behaviour::Ink,
                default => Behaviour::Opaque,
            };
            $lightness = [0.2, 0.32, 0.45, 0.58, 0.7, 0.82, 0.94][$i % 7] + $dice->getInt(-5, 5) / 100;
            $colour = new Oklch($lightness, $i % 5 === 0 ? 0.015 : $dice->getInt(3, 16) / 100, (float) $dice->getInt(0, 359));
            if ($behaviour === Behaviour::Metallic) {
                $colour = [new Oklch(0.62, 0.01, 240.0), new Oklch(0.6, 0.09, 80.0), new Oklch(0.45, 0.07, 55.0)][$i % 3];
            }
            $paints[] = new Paint('p'.$i, 'P'.$i, 'Made', $behaviour, Reflectance::fromSrgb($colour->onScreen()->toSrgb()), true, 10.0);
        }

        return $paints;
    }

    public static function ground(string $name): Surface
    {
        $flat = static fn (string $hex): Reflectance => Reflectance::fromSrgb(Srgb::fromHex($hex));

        return $name === 'sketch' ? new Surface($flat('#2a2a2b'), $flat('#8d8d8c'), $flat('#dededb'))
            : Surface::uniform($flat(self::GROUNDS[$name]));
    }

    /**
     * Every combination, or one in so many of them, spread by chance.
     *
     * @param list<string>|null $only names of shelves; null for all
     *
     * @return Generator<array{string, string, Brief, Level}> shelf, ground, brief, level
     */
    public static function briefs(int $oneIn = 1, int $seed = 1, ?array $only = null): Generator
    {
        $dice = new Randomizer(new Mt19937($seed));
        foreach (self::shelves() as $name => $shelf) {
            $palette = new Palette($shelf);
            foreach (self::WAYS as $way) {
                foreach (array_keys(self::GROUNDS) as $ground) {
                    foreach (self::AREAS as $i => $area) {
                        foreach (Level::cases() as $level) {
                            if ($dice->getInt(1, $oneIn) === 1 && ($only === null || in_array($name, $only, true))) {
                                yield [$name, $ground, self::brief($i, $way, $ground, $level, $shelf, $palette), $level];
                            }
                        }
                    }
                }
            }
        }
    }

    /** @param list<Paint> $shelf */
    public static function brief(int $i, Way $way, string $ground, Level $level, array $shelf, Palette $palette): Brief
    {
        [$name, $material, $relief, $hex, $cm2] = self::AREAS[$i];
        $keeps = $ground === 'sketch' && $i % 2 === 0 ? true : null;
        $area = new Area('a'.$i, $name, Material::from($material), Relief::from($relief), $cm2, 3, Weight::Supporting, keepsSketch: $keeps);

        return new Brief(
            $area,
            Srgb::fromHex($hex)->toOklch(),
            $way,
            self::ground($ground),
            $shelf,
            new LadderWish(finish: $level),
            new Equipment(true, true),
            palette: $palette,
        );
    }
}
