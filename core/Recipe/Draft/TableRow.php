<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** What is done in one slot of a draft, and why; or why nothing is. */
final readonly class TableRow
{
    /** @param Technique|null $technique null where it is left out */
    public function __construct(public Slot $slot, public ?Technique $technique, public Finding $reason)
    {
    }
}
