<?php

declare(strict_types=1);

namespace Kalokroma\Record;

/** One thing that was done to some figures of a company, as far as it was planned. */
final readonly class Done
{
    /**
     * @param string|null $area null for the whole figure
     * @param string $step key of the step it was planned as
     * @param list<int> $figures numbers within the company
     * @param Substance|null $as what was planned for it then; null where nobody wrote it down
     */
    public function __construct(public ?string $area, public string $step, public array $figures, public ?Substance $as)
    {
    }
}
