<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Closure;
use Illuminate\Http\JsonResponse;

/** An answer to a change that is worked out once it is kept and nobody waits for it any more, and anew where the same is asked again. */
final class LateAnswer extends JsonResponse
{
    /**
     * @param array<array-key, mixed> $outcome what the change came to, kept for whoever sends it again
     * @param Closure(array<array-key, mixed>): JsonResponse $made
     */
    public function __construct(public readonly array $outcome, private readonly Closure $made)
    {
        parent::__construct();
    }

    public function made(): JsonResponse
    {
        return ($this->made)($this->outcome);
    }
}
