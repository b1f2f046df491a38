<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Workshop\Derived;
use Kalokroma\Order\ScheduleMemory;

/** Sequences that were searched for, kept beside all else that is derived. */
final readonly class SearchedOrders implements ScheduleMemory
{
    private const WHAT = 'order-searched-';

    /** @param string $of whose orders these are */
    public function __construct(private string $of)
    {
    }

    public function recall(string $key): ?array
    {
        return Derived::get($this->key($key));
    }

    public function remember(string $key, array $found): void
    {
        Derived::put($this->key($key), $found);
    }

    private function key(string $key): string
    {
        return self::WHAT.Derived::fingerprint([$this->of, $key]);
    }
}
