<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Recipe\MendingView;
use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Models\PictureRow;
use App\Models\SittingRow;
use App\Workshop\Bench\Care;
use App\Workshop\Bench\PassDesk;
use App\Workshop\Bench\SittingDesk;
use App\Workshop\Bench\SlipDesk;
use App\Workshop\Order\OrderDesk;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\BenchStep;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Kalokroma\Bench\FigureNow;
use Kalokroma\Bench\Meanwhile;
use Kalokroma\Bench\StopPoint;
use Kalokroma\Caution\Tool;
use Kalokroma\Film\Surface;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Task;
use Kalokroma\Record\Progress;
use Kalokroma\Record\Substance;

/** The Bench page: one figure, or all in a row. */
final readonly class BenchView
{
    /** After so many hours nobody asks any more whether the others are painted like this one. */
    private const FRESH_H = 3;

    private BenchDesk $desk;
    private SittingDesk $sittings;
    private ?SittingRow $sitting;
    private Company $company;
    private Progress $progress;

    /** @var list<BenchStep> of the company, up to the level that is wanted, in the order they are done in */
    private array $steps;

    /** @var array<string, Task> with the figures that still lack the step, by its id */
    private array $tasks;

    /** @param RunningOrder|null $order that is followed; null for area by area, from inside out */
    public function __construct(
        private Studio $studio,
        private BenchAsked $asked,
        ?RunningOrder $order,
        private CarbonImmutable $now,
    ) {
        $this->desk = new BenchDesk($studio);
        $this->sittings = new SittingDesk($studio, $now);
        $this->sitting = $this->sittings->current();
        $this->company = $asked->company;
        $this->progress = BenchDesk::progress($this->company);
        $steps = $this->desk->steps($this->company);
        $steps = $order === null ? $steps : BenchDesk::inOrder($steps, $this->company, $order, $this->progress);
        $this->steps = array_values(array_filter(
            $steps,
            static fn (BenchStep $s): bool => $asked->goal === null || $s->outcome->step->level()->isWithin($asked->goal),
        ));
        $tasks = [];
        foreach ($this->steps as $step) {
            $task = BenchDesk::task($this->company, $step, $this->progress);
            $tasks[$task->id()] = $task;
        }
        $this->tasks = $tasks;
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        $company = $this->company;
        $shown = array_values(array_filter($this->steps, fn (BenchStep $s): bool => $this->asked->among(
            $s->outcome->step->scope->who->figures($company->count, $company->leaders),
        ) !== []));
        $open = array_values(array_filter($shown, fn (BenchStep $s): bool => $this->left($s) !== []));
        $drying = BenchDesk::drying($company, $this->asked->figure, $this->now);
        $wet = $this->wet($open, $drying);
        $next = $this->next($open, $wet);

        return [
            'company' => ['id' => $company->id, 'name' => $company->name, 'count' => $company->count],
            'figure' => $this->asked->figure,
            'level' => $this->asked->goal->value ?? '',
            'figures' => $this->figures(),
            'steps' => array_map($this->step(...), $shown),
            'next' => $next?->id(),
            'left_minutes' => (int) round(array_sum(array_map(static fn (Task $t): float => $t->work->handsOnMinutes, $this->tasks))),
            'drying' => DryingView::all(array_map(
                fn (Entry|PassRow $e): array => [$company, $e, BenchDesk::after($e, $company, $this->steps)],
                $drying,
            ), $this->now),
            'below' => array_map(static fn (string $id): array => [
                'step' => $id,
                'what' => DryingView::what($wet[$id], $company),
                'until' => DryingView::until($wet[$id]),
            ], array_keys($wet)),
            'meanwhile' => $this->meanwhile($open, $wet),
            'areas' => self::areas($company),
            'paints' => $this->desk->paints(),
            'last' => $this->last(),
            'now' => $this->now->toIso8601ZuluString(),
            'sitting' => $this->sitting === null ? null : SittingView::under($this->sittings, $this->sitting),
            'care' => $this->care($next),
            'stop' => $this->stop(),
            'slips' => self::slips($this->studio, [$company]),
            'pictures' => $this->pictures(),
            'tones' => $this->tones($next),
            'air' => $this->air(),
        ];
    }

    /**
     * What went wrong and is not mended yet, with what to do about it.
     *
     * @param iterable<Company> $companies with their records loaded
     *
     * @return list<array<string, mixed>>
     */
    public static function slips(Studio $studio, iterable $companies): array
    {
        $desk = new SlipDesk($studio);

        return array_map(static function (Entry $slip) use ($desk): array {
            $answer = $desk->answer($slip);

            return [
                'id' => $slip->id,
                'company_id' => $slip->company_id,
                'company' => $slip->company->name,
                'figures' => $slip->figures,
                'area' => $slip->area_name,
                'on' => $desk->where($slip),
                'what' => $slip->mishap['what'] ?? 'slip',
                'note' => $slip->note,
                'at' => $slip->done_at->toIso8601ZuluString(),
                'answer' => $answer === null ? null : MendingView::of($answer, [], null),
            ];
        }, SlipDesk::open($companies));
    }

    /** @return list<int> figures that are looked at and still lack it */
    private function left(BenchStep $step): array
    {
        return $this->asked->among($this->tasks[self::id($step)]->figures);
    }

    private static function id(BenchStep $step): string
    {
        return ($step->areaId() ?? 'all').':'.$step->outcome->step->key->value;
    }

    /**
     * The next step of the sitting that is under way, or the first that is open: what would be laid on what is wet waits.
     *
     * @param list<BenchStep> $open
     * @param array<string, Entry|PassRow> $wet what is wet below, by the id of the step
     */
    private function next(array $open, array $wet): ?Task
    {
        $ids = array_map(self::id(...), $open);
        $wanted = $this->ofSitting($ids);
        $wanted = $wanted === [] ? $ids : $wanted;
        $free = array_map(
            static fn (Task $t): string => $t->id(),
            Meanwhile::free(array_map(fn (string $id): Task => $this->tasks[$id], $ids), array_fill_keys(array_keys($wet), true)),
        );
        $next = array_values(array_intersect($wanted, $free))[0] ?? $wanted[0] ?? null;

        return $next === null ? null : $this->tasks[$next];
    }

    /**
     * Steps of the sitting that are still to be done here, in its order.
     *
     * @param list<string> $open ids of open steps
     *
     * @return list<string>
     */
    private function ofSitting(array $open): array
    {
        $found = [];
        foreach ($this->sitting?->started_at === null ? [] : $this->sittings->steps($this->sitting) as ['step' => $step, 'left' => $left]) {
            $id = ($step['area'] ?? 'all').':'.$step['key'];
            if ($step['company'] === $this->company->id && $this->asked->among($left) !== [] && in_array($id, $open, true)) {
                $found[] = $id;
            }
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private function step(BenchStep $step): array
    {
        $planned = $step->outcome->step;
        $task = $this->tasks[self::id($step)];
        $company = $this->company;
        $figure = $this->asked->figure;

        return [
            ...StepView::of($step->outcome),
            'id' => $task->id(),
            'area_id' => $step->area?->id,
            'area' => $step->area->name ?? 'Whole figure',
            'done' => $this->left($step) === [],
            'as' => Substance::of($planned)->row(),
            'left' => ['figures' => $task->figures, 'minutes' => (int) round($task->work->handsOnMinutes)],
            'painted_as' => $figure === null ? null : $this->progress->otherwise($step->areaId(), $planned, $figure)?->words(),
            'done_figures' => array_values(
                array_filter($this->progress->figures($step->areaId(), $planned), static fn (int $n): bool => $n <= $company->count),
            ),
            ...StepAtBench::of($this->studio, $company, $step, $this->left($step), $this->now),
        ];
    }

    /** @return list<array{number: int, done: int, total: int}> how far each figure is */
    private function figures(): array
    {
        $company = $this->company;
        $done = $total = array_fill(1, $company->count, 0);
        foreach ($this->steps as $step) {
            $planned = $step->outcome->step;
            $for = $planned->scope->who->figures($company->count, $company->leaders);
            foreach ($for as $n) {
                ++$total[$n];
            }
            foreach (array_intersect($for, $this->progress->figures($step->areaId(), $planned)) as $n) {
                ++$done[$n];
            }
        }

        return array_map(
            static fn (int $n): array => ['number' => $n, 'done' => $done[$n], 'total' => $total[$n]],
            range(1, $company->count),
        );
    }

    /**
     * Open steps that would be laid on what is wet.
     *
     * @param list<BenchStep> $open
     * @param list<Entry|PassRow> $drying what is dry first comes first
     *
     * @return array<string, Entry|PassRow> what is wet below, by the id of the step
     */
    private function wet(array $open, array $drying): array
    {
        $wet = [];
        foreach ($open as $step) {
            foreach ($drying as $entry) {
                $its = $entry->drying();
                $first = PassDesk::of($this->company, $step, $this->left($step))->figures[0] ?? 0;
                if ($its->isWet($this->now->getTimestamp()) && $its->isUnder($step->areaId(), $first)) {
                    $wet[self::id($step)] = $entry;
                }
            }
        }

        return $wet;
    }

    /**
     * @param list<BenchStep> $open
     * @param array<string, Entry|PassRow> $wet
     *
     * @return list<array{id: string, words: string, loaded: bool}> what can be painted now
     */
    private function meanwhile(array $open, array $wet): array
    {
        $tasks = array_map(fn (BenchStep $s): Task => $this->tasks[self::id($s)], $open);
        $last = $this->company->records->sortByDesc('id')->first();
        $loaded = null;
        foreach ($last?->step_key === null ? [] : $this->steps as $step) {
            $loaded = $step->area?->id === $last?->area_id && $step->outcome->step->key->value === $last?->step_key
                ? $this->tasks[self::id($step)] : $loaded;
        }
        $names = $this->company->areas->keyBy('id');
        $found = Meanwhile::of($tasks, array_fill_keys(array_keys($wet), true), $loaded);

        return array_map(static fn (array $each): array => [
            'id' => $each['task']->id(),
            'words' => (
                $each['task']->area === null ? 'Whole figure' : $names[(int) $each['task']->area]->name ?? ''
            ).', '.$each['task']->step->technique->words(),
            'loaded' => $each['loaded'],
        ], $found);
    }

    /** @return list<array{id: int, name: string, planned: bool}> */
    private static function areas(Company $company): array
    {
        return array_values($company->areas->map(
            static fn (AreaRow $a): array => ['id' => $a->id, 'name' => $a->name, 'planned' => $a->recipe !== null],
        )->all());
    }

    /** @return array<string, mixed>|null what was written down last, which the bench can take back */
    private function last(): ?array
    {
        $entry = $this->company->records->sortByDesc('id')->first();
        $pass = $this->company->passes->sortByDesc('id')->first();
        $last = $pass !== null && ($entry === null || $pass->created_at > $entry->created_at) ? $pass : $entry;
        $isDifferent = $last instanceof Entry && $last->done_at->addHours(self::FRESH_H) > $this->now && $last->step_key !== null
            && $last->area_id !== null && EntryDiffers::is($last);

        return $last === null ? null : [
            'id' => $last->id,
            'pass' => $last instanceof PassRow,
            'what' => DryingView::what($last, $this->company),
            'figures' => $last->figures,
            'different' => $isDifferent,
        ];
    }

    /** @return array<string, mixed>|null a level that every figure has reached, and nobody has looked over yet */
    private function stop(): ?array
    {
        $bare = array_values($this->company->areas->filter(static fn (AreaRow $a): bool => $a->recipe === null)
            ->map(static fn (AreaRow $a): string => mb_strtolower($a->name))->all());
        $tasks = array_map(
            fn (BenchStep $s): Task => BenchDesk::task($this->company, $s, $this->progress),
            $this->desk->steps($this->company),
        );
        $stop = StopPoint::of($tasks, $this->company->count, $bare);

        return $stop === null || isset($this->company->looked_over[$stop->level->value]) ? null : [
            'level' => $stop->level->value,
            'look' => $stop->look()->sentence(),
            'words' => $stop->words()->sentence(),
        ];
    }

    /** @return list<array<string, mixed>> the latest first */
    private function pictures(): array
    {
        $rows = PictureRow::query()->where('company_id', $this->company->id)->orderByDesc('id')
            ->get(['id', 'area_id', 'step_key', 'figure', 'of_light', 'width', 'height', 'taken_at']);

        return array_values($rows->map(static fn (PictureRow $p): array => [
            'id' => $p->id,
            'area_id' => $p->area_id,
            'step' => $p->step_key,
            'figure' => $p->figure,
            'of_light' => $p->of_light,
            'width' => $p->width,
            'height' => $p->height,
            'taken_at' => $p->taken_at->toIso8601ZuluString(),
        ])->all());
    }

    /** @return list<array{area: int, tones: array{recess: string, plane: string, ridge: string}}> how the figure in hand looks by now */
    private function tones(?Task $next): array
    {
        $figure = $this->asked->figure ?? $next->figures[0] ?? 1;
        $looks = FigureNow::of((new OrderDesk($this->studio, $this->now))->work($this->company), $figure);

        return array_map(
            static fn (int|string $area, Surface $look): array => ['area' => (int) $area, 'tones' => $look->hexes()],
            array_keys($looks),
            array_values($looks),
        );
    }

    /** @return array{rest_at: string|null, rest_due: bool, clean_at: string|null} breaks that eyes, back and airbrush want */
    private function care(?Task $next): array
    {
        $care = new Care($this->studio->painter, $this->sitting?->started_at, $this->now);
        $step = array_values(array_filter($this->steps, static fn (BenchStep $s): bool => self::id($s) === $next?->id()))[0] ?? null;
        $at = static fn (?int $instant): ?string
            => $instant === null ? null : CarbonImmutable::createFromTimestampUTC($instant)->toIso8601ZuluString();

        return [
            'rest_at' => $at($care->rest()->due()),
            'rest_due' => $care->rest()->isDue(),
            'clean_at' => $at($care->cleaning($step?->outcome->labour->tool === Tool::Airbrush)),
        ];
    }

    /** @return array{usual: bool, words: string} */
    private function air(): array
    {
        $air = OrderPlan::air($this->studio->painter);
        $in = $this->studio->painter->temperature;

        return ['usual' => $air === null, 'words' => sprintf('%s, %.0f %%', $in->words($air->celsius ?? 20.0), $air->humidity ?? 50.0)];
    }
}
