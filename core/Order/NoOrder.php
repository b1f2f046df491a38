<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use RuntimeException;

/** Thrown within the planner where not all of the work fits as it was tried: something is to be left over, or to be let go. */
final class NoOrder extends RuntimeException
{
}
