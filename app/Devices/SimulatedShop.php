<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;

/**
 * Stands in for a shop: invented ranges and sets that ship with the application, with prices that follow the date (a wave
 * over the weeks, and every week another few sets on offer). It can be made slow, down, or sent to garble its list.
 */
final readonly class SimulatedShop implements PriceList
{
    private const PATIENCE_SECONDS = 4;

    public function __construct(private string $mood = 'open')
    {
    }

    public function fetch(CarbonImmutable $day): string
    {
        if ($this->mood === 'down') {
            throw ShopUnreachable::down();
        }
        if ($this->mood === 'slow') {
            throw ShopUnreachable::tooSlow(self::PATIENCE_SECONDS);
        }
        $list = (string) file_get_contents(base_path('database/demo/ferry-shop.json'));
        if ($this->mood === 'garbled') {
            return substr($list, 0, intdiv(strlen($list), 3)).'€';
        }
        /** @var array{paints: list<array{id: string, price: int}>, sets: list<array{id: string, price: int}>} $read */
        $read = json_decode($list, true, 16, JSON_THROW_ON_ERROR);
        $week = intdiv((int) $day->startOfDay()->getTimestamp(), 7 * 86400);
        foreach (['paints', 'sets'] as $kind) {
            foreach ($read[$kind] as $i => $item) {
                $own = crc32($item['id']);
                $offer = $kind === 'sets' && ($own + $week) % 9 === 0 ? 0.85 : 1.0;
                $read[$kind][$i]['price'] = (int) round($item['price'] * (1 + 0.04 * sin($week / 5 + $own % 7)) * $offer);
            }
        }

        return json_encode(
            ['kind' => 'kalokroma.price-list', 'version' => 1, 'dated' => $day->format('Y-m-d')] + $read,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }
}
