<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Word\Line;

/**
 * The best way to cover a line with spans so that each word is in one of them and neighbours fit: from word to word, the best few ways to
 * get there by the last span that carries meaning (dynamic programming).
 */
final readonly class Cover
{
    /** Ways that are kept at each word. */
    private const WAYS = 8;

    /** What each span costs: of two explanations that are as good the one of fewer spans. */
    private const COST = 0.5;

    /** A word that no recognizer knows. */
    private const UNREAD = -2.0;

    /** @param list<Span> $spans */
    private function __construct(public array $spans, public float $score)
    {
    }

    /**
     * @param list<Span> $candidates
     * @param callable(string): bool $isPlain whether a word or sign weighs nothing
     *
     * @return non-empty-list<self> the best first
     */
    public static function of(Line $line, array $candidates, callable $isPlain): array
    {
        $starting = array_fill(0, $line->count() + 1, []);
        foreach ($candidates as $span) {
            $starting[$span->from][] = $span;
        }
        /** @var array<int, array<int|string, array{float, list<Span>}>> $ways by word, by the last span that carries meaning */
        $ways = [0 => ['' => [0.0, []]]];
        for ($i = 0; $i < $line->count(); ++$i) {
            $here = self::best($ways[$i] ?? []);
            unset($ways[$i]);
            $isPlainWord = $isPlain($line->word($i));
            $kind = $isPlainWord ? SpanKind::Plain : SpanKind::Unread;
            $spans = [
                ...$starting[$i],
                new Span($i, $i + 1, $kind, '', $isPlainWord || !$line->isWord($i) ? 0.0 : self::UNREAD, [$line->word($i)]),
            ];
            foreach ($spans as $span) {
                foreach ($here as $last => [$score, $before]) {
                    $prior = self::prior($before);
                    $cost = $span->is(SpanKind::Plain, SpanKind::Unread) ? 0.0 : self::COST;
                    $sum = $score + $span->score - $cost + Fit::of($prior, $span, $line);
                    $state = $span->is(SpanKind::Plain) ? $last : spl_object_id($span);
                    if (!isset($ways[$span->to][$state]) || $ways[$span->to][$state][0] < $sum) {
                        $ways[$span->to][$state] = [$sum, [...$before, $span]];
                    }
                }
            }
        }
        $ends = array_values(array_map(
            static fn (array $way): self => new self($way[1], $way[0]),
            self::best($ways[$line->count()] ?? []),
        ));

        return $ends === [] ? [new self([], 0.0)] : $ends;
    }

    /**
     * @param array<int|string, array{float, list<Span>}> $ways
     *
     * @return array<int|string, array{float, list<Span>}>
     */
    private static function best(array $ways): array
    {
        uasort($ways, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_slice($ways, 0, self::WAYS, true);
    }

    /** @param list<Span> $before */
    private static function prior(array $before): ?Span
    {
        for ($i = count($before) - 1; $i >= 0; --$i) {
            if (!$before[$i]->is(SpanKind::Plain)) {
                return $before[$i];
            }
        }

        return null;
    }
}
