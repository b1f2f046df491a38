<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The last good price list of a painter.
 *
 * @property int $id
 * @property int $painter_id
 * @property array<string, mixed> $body see docs/formats/price-list.schema.json
 * @property CarbonImmutable $dated_on
 * @property CarbonImmutable $fetched_at
 */
final class PriceListRow extends Model
{
    use BelongsToPainter;

    protected $table = 'price_lists';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['body' => 'array', 'dated_on' => 'immutable_date', 'fetched_at' => 'immutable_datetime'];
    }
}
