<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Caution\Tool;

/** The work of one step on one figure: how often, how long, with what in the hand. */
final readonly class Labour
{
    /**
     * @param int $coats as planned, or as the film model asks
     * @param int|null $computed coats the film model asks for; null where it does not count them or 12 do not hide
     * @param float $minutes hands-on, all coats and rounds
     * @param int $dryMinutes after each coat, at 20 °C and 50 % humidity
     * @param int $rounds of the loop it belongs to, 1 where there is none
     * @param float $loading of those minutes, what is spent once for a mix and sitting: mixing, loading, washing the brush
     */
    public function __construct(
        public int $coats,
        public ?int $computed,
        public float $minutes,
        public int $dryMinutes,
        public Tool $tool,
        public int $rounds = 1,
        public float $loading = 0.0,
    ) {
    }

    /** With one round more, whatever that round takes. */
    public function andRound(self $round, int $rounds): self
    {
        $minutes = $this->minutes + $round->minutes - $round->loading;

        return new self($round->coats, $round->computed, $minutes, $this->dryMinutes, $this->tool, $rounds, $this->loading);
    }

    public function withCoats(int $coats): self
    {
        return new self($coats, $this->computed, $this->minutes, $this->dryMinutes, $this->tool, $this->rounds, $this->loading);
    }

    /** Minutes on so many figures in one sitting: the mix is loaded once. */
    public function on(int $figures): float
    {
        return $figures === 0 ? 0.0 : $figures * ($this->minutes - $this->loading) + $this->loading;
    }

    /** Minutes as they are told: whole ones, at least one. */
    public function wholeMinutes(): int
    {
        return (int) max(1, round($this->minutes));
    }
}
