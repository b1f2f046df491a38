<?php

declare(strict_types=1);

namespace App\Http\Order;

use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Order\OrderState;
use App\Workshop\Order\OrderTold;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Order\ColourQueue;
use Kalokroma\Order\Job\Job;
use Kalokroma\Order\LooksThen;
use Kalokroma\Order\OrderedJob;
use Kalokroma\Order\Rule\OrderTie;
use Kalokroma\Order\Rule\Rule;
use Kalokroma\Order\Rule\RuleBook;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Sheet;
use Kalokroma\Order\WayCompared;
use Kalokroma\Order\WayOfWorking;
use Kalokroma\Order\Ways;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Message;
use Kalokroma\Word\Ranges;

/** The Running order page. */
final class OrderView
{
    /**
     * @param bool $isFirstTry whether it is answered at once, where an order would have to be searched for
     * @param bool $isLook whether nothing was changed: then nothing is told of a try, and nothing kept
     *
     * @return array<string, mixed>
     */
    public static function of(OrderPlan $plan, Painter $painter, bool $isFirstTry = false, bool $isLook = false): array
    {
        $order = $problem = null;
        try {
            $order = $plan->order($isFirstTry);
        } catch (DomainException $refused) {
            $problem = $refused->getMessage();
        }
        $isTry = $isFirstTry && $order?->isTry === true;
        $way = OrderPlan::way($plan->company);

        return [
            'version' => OrderState::of($painter)->version(),
            'company' => ['id' => $plan->company->id, 'name' => $plan->company->name, 'count' => $plan->company->count],
            'companies' => array_map(static fn (Company $c): array => [
                'id' => $c->id,
                'name' => $c->name,
                'priority' => $c->priority,
            ], $plan->companies),
            'planned' => array_map(static fn (Company $c): string => $c->name, $plan->planned),
            'free' => $painter->free,
            'way' => $way->value,
            'ways' => array_map(static fn (WayOfWorking $each): array => [
                'way' => $each->value,
                'words' => $each->words($plan->company->count),
            ], Ways::for($plan->work())),
            'air' => self::air($painter),
            'fieldable_first' => $plan->company->fieldable_first,
            'rules' => self::rules($painter, $order),
            'undrafted' => self::undrafted($plan->company),
            'steps' => self::steps($order),
            'before' => array_map(
                static fn (array $two): array => ['first' => $two[0], 'then' => $two[1]],
                $painter->wishes['before'] ?? [],
            ),
            'problem' => $problem,
            'plan' => $order === null ? null : self::plan($plan, $order) + [
                'first_try' => $isTry,
                ...$isTry ? ['change' => $isLook ? '' : $plan->change($order), 'shown' => null] : $plan->looked($order),
                ...self::amiss($plan, $order),
            ],
            ...self::beside($plan, $painter, $order),
        ];
    }

    /** @return array<string, mixed> what is not as somebody wanted it */
    private static function amiss(OrderPlan $plan, RunningOrder $order): array
    {
        return [
            'let_go' => self::letGo($order),
            'left' => self::left($order),
            'late' => array_map(static fn (Finding $f): string => $f->sentence(), $order->late),
            'not_kept' => array_map(static fn (Finding $f): string => $f->sentence(), $plan->notKept($order)),
        ];
    }

    /** @return array<string, mixed> what is pinned, taken from a calendar, wanted from the shelf, and done */
    private static function beside(OrderPlan $plan, Painter $painter, ?RunningOrder $order): array
    {
        return [
            'pins' => array_map(
                static fn (string $job, int $at): array => ['job' => $job, 'at' => $at],
                array_map(strval(...), array_keys($painter->pins ?? [])),
                array_values($painter->pins ?? []),
            ),
            'busy' => $painter->busy['name'] ?? null,
            'pots' => array_map(static fn (Paint $p): array => [
                'id' => $p->id,
                'name' => $p->name,
                'hex' => $p->colour?->toHex(),
            ], $order === null ? [] : ColourQueue::paints($order)),
            'done' => DoneView::of($plan),
            'today' => DoneView::today($plan),
        ];
    }

    /** @return array{words: string, tasks: list<array{task: string, minutes: int, why: string}>}|null null where all fits */
    private static function left(RunningOrder $order): ?array
    {
        return $order->leftOver === [] ? null : [
            'words' => (new Finding(
                'order.left',
                'Left over: {n, plural, one {one task} other {# tasks}}, {minutes} of work.',
                ['n' => count($order->leftOver), 'minutes' => Duration::words($order->minutesLeft())],
            ))->sentence(),
            'tasks' => OrderTold::leftSteps($order),
        ];
    }

    private static function letGo(RunningOrder $order): string
    {
        $names = array_map(static fn (Job $job): string => lcfirst($job->words()), $order->letGo);

        return $names === [] ? '' : (new Finding('order.let-go', 'No longer possible where it was put, so let go: {names}.', [
            'names' => Message::listed($names),
        ]))->sentence();
    }

    /** @return array<string, mixed> */
    public static function way(OrderPlan $plan, WayCompared $compared): array
    {
        $order = $compared->order;
        $ready = $order?->allFieldable();

        return [
            'way' => $compared->way->value,
            'words' => $compared->words(),
            'at_the_table' => $compared->atTheTable,
            'brush_washes' => $compared->washes,
            'sittings' => $compared->sittings,
            'last_window' => $compared->lastWindow,
            'left_over' => $compared->left,
            'hands_on_words' => Duration::words($order?->handsOn() ?? 0),
            'waiting_words' => Duration::words($order?->waiting() ?? 0),
            'end_words' => $order === null ? '' : $plan->when($order->end),
            'first_fieldable_words' => $order?->firstFieldable() === null ? '' : $plan->when($order->firstFieldable()),
            'fieldable_words' => $ready === null ? '' : $plan->when($ready),
        ];
    }

    /** Areas that nothing is planned for yet, in a sentence; empty where there are none. */
    private static function undrafted(Company $company): string
    {
        $names = [];
        foreach ($company->areas as $area) {
            if ($area->recipe === null) {
                $names[] = mb_strtolower($area->name);
            }
        }

        return $names === [] ? '' : (new Finding(
            'order.undrafted',
            '{count, plural, one {One area has} other {# areas have}} no recipe yet, so that only the undercoat and what goes over '
                .'the whole figure is planned there: {names}.',
            ['count' => count($names), 'names' => Message::listed($names)],
        ))->sentence();
    }

    /** @return list<array{id: string, words: string}> what is still to be done, each step once */
    private static function steps(?RunningOrder $order): array
    {
        $found = [];
        foreach ($order->jobs ?? [] as $ordered) {
            $found[$ordered->job->step] ??= $ordered->job->stepWords();
        }

        return array_map(
            static fn (string $id, string $words): array => ['id' => $id, 'words' => $words],
            array_map(strval(...), array_keys($found)),
            array_values($found),
        );
    }

    /** @return array{usual: bool, words: string} */
    private static function air(Painter $painter): array
    {
        $air = OrderPlan::air($painter);

        return [
            'usual' => $air === null,
            'words' => sprintf('%s and %.0f %% humidity', $painter->temperature->words($air->celsius ?? 20.0), $air->humidity ?? 50.0),
        ];
    }

    /** @return array<string, mixed> what fits into so many minutes from now on */
    public static function now(OrderPlan $plan, int $minutes, ?Sheet $sheet): array
    {
        $jobs = $sheet->jobs ?? [];
        $what = array_map(static fn (OrderedJob $j): string => sprintf('%s (%d min)', lcfirst($j->job->words()), $j->job->minutes), $jobs);

        return [
            'minutes' => $minutes,
            'words' => (new Finding('order.now', $what === []
                ? 'Nothing of what comes next fits into {time}.'
                : 'In {time}: {what}. That takes {taken}, laying out included.', [
                'time' => Duration::words($minutes),
                'what' => Message::listed($what),
                'taken' => Duration::words($sheet?->end() ?? 0),
            ]))->sentence(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function rules(Painter $painter, ?RunningOrder $order): array
    {
        $aside = array_map(static fn (OrderTie $tie): string => $tie->rule->code ?? '', $order->setAside ?? []);

        return array_map(static fn (Rule $rule): array => [
            'code' => $rule->code,
            'words' => $rule->words,
            'why' => ucfirst($rule->why).'.',
            'hard' => $rule->isHard,
            'kept' => match (true) {
                in_array($rule->code, $painter->wishes['overruled'] ?? [], true) => 'overruled',
                in_array($rule->code, $painter->wishes['relaxed'] ?? [], true) => 'relaxed',
                default => 'kept',
            },
            'binds' => $order->ties[$rule->code] ?? 0,
            'contradicted' => in_array($rule->code, $aside, true),
        ], RuleBook::all());
    }

    /** @return array<string, mixed> */
    private static function plan(OrderPlan $plan, RunningOrder $order): array
    {
        $sheets = Sheet::of($order);

        return [
            'headline' => self::headline($plan, $order, count($sheets)),
            'summary' => self::summary($plan, $order),
            'proven' => $order->isProven,
            'sheets' => array_map(static fn (Sheet $sheet): array => self::sheet($plan, $order, $sheet), $sheets),
        ];
    }

    private static function headline(OrderPlan $plan, RunningOrder $order, int $sheets): string
    {
        $figures = $plan->company->count > 1 ? ', '.Counted::Figures->of($plan->company->count) : '';
        $who = count($plan->planned) > 1
            ? Message::listed(array_map(static fn (Company $c): string => $c->name, $plan->planned)) : $plan->company->name.$figures;

        if ($sheets === 0 && $order->leftOver !== []) {
            return 'No time to paint yet: '.$who;
        }

        return $sheets === 0 ? 'Nothing left to paint: '.$who : (new Finding(
            'order.headline',
            '{sheets, plural, one {One sitting} other {# sittings}}: {who}',
            ['sheets' => $sheets, 'who' => $who],
        ))->sentence();
    }

    private static function summary(OrderPlan $plan, RunningOrder $order): string
    {
        if ($order->jobs === []) {
            return $order->leftOver !== [] ? 'Nothing fits into your free hours.' : 'All that is planned is written down as done.';
        }
        $ready = $order->allFieldable();
        $parts = [
            $ready === null || $ready >= $order->end ? null : 'Fieldable '.$plan->when($ready),
            ($order->leftOver === [] ? 'finished ' : 'what fits is done ').$plan->when($order->end),
        ];
        $waiting = $order->waiting();

        return ucfirst(implode(', ', array_filter($parts))).'. '.Duration::words($order->handsOn()).' of work'
            .($waiting > 0 ? ', '.Duration::words($waiting).' of waiting at the table' : ', no waiting at the table').'. '
            .($order->leftOver !== [] ? '' : ($order->isProven ? 'No order ends earlier.' : sprintf(
                'At best it could end %s.',
                $plan->when($order->lowerBound),
            )));
    }

    /** @return array<string, mixed> */
    private static function sheet(OrderPlan $plan, RunningOrder $order, Sheet $sheet): array
    {
        $looks = LooksThen::by($plan->work(), $order, $sheet->end());
        $tones = [];
        foreach ($looks as $area => $surface) {
            $tones[] = ['area' => (int) $area, 'tones' => $surface->hexes()];
        }

        return [
            'number' => $sheet->number,
            'day' => $plan->free === null ? 'Sitting '.$sheet->number : self::at($plan, $sheet->start())->format('D j M'),
            'date' => $plan->free === null ? '' : self::at($plan, $sheet->start())->format('Y-m-d'),
            'now' => $sheet->start() <= 0 ? self::percent($sheet->at(0)) : null,
            'ticks' => self::ticks($plan, $sheet),
            'from' => self::clock($plan, $sheet->start()),
            'to' => self::clock($plan, $sheet->end()),
            'minutes' => $sheet->minutes(),
            'minutes_words' => Duration::words($sheet->minutes()),
            'waiting_words' => $sheet->waiting() > 0 ? Duration::words($sheet->waiting()) : '',
            'figures' => Counted::Figures->of($sheet->figures()),
            'milestones' => array_map(static fn (Level $l): string => 'all '.$l->value, $sheet->milestones($order)),
            'pots' => array_map(static fn (Paint $p): array => [
                'name' => $p->name,
                'hex' => $p->colour?->toHex(),
            ], $sheet->paints()),
            'tools' => $sheet->tools(),
            'tones' => $tones,
            'gaps' => array_map(static fn (array $gap): array => [
                'left' => self::percent($sheet->at($gap[0])),
                'wide' => self::percent($sheet->at($gap[1]) - $sheet->at($gap[0])),
                'words' => Duration::words($gap[1] - $gap[0]),
            ], $sheet->gaps()),
            'jobs' => array_map(
                static fn (OrderedJob $job, int $at): array => [
                    ...self::job($plan, $sheet, $job, $at + 1),
                    'pinned' => $order->isPinned($job),
                ],
                $sheet->jobs,
                array_keys($sheet->jobs),
            ),
        ];
    }

    /** @return list<array{left: float, words: string}> every quarter of an hour of a sitting */
    private static function ticks(OrderPlan $plan, Sheet $sheet): array
    {
        return array_map(static fn (int $at): array => [
            'left' => self::percent($sheet->at($sheet->start() + $at)),
            'words' => $plan->free === null ? '+'.$at : self::clock($plan, $sheet->start() + $at),
        ], $sheet->quarters());
    }

    /** @return array<string, mixed> */
    private static function job(OrderPlan $plan, Sheet $sheet, OrderedJob $ordered, int $number): array
    {
        $job = $ordered->job;
        $step = $job->planned();

        return [
            'id' => $job->id,
            'number' => $number,
            'company_id' => (int) $job->company->id,
            'area_id' => $job->area === null ? null : (int) $job->area->id,
            'key' => $step->key->value,
            'what' => $job->words(),
            'short' => $job->area->name ?? ucfirst($step->technique->words()),
            'paint' => $step->load->words(),
            'hex' => $step->load->mix?->first()->colour === null ? null : $step->load->mix->colour()->toHex(),
            'thin' => $step->load->mix === null ? '' : $step->load->thinWords(),
            'tool' => $job->outcome->labour->tool->words(),
            'figures' => $job->figures,
            'figures_words' => self::figures($job),
            'at' => self::clock($plan, $ordered->start),
            'left' => self::percent($sheet->at($ordered->start)),
            'wide' => self::percent($sheet->at($ordered->end()) - $sheet->at($ordered->start)),
            'dry_wide' => self::percent($sheet->at($ordered->dry()) - $sheet->at($ordered->end())),
            'dry_words' => $ordered->dry() > $sheet->end() && $job->drying->minutes > 0 ? self::dry($plan, $ordered->dry()) : '',
            'minutes' => $job->minutes,
            'set_up' => $ordered->setUp,
            'dries' => $job->drying->minutes,
            'begins' => $plan->instant($ordered->start),
            'dry_at' => $job->drying->minutes > 0 ? self::clock($plan, $ordered->dry()) : '',
            'latest_at' => $job->latest === null ? '' : self::clock($plan, $ordered->end() + $job->latest),
            'drying' => $job->drying->why->sentence(),
            // That nothing has to come before it need not be said beside every step.
            'why' => array_map(static fn (Finding $f): string => $f->sentence(), array_values(array_filter(
                $ordered->why,
                static fn (Finding $f): bool => $f->code !== 'order.free',
            ))),
        ];
    }

    private static function figures(Job $job): string
    {
        $of = $job->company->count;
        $done = count($job->figures);
        if ($of === 1) {
            return '';
        }

        return $done === $of ? 'all '.$of : ($done > 1 ? 'figures ' : 'figure ').Ranges::words($job->figures);
    }

    private static function dry(OrderPlan $plan, int $minute): string
    {
        return $plan->free === null ? self::clock($plan, $minute) : self::at($plan, $minute)->format('D H:i');
    }

    private static function percent(float $part): float
    {
        return round(100 * $part, 2);
    }

    private static function clock(OrderPlan $plan, int $minute): string
    {
        return $plan->free === null ? 'after '.Duration::words($minute) : self::at($plan, $minute)->format('H:i');
    }

    private static function at(OrderPlan $plan, int $minute): CarbonImmutable
    {
        return $plan->free?->at($plan->now, $minute) ?? $plan->now;
    }
}
