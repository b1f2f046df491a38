<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\Company;
use App\Models\Entry;
use App\Models\Painter;
use App\Models\PassRow;
use App\Models\PotRow;
use App\Models\SittingRow;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\Did;
use App\Workshop\Record\Doing;
use App\Workshop\Record\Recording;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Kalokroma\Bench\SittingStep;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Record\Instant;
use Kalokroma\Record\Occasion;

/**
 * Puts the sample workshop in the middle of an evening: a sitting that began an hour ago, with what was painted in it still wet.
 *
 * @phpstan-import-type DidRow from Did
 *
 * @phpstan-type GivenRecord array{
 *   ago: int, area: string, step?: string, stage: string, figures: list<int>, kind?: string, note?: string, real?: array<string, mixed>,
 *   mishap?: array{what: string, step: string, on: string},
 * }
 * @phpstan-type GivenEvening array{
 *   company: string, laid_out: int, begun: int, free_until: int, fetched: list<string>, records: list<GivenRecord>,
 * }
 */
final readonly class SampleEvening
{
    private const STALE_H = 6;

    /** @param GivenEvening $given minutes before and after now */
    public function __construct(private Painter $painter, private array $given, private CarbonImmutable $now)
    {
    }

    /** Begins it; where it was begun on another day and nobody painted since, it is brought to now. */
    public function begin(): void
    {
        $sitting = SittingRow::query()->where('painter_id', $this->painter->id)->orderBy('id')->first();
        if ($sitting === null) {
            $this->paint();
        } elseif ($sitting->laid_out_at->addHours(self::STALE_H) < $this->now && $this->isUntouched($sitting)) {
            $this->move($sitting);
        }
        $this->sitsTonight();
    }

    private function paint(): void
    {
        $studio = new Studio($this->painter);
        $company = Company::query()->where('painter_id', $this->painter->id)->where('name', $this->given['company'])
            ->with('areas.recipe', 'records')->firstOrFail();
        $done = [];
        foreach ($this->given['records'] as $record) {
            $step = $this->record($studio, $company, $record);
            $isTonight = $step !== null && $record['ago'] <= $this->given['laid_out'];
            $done = $isTonight ? [...$done, $step] : $done;
        }
        $this->sitsTonight();
        $desk = new SittingDesk(new Studio($this->painter->refresh()), $this->now);
        $desk->layOut('order', $company->refresh(), null, 0)->update([
            ...$desk->before($done),
            'fetched' => $this->given['fetched'],
            'laid_out_at' => $this->ago($this->given['laid_out']),
            'started_at' => $this->ago($this->given['begun']),
        ]);
    }

    /** @param GivenRecord $given */
    private function record(Studio $studio, Company $company, array $given): ?SittingStep
    {
        $area = $company->areas->firstWhere('name', $given['area']);
        $step = isset($given['step']) ? (new BenchDesk($studio))->find($company, $area, $given['step']) : null;
        $planned = $step === null ? Did::NOTHING : array_intersect_key(Did::planned($step->outcome), Did::NOTHING);
        /** @var DidRow $real */
        $real = [...$planned, ...$given['real'] ?? []];
        $at = $this->ago($given['ago'])->getTimestamp();
        $mishap = $given['mishap'] ?? null;
        (new Recording($studio))->write($company, new Doing(
            $area,
            $given['step'] ?? null,
            Stage::from($given['stage']),
            $given['figures'],
            $real,
            $given['note'] ?? '',
            Instant::of($at, $this->now->getTimestamp()),
            kind: Occasion::from($given['kind'] ?? Occasion::Work->value),
            mishap: $mishap === null ? null : [...$mishap, 'on' => $company->areas->firstWhere('name', $mishap['on'])?->id],
        ));

        return $step === null ? null : new SittingStep(
            (string) $company->id,
            $step->ref(),
            $step->outcome,
            $given['figures'],
            (int) ($real['minutes'] ?? 1),
            $step->outcome->labour->coats,
            $given['area'],
        );
    }

    /** Whether nothing was written down in the sample since the evening was put there. */
    private function isUntouched(SittingRow $sitting): bool
    {
        return $sitting->updated_at?->equalTo($sitting->created_at) !== false
            && !PassRow::query()->where('painter_id', $this->painter->id)->exists()
            && !Entry::query()->where('painter_id', $this->painter->id)->where('created_at', '>', $sitting->created_at)->exists();
    }

    /** Everything of the evening as much later as it is later now. */
    private function move(SittingRow $sitting): void
    {
        $by = (int) $sitting->laid_out_at->diffInSeconds($this->ago($this->given['laid_out']));
        $first = $this->ago((int) max(array_column($this->given['records'], 'ago')))->subSeconds($by + 1);
        foreach (Entry::query()->where('painter_id', $this->painter->id)->where('done_at', '>=', $first)->get() as $entry) {
            $entry->timestamps = false;
            $entry->update(['done_at' => $entry->done_at->addSeconds($by)]);
        }
        foreach (PotRow::query()->where('painter_id', $this->painter->id)->get() as $pot) {
            $pot->update(['mixed_at' => $pot->mixed_at->addSeconds($by)]);
        }
        $sitting->timestamps = false;
        $sitting->update([
            'laid_out_at' => $sitting->laid_out_at->addSeconds($by),
            'started_at' => $sitting->started_at?->addSeconds($by),
        ]);
    }

    /** The painter is free from when the sitting began, and for a while yet, past midnight too. */
    private function sitsTonight(): void
    {
        $free = $this->painter->free ?? [];
        $zone = OrderPlan::free($this->painter)->zone ?? null;
        if ($zone === null) {
            return;
        }
        $from = $this->ago($this->given['laid_out'])->setTimezone($zone);
        $to = $this->now->addMinutes($this->given['free_until'])->setTimezone($zone);
        $this->painter->update(['free' => [...$free, 'exceptions' => [
            ['date' => $from->format('Y-m-d'), 'free' => [['from' => $from->format('H:i'), 'to' => $to->format('H:i')]]],
        ]]]);
    }

    private function ago(int $minutes): CarbonImmutable
    {
        return $this->now->subMinutes($minutes);
    }
}
