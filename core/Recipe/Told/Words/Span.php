<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Shelf\Paint;

/** Words that stand together, with what they mean. */
final readonly class Span
{
    /**
     * @param int $from number of its first word
     * @param int $to number of the word behind its last
     * @param string $means by its kind: the value of a technique, a face, a unit …
     * @param list<string> $groups what else is said in it: figures, names
     * @param Paint|null $paint of the shelf, where its words name one
     * @param float $score how well it explains its words: the better, the surer
     */
    public function __construct(
        public int $from,
        public int $to,
        public SpanKind $kind,
        public string $means,
        public float $score,
        public array $groups = [],
        public ?Paint $paint = null,
    ) {
    }

    public function is(SpanKind ...$kinds): bool
    {
        return in_array($this->kind, $kinds, true);
    }

    /** The same words with another meaning. */
    public function as(SpanKind $kind, string $means): self
    {
        return new self($this->from, $this->to, $kind, $means, $this->score);
    }

    public function group(int $i): string
    {
        return $this->groups[$i] ?? '';
    }
}
