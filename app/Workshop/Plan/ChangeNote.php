<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

/** What is told of a change of one part of a plan. */
final readonly class ChangeNote
{
    /**
     * @param string $words what was changed, for undoing
     * @param int|null $seen the version it was changed on; null for what stands
     * @param string|null $batch name of the action that it is a part of
     */
    public function __construct(public string $words, public ?int $seen = null, public ?string $batch = null)
    {
    }
}
