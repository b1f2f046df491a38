<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

/** Steps that are gone through again until they are good enough: from a step up to the one that carries this. */
final readonly class Loop
{
    public const MOST_ROUNDS = 9;

    /**
     * @param string $from key of the first step of the loop; the carrying step itself for a loop of one
     * @param int $rounds 2..9, the usual number
     * @param string $exit how to tell that it is enough
     *
     * @throws RecipeProblem
     */
    public function __construct(public string $from, public int $rounds, public string $exit)
    {
        if ($rounds < 2 || $rounds > self::MOST_ROUNDS) {
            throw RecipeProblem::roundsOutOfRange($rounds);
        }
    }
}
