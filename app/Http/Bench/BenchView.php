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
use App\Models\PotRow;
use App\Workshop\Bench\AtBench;
use App\Workshop\Bench\Care;
use App\Workshop\Bench\PotDesk;
use App\Workshop\Bench\SlipDesk;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\BenchStep;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Kalokroma\Bench\Spoken;
use Kalokroma\Caution\Tool;
use Kalokroma\Order\Task;
use Kalokroma\Record\Substance;

/** The Bench page: one figure, or all in a row. */
final readonly class BenchView
{
    /** After so many hours nobody asks any more whether the others are painted like this one. */
    private const FRESH_H = 3;

    private Company $company;

    /** @var array<string, PotRow> that stand ready, by the key of their mix */
    private array $pots;

    public function __construct(private Studio $studio, private BenchAsked $asked, private AtBench $bench)
    {
        $this->company = $bench->company;
        $this->pots = (new PotDesk($studio))->standing($bench->now);
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        return [
            ...$this->now(),
            'steps' => array_map($this->step(...), $this->bench->shown),
            'areas' => self::areas($this->company),
            'paints' => $this->studio->shelf->namesAtHand(),
            'slips' => self::slips($this->studio, [$this->company]),
            'pictures' => $this->pictures(),
        ];
    }

    /** @return array<string, mixed> what is otherwise than before: of all steps their order, of those that were touched how they stand */
    public function changed(Ticked $ticked): array
    {
        $shown = $this->bench->shown;
        $touched = array_filter($shown, static fn (BenchStep $s): bool => in_array((string) $s->ref(), $ticked->steps, true));
        $mixes = array_map(static fn (BenchStep $s): ?string => $s->outcome->step->load->mix?->key(), $touched);
        $alike = static fn (BenchStep $s): bool => in_array((string) $s->ref(), $ticked->steps, true)
            || ($s->outcome->step->load->mix !== null && in_array($s->outcome->step->load->mix->key(), $mixes, true));

        return [
            ...$this->now(),
            'order' => array_map(static fn (BenchStep $s): string => (string) $s->ref(), $shown),
            'steps' => array_map($this->stands(...), array_values(array_filter($shown, $alike))),
            'slips' => $ticked->slips ? self::slips($this->studio, [$this->company]) : null,
            'pictures' => $ticked->pictures ? $this->pictures() : null,
        ];
    }

    /** @return array<string, mixed> how things are, whatever was planned */
    private function now(): array
    {
        $company = $this->company;
        $bench = $this->bench;
        $minutes = array_map(static fn (Task $t): float => $t->work->handsOnMinutes, $bench->tasks());

        return [
            'company' => ['id' => $company->id, 'name' => $company->name, 'count' => $company->count],
            'figure' => $bench->figure,
            'level' => $this->asked->goal->value ?? '',
            'figures' => $bench->figures(),
            'next' => $bench->next === null ? null : (string) $bench->next->ref,
            'left_minutes' => (int) round(array_sum($minutes)),
            'drying' => DryingView::all(array_map(
                static fn (Entry|PassRow $e): array => [$company, $e, BenchDesk::after($e, $company, $bench->steps)],
                $bench->drying,
            ), $bench->now),
            'below' => array_map(static fn (string $id): array => [
                'step' => $id,
                'what' => DryingView::what($bench->wet[$id], $company),
                'until' => DryingView::until($bench->wet[$id]),
            ], array_keys($bench->wet)),
            'meanwhile' => $this->meanwhile(),
            'last' => $this->last(),
            'now' => $bench->now->toIso8601ZuluString(),
            'sitting' => $bench->sitting === null ? null : SittingView::under($bench->sittings, $bench->sitting),
            'care' => $this->care(),
            'stop' => $this->stop(),
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

    /** @return array<string, mixed> */
    private function step(BenchStep $step): array
    {
        return [
            ...StepView::of($step->outcome),
            'area_id' => $step->area?->id,
            'area' => $step->area->name ?? 'Whole figure',
            'as' => Substance::of($step->outcome->step)->row(),
            'spoken' => Spoken::of($step->outcome, $step->area->name ?? ''),
            ...$this->stands($step),
        ];
    }

    /** @return array<string, mixed> what of it is done, and what stands ready for it */
    private function stands(BenchStep $step): array
    {
        $planned = $step->outcome->step;
        $task = $this->bench->task($step);
        $left = $this->bench->left($step);
        $progress = $this->bench->progress;
        $figure = $this->bench->figure;
        $count = $this->company->count;

        return [
            'id' => (string) $step->ref(),
            'done' => $left === [],
            'left' => ['figures' => $task->figures, 'minutes' => (int) round($task->work->handsOnMinutes)],
            'painted_as' => $figure === null ? null : $progress->otherwise($step->ref(), $planned, $figure)?->words(),
            'done_figures' => array_values(
                array_filter($progress->figures($step->ref(), $planned), static fn (int $n): bool => $n <= $count),
            ),
            ...StepAtBench::of($this->studio, $this->company, $step, $left, $this->pots, $this->bench->now),
        ];
    }

    /** @return list<array{id: string, words: string, loaded: bool}> what can be painted now */
    private function meanwhile(): array
    {
        $names = $this->company->areas->keyBy('id');

        return array_map(static fn (array $each): array => [
            'id' => (string) $each['task']->ref,
            'words' => (
                $each['task']->ref->isOfFigure() ? 'Whole figure' : $names[$each['task']->ref->areaId()]->name ?? ''
            ).', '.$each['task']->step->technique->words(),
            'loaded' => $each['loaded'],
        ], $this->bench->meanwhile());
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
        $last = $this->bench->last();
        $isDifferent = $last instanceof Entry && $last->done_at->addHours(self::FRESH_H) > $this->bench->now
            && $last->step_key !== null && $last->area_id !== null && EntryDiffers::is($last);

        return $last === null ? null : [
            'id' => $last->id,
            'pass' => $last instanceof PassRow,
            'what' => DryingView::what($last, $this->company),
            'figures' => $last->figures,
            'different' => $isDifferent,
        ];
    }

    /** @return array<string, string>|null a level that every figure has reached, and nobody has looked over yet */
    private function stop(): ?array
    {
        $stop = $this->bench->stop();

        return $stop === null ? null : [
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

    /** @return array{rest_at: string|null, rest_due: bool, clean_at: string|null} breaks that eyes, back and airbrush want */
    private function care(): array
    {
        $care = new Care($this->studio->painter, $this->bench->sitting?->started_at, $this->bench->now);
        $at = static fn (?int $instant): ?string
            => $instant === null ? null : CarbonImmutable::createFromTimestampUTC($instant)->toIso8601ZuluString();

        return [
            'rest_at' => $at($care->rest()->due()),
            'rest_due' => $care->rest()->isDue(),
            'clean_at' => $at($care->cleaning($this->bench->nextStep()?->outcome->labour->tool === Tool::Airbrush)),
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
