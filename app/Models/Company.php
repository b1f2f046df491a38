<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Order\WayOfWorking;

/**
 * @property int $id
 * @property int $painter_id
 * @property string $name
 * @property int $count figures painted alike
 * @property float $height_mm
 * @property float $surface_cm2 of one figure
 * @property string $notes
 * @property array<string, mixed>|null $undercoat as the workshop's UndercoatRows writes it
 * @property int $undercoat_version number of the state its undercoat stands at
 * @property int $undercoat_counter highest number a state of it ever had
 * @property int $leaders of them, which get more highlights
 * @property FigureKind $kind
 * @property array<string, string>|null $survey answers to questions of the survey that no area gives, by question
 * @property int|null $matches_id the company it is meant to match
 * @property WayOfWorking|null $way in which it is gone through; null for the usual one
 * @property int $priority 1 is painted before 2; 0 where it has no share in the evenings
 * @property bool $undercoat_stale whether its undercoat has to be advised again
 * @property PlateRow|null $plate
 * @property Collection<int, TrialRow> $trials
 * @property Collection<int, AreaRow> $areas
 * @property Collection<int, Entry> $records
 * @property Collection<int, PassRow> $passes
 * @property array<string, string>|null $looked_over levels that were reached and looked over, with their instants
 */
final class Company extends Model implements Remembering
{
    use BelongsToPainter;

    protected $guarded = [];

    protected $attributes = ['undercoat_stale' => true, 'undercoat_version' => 0, 'undercoat_counter' => 0, 'priority' => 0];

    /** @return HasMany<AreaRow, $this> */
    public function areas(): HasMany
    {
        return $this->hasMany(AreaRow::class)->orderBy('position');
    }

    /** @return HasMany<Entry, $this> */
    public function records(): HasMany
    {
        return $this->hasMany(Entry::class)->whereNull('withdrawn_at')->orderBy('done_at')->orderBy('id');
    }

    /** @return HasMany<PassRow, $this> */
    public function passes(): HasMany
    {
        return $this->hasMany(PassRow::class)->orderBy('id');
    }

    /** @return HasMany<RevisionRow, $this> of its undercoat */
    public function revisions(): HasMany
    {
        return $this->hasMany(RevisionRow::class)->orderBy('number');
    }

    public function standsAt(): int
    {
        return $this->undercoat_version;
    }

    public function highest(): int
    {
        return $this->undercoat_counter;
    }

    public function stand(int $at, int $highest): void
    {
        [$this->undercoat_version, $this->undercoat_counter] = [$at, $highest];
    }

    /** @return HasOne<PlateRow, $this> */
    public function plate(): HasOne
    {
        return $this->hasOne(PlateRow::class);
    }

    /** @return HasMany<TrialRow, $this> */
    public function trials(): HasMany
    {
        return $this->hasMany(TrialRow::class)->orderBy('id');
    }

    /**
     * Neighbours, each pair once, by ids of areas.
     *
     * @return list<array{0: string, 1: string}>
     */
    public function touching(): array
    {
        return $this->pairs(static fn (AreaRow $a): array => $a->beside ?? []);
    }

    /**
     * Areas that are meant alike, each pair once, by ids.
     *
     * @return list<array{0: string, 1: string}>
     */
    public function alike(): array
    {
        return $this->pairs(static fn (AreaRow $a): array => $a->alike ?? []);
    }

    /**
     * @param callable(AreaRow): list<int> $others
     *
     * @return list<array{0: string, 1: string}>
     */
    private function pairs(callable $others): array
    {
        $pairs = [];
        $known = array_flip($this->areas->modelKeys());
        foreach ($this->areas as $area) {
            foreach ($others($area) as $other) {
                if ($other !== $area->id && isset($known[$other])) {
                    $pair = [min($area->id, $other), max($area->id, $other)];
                    $pairs[implode('-', $pair)] = [(string) $pair[0], (string) $pair[1]];
                }
            }
        }

        return array_values($pairs);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'count' => 'integer',
            'leaders' => 'integer',
            'height_mm' => 'float',
            'surface_cm2' => 'float',
            'undercoat' => 'array',
            'survey' => 'array',
            'looked_over' => 'array',
            'kind' => FigureKind::class,
            'way' => WayOfWorking::class,
            'priority' => 'integer',
            'undercoat_stale' => 'boolean',
            'undercoat_version' => 'integer',
            'undercoat_counter' => 'integer',
        ];
    }
}
