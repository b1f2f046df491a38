<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

use Kalokroma\Colour\SaidColour;
use Kalokroma\Film\Thinner;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Line;

/** Which words of a line may be names of paints: of the shelf, or descriptions of a colour. */
final class PaintWords
{
    private const LONGEST = 6;

    /** Whatever stands in quotes is a name, whatever stands in square brackets is none. */
    private const FORCED = 20.0;
    private const OWNED = 4.0;
    private const LOOSE = 3.2;
    private const SLIP = 2.6;
    private const DESCRIBED = 2.3;
    /** "Leather" is a colour, and a thing that is painted. */
    private const THING = 1.0;
    private const PARTLY = 2.2;

    /** What stands before a colour and is no part of its name. */
    private const NO_NAME = 'no|not|nor|or|either|neither|without|any|don\'t|drops?|parts?|looks?|extra|different|another|other'
        .'|certain|plus';

    /** Words that only look like those of colours. */
    private const NO_COLOURS = ['tiny', 'each', 'reach', 'back', 'chalky'];

    /** Says how a paint was found: its words are written as those of the pot, nearly so, or describe a colour. */
    public const EXACT = 'exact';
    public const NEARLY = 'nearly';
    public const COLOUR = 'colour';

    /** @var array<string, Paint> by name as it is compared */
    private array $shelf = [];

    /** @var array<string, Paint> by the words of the name, sorted */
    private array $loose = [];

    /** @var array<string, array<string, Paint>> by the first letter of the name, and by the name */
    private array $byLetter = [];

    /** @param list<Paint> $shelf */
    public function __construct(array $shelf)
    {
        foreach ($shelf as $paint) {
            foreach ([$paint->name, trim($paint->line.' '.$paint->name)] as $name) {
                $this->shelf[self::plain($name)] ??= $paint;
            }
            $this->loose[self::sorted(self::plain($paint->name))] ??= $paint;
        }
        foreach ($this->shelf as $name => $paint) {
            $this->byLetter[((string) $name)[0] ?? ''][$name] = $paint;
        }
    }

    /** @return list<Span> */
    public function in(Line $line): array
    {
        $named = $this->names($line);
        $mine = array_map(static fn (Span $s): string => $s->paint === null ? '' : self::plain($s->paint->name), $named);
        $found = [...$this->forced($line), ...self::figured($line)];
        for ($from = 0; $from < $line->count(); ++$from) {
            $isColour = false;
            for ($to = $from + 1; $to <= min($line->count(), $from + self::LONGEST) && $line->isWord($to - 1); ++$to) {
                $isColour = $isColour || SaidColour::isColour($line->word($to - 1));
                $span = $isColour ? $this->described($line, $from, $to, $mine) : null;
                if ($span !== null) {
                    $found[] = $span;
                }
            }
        }

        return [...$found, ...$named, ...$this->abbreviated($line)];
    }

    /** @return list<Span> names of pots */
    private function names(Line $line): array
    {
        $found = [];
        $plain = array_map(self::plain(...), array_map($line->word(...), array_keys($line->words)));
        for ($from = 0; $from < $line->count(); ++$from) {
            $before = $line->word($from - 1);
            if ($before !== '' && SaidColour::knows($before) && !Recognizers::isPlain($before)) {
                continue;
            }
            for ($to = $from + 1; $to <= min($line->count(), $from + self::LONGEST) && $line->isWord($to - 1); ++$to) {
                $span = $this->owned($line, $from, $to, implode(' ', array_slice($plain, $from, $to - $from)));
                if ($span !== null) {
                    $found[] = $span;
                }
            }
        }

        return $found;
    }

    /** Whether these words may be the name of a paint that nobody owns; else they are mere words. */
    public static function mayBeName(string $words): bool
    {
        preg_match_all('/[\p{L}\'-]+/u', mb_strtolower($words), $found);
        $unknown = array_filter($found[0], static fn (string $w): bool => !SaidColour::knows($w));

        return count($found[0]) <= 3 && $unknown !== [] && preg_match('/\d/', $words) !== 1
            && array_filter($found[0], Recognizers::isPlain(...)) === []
            && preg_match('/\b(?:no|not|nor|never|without|either|neither|don\'t|doesn\'t)\b/u', mb_strtolower($words)) !== 1;
    }

    /** @return list<Span> */
    private function forced(Line $line): array
    {
        $found = [];
        foreach ($line->find('["“”„] ([^"“”„]{1,80}?) ["“”„]') as [$from, $to]) {
            $said = $line->between($from + 1, $to - 1);
            $paint = $this->shelf[self::plain($said)] ?? null;
            $found[] = new Span($from, $to, SpanKind::Paint, self::EXACT, self::FORCED * ($to - $from), [$said], $paint);
        }
        foreach ($line->find('(?<=: )any [a-z -]+?(?= ·|$)') as [$from, $to]) {
            $found[] = new Span($from, $to, SpanKind::Paint, self::COLOUR, self::FORCED * ($to - $from), [$line->between($from, $to)]);
        }
        foreach ($line->find('(?<=· |: )note : (.+?)(?= ·|$)') as [$from, $to]) {
            $found[] = new Span($from, $to, SpanKind::Note, 'words', self::FORCED * ($to - $from), [$line->between($from + 2, $to)]);
        }
        foreach ($line->find('\[ ([^\]]{0,300}?) ?\]') as [$from, $to]) {
            $found[] = new Span($from, $to, SpanKind::Note, 'words', self::FORCED * ($to - $from), [$line->between($from + 1, $to - 1)]);
        }

        return $found;
    }

    /** @return list<Span> colours in figures, with the words before them that name them */
    private static function figured(Line $line): array
    {
        $found = [];
        foreach ($line->find('#[0-9a-f]{6}') as [$at]) {
            $from = $at;
            while ($from > 0 && $at - $from < self::LONGEST && $line->isWord($from - 1)
                && (SaidColour::knows($line->word($from - 1)) || !Recognizers::isPlain($line->word($from - 1)))) {
                --$from;
            }
            for (; $from <= $at; ++$from) {
                $found[] = new Span($from, $at + 1, SpanKind::Paint, self::COLOUR, self::OWNED * ($at + 1 - $from), [$line->between(
                    $from,
                    $at + 1,
                )]);
            }
        }

        return $found;
    }

    /** @return list<Span> names of which words are cut off: "gl. med." */
    private function abbreviated(Line $line): array
    {
        $found = [];
        $cut = [...$line->find('[a-z]{2,}(?: \.)?(?: [a-z]{2,}(?: \.)?){0,3}(?<=\.)'), ...$line->find('[a-z]{2,} \.(?: [a-z]{2,}(?:'
            .' \.)?){1,3}')];
        foreach ($cut as [$from, $to]) {
            $words = [];
            for ($i = $from; $i < $to; ++$i) {
                $words = $line->isWord($i) ? [...$words, $line->word($i)] : $words;
            }
            $paint = $this->beginning($words);
            if ($paint !== null) {
                $found[] = self::span($from, $to, self::EXACT, self::LOOSE * count($words) + 1.0, $line->between($from, $to), $paint);
            }
        }

        return $found;
    }

    /**
     * The one pot whose words begin like these; null where none or several do.
     *
     * @param list<string> $words
     */
    private function beginning(array $words): ?Paint
    {
        $found = [];
        foreach ($this->shelf as $name => $paint) {
            $its = explode(' ', (string) $name);
            $isIt = count($its) === count($words);
            foreach ($isIt ? $words : [] as $i => $word) {
                $isIt = $isIt && str_starts_with($its[$i], $word);
            }
            $found += $isIt ? [$paint->id => $paint] : [];
        }

        return count($found) === 1 ? array_values($found)[0] : null;
    }

    private function owned(Line $line, int $from, int $to, string $plain): ?Span
    {
        $said = $line->between($from, $to);
        $words = $to - $from;
        $paint = $this->shelf[$plain] ?? null;
        // "Dark Green shade" is the pot Dark Green, of which a shade is made, where such a pot is owned.
        $goesOn = self::goesOn($line->word($to)) && ($paint === null || $line->word($to) !== 'shade');
        if ($goesOn) {
            return null;
        }
        if ($paint !== null) {
            return self::span($from, $to, self::EXACT, self::OWNED * $words, $said, $paint);
        }
        for ($i = $from; $i < $to; ++$i) {
            if (Recognizers::isPlain($line->word($i))) {
                return null;
            }
        }
        $paint = $this->loose[self::sorted($plain)] ?? null;
        if ($paint !== null) {
            return self::span($from, $to, self::EXACT, self::LOOSE * $words, $said, $paint);
        }
        $paint = $this->nearly($plain);
        if ($paint !== null) {
            return self::span($from, $to, self::NEARLY, self::SLIP * $words, $said, $paint);
        }
        $paint = $words === 1 ? $this->partly($plain) : null;

        return $paint === null ? null : self::span($from, $to, self::NEARLY, self::PARTLY, $said, $paint);
    }

    /** A pot that thins is not what is painted with. */
    private static function span(int $from, int $to, string $means, float $score, string $said, Paint $paint): Span
    {
        $thins = $paint->thins();

        return $thins === null
            ? new Span($from, $to, SpanKind::Paint, $means, $score, [$said], $paint)
            : new Span($from, $to, SpanKind::Thinner, $thins === Thinner::Solvent ? 'spirit' : $thins->value, $score, [$said], $paint);
    }

    /** @param list<string> $named plain names of the pots that are named in the line */
    private function described(Line $line, int $from, int $to, array $named): ?Span
    {
        $words = array_map($line->word(...), range($from, $to - 1));
        if (array_intersect($words, self::NO_COLOURS) !== []) {
            return null;
        }
        $isKind = preg_match('/^'.TechniqueWords::KINDS.'$/u', $words[count($words) - 1]) === 1;
        $colours = $isKind ? array_slice($words, 0, -1) : $words;
        if ($colours === [] || (!$isKind && self::goesOn($line->word($to)))) {
            return null;
        }
        $isNamed = count($colours) > 1 && !SaidColour::knows($colours[0]) && !Recognizers::isPlain($colours[0])
            && preg_match('/^(?:'.self::NO_NAME.'|'.SpeechWords::THINGS.'|'.TechniqueWords::WORK.')$/u', $colours[0]) !== 1;
        // "adding Ivory" and "flick Dark Earth": where that pot is owned, a word before it in small letters does something with it.
        $isSmall = preg_match('/^\p{Ll}/u', $line->words[$from]) === 1;
        $isThingFirst = count($words) > 1 && preg_match('/^(?:'.SpeechWords::THINGS.')$/u', $words[0]) === 1;
        if (($isNamed || $isThingFirst) && $isSmall && isset($this->shelf[implode(' ', array_slice($words, 1))])) {
            return null;
        }
        $known = array_filter(array_slice($colours, $isNamed ? 1 : 0), static fn (string $w): bool => SaidColour::knows($w));
        $isColour = array_filter($colours, static fn (string $w): bool => SaidColour::isColour($w)) !== [];
        if (!$isColour || count($known) !== count($colours) - ($isNamed ? 1 : 0)) {
            return null;
        }
        if (!$isKind && self::isPartOf($colours, $named)) {
            return new Span($from, $to, SpanKind::Plain, '', (float) count($words));
        }
        if (!$isKind && !SaidColour::isColour($colours[count($colours) - 1])) {
            return null;
        }
        $isOther = $named !== [] && !isset($this->shelf[$words[0]]);
        if (count($words) === 1 && !$isKind && $isOther && preg_match('/^(?:'.SpeechWords::THINGS.')$/u', $line->word($to)) === 1) {
            return new Span($from, $to + 1, SpanKind::Note, 'thing', 2 * self::DESCRIBED, [$line->between($from, $to + 1)]);
        }
        // "Leather" may be a colour, "single stones" are none.
        $noun = $words[count($words) - 1];
        $isThing = (count($words) === 1 || preg_match('/[^s]s$/u', $noun) === 1)
            && preg_match('/^(?:'.SpeechWords::THINGS.')$/u', $noun) === 1;
        if ($isThing && ($named !== [] || $line->word($to) === ':')) {
            return null;
        }
        $score = $isThing ? self::THING : self::DESCRIBED * count($words) - ($isNamed ? 1.6 : 0.0);

        return new Span($from, $to, SpanKind::Paint, self::COLOUR, $score, [$line->between($from, $to)], $this->only($words, $isKind));
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
     * @param list<string> $named
     */
    private static function isPartOf(array $words, array $named): bool
    {
        $said = explode(' ', self::plain(implode(' ', $words)));
        foreach ($named as $name) {
            $its = explode(' ', $name);
            if (count($its) > count($said) && array_diff($said, $its) === []) {
                return true;
            }
        }

        return false;
    }

    /** Whether a word behind a name makes another of it: "dark blue" is not "dark blue wash". */
    private static function goesOn(string $word): bool
    {
        return $word !== '' && (SaidColour::isColour($word) || preg_match('/^'.TechniqueWords::KINDS.'$/u', $word) === 1);
    }

    private function nearly(string $said): ?Paint
    {
        if (mb_strlen($said) < 5) {
            return null;
        }
        foreach ($this->byLetter[$said[0]] ?? [] as $name => $paint) {
            $slips = mb_strlen($said) < 9 ? 1 : 2;
            $name = (string) $name;
            if (abs(strlen($name) - strlen($said)) <= $slips && levenshtein($name, $said) <= $slips) {
                return self::areOtherColours($name, $said) ? null : $paint;
            }
        }

        return null;
    }

    /** The one pot that has this word in its name, where it is no word for a colour or a thing: "Loam" for "Loam Wash". */
    private function partly(string $word): ?Paint
    {
        $isOther = preg_match('/^(?:cover|effects?|fluids?|setting|decals?|chipping'
            .'|'.SpeechWords::THINGS.'|'.TechniqueWords::KINDS.')$/u', $word) === 1;
        if (mb_strlen($word) < 4 || SaidColour::knows($word) || $isOther) {
            return null;
        }
        $found = [];
        foreach ($this->shelf as $name => $paint) {
            $found += in_array($word, explode(' ', (string) $name), true) ? [$paint->id => $paint] : [];
        }

        return count($found) === 1 && array_values($found)[0]->thins() === null ? array_values($found)[0] : null;
    }

    /** Whether what differs is a right word for another colour, and so no slip: "mud" is not "mid". */
    private static function areOtherColours(string $name, string $said): bool
    {
        $one = array_diff(explode(' ', $said), explode(' ', $name));

        return $one !== [] && array_filter($one, static fn (string $w): bool => !SaidColour::knows($w)) === [];
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
