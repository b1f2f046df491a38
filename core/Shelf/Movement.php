<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** Why the amount of a paint changed. */
enum Movement: string
{
    /** What is there from now on, weighed or judged: sets the amount. */
    case Counted = 'counted';
    case Bought = 'bought';
    case Used = 'used';
    case PouredAway = 'poured-away';
    case TakenBack = 'taken-back';

    public function words(): string
    {
        return match ($this) {
            self::Counted => 'counted',
            self::Bought => 'bought',
            self::Used => 'used',
            self::PouredAway => 'poured away',
            self::TakenBack => 'taken back',
        };
    }

    /** Whether it adds to what is there. */
    public function brings(): bool
    {
        return $this === self::Bought || $this === self::TakenBack;
    }

    /** Whether it takes from what is there. */
    public function takes(): bool
    {
        return $this === self::Used || $this === self::PouredAway;
    }

    /** An amount as it is written down: negative for what goes. */
    public function signed(float $ml): float
    {
        return $this->takes() ? -abs($ml) : abs($ml);
    }

    /**
     * @param float $ml what is added, negative for what goes; for a count what is there
     *
     * @throws ShelfProblem
     */
    public function check(float $ml): void
    {
        $wrong = !is_finite($ml) || ($this->takes() ? $ml > 0 : $ml < 0);
        if ($wrong) {
            throw ShelfProblem::amountOfTheWrongSign($this->words(), $ml);
        }
    }
}
