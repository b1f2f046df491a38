<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A mix that stands on the palette or in a jar.
 *
 * @property int $id
 * @property int $painter_id
 * @property list<array{paint: string, parts: int}> $mix
 * @property float $paint_ul undiluted paint in it, µl
 * @property float $thinner_ul
 * @property string $vessel
 * @property CarbonImmutable $mixed_at when it was mixed, or last made wetter or more
 * @property CarbonImmutable|null $gone_at when it was thrown away
 */
final class PotRow extends Model
{
    use BelongsToPainter;
    use ReadsOnce;

    protected $table = 'pots';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'mix' => 'array',
            'paint_ul' => 'float',
            'thinner_ul' => 'float',
            'mixed_at' => 'immutable_datetime',
            'gone_at' => 'immutable_datetime',
        ];
    }
}
