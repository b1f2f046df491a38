<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One state of a recipe, after one change.
 *
 * @property int $id
 * @property int $recipe_id
 * @property int $number rising; for one kept aside that of the state it was made from
 * @property bool $aside made in another window on a state that was no longer the newest
 * @property string $words what was changed
 * @property array{plan: array<string, mixed>, hex: string, way: string, options: array<string, mixed>|null} $state
 * @property CarbonImmutable $created_at
 */
final class RevisionRow extends Model
{
    use BelongsToPainter;
    use KeepsFractions;

    protected $table = 'recipe_revisions';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => 'array', 'aside' => 'boolean', 'number' => 'integer', 'created_at' => 'immutable_datetime'];
    }
}
