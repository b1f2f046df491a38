<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use RuntimeException;

/** Thrown within the planner where a sequence is only to be recalled, and nobody has searched for it yet. */
final class NothingStands extends RuntimeException
{
}
