<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a mix was seen to come to.
 *
 * @property int $id
 * @property int $painter_id
 * @property list<array{paint: string, parts: int}> $mix
 * @property list<float> $seen L*, a*, b* when dry
 * @property float $certainty ± CIEDE2000 of what was seen
 * @property list<float> $predicted L*, a*, b*, as it was predicted then
 * @property string $how reader, picture or words
 * @property string $said in words, empty where it was read
 * @property string $place where it was asked, in words
 * @property CarbonImmutable $at
 */
final class LessonRow extends Model
{
    use BelongsToPainter;

    protected $table = 'lessons';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['mix' => 'array', 'seen' => 'array', 'predicted' => 'array', 'certainty' => 'float', 'at' => 'immutable_datetime'];
    }
}
