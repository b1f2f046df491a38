<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Word\Message;

/** What lessons tell of one paint: how strongly it counts in a mix, and what its mixes were seen to come to. */
final readonly class Learned
{
    /** A strength this near to 1 is as its colour tells. */
    private const SEEN = 0.05;

    /**
     * @param float $strength as a multiple of what its colour tells, more than 0
     * @param float $doubt by how much more strongly than that it may still count, 1 or more
     * @param int $lessons it took part in
     * @param list<SeenMix> $mixes that were seen of it
     */
    public function __construct(public float $strength, public float $doubt, public int $lessons, public array $mixes = [])
    {
    }

    /** "Blue counts 1.4 times as strongly in a mix as its colour tells, give or take 1.2 times, after 3 lessons." */
    public function words(string $name): string
    {
        $facts = ['name' => $name, 'strength' => $this->strength, 'doubt' => $this->doubt, 'n' => $this->lessons];

        return Message::said(
            abs($this->strength - 1) < self::SEEN
                ? '{name} counts in a mix as its colour tells, give or take {doubt} times, '
                    .'after {n, plural, one {# lesson} other {# lessons}}.'
                : '{name} counts {strength} times as strongly in a mix as its colour tells, give or take {doubt} times, '
                    .'after {n, plural, one {# lesson} other {# lessons}}.',
            $facts,
        );
    }

    /** "One mix of it is predicted as it came out, and mixes like it nearly so."; nothing where none was seen. */
    public function seen(): string
    {
        return $this->mixes === [] ? '' : Message::said(
            '{n, plural, one {One mix of it is predicted as it came out} other {# mixes of it are predicted as they came out}}, '
                .'and mixes like {n, plural, one {it} other {them}} nearly so.',
            ['n' => count($this->mixes)],
        );
    }
}
