<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Order\WayOfWorking;
use Kalokroma\Recipe\Ladder\EdgeTints;

/**
 * @property int $id
 * @property int $painter_id
 * @property string $name
 * @property int $count figures painted alike
 * @property bool $fieldable_first whether all are brought to fieldable before any is finished
 * @property float $height_mm
 * @property float $surface_cm2 of one figure
 * @property string $notes
 * @property array<string, mixed>|null $undercoat as the workshop's UndercoatMapper writes it
 * @property array<string, mixed>|null $whole what is done to the whole figure at once, as the workshop's WholeMapper writes it
 * @property int $whole_version number of the state those steps stand at
 * @property int $whole_counter highest number a state of them ever had
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
final class Company extends Model
{
    use BelongsToPainter;
    use ReadsOnce;

    protected $guarded = [];

    protected $attributes = [
        'undercoat_stale' => true, 'undercoat_version' => 0, 'undercoat_counter' => 0, 'whole' => null, 'whole_version' => 0,
        'whole_counter' => 0, 'priority' => 0,
    ];

    /** @var array{array<string, mixed>|null, string}|null what is written down, and the advice that stands in the row in its place */
    private ?array $advised = null;

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

    /**
     * Takes an undercoat that is only advised, or a reason for the one that stands, into the row in hand: no save of the row writes it
     * down.
     *
     * @param array<string, mixed> $row
     */
    public function advise(array $row): void
    {
        $before = $this->isOnlyAdvised() ? $this->advised[0] ?? null : $this->undercoat;
        $this->undercoat = $row;
        $this->undercoat_stale = false;
        $this->syncOriginalAttributes(['undercoat', 'undercoat_stale']);
        $this->advised = [$before, (string) $this->getAttributes()['undercoat']];
    }

    /** Whether its undercoat is as advised, and not as it is written down. */
    public function isOnlyAdvised(): bool
    {
        return $this->advised !== null && ($this->getAttributes()['undercoat'] ?? null) === $this->advised[1];
    }

    /** @return array<string, mixed>|null the undercoat that is written down */
    public function keptUndercoat(): ?array
    {
        return $this->isOnlyAdvised() ? $this->advised[0] ?? null : $this->undercoat;
    }

    /**
     * Writes this undercoat down, whatever stood in the row in hand.
     *
     * @param array<string, mixed> $row
     */
    public function keep(array $row): void
    {
        $this->undercoat = $row;
        $this->undercoat_stale = false;
        unset($this->original['undercoat'], $this->original['undercoat_stale']);
        $this->save();
        $this->advised = null;
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
     * Areas whose edges are to lean to two sides, each pair once, by ids.
     *
     * @return list<array{0: string, 1: string}>
     */
    public function tinted(): array
    {
        return $this->pairs(static fn (AreaRow $a): array => $a->tinted ?? []);
    }

    /**
     * Areas that a dark line is to part, each pair once, by ids.
     *
     * @return list<array{0: string, 1: string}>
     */
    public function lined(): array
    {
        return $this->pairs(static fn (AreaRow $a): array => $a->lined ?? []);
    }

    /**
     * Which of its areas have tinted edges, by the colours they have now.
     *
     * @param list<array{0: string, 1: string}> $more pairs beside those that were chosen, by ids
     */
    public function edgeTints(array $more = []): EdgeTints
    {
        return EdgeTints::of(array_values($this->areas->filter(static fn (AreaRow $a): bool => $a->hex !== null)->map(
            fn (AreaRow $a): array => [$a->toCore($this), Srgb::fromHex((string) $a->hex)->toLab()],
        )->all()), [...$this->tinted(), ...$more]);
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
            'fieldable_first' => 'boolean',
            'leaders' => 'integer',
            'height_mm' => 'float',
            'surface_cm2' => 'float',
            'undercoat' => 'array',
            'whole' => 'array',
            'whole_version' => 'integer',
            'whole_counter' => 'integer',
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
