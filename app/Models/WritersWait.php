<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;
use Throwable;

/** Another change was being written for longer than this one could wait; nothing of this one was kept. */
final class WritersWait extends RuntimeException
{
    public function __construct(?Throwable $why = null)
    {
        parent::__construct('Another change is being written just now. Nothing was changed: try again in a moment.', 0, $why);
    }
}
