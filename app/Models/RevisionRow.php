<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One state of a recipe or an undercoat, after one change.
 *
 * @property int $id
 * @property int|null $recipe_id
 * @property int|null $company_id where it is one of its undercoat
 * @property int $number rising; for one kept aside that of the state it was made from
 * @property bool $aside made in another window on a state that was no longer the newest
 * @property string $words what was changed
 * @property array<string, mixed> $state
 * @property CarbonImmutable $created_at
 */
final class RevisionRow extends Model
{
    use BelongsToPainter;
    use KeepsFractions;

    protected $table = 'revisions';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => 'array', 'aside' => 'boolean', 'number' => 'integer', 'created_at' => 'immutable_datetime'];
    }
}
