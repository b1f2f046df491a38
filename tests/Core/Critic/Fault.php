<?php

declare(strict_types=1);

namespace Tests\Core\Critic;

/** What a painter would not follow in a finished recipe. */
final readonly class Fault
{
    /** @param string $rule its name, as {@see Critic} has it */
    public function __construct(public string $rule, public string $what)
    {
    }
}
