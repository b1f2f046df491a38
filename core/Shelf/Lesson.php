<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Lab;

/** What a mix was seen to come to, when dry and hiding. */
final readonly class Lesson
{
    /**
     * @param Mix $mix of two paints or more, as they are known without any lesson
     * @param float $certainty ± CIEDE2000 of what was seen: a reader's noise, a picture's light, a word's width; more than 0
     */
    public function __construct(public string $id, public Mix $mix, public Lab $seen, public float $certainty)
    {
    }

    /**
     * The same, of paints as they are known by what was learned of them.
     *
     * @param array<array-key, Learned> $learned by the ids of the paints
     */
    public function by(array $learned): self
    {
        $taught = array_map(
            static fn (Part $p): Part => new Part($p->paint->taught($learned[$p->paint->id] ?? null), $p->parts),
            $this->mix->parts,
        );

        return new self($this->id, Mix::of($taught), $this->seen, $this->certainty);
    }
}
