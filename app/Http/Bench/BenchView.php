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
            $order === null ? $steps : BenchDesk::inOrder($steps, $company, $order),
            static fn (BenchStep $s): bool => $goal === null || $s->outcome->step->level()->isWithin($goal),
        ));
        $tasks = array_map(static fn (BenchStep $s): Task => BenchDesk::task($company, $s, $progress), $all);
        $views = array_map(
            static fn (int $i, BenchStep $s): array => self::step($s, $tasks[$i], $progress, $figure, $company->count),
            array_keys(self::ofFigure($all, $company, $figure)),
            self::ofFigure($all, $company, $figure),
        );
        $open = array_values(array_filter($views, static fn (array $v): bool => $v['done'] === false));

        return [
            'company' => ['id' => $company->id, 'name' => $company->name, 'count' => $company->count],
            'figure' => $figure,
            'level' => $goal->value ?? '',
            'figures' => self::figures($all, $company, $progress),
            'steps' => $views,
            'next' => $open[0]['id'] ?? null,
            'left_minutes' => (int) round(array_sum(array_map(static fn (Task $t): float => $t->work->handsOnMinutes, $tasks))),
            'drying' => array_map(self::drying(...), BenchDesk::drying($company, $figure, $now)),
            'areas' => array_values(
                $company->areas->map(
                    static fn (AreaRow $a): array => ['id' => $a->id, 'name' => $a->name, 'planned' => $a->recipe !== null],
                )->all(),
            ),
            'paints' => $desk->paints(),
            'last' => self::last($company),
            'now' => $now->toIso8601ZuluString(),
        ];
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

    /** @return array{area: string, stage: string, since: string, until: string, total_minutes: int} */
    private static function drying(Entry $entry): array
    {
        return [
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
