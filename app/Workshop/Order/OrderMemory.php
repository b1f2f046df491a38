<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Models\Company;
use App\Models\OrderRow;
use App\Models\Painter;
use Carbon\CarbonImmutable;
use Kalokroma\Order\OrderChange;
use Kalokroma\Order\PriorSchedule;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Search\Openings;

/**
 * An order as it was planned last, and what the painter has put by hand: both are kept as instants, and told in minutes from now.
 *
 * Starts are minutes since 1970, by the id of the job.
 *
 * @phpstan-type Shown array{starts: array<string, int>, end: int, change: string, whole: bool}
 */
final readonly class OrderMemory
{
    private const SECONDS = 60;

    /** Hours for which what has changed is told again. */
    private const TOLD_HOURS = 12;

    private string $companies;

    /** Minute since 1970 from which minutes are counted. */
    private int $from;

    private ?OrderRow $last;

    /** @param list<Company> $planned */
    public function __construct(private Painter $painter, array $planned, CarbonImmutable $start)
    {
        $this->companies = implode(',', array_map(static fn (Company $c): int => $c->id, $planned));
        $this->from = intdiv($start->getTimestamp(), self::SECONDS);
        $this->last = OrderRow::query()->where('painter_id', $painter->id)->where('companies', $this->companies)->first();
    }

    public function kept(bool $isFirstTry = false): PriorSchedule
    {
        $from = fn (int $instant): int => $instant - $this->from;
        $pins = array_map($from, $this->painter->pins ?? []);

        return new PriorSchedule(
            array_filter($pins, static fn (int $minute): bool => $minute >= 0),
            array_map($from, $this->last->starts ?? []),
            $isFirstTry,
            new SearchedOrders($this->name()),
            $this->from,
        );
    }

    /** Tells these companies of this painter from all others. */
    public function name(): string
    {
        return $this->painter->id.' '.$this->companies;
    }

    /** Minutes since 1970 of a minute from now. */
    public function instant(int $after): int
    {
        return $this->from + $after;
    }

    public function minute(CarbonImmutable $instant): int
    {
        return intdiv($instant->getTimestamp(), self::SECONDS) - $this->from;
    }

    /**
     * What is otherwise than in the order that was planned last; empty where nothing is.
     *
     * @param callable(int): string $when
     */
    public function change(RunningOrder $order, Openings $openings, callable $when): string
    {
        if ($this->last === null) {
            return '';
        }
        $starts = $this->kept()->starts;

        $end = $this->last->is_whole ? $this->last->end - $this->from : null;

        return OrderChange::since($starts, $end, $order, $openings, $when(...))?->sentence() ?? '';
    }

    /** What was told before is no longer so. */
    public function forget(): void
    {
        $this->last?->update(['change' => '']);
    }

    /**
     * An order as it is shown, to be kept once it was: {@see self::keep()}.
     *
     * @param callable(int): string $when
     *
     * @return Shown
     */
    public function shown(RunningOrder $order, Openings $openings, callable $when): array
    {
        $starts = [];
        foreach ($order->jobs as $ordered) {
            $starts[$ordered->job->id] = $this->from + $ordered->start;
        }

        return [
            'starts' => $starts,
            'end' => $this->from + $order->end,
            'change' => $this->change($order, $openings, $when),
            'whole' => $openings->windows !== null && $order->leftOver === [],
        ];
    }

    /**
     * Whether it differs from the one that was kept last.
     *
     * @param Shown $shown
     */
    public function isNew(array $shown): bool
    {
        return $this->last === null || $shown['change'] !== '' || array_keys($shown['starts']) !== array_keys($this->last->starts);
    }

    /**
     * What has changed, today or now; empty where nothing has.
     *
     * @param Shown $shown
     */
    public function told(array $shown): string
    {
        if ($this->last === null || $shown['change'] !== '') {
            return $shown['change'];
        }

        return $this->last->updated_at->addHours(self::TOLD_HOURS)->isFuture() ? $this->last->change : '';
    }

    /**
     * Keeps an order that was shown as the one that was planned last.
     *
     * @param Shown $shown
     */
    public function keep(array $shown): void
    {
        if ($this->last !== null && $shown['change'] === '') {
            $this->last->update(['starts' => $shown['starts'], 'is_whole' => $shown['whole']]);

            return;
        }
        OrderRow::query()->upsert([[
            'painter_id' => $this->painter->id,
            'companies' => $this->companies,
            'starts' => json_encode((object) $shown['starts'], JSON_THROW_ON_ERROR),
            'end' => $shown['end'],
            'change' => $shown['change'],
            'is_whole' => $shown['whole'],
        ]], ['painter_id', 'companies'], ['starts', 'end', 'change', 'is_whole', 'updated_at']);
    }
}
