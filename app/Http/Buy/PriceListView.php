<?php

declare(strict_types=1);

namespace App\Http\Buy;

use App\Models\Painter;
use App\Workshop\Buy\PriceDesk;
use Carbon\CarbonImmutable;

final class PriceListView
{
    /**
     * @param string|null $problem why the shop could not be asked just now
     *
     * @return array<string, mixed>
     */
    public static function of(Painter $painter, ?string $problem, CarbonImmutable $now): array
    {
        $row = PriceDesk::row($painter);

        return [
            'shop' => $row?->body['shop'],
            'dated' => $row?->dated_on->format('Y-m-d'),
            'days_old' => $row === null ? null : (int) $row->dated_on->diffInDays($now->startOfDay()),
            'paints' => count((array) ($row->body['paints'] ?? [])),
            'sets' => count((array) ($row->body['sets'] ?? [])),
            'problem' => $problem,
        ];
    }
}
