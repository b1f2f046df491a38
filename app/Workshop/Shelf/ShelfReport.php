<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

/** What a shelf file brings, line by line. */
final class ShelfReport
{
    /** @var list<array{line: int, name: string, outcome: string, why: string}> outcome taken, changed, same or skipped */
    public array $lines = [];

    /** @var list<string> paints of the shelf that the file does not name */
    public array $missing = [];

    /** @var list<string> washes and stains whose colour looks like the one in the bottle */
    public array $bottled = [];

    public function note(int $line, string $name, string $outcome, string $why): void
    {
        $this->lines[] = ['line' => $line, 'name' => $name, 'outcome' => $outcome, 'why' => $why];
    }

    public function count(string $outcome): int
    {
        return count(array_filter($this->lines, static fn (array $l): bool => $l['outcome'] === $outcome));
    }
}
