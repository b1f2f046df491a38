<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

/** A line as it was read. */
final readonly class ReadLine
{
    /**
     * @param non-empty-list<Said> $clauses
     * @param list<array{words: string, as: string}> $pieces all of the line from its first sign to its last,
         with what each piece was read
     *   as: `paint`, `how`, `where`, `note`, `unread`, or nothing
     * @param array<string, string> $mended words that were read as others, by what was said
     * @param string $rest what stands behind all that is read of a very long line
     */
    public function __construct(public array $clauses, public array $pieces, public string $rest = '', public array $mended = [])
    {
    }
}
