<?php

declare(strict_types=1);

namespace Kalokroma\Word;

use Closure;

/** A line cut into words: letters that stand together, figures, and every other sign by itself. */
final readonly class Line
{
    private const WORD = '/#[0-9a-f]{6}\b|0,\d+|\d+(?:\.\d+)?|\p{L}[\p{L}\p{M}\'-]*|[^\s\p{L}\d]/iu';

    /** Letters that are read; what is longer is no recipe. */
    public const LONGEST = 600;

    /** @var list<string> as they are written */
    public array $words;

    /** Small letters, one blank between any two words. */
    public string $plain;

    /** @var array<int, int> number of the word by its first byte in what is plain */
    private array $starts;

    /** @var array<int, int> number of the word behind by the byte after its last */
    private array $ends;

    /** @var list<int> first byte of each word in the line */
    private array $at;

    public string $said;

    /** @var array<string, string> words that were read as others, by what was said */
    public array $mended;

    /** @param (Closure(string): (string|null))|null $spelling the word that is meant, in small letters; null where it stands as it is */
    public function __construct(string $said, ?Closure $spelling = null)
    {
        $this->said = str_replace('’', "'", mb_substr($said, 0, self::LONGEST));
        preg_match_all(self::WORD, $this->said, $found, PREG_OFFSET_CAPTURE);
        $words = $at = $starts = $ends = $mended = [];
        $plain = '';
        foreach ($found[0] as $i => [$word, $byte]) {
            $plain .= $i === 0 ? '' : ' ';
            $starts[strlen($plain)] = $i;
            $right = $spelling === null ? null : $spelling(mb_strtolower($word));
            $mended += $right === null ? [] : [$word => $right];
            $plain .= $right ?? mb_strtolower($word);
            $ends[strlen($plain)] = $i + 1;
            $words[] = $word;
            $at[] = $byte;
        }
        [$this->words, $this->at, $this->plain, $this->starts, $this->ends] = [$words, $at, $plain, $starts, $ends];
        $this->mended = $mended;
    }

    public function count(): int
    {
        return count($this->words);
    }

    public function isWord(int $i): bool
    {
        return preg_match('/^\p{L}/u', $this->words[$i] ?? '') === 1;
    }

    /** In small letters; empty where there is none. */
    public function word(int $i): string
    {
        return mb_strtolower($this->words[$i] ?? '');
    }

    /** First byte of a word in what was said. */
    public function byte(int $i): int
    {
        return $this->at[$i] ?? strlen($this->said);
    }

    /** The byte behind the word before this one. */
    public function end(int $i): int
    {
        $last = $i - 1;

        return isset($this->at[$last], $this->words[$last]) ? $this->at[$last] + strlen($this->words[$last]) : 0;
    }

    /** As it was written, from one word to the one before another. */
    public function between(int $from, int $to): string
    {
        if ($to <= $from) {
            return '';
        }
        $last = $to - 1;

        return substr($this->said, $this->at[$from], $this->at[$last] + strlen($this->words[$last]) - $this->at[$from]);
    }

    /**
     * Where this pattern stands, from whole word to whole word.
     *
     * @param string $pattern for small letters with one blank between any two words and signs
     *
     * @return list<array{int, int, list<string>}> first word, the word behind the last, the groups
     */
    public function find(string $pattern): array
    {
        $found = [];
        preg_match_all('~(?<![^ ])(?:'.$pattern.')(?![^ ])~u', $this->plain, $all, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($all as $groups) {
            [$whole, $byte] = $groups[0];
            $from = $this->starts[$byte] ?? null;
            $to = $this->ends[$byte + strlen((string) $whole)] ?? null;
            if ($from !== null && $to !== null) {
                $found[] = [$from, $to, array_map(static fn (array $g): string => (string) $g[0], array_values($groups))];
            }
        }

        return $found;
    }
}
