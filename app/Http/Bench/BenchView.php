<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\BenchStep;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Order\Job\StillDrying;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Task;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Record\Progress;
use Kalokroma\Record\Substance;

/** The Bench page of one figure. */
final class BenchView
{
    /**
     * @param Level|null $goal up to which level of finish; null for all of it
     * @param RunningOrder|null $order that is followed; null for area by area, from inside out
     *
     * @return array<string, mixed> expects company.areas.recipe and company.records loaded
     */
    public static function of(
        BenchDesk $desk,
        Company $company,
        int $figure,
        CarbonImmutable $now,
        ?Level $goal = null,
        ?RunningOrder $order = null,
    ): array {
        if ($figure < 1 || $figure > $company->count) {
            throw new DomainException(sprintf('%s has figures 1 to %d: there is no figure %d.', $company->name, $company->count, $figure));
        }
        $progress = BenchDesk::progress($company);
        $steps = $desk->steps($company);
        $all = array_values(array_filter(
            $order === null ? $steps : BenchDesk::inOrder($steps, $company, $order, $progress),
            static fn (BenchStep $s): bool => $goal === null || $s->outcome->step->level()->isWithin($goal),
        ));
        $tasks = array_map(static fn (BenchStep $s): Task => BenchDesk::task($company, $s, $progress), $all);
        $views = array_map(
            static fn (int $i, BenchStep $s): array => self::step($s, $tasks[$i], $progress, $figure, $company->count),
            array_keys(self::ofFigure($all, $company, $figure)),
            self::ofFigure($all, $company, $figure),
        );
        $drying = BenchDesk::drying($company, $figure, $now);
        $open = array_values(array_filter($views, static fn (array $v): bool => $v['done'] === false));

        return [
            'company' => ['id' => $company->id, 'name' => $company->name, 'count' => $company->count],
            'figure' => $figure,
            'level' => $goal->value ?? '',
            'figures' => self::figures($all, $company, $progress),
            'steps' => $views,
            'next' => $open[0]['id'] ?? null,
            'left_minutes' => (int) round(array_sum(array_map(static fn (Task $t): float => $t->work->handsOnMinutes, $tasks))),
            'drying' => array_map(static fn (Entry $e): array => self::drying($e, $now), $drying),
            'below' => self::below($drying, $figure, $now, $all, $open),
            'areas' => self::areas($company),
            'paints' => $desk->paints(),
            'last' => self::last($company),
            'now' => $now->toIso8601ZuluString(),
        ];
    }

    /** @return list<array{id: int, name: string, planned: bool}> */
    private static function areas(Company $company): array
    {
        return array_values($company->areas->map(
            static fn (AreaRow $a): array => ['id' => $a->id, 'name' => $a->name, 'planned' => $a->recipe !== null],
        )->all());
    }

    /**
     * @param list<BenchStep> $steps
     *
     * @return array<int, BenchStep> by their place among all
     */
    private static function ofFigure(array $steps, Company $company, int $figure): array
    {
        return array_filter($steps, static fn (BenchStep $s): bool => $s->outcome->step->scope->who->includes($figure, $company->leaders));
    }

    /** @return array<string, mixed> */
    private static function step(BenchStep $step, Task $task, Progress $progress, int $figure, int $count): array
    {
        $planned = $step->outcome->step;

        return [
            ...StepView::of($step->outcome),
            'id' => $task->id(),
            'area_id' => $step->area?->id,
            'area' => $step->area->name ?? 'Whole figure',
            'done' => $progress->has($step->areaId(), $planned, $figure),
            'as' => Substance::of($planned)->row(),
            'left' => ['figures' => $task->figures, 'minutes' => (int) round($task->work->handsOnMinutes)],
            'painted_as' => $progress->otherwise($step->areaId(), $planned, $figure)?->words(),
            'done_figures' => array_values(
                array_filter($progress->figures($step->areaId(), $planned), static fn (int $n): bool => $n <= $count),
            ),
        ];
    }

    /**
     * @param list<BenchStep> $steps
     *
     * @return list<array{number: int, done: int, total: int}> how far each figure is
     */
    private static function figures(array $steps, Company $company, Progress $progress): array
    {
        $done = $total = array_fill(1, $company->count, 0);
        foreach ($steps as $step) {
            $planned = $step->outcome->step;
            $for = $planned->scope->who->figures($company->count, $company->leaders);
            foreach ($for as $n) {
                ++$total[$n];
            }
            foreach (array_intersect($for, $progress->figures($step->areaId(), $planned)) as $n) {
                ++$done[$n];
            }
        }

        return array_map(
            static fn (int $n): array => ['number' => $n, 'done' => $done[$n], 'total' => $total[$n]],
            range(1, $company->count),
        );
    }

    /**
     * What each open step would be laid on while it is wet, and what may be painted meanwhile.
     *
     * @param list<Entry> $drying what is dry first comes first
     * @param list<BenchStep> $all
     * @param list<array<string, mixed>> $open steps of the figure that are not done, in their order
     *
     * @return list<array<string, mixed>>
     */
    private static function below(array $drying, int $figure, CarbonImmutable $now, array $all, array $open): array
    {
        $wet = [];
        foreach ($all as $step) {
            foreach ($drying as $entry) {
                $its = $entry->drying();
                if ($its->isWet($now->getTimestamp()) && $its->isUnder($step->areaId(), $figure)) {
                    $wet[($step->areaId() ?? 'all').':'.$step->outcome->step->key] = $entry;
                }
            }
        }
        $free = array_values(array_filter($open, static fn (array $step): bool => !isset($wet[$step['id']])))[0] ?? null;

        return array_map(static fn (array $step): array => [
            'step' => $step['id'],
            'what' => mb_strtolower($wet[$step['id']]->area_name).', '.$wet[$step['id']]->stage->value,
            'until' => $wet[$step['id']]->dryAt()->toIso8601ZuluString(),
            'meanwhile' => $free === null ? null : ['id' => $free['id'], 'words' => $free['area'].', '.$free['technique']],
        ], array_values(array_filter($open, static fn (array $step): bool => isset($wet[$step['id']]))));
    }

    /** @return array<string, mixed> */
    private static function drying(Entry $entry, CarbonImmutable $now): array
    {
        $drying = $entry->drying();

        return [
            'id' => $entry->id,
            'then' => $drying->then?->words() ?? '',
            'latest' => $drying->latest === null ? null : CarbonImmutable::createFromTimestampUTC($drying->latest)->toIso8601ZuluString(),
            'urgent' => $drying->isUrgent($now->getTimestamp()),
            'blown' => StillDrying::mayBeBlown($entry->technique()),
            'area' => $entry->area_name,
            'stage' => $entry->stage->value,
            'since' => $entry->done_at->toIso8601ZuluString(), 'until' => $entry->dryAt()->toIso8601ZuluString(),
            'total_minutes' => $entry->dry_minutes,
        ];
    }

    /** @return array<string, mixed>|null the latest entry, which the bench can take back */
    private static function last(Company $company): ?array
    {
        $entry = $company->records->sortByDesc('id')->first();

        return $entry === null ? null : [
            'id' => $entry->id,
            'area' => $entry->area_name,
            'stage' => $entry->stage->value,
            'figures' => $entry->figures,
        ];
    }
}
