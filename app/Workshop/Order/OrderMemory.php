<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Models\Company;
use App\Models\OrderRow;
use App\Models\Painter;
use Carbon\CarbonImmutable;
use Kalokroma\Order\Kept;
use Kalokroma\Order\OrderChange;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Search\Openings;

/** An order as it was planned last, and what the painter has put by hand: both are kept as instants, and told in minutes from now. */
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

    public function kept(bool $isFirstTry = false): Kept
    {
        $from = fn (int $instant): int => $instant - $this->from;
        $pins = array_map($from, $this->painter->pins ?? []);

        return new Kept(
            array_filter($pins, static fn (int $minute): bool => $minute >= 0),
            array_map($from, $this->last->starts ?? []),
            $isFirstTry,
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

        return OrderChange::since($starts, $this->last->end - $this->from, $order, $openings, $when(...))?->sentence() ?? '';
    }

    /** What was told before is no longer so. */
    public function forget(): void
    {
        $this->last?->update(['change' => '']);
    }

    /**
     * Keeps an order as the one that was planned last, where it differs from that.
     *
     * @param callable(int): string $when
     *
     * @return string what has changed, today or now; empty where nothing has
     */
    public function remember(RunningOrder $order, Openings $openings, callable $when): string
    {
        $change = $this->change($order, $openings, $when);
        $starts = [];
        foreach ($order->jobs as $ordered) {
            $starts[$ordered->job->id] = $this->from + $ordered->start;
        }
        if ($this->last !== null && $change === '') {
            $told = $this->last->updated_at->addHours(self::TOLD_HOURS)->isFuture() ? $this->last->change : '';
            if (array_keys($starts) !== array_keys($this->last->starts)) {
                $this->last->update(['starts' => $starts]);
            }

            return $told;
        }
        OrderRow::query()->upsert([[
            'painter_id' => $this->painter->id,
            'companies' => $this->companies,
            'starts' => json_encode((object) $starts, JSON_THROW_ON_ERROR),
            'end' => $this->from + $order->end,
            'change' => $change,
        ]], ['painter_id', 'companies'], ['starts', 'end', 'change', 'updated_at']);

        return $change;
    }
}
