<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

/** Words of a cell that stand together, with what they say of a pot. */
final readonly class PotSpan
{
    /**
     * @param int $from number of its first word
     * @param int $to number of the word behind its last
     * @param string $means by its kind: the value of a behaviour, a form, a sheen; a share in figures
     * @param string $number what was said in it in figures or words; empty where nothing was
     */
    public function __construct(public int $from, public int $to, public PotWord $word, public string $means, public string $number)
    {
    }

    public function is(PotWord ...$words): bool
    {
        return in_array($this->word, $words, true);
    }
}
