<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One state of a recipe, an undercoat or what is done to a whole figure, after one change.
 *
 * @property int $id
 * @property int|null $recipe_id
 * @property int|null $company_id where it is one of the whole figure
 * @property string|null $part of the figure, see {@see FigurePart}
 * @property string|null $batch name of the action it was one of many changes of
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
