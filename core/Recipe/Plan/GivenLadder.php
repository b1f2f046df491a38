<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Colour\Oklch;
use Kalokroma\Shelf\Mix;

/** A ladder of mixes that the painter has worked out and takes over whole, from dark to light. */
final readonly class GivenLadder
{
    /** @param non-empty-list<Mix> $mixes from dark to light */
    private function __construct(public array $mixes, public int $middle)
    {
    }

    /**
     * @param non-empty-list<Mix> $mixes in any direction: they are turned so that the darkest stands first
     * @param int $middle place, from 0, of the colour of the area itself; held within the ladder
     */
    public static function of(array $mixes, int $middle): self
    {
        $last = count($mixes) - 1;
        $middle = max(0, min($last, $middle));

        return $mixes[0]->lab()->l <= $mixes[$last]->lab()->l
            ? new self($mixes, $middle)
            : new self(array_reverse($mixes), $last - $middle);
    }

    public function own(): Mix
    {
        return $this->mixes[$this->middle];
    }

    public function shades(): int
    {
        return min(LadderWish::MOST_STEPS, $this->middle);
    }

    public function highlights(): int
    {
        return min(LadderWish::MOST_STEPS, count($this->mixes) - 1 - $this->middle);
    }

    /** The mix so many rungs above the area's own colour, below it where negative; the last one where there are no more. */
    public function at(int $rung): Mix
    {
        return $this->mixes[max(0, min(count($this->mixes) - 1, $this->middle + $rung))];
    }

    public function colour(int $rung): Oklch
    {
        return Oklch::fromLab($this->at($rung)->lab());
    }
}
