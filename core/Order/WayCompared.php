<?php

declare(strict_types=1);

namespace Kalokroma\Order;

/** One way of working with the order it leads to. */
final readonly class WayCompared
{
    public function __construct(public WayOfWorking $way, public RunningOrder $order, public int $figures)
    {
    }

    public function words(): string
    {
        return $this->way->words($this->figures);
    }

    /** Minutes at the table: hands-on and waiting. */
    public function atTheTable(): int
    {
        return $this->order->handsOn() + $this->order->waiting();
    }
}
