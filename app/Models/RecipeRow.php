<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Kalokroma\Recipe\Technique\Way;

/**
 * @property int $id
 * @property int $painter_id
 * @property int $area_id
 * @property string $drafted_colour the colour that was wanted then, #rrggbb
 * @property Way $way
 * @property array<string, mixed> $plan as the workshop's PlanMapper writes it
 * @property array{relief: string, material: string} $drafted_for what the area was like then
 * @property list<string> $strip predicted plane colours from the undercoat up, for small drawings
 * @property float|null $off of the planes from the colour where they are meant to be it, CIEDE2000; null where nothing is predicted
 * @property bool $stale whether strip and takes have to be worked out again
 * @property array<string, array{ml: float|null, off: float|null, paints: list<string>}>|null $takes what each step takes on one figure,
 *   how far its mix is off, and ids of
 *   its paints, by key
 * @property array<string, mixed>|null $options what was asked of the ladder, as the workshop's PlanMapper reads it
 * @property int $version number of the revision it stands at
 * @property int $counter highest number a revision of it ever had
 * @property int|null $follows_id recipe it is "as that one, except …"
 * @property string $follows_as `everything`, or `method` where colours are its own
 * @property array<string, mixed>|null $followed that recipe's plan when this one last followed it
 * @property list<string>|null $keys that its steps ever had
 * @property AreaRow $area
 */
final class RecipeRow extends Model implements Remembering
{
    use BelongsToPainter;
    use ReadsOnce;
    use KeepsFractions;

    protected $table = 'recipes';

    protected $guarded = [];

    public const EVERYTHING = 'everything';
    public const METHOD = 'method';

    protected $attributes = ['version' => 0, 'counter' => 0, 'stale' => true, 'keys' => null, 'follows_as' => 'everything'];

    /** @return BelongsTo<AreaRow, $this> */
    public function area(): BelongsTo
    {
        return $this->belongsTo(AreaRow::class, 'area_id');
    }

    /** @return HasMany<self, $this> recipes that are as this one, except … */
    public function followers(): HasMany
    {
        return $this->hasMany(self::class, 'follows_id');
    }

    /** Whether another may follow it: false only where it was read that none does. */
    public function mayBeFollowed(): bool
    {
        return (bool) ($this->getAttributes()['followers_exists'] ?? true);
    }

    /** @return HasMany<RevisionRow, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(RevisionRow::class, 'recipe_id')->orderBy('number');
    }

    public function standsAt(): int
    {
        return $this->version;
    }

    public function highest(): int
    {
        return $this->counter;
    }

    public function stand(int $at, int $highest): void
    {
        [$this->version, $this->counter] = [$at, $highest];
    }

    /** Remembers these keys of steps, which will not be given to others. */
    public function give(string ...$keys): void
    {
        $all = array_values(array_unique([...$this->keys ?? [], ...$keys]));
        if ($all !== $this->keys) {
            $this->keys = $all;
        }
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'way' => Way::class,
            'plan' => 'array',
            'strip' => 'array',
            'drafted_for' => 'array',
            'options' => 'array',
            'followed' => 'array',
            'version' => 'integer',
            'counter' => 'integer',
            'stale' => 'boolean',
            'takes' => 'array',
            'off' => 'float',
            'keys' => 'array',
        ];
    }
}
