<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

/** What is said in a line, from which clause after clause is taken until only what may be paint, or mere words, is left. */
final class Phrase
{
    /** Stands where something was taken, so that what stood on both sides of it is not run together. */
    public const GAP = '¦';

    private const NUMBERS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
        'eleven' => 11, 'twelve' => 12, 'a' => 1, 'an' => 1,
    ];

    /** A number in figures or words, for patterns: one group. */
    public const NUMBER = '(\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|an?)';

    /** @var list<string> words that no clause knows */
    private array $notes = [];

    public function __construct(private string $rest)
    {
        $this->rest = trim((string) preg_replace('/\s+/u', ' ', $this->rest));
    }

    /**
     * Takes the first place where this pattern is found.
     *
     * @param string $pattern without delimiters, case does not matter
     * @param string $leaving what is left in its place
     *
     * @return list<string>|null groups, the whole first; null where it is not said
     */
    public function take(string $pattern, string $leaving = ''): ?array
    {
        if (preg_match('/'.$pattern.'/iu', $this->rest, $found, PREG_OFFSET_CAPTURE) !== 1) {
            return null;
        }
        [$whole, $at] = $found[0];
        $between = $leaving === '' ? ' '.self::GAP.' ' : ' '.self::GAP.' '.$leaving.' '.self::GAP.' ';
        $left = substr($this->rest, 0, $at).$between.substr($this->rest, $at + strlen($whole));
        $this->rest = trim((string) preg_replace('/\s+/u', ' ', $left));

        return array_map(static fn (array $group): string => mb_strtolower(trim((string) $group[0])), array_values($found));
    }

    public function has(string $pattern): bool
    {
        return preg_match('/'.$pattern.'/iu', $this->rest) === 1;
    }

    public function rest(): string
    {
        return $this->rest;
    }

    public function become(string $rest): void
    {
        $this->rest = $rest;
    }

    public function note(string $words): void
    {
        $words = trim($words, " ,.;:\t".self::GAP);
        if ($words !== '' && !in_array($words, $this->notes, true)) {
            $this->notes[] = $words;
        }
    }

    /** @return list<string> */
    public function notes(): array
    {
        return $this->notes;
    }

    public static function number(string $said): int
    {
        return self::NUMBERS[mb_strtolower($said)] ?? (int) $said;
    }
}
