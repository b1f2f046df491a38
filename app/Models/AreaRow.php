<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Query\Builder;
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
 * @property list<int>|null $alike areas it is meant to look like
 * @property list<int>|null $tinted areas that edges of two tints part it from
 * @property list<int>|null $lined areas that a dark line parts it from
 * @property string $part painted apart with it; empty for the figure itself
 * @property bool $reachable by a brush when all is glued
 * @property bool $fragile sits on a weak joint
 * @property bool|null $keeps_sketch whether a light sketch below it is to show; null where nobody said
 * @property string $notes
 * @property list<array{paint: int, parts: int}>|null $mix the paints its colour was chosen as
 * @property bool $fixed kept whatever is proposed for the rest
 * @property Company $company
 * @property RecipeRow|null $recipe
 */
final class AreaRow extends Model
{
    use BelongsToPainter;
    use ReadsOnce;

    protected $table = 'areas';

    /** @var Collection<int, self>|null read with it, itself among them */
    private ?Collection $siblings = null;

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

    /**
     * An area named in an address is read with its siblings at once, which every page of a recipe needs.
     *
     * @param mixed $value
     * @param string|null $field
     */
    public function resolveRouteBinding($value, $field = null): ?self
    {
        $siblings = self::query()->whereIn(
            'company_id',
            static fn (Builder $q) => $q->select('company_id')->from('areas')->where('id', $value),
        )->orderBy('position')->get();
        $found = $siblings->firstWhere('id', (int) $value);
        if ($found !== null) {
            $found->siblings = $siblings;
        }

        return $found;
    }

    /** The same area among those of its company, with all that the page of its recipe needs: the one way to load them. */
    public function among(): self
    {
        $company = Company::query()->with('records')->findOrFail($this->company_id);
        $areas = $this->siblings ?? $company->areas()->get();
        $this->siblings = null;
        $areas->load(['recipe' => static fn ($recipes) => $recipes->withExists('followers')]);
        $company->setRelation('areas', $areas);
        /** @var self $area */
        $area = $areas->firstOrFail('id', $this->id);

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
            $this->keeps_sketch,
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
            'alike' => 'array',
            'tinted' => 'array',
            'lined' => 'array',
            'reachable' => 'boolean',
            'fragile' => 'boolean',
            'keeps_sketch' => 'boolean',
            'mix' => 'array',
            'fixed' => 'boolean',
        ];
    }
}
