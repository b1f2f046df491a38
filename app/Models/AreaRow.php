<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Shares;
use Kalokroma\Figure\Weight;

/**
 * @property int $id
 * @property int $painter_id
 * @property int $company_id
 * @property int $position
 * @property string $name
 * @property Material $material
 * @property Relief $relief
 * @property float $share percent of the figure's surface
 * @property int $depth 1 is innermost
 * @property Weight $weight
 * @property string|null $hex intended colour
 * @property list<int>|null $beside areas it lies beside
 * @property string $part painted apart with it; empty for the figure itself
 * @property bool $reachable by a brush when all is glued
 * @property bool $fragile sits on a weak joint
 * @property string $notes
 * @property list<array{paint: int, parts: int}>|null $mix the paints its colour was chosen as
 * @property bool $fixed kept whatever is proposed for the rest
 * @property Company $company
 * @property RecipeRow|null $recipe
 */
final class AreaRow extends Model
{
    use BelongsToPainter;

    protected $table = 'areas';

    protected $guarded = [];

    /** @return BelongsTo<Company, $this> */
    public function company(): BelongsTo
    {
        return $this->belongsTo(Company::class);
    }

    /** @return HasOne<RecipeRow, $this> */
    public function recipe(): HasOne
    {
        return $this->hasOne(RecipeRow::class, 'area_id');
    }

    /** The same area among those of its company, with all that the page of its recipe needs: the one way to load them. */
    public function among(): self
    {
        $company = Company::query()->with('areas.recipe', 'records')->findOrFail($this->company_id);
        /** @var self $area */
        $area = $company->areas->firstOrFail('id', $this->id);

        return $area->setRelation('company', $company);
    }

    public function toCore(Company $company): Area
    {
        return new Area(
            (string) $this->id,
            $this->name,
            $this->material,
            $this->relief,
            Shares::surfaceCm2($company->surface_cm2, $this->share),
            $this->depth,
            $this->weight,
            $this->reachable,
            $this->fragile,
            $this->part,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'material' => Material::class,
            'relief' => Relief::class,
            'weight' => Weight::class,
            'share' => 'float',
            'depth' => 'integer',
            'position' => 'integer',
            'beside' => 'array',
            'reachable' => 'boolean',
            'fragile' => 'boolean',
            'mix' => 'array',
            'fixed' => 'boolean',
        ];
    }
}
