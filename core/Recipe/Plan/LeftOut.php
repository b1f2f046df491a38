<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Word\Finding;

/** A stage that a recipe goes without, and why. */
final readonly class LeftOut
{
    public function __construct(public Stage $stage, public Finding $reason)
    {
    }
}
