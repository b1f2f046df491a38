<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What was answered to a write, so that the same one, sent again, gets the same answer and changes nothing.
 *
 * @property int $id
 * @property int $painter_id
 * @property string $key as the browser made it
 * @property string $asked hash of what was asked for
 * @property int $status of the answer
 * @property array<array-key, mixed>|null $outcome what the change came to, where the answer is made from it again
 * @property string $body the answer, compressed; empty where it is made again
 * @property CarbonImmutable $created_at
 */
final class ReplyRow extends Model
{
    use BelongsToPainter;

    public const UPDATED_AT = null;

    protected $table = 'replies';

    protected $guarded = [];

    /** Lets go what is older than a year, of all painters. */
    public static function forget(CarbonImmutable $now): void
    {
        self::query()->withoutGlobalScope('painter')->where('created_at', '<', $now->subYear())->delete();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['status' => 'integer', 'outcome' => 'array', 'created_at' => 'immutable_datetime'];
    }
}
