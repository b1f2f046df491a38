<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The running order of some companies as it was planned last.
 *
 * @property int $id
 * @property int $painter_id
 * @property string $companies their ids
 * @property array<string, int> $starts minutes since 1970, UTC, by id of the job
 * @property int $end minutes since 1970, UTC
 * @property string $change what was otherwise than in the order before; empty where nothing was
 * @property bool $is_whole whether it was planned in free hours and nothing was left over, so that its end can be compared
 * @property CarbonImmutable $updated_at
 */
final class OrderRow extends Model
{
    use BelongsToPainter;

    protected $table = 'orders';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_whole' => 'boolean', 'starts' => 'array', 'end' => 'integer', 'updated_at' => 'immutable_datetime'];
    }
}
