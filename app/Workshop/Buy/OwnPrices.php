<?php

declare(strict_types=1);

namespace App\Workshop\Buy;

use App\Models\Painter;
use App\Models\PaintRow;

/**
 * Where no shop has sent a list, what the painter wrote down of prices stands in for one: every paint of the shelf as it could be bought
 * again. One without a price is taken to cost as much as the others on average, and named.
 *
 * @phpstan-import-type ListBody from PriceDesk
 */
final readonly class OwnPrices
{
    private const USUAL_ML = 15.0;

    /**
     * @param ListBody $body
     * @param list<string> $unpriced names of paints without a price of their own
     */
    private function __construct(public array $body, public array $unpriced)
    {
    }

    public static function of(Painter $painter): self
    {
        $rows = PaintRow::query()->where('painter_id', $painter->id)->whereNotNull('hex')->orderBy('id')->get();
        $priced = $rows->whereNotNull('price_minor');
        $usual = $priced->isEmpty() ? 0 : (int) round((float) $priced->avg('price_minor'));
        $currency = $priced->countBy('currency')->sortDesc()->keys()->first();

        return new self([
            'shop' => 'your own shelf',
            'currency' => is_string($currency) ? $currency : '',
            'dated' => '',
            'paints' => array_values($rows->map(static fn (PaintRow $p): array => [
                'id' => 'own-'.$p->id,
                'name' => $p->name,
                'line' => $p->line,
                'behaviour' => $p->behaviour->value,
                'colour' => (string) $p->hex,
                'ml' => $p->bottle_ml ?? self::USUAL_ML,
                'price' => $p->price_minor ?? $usual,
            ])->all()),
            'sets' => [],
        ], array_values($rows->whereNull('price_minor')->map(static fn (PaintRow $p): string => $p->name)->all()));
    }
}
