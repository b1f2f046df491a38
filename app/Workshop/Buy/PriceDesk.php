<?php

declare(strict_types=1);

namespace App\Workshop\Buy;

use App\Devices\PriceList;
use App\Formats\CheckedJson;
use App\Models\Painter;
use App\Models\PriceListRow;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;

/**
 * The shop's list: fetched, checked, and kept as long as no better one comes.
 *
 * @phpstan-type OnSale array{id: string, name: string, line: string, behaviour: string, colour: string, ml: float, price: int}
 * @phpstan-type SetOnSale array{id: string, name: string, price: int, paints: list<string>}
 * @phpstan-type ListBody array{shop: string, currency: string, dated: string, paints: list<OnSale>, sets: list<SetOnSale>}
 */
final class PriceDesk
{
    /** @return string|null what went wrong, where the last good list stays; null where a new one came */
    public static function refresh(Painter $painter, PriceList $shop, CarbonImmutable $now): ?string
    {
        try {
            $body = CheckedJson::read($shop->fetch($now), 'price-list.schema.json');
        } catch (DomainException $problem) {
            $kept = self::row($painter);
            $why = str_starts_with(
                $problem->getMessage(),
                'The shop',
            ) ? $problem->getMessage() : 'The shop sent a list that cannot be read. '.$problem->getMessage();

            return $why.' '.(
                $kept === null
                ? 'There is no list yet: try again later.'
                : sprintf('The list of %s is kept.', $kept->dated_on->format('Y-m-d'))
            );
        }
        PriceListRow::query()->updateOrCreate(
            ['painter_id' => $painter->id],
            ['body' => $body, 'dated_on' => $body['dated'], 'fetched_at' => $now],
        );

        return null;
    }

    public static function row(Painter $painter): ?PriceListRow
    {
        return PriceListRow::query()->where('painter_id', $painter->id)->first();
    }

    /** @return ListBody the shop's, or the painter's own prices where there is none */
    public static function body(Painter $painter): array
    {
        /** @var ListBody|null $body */
        $body = self::row($painter)?->body;

        return $body ?? OwnPrices::of($painter)->body;
    }

    /** @param OnSale $paint */
    public static function toCore(array $paint): Paint
    {
        return new Paint(
            $paint['id'],
            $paint['name'],
            $paint['line'],
            Behaviour::from($paint['behaviour']),
            Reflectance::fromSrgb(Srgb::fromHex($paint['colour'])),
            false,
            (float) $paint['ml'],
        );
    }
}
