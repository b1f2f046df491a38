<?php

declare(strict_types=1);

namespace App\Workshop\State;

use App\Models\RevisionRow;

/** Where something stands among its states. */
final readonly class HistoryMarks
{
    /**
     * @param string|null $undo what undoing takes back
     * @param string|null $redo what redoing brings again
     * @param list<RevisionRow> $asides what other windows changed on older states
     */
    public function __construct(public ?string $undo, public ?string $redo, public array $asides)
    {
    }
}
