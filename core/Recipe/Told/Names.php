<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Colour\SaidColour;
use Kalokroma\Film\Thinner;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;

/**
 * Which words of a line are names of paints: of the shelf where they are, else descriptions of a colour. In their place stand marks,
 * {@see self::MARK}, so that no clause takes a part of a name.
 */
final class Names
{
    /** A name's mark: its number among those that were found. */
    public const MARK = '⟦(\d+)⟧';

    private const LONGEST = 6;

    /** Words that are no part of a name that nobody owns. */
    private const PLAIN = [
        'a', 'an', 'the', 'of', 'with', 'in', 'on', 'it', 'them', 'this', 'that', 'these', 'is', 'are', 'be', 'was', 'and', 'or',
        'then', 'to', 'for', 'from', 'all', 'over', 'into', 'as', 'at', 'by', 'my', 'your', 'some', 'use', 'used', 'using', 'paint',
        'paints', 'paintwork', 'colour', 'color', 'mix', 'mixed', 'mixture', 'plus', 'also', 'just', 'only', 'quite', 'too', 'now',
        'put', 'lay', 'apply', 'add', 'go', 'going', 'went', 'do', 'done', 'make', 'i', 'we', 'you', 'he', 'she', 'they', 'if', 'so',
        'but', 'not', 'everything', 'part', 'parts', 'place', 'places', 'nice', 'step', 'steps', 'coat', 'coats', 'drop', 'drops',
        'like', 'same', 'again', 'before', 'after', 'more', 'less', 'each', 'every', 'time', 'little', 'bit', 'very', 'done',
        'instead', 'until', 'while', 'when', 'where', 'what', 'one', 'two', 'three', 'four', 'carefully', 'lightly', 'thin', 'thick',
        'thinned', 'heavy', 'light', 'first', 'last', 'next', 'optional', 'please', 'leave', 'keep', 'finished',
        'done', 'pure', 'plain', 'good', 'rich', 'brush',
        'up', 'down', 'out', 'off', 'there', 'here', 'much', 'most', 'gently', 'quickly', 'slowly',
    ];

    /** Words that say nothing by themselves. */
    private const EMPTY = [
        'and', 'a', 'an', 'the', 'of', 'with', 'then', 'in', 'it', 'is', 'to', 'for', 'as', 'or', 'use', 'using', 'paint', 'colour',
        'color', 'by', 'plus', 'go', 'them', 'now', 'on', 'add', 'apply', 'mix', 'mixed', 'first', 'next', 'finally', 'so', 'up',
        'my', 'your',
    ];

    /** @var list<array{said: string, paint: Paint|null}> */
    private array $found = [];

    /** @var array<string, Paint> by name as it is compared */
    private array $shelf = [];

    /** @var array<string, Paint> by the words of the name, sorted */
    private array $loose = [];

    /** @param list<Paint> $shelf */
    public function __construct(array $shelf)
    {
        foreach ($shelf as $paint) {
            foreach ([$paint->name, trim($paint->line.' '.$paint->name)] as $name) {
                $this->shelf[self::plain($name)] ??= $paint;
            }
            $this->loose[self::sorted(self::plain($paint->name))] ??= $paint;
        }
    }

    /** @return array{said: string, paint: Paint|null} what was said where this mark stands, and the paint of the shelf, null for none */
    public function at(int $mark): array
    {
        return $this->found[$mark];
    }

    /** Marks what stands in quotes as the name of a paint, whatever it says. */
    public function quoted(Phrase $phrase): void
    {
        $phrase->become((string) preg_replace_callback(
            '/["“”„]([^"“”„]{1,60})["“”„]/u',
            fn (array $m): string => $this->mark(trim($m[1]), $this->shelf[self::plain($m[1])] ?? null),
            $phrase->rest(),
        ));
    }

    /**
     * Marks names of the shelf as they are written there, the longest first.
     *
     * @param int $least fewest words of a name
     */
    public function owned(Phrase $phrase, int $least): void
    {
        $this->scan($phrase, $least, function (array $words, ?string $before, ?string $after): ?string {
            $paint = $this->shelf[self::plain(implode(' ', $words))] ?? null;
            $isOther = ($before !== null && SaidColour::knows($before)) || ($after !== null && self::goesOn($after));

            return $paint === null || $isOther ? null : $this->mark(implode(' ', $words), $paint);
        });
    }

    /**
     * A pot of the shelf that thins is not what is painted with: in its place stands what it is, as every thinning is told.
     *
     * @return Paint|null the pot; null where none is named, or several are
     */
    public function thinner(Phrase $phrase): ?Paint
    {
        $pots = [];
        $phrase->become((string) preg_replace_callback('/'.self::MARK.'/u', function (array $m) use (&$pots): string {
            $pot = $this->found[(int) $m[1]]['paint'];
            $kind = $pot?->thins();
            if ($pot === null || $kind === null) {
                return $m[0];
            }
            $pots[$pot->id] = $pot;

            return $kind === Thinner::Solvent ? 'white spirit' : $kind->value;
        }, $phrase->rest()));

        return count($pots) === 1 ? array_values($pots)[0] : null;
    }

    /**
     * Marks names of the shelf that are written otherwise: a slip, a plural, the words the other way round.
     *
     * @param int $least fewest words of a name
     */
    public function slips(Phrase $phrase, int $least): void
    {
        $this->scan($phrase, $least, function (array $words, ?string $before, ?string $after): ?string {
            if (array_intersect(array_map(mb_strtolower(...), $words), self::PLAIN) !== []) {
                return null;
            }
            $said = self::plain(implode(' ', $words));
            $isOther = ($before !== null && SaidColour::knows($before)) || ($after !== null && self::goesOn($after));
            $paint = $isOther ? null : $this->loose[self::sorted($said)] ?? $this->nearly($said);

            return $paint === null ? null : $this->mark(implode(' ', $words), $paint);
        });
    }

    /** Marks what describes a colour: words of colour that stand together, with the kind of paint, or a colour in figures behind them. */
    public function described(Phrase $phrase): void
    {
        $kind = '(?:\s+'.SaidTechnique::KINDS.')?';
        $phrase->become((string) preg_replace_callback(
            '/(?<![\w⟦#])((?:[a-z][a-z\'-]*\s+){0,4}?[a-z][a-z\'-]*'.$kind.')\s*(#[0-9a-f]{6})\b|(?<![\w#])(#[0-9a-f]{6})\b/iu',
            fn (array $m): string => $this->coloured($m),
            $phrase->rest(),
        ));
        $this->scan($phrase, 1, function (array $words, ?string $before, ?string $after): ?string {
            $last = (string) end($words);
            $isKind = preg_match('/^'.SaidTechnique::KINDS.'$/iu', $last) === 1;
            $colours = $isKind ? array_slice($words, 0, -1) : $words;
            $first = mb_strtolower($colours[0] ?? '');
            $isNamed = count($colours) > 1 && !SaidColour::knows($first) && !in_array($first, self::PLAIN, true);
            $known = array_filter(array_slice($colours, $isNamed ? 1 : 0), static fn (string $w): bool => SaidColour::knows($w));
            $isColour = array_filter($colours, static fn (string $w): bool => SaidColour::isColour($w)) !== [];
            if (!$isKind && $this->isPartOfNamed($colours)) {
                return null;
            }

            return $colours !== [] && count($known) === count($colours) - ($isNamed ? 1 : 0) && $isColour ? $this->mark(implode(' '
                .'', $words), $this->only($words, $isKind)) : null;
        });
    }

    /**
     * The one paint of the shelf that has these words in its name: the only white where "white" is said; null where there are several.
     *
     * @param list<string> $words
     */
    private function only(array $words, bool $isKind): ?Paint
    {
        $said = explode(' ', self::plain(implode(' ', $words)));
        $found = [];
        foreach ($this->shelf as $name => $paint) {
            $isKindToo = $paint->isAtHand() && ($isKind || $paint->isMixable() || $paint->behaviour === Behaviour::Metallic);
            if ($isKindToo && array_diff($said, explode(' ', (string) $name)) === []) {
                $found[$paint->id] = $paint;
            }
        }

        return count($found) === 1 ? array_values($found)[0] : null;
    }

    /**
     * Whether these words stand in the name of a pot that is named in the line too: then they speak of it, and are no other paint.
     *
     * @param list<string> $words
     */
    private function isPartOfNamed(array $words): bool
    {
        $said = explode(' ', self::plain(implode(' ', $words)));
        foreach ($this->found as ['paint' => $paint]) {
            $its = $paint === null ? [] : explode(' ', self::plain($paint->name));
            if (count($its) > count($said) && array_diff($said, $its) === []) {
                return true;
            }
        }

        return false;
    }

    /** Whether these words may be the name of a paint that nobody owns; else they are mere words. */
    public static function mayBeName(string $words): bool
    {
        preg_match_all('/[\p{L}\'-]+/u', mb_strtolower($words), $found);

        $unknown = array_filter($found[0], static fn (string $w): bool => !SaidColour::knows($w));

        return count($found[0]) <= 3 && $unknown !== [] && array_intersect($found[0], self::PLAIN) === []
            && preg_match('/\d/', $words) !== 1;
    }

    /** Whether all of it are words that say nothing by themselves. */
    public static function isPlain(string $words): bool
    {
        preg_match_all('/[\p{L}\d\'%-]+/u', mb_strtolower($words), $found);

        return array_diff($found[0], self::EMPTY) === [];
    }

    /** @param array<array-key, string> $m */
    private function coloured(array $m): string
    {
        if (($m[3] ?? '') !== '') {
            return $this->mark($m[3], null);
        }
        $words = explode(' ', trim((string) preg_replace('/\s+/', ' ', $m[1])));
        $kept = [];
        while ($words !== []) {
            $last = (string) end($words);
            if (in_array(mb_strtolower($last), self::PLAIN, true) && !SaidColour::knows($last)) {
                break;
            }
            array_unshift($kept, (string) array_pop($words));
        }

        return trim(implode(' ', $words).' '.$this->mark(trim(implode(' ', $kept).' '.$m[2]), null));
    }

    /** @param callable(list<string>, string|null, string|null): (string|null) $named mark for words with those before and behind */
    private function scan(Phrase $phrase, int $least, callable $named): void
    {
        preg_match_all('/#\w+|⟦\d+⟧|\p{L}[\p{L}\'-]*|\d[\w.,:\/]*|[^\s\p{L}\d⟦#]+|\S/u', $phrase->rest(), $tokens);
        $tokens = $tokens[0];
        for ($length = min(self::LONGEST, count($tokens)); $length >= $least; --$length) {
            for ($i = 0; $i + $length <= count($tokens); ++$i) {
                $words = array_slice($tokens, $i, $length);
                if (array_filter($words, static fn (string $w): bool => preg_match('/^\p{L}/u', $w) !== 1) !== []) {
                    continue;
                }
                $mark = $named($words, self::word($tokens, $i - 1), self::word($tokens, $i + $length));
                if ($mark !== null) {
                    array_splice($tokens, $i, $length, [$mark]);
                }
            }
        }
        $phrase->become((string) preg_replace('/\s+([,.;:%])/u', '$1', implode(' ', $tokens)));
    }

    /** @param list<string> $tokens */
    private static function word(array $tokens, int $at): ?string
    {
        $word = $at < 0 ? null : $tokens[$at] ?? null;

        return $word !== null && preg_match('/^\p{L}/u', $word) === 1 ? $word : null;
    }

    /** Whether a word behind a name makes another of it: "dark blue" is not "dark blue wash". */
    private static function goesOn(string $word): bool
    {
        return SaidColour::isColour($word) || preg_match('/^'.SaidTechnique::KINDS.'$/iu', $word) === 1;
    }

    private function nearly(string $said): ?Paint
    {
        if (mb_strlen($said) < 5) {
            return null;
        }
        foreach ($this->shelf as $name => $paint) {
            $slips = mb_strlen($said) < 9 ? 1 : 2;
            $name = (string) $name;
            if ($name[0] === $said[0] && abs(strlen($name) - strlen($said)) <= $slips && levenshtein($name, $said) <= $slips) {
                return self::areOtherColours($name, $said) ? null : $paint;
            }
        }

        return null;
    }

    /** Whether what differs is a right word for another colour, and so no slip: "mud" is not "mid". */
    private static function areOtherColours(string $name, string $said): bool
    {
        $one = array_diff(explode(' ', $said), explode(' ', $name));

        return $one !== [] && array_filter($one, static fn (string $w): bool => !SaidColour::knows($w)) === [];
    }

    private function mark(string $said, ?Paint $paint): string
    {
        $this->found[] = ['said' => $said, 'paint' => $paint];

        return '⟦'.(count($this->found) - 1).'⟧';
    }

    private static function plain(string $name): string
    {
        $words = preg_split('/[\s-]+/u', mb_strtolower(trim($name))) ?: [];

        return implode(' ', array_map(
            static fn (string $w): string => str_replace('gray', 'grey', (string) preg_replace(
                ['/(?<=sh|ch)es$/', '/(?<=[^s])s$/'],
                '',
                $w,
            )),
            $words,
        ));
    }

    private static function sorted(string $plain): string
    {
        $words = explode(' ', $plain);
        sort($words);

        return implode(' ', $words);
    }
}
