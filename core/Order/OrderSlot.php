<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Word\Finding;

/** Where a job may be put, or why not. */
final readonly class OrderSlot
{
    /**
     * @param int $at minutes from now at which what comes before it has ended, or its sitting begins
     * @param string|null $before id of the job that would follow; null at the end of a sitting
     * @param string|null $after id of the job behind which it stands at the end of a sitting; null before another one
     * @param int|null $window in which it is; null without windows
     * @param int|null $start minutes from now at which it would begin there; null where it may not
     * @param Finding|null $why it may not; null where it may
     */
    public function __construct(
        public int $at,
        public ?string $before,
        public ?string $after,
        public ?int $window,
        public ?int $start,
        public ?Finding $why = null,
    ) {
    }
}
