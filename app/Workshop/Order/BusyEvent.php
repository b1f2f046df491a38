<?php

declare(strict_types=1);

namespace App\Workshop\Order;

/** Something in a calendar, with all its times to come. */
final class BusyEvent
{
    /** @var list<array{int, int}> seconds since 1970 */
    public array $spans = [];

    public function __construct(public readonly string $key, public readonly string $name, public readonly bool $isWholeDay)
    {
    }

    public function add(int $begins, int $ends): void
    {
        $this->spans[] = [$begins, $ends];
        sort($this->spans);
    }
}
