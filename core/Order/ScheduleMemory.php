<?php

declare(strict_types=1);

namespace Kalokroma\Order;

/**
 * Sequences that were searched for, as long as nothing they hang on has changed: whoever looks again is shown the one that stands.
 *
 * @phpstan-type Searched array{sequence: list<int>, bound: int, proven: bool}
 */
interface ScheduleMemory
{
    /**
     * @param string $key a fingerprint of all that the search hangs on but the minute it is
     *
     * @return Searched|null numbers of the jobs in their order, and the minute since 1970 before which no order ends; null where nobody
     *   knows it
     */
    public function recall(string $key): ?array;

    /** @param Searched $found */
    public function remember(string $key, array $found): void;
}
