<?php

declare(strict_types=1);

namespace App\Workshop\Record;

use App\Models\AreaRow;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Record\Instant;
use Kalokroma\Record\Occasion;
use Kalokroma\Record\Substance;

/**
 * One thing that was done, as it is to be written down.
 *
 * @phpstan-import-type DidRow from Did
 */
final readonly class Doing
{
    /**
     * @param AreaRow|null $area null for the whole figure
     * @param string|null $step key of the planned step; null where it was not planned
     * @param list<int> $figures numbers within the company
     * @param DidRow $real
     * @param Substance|null $as what was planned when it was painted, where the plan may have changed since; null for as it is now
     * @param array{what?: string, step?: string|null, on?: int|null, mends?: int}|null $mishap what went wrong and where, or what is mended
     * @param float $share of all its coats that were laid just now, 0 < share ≤ 1: those before were written down as passes
     * @param array<int|string, float>|null $taken millilitres that came from the bottles, by the id of the paint, where that is known
     */
    public function __construct(
        public ?AreaRow $area,
        public ?string $step,
        public Stage $stage,
        public array $figures,
        public array $real,
        public string $note,
        public Instant $at,
        public ?Substance $as = null,
        public Occasion $kind = Occasion::Work,
        public ?array $mishap = null,
        public float $share = 1.0,
        public ?array $taken = null,
    ) {
    }

    /** @param list<int> $figures */
    public function on(array $figures): self
    {
        return new self(
            $this->area,
            $this->step,
            $this->stage,
            $figures,
            $this->real,
            $this->note,
            $this->at,
            $this->as,
            $this->kind,
            $this->mishap,
            $this->share,
            $this->taken,
        );
    }
}
