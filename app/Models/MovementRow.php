<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Kalokroma\Shelf\Movement;

/**
 * One change of what is left of a paint. Never changed or erased.
 *
 * @property int $id
 * @property int $painter_id
 * @property int $paint_id
 * @property int|null $record_id entry of the ledger that used the paint
 * @property Movement $kind
 * @property float $ml added; negative for what went; for a count what was there
 * @property string $note
 * @property CarbonImmutable $at
 */
final class MovementRow extends Model
{
    use BelongsToPainter;

    protected $table = 'movements';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => Movement::class, 'ml' => 'float', 'at' => 'immutable_datetime'];
    }
}
