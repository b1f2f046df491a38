<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Paint;

/** What a line says, before it is made a step of. */
final readonly class Said
{
    /**
     * @param Technique|null $technique null where none is named
     * @param list<array{said: string, paint: Paint|null}> $names of paints, in the order they are said
     * @param array{parts: list<int>, open: list<int>, pair: bool, not: array<int, string>} $amounts {@see Amounts::taken()}
     * @param array{minutes: int|null}|null $wait null where none is said; minutes null for as long as it takes
     * @param list<string> $notes
     * @param list<string> $doubts
     * @param list<string> $unread what of the notes no clause has read
     * @param array{unwashed?: true, sloppy?: true, line?: string, batch?: string} $how {@see SaidHow::taken()}
     * @param bool $folds whether its place was told as mere folds
     */
    public function __construct(
        public ?Technique $technique,
        public array $names,
        public array $amounts,
        public ToldThinning $thinning,
        public Rounds $rounds,
        public Place $place,
        public string $strokes,
        public Who $who,
        public ?Level $level,
        public ?array $wait,
        public bool $isLeftOut,
        public array $notes,
        public array $doubts,
        public array $unread = [],
        public array $how = [],
        public bool $folds = false,
    ) {
    }

    /** Whether it is work of its own: else it says something more of the step before. */
    public function isWork(): bool
    {
        return $this->technique !== null || $this->namesPaint() || $this->rounds->again || $this->doubts !== [];
    }

    /** Whether it says more than words: how thin, where, for whom, how often, how long. */
    public function saysMore(): bool
    {
        return $this->thinning->said || !$this->place->isUsual() || !$this->who->isAll() || $this->level !== null
            || $this->rounds->coats !== null || $this->rounds->rounds > 0 || $this->wait !== null || $this->isLeftOut
            || $this->strokes !== '' || $this->how !== [];
    }

    /** Whether nothing is said but what is to be left alone: that concerns what is done later. */
    public function onlyLeaves(): bool
    {
        return $this->place->but !== null && !$this->thinning->said && $this->who->isAll() && $this->level === null
            && $this->rounds->coats === null && $this->rounds->rounds === 0 && $this->wait === null && $this->strokes === '';
    }

    private function namesPaint(): bool
    {
        return count($this->names) > count($this->amounts['not']);
    }

    /** Whether it says nothing but to wait. */
    public function isWaiting(): bool
    {
        return $this->wait !== null && $this->technique === null && !$this->namesPaint();
    }
}
