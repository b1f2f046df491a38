<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

use Kalokroma\Word\Finding;

/** What a line on a shelf list leaves open: a sentence, and lines that settle it. */
final readonly class PotQuestion
{
    /** @param list<array{words: string, line: string}> $choices what stands on a button, and the line that it stands for; empty for none */
    public function __construct(public Finding $asks, public array $choices)
    {
    }
}
