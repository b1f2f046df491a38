<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;
use Kalokroma\Film\Sheen;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;

/** The sample workshop as the core sees it: its shelf, and the areas of its figures with their colours. */
final class Lamplighter
{
    /** @var list<Paint>|null */
    private static ?array $shelf = null;

    /** @return list<Paint> */
    public static function shelf(): array
    {
        if (self::$shelf === null) {
            self::$shelf = [];
            foreach (self::workshop()['paints'] as $i => $p) {
                $finish = array_values(
                    array_filter(Sheen::cases(), static fn (Sheen $f): bool => str_contains(mb_strtolower($p['name']), $f->value)),
                )[0] ?? Sheen::Matt;
                self::$shelf[] = new Paint(
                    (string) ($i + 1),
                    $p['name'],
                    $p['line'],
                    Behaviour::from($p['behaviour']),
                    isset($p['colour']) ? Swatches::reflectance($p['colour']) : null,
                    $p['owned'] ?? true,
                    $p['left_ml'] ?? null,
                    sheen: $finish,
                );
            }
        }

        return self::$shelf;
    }

    /**
     * @param int $company 0 the lamplighters on foot, 1 the heron rider
     *
     * @return array<string, array{Area, string}> by name: the area and its colour as hex
     */
    public static function areas(int $company = 0): array
    {
        $given = self::workshop()['companies'][$company];
        $found = [];
        foreach ($given['areas'] as $i => $a) {
            $found[$a['name']] = [
                new Area(
                    (string) ($i + 1),
                    $a['name'],
                    Material::from($a['material']),
                    Relief::from($a['relief']),
                    $given['surface_cm2'] * $a['share'] / 100,
                    $a['depth'],
                    Weight::from($a['weight']),
                    $a['reachable'] ?? true,
                    $a['fragile'] ?? false,
                    $a['part'] ?? '',
                ),
                $a['colour'] ?? '#808080',
            ];
        }

        return $found;
    }

    /**
     * @return array{
     *   paints: list<array{name: string, line: string, behaviour: string, colour?: string, owned?: bool, left_ml?: float}>,
     *   companies: list<array{
 *     surface_cm2: float, areas: list<array{name: string, material: string, relief: string, share: float, depth: int, weight: string,
 *     colour?: string, reachable?: bool, fragile?: bool, part?: string}>}>,
     * }
     */
    private static function workshop(): array
    {
        static $read = null;

        return $read ??= json_decode(
            (string) file_get_contents(dirname(__DIR__, 2).'/database/demo/workshop.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
    }
}
