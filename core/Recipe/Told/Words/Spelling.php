<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Colour\SaidColour;

/** Slips of a letter in the words that carry a line. What may be another word, or is one of a pot's name, is left as it is. */
final class Spelling
{
    private const WORDS = [
        'airbrush', 'airbrushed', 'basecoat', 'blotted', 'creases', 'drybrush', 'drybrushed', 'edges', 'everywhere', 'feathered',
        'freehand',
        'glaze', 'glazed', 'highlight', 'highlights', 'highlighted', 'leaders', 'medium', 'optional', 'overnight', 'raised', 'recess',
        'recesses', 'shadows', 'stipple', 'stippled', 'thinned', 'unwashed', 'varnish', 'varnished', 'again', 'layered', 'outline',
    ];

    /** Shorter words have too many neighbours. */
    private const LEAST = 5;

    /** @var array<string, true> words of the names of pots */
    private array $names = [];

    private static ?string $tables = null;

    /** @param list<string> $names of pots */
    public function __construct(array $names)
    {
        foreach ($names as $name) {
            foreach (preg_split('/[\s-]+/u', mb_strtolower($name)) ?: [] as $word) {
                $this->names[$word] = true;
            }
        }
    }

    /** The word that is meant; null where it stands as it is. */
    public function of(string $word): ?string
    {
        self::$tables ??= implode(' ', array_column(Recognizers::table(), 2)).' '.implode(' ', self::WORDS);
        $isOther = strlen($word) < self::LEAST || preg_match('/^[a-z]+$/', $word) !== 1 || isset($this->names[$word])
            || SaidColour::knows($word) || str_contains(self::$tables, $word) || Recognizers::isPlain($word);
        foreach ($isOther ? [] : self::WORDS as $right) {
            if ($right[0] === $word[0] && (levenshtein($right, $word) === 1 || self::areTurned($right, $word))) {
                return $right;
            }
        }

        return null;
    }

    /** Whether two letters changed places. */
    private static function areTurned(string $one, string $other): bool
    {
        return strlen($one) === strlen($other) && levenshtein($one, $other) === 2 && count_chars($one) === count_chars($other);
    }
}
