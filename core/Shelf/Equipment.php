<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** What the painter owns besides paint, as far as it bounds what is proposed. */
final readonly class Equipment
{
    public function __construct(public bool $airbrush, public bool $sprayCans)
    {
    }
}
