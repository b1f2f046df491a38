<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Told\Words\Clauses;
use Kalokroma\Recipe\Told\Words\Span;
use Kalokroma\Recipe\Told\Words\SpanKind;
use Kalokroma\Shelf\Paint;

/**
 * What was read out of a clause.
 *
 * @phpstan-import-type How from SaidHow
 */
final readonly class Said
{
    /**
     * @param string $words all of it, as it was said
     * @param Technique|null $technique null where none is named
     * @param bool $isByName whether the technique is named by its own name
     * @param bool $isVarnish whether a varnish of any sheen is meant
     * @param list<array{said: string, paint: Paint|null}> $names of paints, in the order they are said
     * @param list<array{said: string, paint: Paint|null}> $replaced paints that those stand in for
     * @param array{parts: list<int>, open: list<int>} $amounts parts of each paint, and which of them are open
     * @param bool $isPair whether it goes from one paint to the other
     * @param array{minutes: int|null, before: bool}|null $wait null where none is said; minutes null for as long as it
         takes; before: whether it is waited before this step
     * @param How $how by the names of the plan's handling
     * @param Level|null $mark level to which all before it belongs
     * @param bool $isSame whether it is the step before once more, or a part of it
     * @param bool $isOfBase whether the colour of the ground is meant
     * @param bool $isInstead whether it takes the place of the step before, for those it is for
     * @param bool $isAdded whether there is more of its paint than in the step before
     * @param array{int, int}|null $addedAt parts of the mix before, 0 for as many as it has, to
         parts of what is added to it
     * @param bool $isLater whether what is left alone is left from now on
     * @param list<string> $notes words that are kept
     * @param list<string> $doubts words that may be the name of a paint
     * @param list<string> $unread what of the notes nothing was read out of
     * @param bool $goesOn whether another clause of the line stands before it
     * @param list<Span> $spans how its words were read
     * @param list<string> $spanWords the words of each span, as they were said
     */
    public function __construct(
        public string $words,
        public ?Technique $technique,
        public bool $isByName,
        public bool $isVarnish,
        public array $names,
        public array $replaced,
        public array $amounts,
        public bool $isPair,
        public ToldThinning $thinning,
        public Rounds $rounds,
        public SaidPlace $place,
        public string $strokes,
        public Who $who,
        public ?Level $level,
        public ?Level $mark,
        public ?array $wait,
        public bool $isLeftOut,
        public array $how,
        public bool $isSame,
        public bool $isOfBase,
        public bool $isInstead,
        public bool $isAdded,
        public ?array $addedAt,
        public bool $isLater,
        public array $notes,
        public array $doubts,
        public array $unread,
        public bool $goesOn,
        public array $spans,
        public array $spanWords,
    ) {
    }

    /** A step that some figures go without: {@see LineReader::leftOutByThose()}. */
    public const BY_THOSE = 'by-those';

    public function isLeftOutByThose(): bool
    {
        return array_filter($this->spans, static fn (Span $s): bool => $s->means === self::BY_THOSE) !== [];
    }

    /** Whether it is work of its own: else it says something more of the step before. */
    public function isWork(): bool
    {
        return !Clauses::isNegated($this->spans) && $this->namesWork();
    }

    private function namesWork(): bool
    {
        return $this->technique !== null || $this->isVarnish || $this->names !== [] || $this->rounds->again || $this->doubts !== []
            || $this->isOfBase || ($this->isSame && !$this->saysMore());
    }

    public function isAllOver(): bool
    {
        return array_filter($this->spans, static fn (Span $s): bool => $s->is(SpanKind::AllOver)) !== [];
    }

    /** Whether it says more than words: how thin, where, for whom, how often, how long. */
    public function saysMore(): bool
    {
        if (Clauses::isNegated($this->spans)) {
            return false;
        }
        $isPlaced = !$this->place->place->isUsual() || $this->place->folds || $this->place->foldsLeft;

        return $isPlaced || $this->thinning->said || $this->thinning->than !== '' || !$this->who->isAll() || $this->level !== null
            || $this->rounds->coats !== null || $this->rounds->rounds > 0 || $this->wait !== null
            || $this->isLeftOut || $this->strokes !== '' || $this->how !== [];
    }

    /** Whether nothing is said but what is to be left alone from now on. */
    public function onlyLeaves(): bool
    {
        return $this->isLater && ($this->place->left !== [] || $this->place->foldsLeft) && !$this->isWork() && !$this->thinning->said
            && $this->wait === null;
    }

    /** Whether it says that a step is left out, and which is plain: the one before, or one that is named. */
    public function leavesOutWork(): bool
    {
        $saysNoMore = [$this->unread, $this->doubts, $this->notes] === [[], [], []];

        return $this->isLeftOut && $this->names === [] && ($this->technique !== null || $saysNoMore);
    }

    /** Whether the step before is left alone first: "after 20 minutes wipe it off". */
    public function waitsBefore(): bool
    {
        return $this->wait !== null && $this->wait['before'] && $this->isWork();
    }

    /** Whether it says of one paint how far it is thinned and nothing else: "don't thin the Steel". */
    public function onlyThins(): bool
    {
        $isSaid = preg_match('/^\W*(?:(?:but|please|always|never|do not|don\'t) )*(?:thin|dilute|water)\b/iu', $this->words) === 1;

        return $isSaid && $this->thinning->said && count($this->names) === 1 && $this->technique === null && $this->place->place->isUsual()
            && !$this->place->folds && $this->strokes === '' && $this->who->isAll() && !$this->rounds->again;
    }

    /** Whether it says nothing but to wait. */
    public function isWaiting(): bool
    {
        return $this->wait !== null && $this->technique === null && $this->names === [] && !$this->isVarnish;
    }
}
