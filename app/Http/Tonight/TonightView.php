<?php

declare(strict_types=1);

namespace App\Http\Tonight;

use App\Http\Bench\BenchView;
use App\Http\Bench\DryingView;
use App\Http\Bench\SittingView;
use App\Models\Company;
use App\Workshop\Bench\SittingDesk;
use App\Workshop\Bench\TonightDesk;
use App\Workshop\Studio;
use Kalokroma\Bench\FetchItem;
use Kalokroma\Bench\SittingStep;
use Kalokroma\Film\Surface;
use Kalokroma\Order\OrderedJob;
use Kalokroma\Order\Sheet;
use Kalokroma\Order\Task;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Ranges;

/** The page Tonight. */
final readonly class TonightView
{
    /** So many figures of a company are drawn one by one. */
    private const DRAWN = 12;

    /** A sitting that begins within so many minutes is begun now. */
    private const SOON = 20;

    public function __construct(private Studio $studio, private TonightDesk $desk)
    {
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        $sitting = $this->desk->sitting;
        $planned = $this->desk->sheet;

        return [
            'begun' => TonightDesk::isBegun($this->studio->painter->id),
            'now' => $this->desk->now->toIso8601ZuluString(),
            'sitting' => $sitting === null ? null : SittingView::under(
                new SittingDesk($this->studio, $this->desk->now),
                $sitting,
            ),
            'sheet' => $planned === null ? null : $this->sheet($planned),
            'drying' => DryingView::all(
                array_map(fn (array $each): array => [...$each, $this->desk->after(...$each)], $this->desk->drying()),
                $this->desk->now,
            ),
            'slips' => BenchView::slips($this->studio, $this->desk->companies),
            'companies' => array_values($this->desk->companies->map($this->company(...))->all()),
            'worth' => $this->worth(),
        ];
    }

    /** @return array<string, mixed> the next sitting */
    private function sheet(Sheet $sheet): array
    {
        $plan = $this->desk->plan;
        assert($plan !== null);
        $steps = SittingStep::of($sheet);
        $begins = $plan->at($sheet->start());
        $isNow = $begins <= $this->desk->now->addMinutes(self::SOON);
        $isToday = $plan->free === null || $begins->isSameDay($this->desk->now->setTimezone($begins->getTimezone()));

        return [
            'company_id' => $plan->company->id,
            'title' => SittingDesk::title($steps),
            'day' => $plan->free === null ? 'Whenever you sit down' : $begins->format('l j F, H:i'),
            'when' => $isNow ? 'now' : ($isToday ? 'today' : 'later'),
            'minutes_words' => Duration::words($sheet->minutes()),
            'milestones' => array_map(static fn (Level $l): string => $l->value, $this->desk->order === null
                ? [] : $sheet->milestones($this->desk->order)),
            'blocks' => array_map(static fn (OrderedJob $job): array => [
                'id' => $job->job->id,
                'what' => $job->job->area->name ?? 'Whole figure',
                'technique' => $job->job->planned()->technique->words(),
                'minutes' => $job->job->minutes,
                'hex' => $job->job->planned()->load->mix?->first()->colour === null
                    ? null : $job->job->planned()->load->mix->colour()->toHex(),
                'left' => round(100 * $sheet->at($job->start), 2),
                'wide' => round(100 * ($sheet->at($job->end()) - $sheet->at($job->start)), 2),
            ], $sheet->jobs),
            'gaps' => array_map(static fn (array $gap): array => [
                'left' => round(100 * $sheet->at($gap[0]), 2),
                'wide' => round(100 * ($sheet->at($gap[1]) - $sheet->at($gap[0])), 2),
                'words' => Duration::words($gap[1] - $gap[0]),
            ], $sheet->gaps()),
            'first' => $steps[0]->words(),
        ];
    }

    /** @return array<string, mixed> */
    private function company(Company $company): array
    {
        $next = $this->desk->next($company);
        $level = $this->desk->level($company);
        $looks = $this->desk->looks($company, self::DRAWN);

        return [
            'id' => $company->id,
            'name' => $company->name,
            'count' => $company->count,
            'planned' => $this->desk->isPlanned($company),
            'level' => $level->value ?? $this->desk->stage($company)->value ?? 'bare',
            'next' => $next === null ? '' : self::named($company, $next),
            'next_figures' => $next === null || count($next->figures) === $company->count ? '' : Ranges::words($next->figures),
            'figures' => array_map(static fn (int $number, array $look): array => [
                'number' => $number,
                'tones' => array_map(
                    static fn (int|string $area, Surface $surface): array => ['area' => (int) $area, 'tones' => $surface->hexes()],
                    array_keys($look),
                    array_values($look),
                ),
            ], array_keys($looks), array_values($looks)),
        ];
    }

    private static function named(Company $company, Task $task): string
    {
        $area = $task->ref->isOfFigure() ? null : $company->areas->firstWhere('id', $task->ref->areaId());

        return $task->step->technique->words().($area === null ? '' : ', '.mb_strtolower($area->name));
    }

    /** @return list<string> what is worth knowing before the next sitting: paints that run out in it */
    private function worth(): array
    {
        if ($this->desk->sheet === null) {
            return [];
        }
        $list = (new SittingDesk($this->studio, $this->desk->now))->listFor(SittingStep::of($this->desk->sheet));
        $short = array_filter($list->items, static fn (FetchItem $item): bool => $item->short !== '');

        return array_values(array_map(static fn (FetchItem $item): string => $item->words.': '.$item->short.'.', $short));
    }
}
