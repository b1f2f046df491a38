<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use Kalokroma\Recipe\Predict\StepOutcome;

/** One area of one side of a comparison. */
final readonly class ComparedArea
{
    /**
     * @param list<StepOutcome> $outcomes empty where there is nothing to lay
     * @param string|null $refused why there is nothing to lay
     */
    public function __construct(public AreaRow $area, public array $outcomes, public ?string $refused)
    {
    }
}
