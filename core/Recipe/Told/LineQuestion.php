<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Word\Finding;

/** What of a line may be meant otherwise: what is asked, and what it would be. */
final readonly class LineQuestion
{
    /** @param non-empty-list<array{words: string, line: string}> $choices what stands on a button, and what the line becomes by it */
    public function __construct(public Finding $asks, public array $choices)
    {
    }
}
