<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

/** The recipe of one area: its steps above the undercoat, in order, and the stages that were left out. */
final readonly class Plan
{
    /**
     * @param list<PlannedStep>                          $steps
     * @param list<array{stage: Stage, reason: Finding}> $leftOut
     */
    public function __construct(public array $steps, public array $leftOut)
    {
    }
}
