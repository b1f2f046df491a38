<?php

declare(strict_types=1);

namespace Kalokroma\Order;

/** One way of working with what it comes to. */
final readonly class WayCompared
{
    /**
     * @param int $figures that are painted
     * @param int $atTheTable minutes of work and of waiting
     * @param int $washes how often paint or tool changes
     * @param int|null $sittings null without windows
     * @param int|null $lastWindow number of the last window that is needed; null without windows
     * @param RunningOrder|null $order null where only its figures are known
     * @param int $left minutes of what does not fit into the free hours
     */
    public function __construct(
        public WayOfWorking $way,
        public int $figures,
        public int $atTheTable,
        public int $washes,
        public ?int $sittings,
        public ?int $lastWindow,
        public ?RunningOrder $order = null,
        public int $left = 0,
    ) {
    }

    public static function of(WayOfWorking $way, int $figures, RunningOrder $order): self
    {
        return new self(
            $way,
            $figures,
            $order->handsOn() + $order->waiting(),
            $order->washes(),
            $order->sittings(),
            $order->lastWindow(),
            $order,
            $order->minutesLeft(),
        );
    }

    public function words(): string
    {
        return $this->way->words($this->figures);
    }
}
