<?php

declare(strict_types=1);

namespace App\Http\Buy;

use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Buy\PriceDesk;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\FromOneSet;
use Kalokroma\Shelf\Paint;

/** Sets on the shelf and on sale, and how near each owned one comes to the colours of a company. */
final class SetsView
{
    /** @return array<string, mixed> */
    public static function of(Painter $painter, ShelfRows $shelf): array
    {
        $onShelf = [];
        foreach ($shelf->paints() as $paint) {
            $onShelf[$paint->line.'/'.$paint->name] = $paint->isAtHand();
        }
        $body = PriceDesk::row($painter)?->body;
        /** @var list<array{id: string, name: string, price: int, paints: list<string>}> $sold */
        $sold = $body['sets'] ?? [];
        /** @var array<string, array{name: string, line: string, colour: string}> $paints */
        $paints = array_column($body['paints'] ?? [], null, 'id');

        return [
            'owned' => array_map(static fn (string $name, array $set): array => [
                'name' => $name,
                'paints' => array_map(
                    static fn (Paint $p): array => [
                        'id' => (int) $p->id,
                        'name' => $p->name,
                        'hex' => $p->colour?->toHex(),
                        'at_hand' => $p->isAtHand(),
                    ],
                    $set,
                ),
            ], array_keys(self::sets($painter)), array_values(self::sets($painter))),
            'on_sale' => array_map(static fn (array $set): array => [
                'id' => $set['id'],
                'name' => $set['name'],
                'price' => $set['price'],
                'paints' => array_map(
                    static fn (string $id): array => [
                        'name' => $paints[$id]['name'],
                        'hex' => $paints[$id]['colour'],
                        'owned' => $onShelf[$paints[$id]['line'].'/'.$paints[$id]['name']] ?? false,
                    ],
                    $set['paints'],
                ),
            ], $sold),
            'currency' => $body['currency'] ?? '',
        ];
    }

    /** @return array<string, mixed> */
    public static function fit(Painter $painter, Company $company): array
    {
        $wanted = [];
        foreach ($company->areas as $area) {
            if ($area->hex !== null) {
                $wanted[] = [
                    'name' => $area->name,
                    'colour' => Srgb::fromHex($area->hex)->toLab(),
                    'share' => max(0.1, (float) $area->share),
                    'hex' => $area->hex,
                ];
            }
        }
        $fits = [];
        foreach (self::sets($painter) as $name => $paints) {
            $fit = FromOneSet::of($paints, $wanted);
            $fits[] = [
                'name' => $name,
                'apart' => is_finite($fit->apart) ? round($fit->apart, 1) : null,
                'missed' => $fit->missed,
                'colours' => array_map(static fn (array $c, array $w): array => [
                    'area' => $c['name'],
                    'wanted' => $w['hex'],
                    'look' => $c['nearest']?->mix->colour()->toHex(),
                    'mix_words' => $c['nearest']?->mix->words() ?? '',
                    'difference' => $c['nearest'] === null ? null : round($c['nearest']->difference, 1),
                    'words' => $c['nearest'] === null ? 'nothing of it covers' : DifferenceWords::between(
                        $w['colour'],
                        $c['nearest']->mix->lab(),
                    ),
                ], $fit->colours, $wanted),
            ];
        }
        usort($fits, static fn (array $a, array $b): int => ($a['apart'] ?? INF) <=> ($b['apart'] ?? INF) ?: $a['name'] <=> $b['name']);

        return ['company' => $company->name, 'fits' => $fits];
    }

    /** @return array<string, list<Paint>> */
    private static function sets(Painter $painter): array
    {
        $sets = [];
        foreach ($painter->paints()->where('set_name', '!=', '')->orderBy('id')->get() as $row) {
            $sets[$row->set_name][] = ShelfRows::toCore($row);
        }
        ksort($sets);

        return $sets;
    }
}
