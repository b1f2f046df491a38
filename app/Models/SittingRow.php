<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One sitting at the bench: what is to be done in it, and how far it is. What was painted is in the ledger.
 *
 * @property int $id
 * @property int $painter_id
 * @property string $origin order, recipe or minutes
 * @property string $words what it is about
 * @property list<array{
 *   company: int, area: int|null, key: string, words: string, figures: list<int>, minutes: int, goes: int, label: string,
 *   panels?: int, on?: list<int>,
 * }> $steps in panels where a large figure is done so, and on which of them in this sitting
 * @property list<string> $fetched keys of the things that are on the table
 * @property CarbonImmutable $laid_out_at
 * @property CarbonImmutable|null $started_at null while things are being fetched
 * @property CarbonImmutable|null $ended_at
 */
final class SittingRow extends Model
{
    use BelongsToPainter;

    protected $table = 'sittings';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'steps' => 'array',
            'fetched' => 'array',
            'laid_out_at' => 'immutable_datetime',
            'started_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
        ];
    }
}
