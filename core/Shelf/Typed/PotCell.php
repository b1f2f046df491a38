<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

use Kalokroma\Word\Line;

/** A cell of a line on a shelf list, taken apart: spans that do not overlap and say as much as can be said. */
final readonly class PotCell
{
    public Line $line;

    /** @var list<PotSpan> from the first word to the last */
    public array $spans;

    public function __construct(string $text)
    {
        $this->line = new Line((string) preg_replace('/(?<=\d),(?=\d)/', '.', $text));
        $this->spans = self::best(PotWords::in($this->line), $this->line->count());
    }

    /**
     * The spans that together say most (dynamic programming over the words): long ones before short ones.
     *
     * @param list<PotSpan> $spans
     *
     * @return list<PotSpan>
     */
    private static function best(array $spans, int $count): array
    {
        /** @var array<int, array{float, list<PotSpan>}> $best by the number of words before */
        $best = [0 => [0.0, []]];
        for ($i = 1; $i <= $count; ++$i) {
            $best[$i] = $best[$i - 1];
            foreach ($spans as $span) {
                $score = $span->to === $i ? $best[$span->from][0] + self::score($span) : 0.0;
                if ($score > $best[$i][0]) {
                    $best[$i] = [$score, [...$best[$span->from][1], $span]];
                }
            }
        }

        return $best[$count][1];
    }

    /** Two words that say one thing are worth more than two things. */
    private static function score(PotSpan $span): float
    {
        $words = $span->to - $span->from;

        return $span->is(PotWord::Plain) ? 0.1 * $words : $words + 0.5 * ($words - 1);
    }

    /** @return list<PotSpan> */
    public function all(PotWord ...$words): array
    {
        return array_values(array_filter($this->spans, static fn (PotSpan $s): bool => $s->is(...$words)));
    }

    /** The cell without what belongs to the keeping of a pot and stands at its beginning or end. */
    public function withoutKeeping(): self
    {
        [$from, $to] = [0, $this->line->count()];
        for ($last = count($this->spans) - 1; $last >= 0; --$last) {
            $span = $this->spans[$last];
            if ($span->to !== $to || !($span->word->isKeeping() || $span->is(PotWord::Recesses) || $this->isSign($span))) {
                break;
            }
            $to = $span->from;
        }
        foreach ($this->spans as $span) {
            $isLead = $this->isSign($span) || ($span->word->isKeeping() && $this->isPlainly($span));
            if (!$isLead || $span->from !== $from || $span->to >= $to) {
                break;
            }
            $from = $span->to;
        }

        return $from === 0 && $to === $this->line->count() ? $this : new self($this->line->between($from, $to));
    }

    /** Before a name stand counts and "dried-up", not "new" and "half": those may belong to it. */
    private function isPlainly(PotSpan $span): bool
    {
        return !$span->is(PotWord::Left) || in_array($span->means, ['0', '0.1'], true)
            || preg_match('/full|empty|left/', $this->words($span)) === 1;
    }

    private function isSign(PotSpan $span): bool
    {
        return $span->is(PotWord::Plain) && preg_match('/\p{L}/u', $this->words($span)) !== 1;
    }

    public function words(PotSpan $span): string
    {
        return $this->line->between($span->from, $span->to);
    }

    /** The words that stand in no span but those of these kinds. */
    public function rest(PotWord ...$with): string
    {
        $words = [];
        $taken = [];
        foreach ($this->spans as $span) {
            if (!$span->is(...$with)) {
                $taken += array_fill_keys(range($span->from, $span->to - 1), true);
            }
        }
        foreach ($this->line->words as $i => $word) {
            $words = isset($taken[$i]) || preg_match('/[\p{L}\d#]/u', $word) !== 1 ? $words : [...$words, $word];
        }

        return implode(' ', $words);
    }
}
