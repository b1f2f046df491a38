<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Kalokroma\Order\Job\StillDrying;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Record\Substance;

/**
 * One coat, pass or round of a step that is not over yet. With the last one it becomes an entry of the ledger.
 *
 * @property int $id
 * @property int $painter_id
 * @property int $company_id
 * @property int|null $area_id null for the whole figure
 * @property string $step_key
 * @property list<int> $figures numbers within the company
 * @property int $number which of them it is, from 1: of a coat that is laid panel by panel one for each panel
 * @property int $panels that each coat of it is laid in
 * @property int $dry_minutes
 * @property CarbonImmutable $done_at
 * @property CarbonImmutable|null $dried_at when it was found dry, where that was not waited for
 * @property SubstanceRow|null $substance what the step was then; null where nobody wrote it down
 * @property array<int|string, float>|null $taken millilitres by the id of the paint, for all its figures
 * @property int|null $record_id the entry it became of its own, since the step was changed after it
 * @property int $after_record the newest entry of the ledger when it was written down: what came later
 *
 * @phpstan-import-type SubstanceRow from Substance
 */
final class PassRow extends Model
{
    use BelongsToPainter;
    use ReadsOnce;

    protected $table = 'passes';

    protected $guarded = [];

    protected $attributes = ['panels' => 1, 'dried_at' => null, 'substance' => null, 'taken' => null, 'record_id' => null];

    /** Whether it was laid as another step than the one that is planned now. */
    public function isOtherThan(PlannedStep $step): bool
    {
        return $this->substance !== null && !Substance::fromRow($this->substance)->isOf($step);
    }

    public function drying(): StillDrying
    {
        return StillDrying::of(
            $this->area_id === null ? null : (string) $this->area_id,
            $this->figures,
            $this->done_at->getTimestamp(),
            $this->dry_minutes,
            $this->dried_at?->getTimestamp(),
            null,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'figures' => 'array',
            'number' => 'integer',
            'panels' => 'integer',
            'dry_minutes' => 'integer',
            'after_record' => 'integer',
            'substance' => 'array',
            'taken' => 'array',
            'done_at' => 'immutable_datetime',
            'dried_at' => 'immutable_datetime',
        ];
    }
}
