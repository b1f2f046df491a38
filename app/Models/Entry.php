<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Kalokroma\Order\Job\StillDrying;
use Kalokroma\Order\SoFar;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Record\Occasion;
use Kalokroma\Record\Substance;

/**
 * One entry of the ledger: what was done at one go, on one or several figures.
 *
 * @property int $id
 * @property int $painter_id
 * @property int $company_id
 * @property int|null $area_id null for the whole figure, or an area removed since
 * @property string $area_name as it was called then
 * @property string|null $step_key null where it was not in the plan
 * @property Stage $stage
 * @property list<int> $figures numbers within the company
 * @property array<string, mixed>|null $planned
 * @property array<string, mixed> $real
 * @property string $note
 * @property CarbonImmutable $done_at never after the server's time when it was written down
 * @property CarbonImmutable|null $said_at the same by the clock of the painter's device
 * @property int $dry_minutes
 * @property CarbonImmutable|null $dried_at when it was found dry, where that was not waited for
 * @property CarbonImmutable|null $withdrawn_at
 * @property Occasion $kind
 * @property array{what?: string, step?: string|null, on?: int|null, mends?: int}|null $mishap what went wrong and where, or which entry
 *     a repair mends
 * @property CarbonImmutable|null $mended_at when what went wrong was put right
 * @property list<array<string, mixed>>|null $also what it counts as besides, since the plan of the other figures was changed
 * @property Company $company
 *
 * @phpstan-import-type SubstanceRow from Substance
 */
final class Entry extends Model
{
    use BelongsToPainter;
    use ReadsOnce;

    protected $table = 'records';

    protected $guarded = [];

    protected $attributes = [
        'kind' => 'work', 'planned' => null, 'said_at' => null, 'dried_at' => null, 'withdrawn_at' => null, 'mishap' => null,
        'mended_at' => null, 'also' => null,
    ];

    /** @return BelongsTo<Company, $this> */
    public function company(): BelongsTo
    {
        return $this->belongsTo(Company::class);
    }

    /** When it is dry: as it was found, or by the minutes that were usual when it was written down. */
    public function dryAt(): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampUTC($this->drying()->until);
    }

    public function drying(): StillDrying
    {
        return StillDrying::of(
            $this->area_id === null ? null : (string) $this->area_id,
            $this->figures,
            $this->done_at->getTimestamp(),
            $this->dry_minutes,
            $this->dried_at?->getTimestamp(),
            $this->technique(),
        );
    }

    /** What was done, as planned or as it was said outside the plan; null where nobody wrote it down, or nothing was painted there. */
    public function technique(): ?Technique
    {
        $said = $this->kind->isPainted() ? $this->real['technique'] ?? '' : '';

        return Technique::tryFrom($this->substance()->technique ?? (is_string($said) ? $said : ''));
    }

    /** What was planned for it then; null where it was not planned. */
    public function substance(): ?Substance
    {
        /** @var array{substance?: SubstanceRow, technique?: string, mix?: list<array{name: string, parts: int|null}>}|null $planned */
        $planned = $this->planned;
        if ($planned === null) {
            return null;
        }

        return isset($planned['substance'])
            ? Substance::fromRow($planned['substance'])
            : Substance::said($planned['technique'] ?? '', $planned['mix'] ?? []);
    }

    /** Minutes that it really took, or was to take where nobody said so. */
    public function tookMinutes(): int
    {
        $real = $this->real['minutes'] ?? null;
        $planned = $this->planned['minutes'] ?? null;

        return is_numeric($real) ? (int) $real : SoFar::planned(is_numeric($planned) ? (int) $planned : 0, count($this->figures));
    }

    /** @return list<Substance> what it counts as besides */
    public function counts(): array
    {
        /** @var list<SubstanceRow> $rows */
        $rows = $this->also ?? [];

        return array_map(Substance::fromRow(...), $rows);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'stage' => Stage::class,
            'figures' => 'array',
            'planned' => 'array',
            'real' => 'array',
            'done_at' => 'immutable_datetime',
            'said_at' => 'immutable_datetime',
            'withdrawn_at' => 'immutable_datetime',
            'dried_at' => 'immutable_datetime',
            'dry_minutes' => 'integer',
            'kind' => Occasion::class,
            'mishap' => 'array',
            'mended_at' => 'immutable_datetime',
            'also' => 'array',
        ];
    }
}
