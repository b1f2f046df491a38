<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Colour\SaidColour;
use Kalokroma\Film\Face;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Paint;

/** Reads a line clause by clause: each takes its words out, and what nobody knows stays as a note. */
final readonly class LineReader
{
    /** Said beside the work: kept as words. */
    private const ASIDES = [
        '\b(?:this (?:step )?is )?optional(?:ly)?\b',
        '\b(?:exactly )?(?:the )?same (?:as|like) (?:on |for )?(?:the |my )?[\p{L} ]+',
        '\bnot (?:on|for|to) the [\p{L} ]+?(?: ones)?(?=\s*(?:$|[,.;¦]))',
        '\binstead\b',
        '\b(?:after|before|once|when) (?:the |all |my )?[\p{L}\d⟦⟧ ]+? (?:is|are) (?:done|dry|finished|on|painted)\b',
        '^(?:before|after) the [\p{L} ]+(?=\s*:)',
        '\b[\p{L}\d⟦⟧]+(?: [\p{L}\d⟦⟧]+)? stays?(?: as (?:it is|they are))?\b',
        '\bkeep(?:ing)? (?:the |some )?[\p{L}\d⟦⟧ -]+? (?:in|for|on) (?:the )?[\p{L}]+(?: [\p{L}]+)?',
        '\b(?:no|without(?: a| the| any)?) (?:wash(?:ing)?|glaz(?:e|ing)|drybrush(?:ing)?|edges?|highlights?|varnish)(?: here)?\b',
        '\b(?:very )?(?:heav(?:y|ily)|gently|lightly|carefully|roughly|quickly|sparingly)\b',
    ];

    private const LEFT_OUT = '\b(?:(?:but )?(?:i|we) )?(?:skip(?:ped)?|left (?:it )?out|leave (?:it )?out|did(?: not|n\'t) do)'
        .'(?: this| it| that)?\b';

    private Names $names;

    /** @param list<Paint> $shelf */
    public function __construct(array $shelf)
    {
        $this->names = new Names($shelf);
    }

    public function read(string $line): Said
    {
        $names = clone $this->names;
        $phrase = self::phrase($line);
        $names->quoted($phrase);
        $names->owned($phrase, 2);
        $product = $names->thinner($phrase);
        $isLeftOut = $phrase->take(self::LEFT_OUT) !== null;
        $wait = self::wait($phrase);
        $how = SaidHow::taken($phrase);
        $thinning = ToldThinning::taken($phrase);
        $rounds = Rounds::taken($phrase);
        $level = SaidLevel::taken($phrase);
        self::asides($phrase);
        $who = SaidWho::taken($phrase);
        $technique = SaidTechnique::taken($phrase, several: true);
        $place = SaidPlace::taken($phrase);
        $names->owned($phrase, 1);
        $names->slips($phrase, 2);
        $technique ??= self::unlessKind($phrase, self::marks($phrase) !== []);
        [$marks, $amounts] = self::paints($phrase, $names, $rounds->more);
        $thinning = self::thinned($phrase, $thinning, count($marks))->by($product);
        $read = $phrase->notes();
        $doubts = self::leftover($phrase, $marks === []);

        return new Said(
            $technique ?? ($place->edges ? Technique::EdgeHighlight : null),
            array_map($names->at(...), $marks),
            $amounts,
            $thinning,
            $rounds,
            self::placed($place, $technique),
            $place->strokes,
            $who,
            $level,
            $wait,
            $isLeftOut,
            $phrase->notes(),
            $doubts,
            array_values(array_diff($phrase->notes(), $read)),
            $how,
            $place->folds,
        );
    }

    private static function phrase(string $line): Phrase
    {
        $phrase = new Phrase(self::figures(str_replace(['⟦', '⟧', '§', Phrase::GAP], ' ', $line)));
        self::bracketed($phrase);

        return $phrase;
    }

    private static function asides(Phrase $phrase): void
    {
        foreach (self::ASIDES as $aside) {
            $phrase->note($phrase->take($aside)[0] ?? '');
        }
    }

    /** Shares and amounts in words, and those with a span, as figures: "one third", "ten per cent", "20 to 30 %". */
    private static function figures(string $line): string
    {
        $tens = ['ten' => 10, 'twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'seventy' => 70,
            'eighty' => 80, 'ninety' => 90];
        $shares = ['a third' => 33, 'one third' => 33, 'two thirds' => 67, 'a quarter' => 25, 'one quarter' => 25, 'three quarters' => 75,
            'half' => 50];
        $line = (string) preg_replace('/\bper cent\b/iu', 'percent', $line);
        $line = (string) preg_replace_callback(
            '/\b('.implode('|', array_keys($tens)).')\s*(?=%|percent\b)/iu',
            static fn (array $m): string => (string) $tens[mb_strtolower($m[1])].' ',
            $line,
        );
        $line = (string) preg_replace_callback(
            '/\b(\d{1,2})\s*(?:to|-|–|or)\s*(\d{1,3})\s*(?:%|percent)/iu',
            static fn (array $m): string => intdiv((int) $m[1] + (int) $m[2], 2).' %',
            $line,
        );

        return (string) preg_replace_callback(
            '/(?<!upper |top |lower |bottom |the )\b('.implode('|', array_keys($shares))
                .')(?: of)?(?= (?!an? |the |of |and |hour|way|cent)\p{Lu})/u',
            static fn (array $m): string => $shares[mb_strtolower($m[1])].' %',
            $line,
        );
    }

    public static function withoutBullet(string $line): string
    {
        return (string) preg_replace('/^\s*(?:\d{1,2}[.)]\s|[-*•–]\s*|step \d{1,2}\s*[:.]?\s*)/iu', '', $line);
    }

    /** @return array{minutes: int|null}|null null where no waiting is said */
    private static function wait(Phrase $phrase): ?array
    {
        [$waits, $minutes, $words] = SaidWait::taken($phrase);
        if ($waits && $minutes === null && trim($phrase->rest(), ' '.Phrase::GAP) !== '') {
            $phrase->note($words);
        }

        return $waits ? ['minutes' => $minutes] : null;
    }

    /**
     * @param string $more of which there is more each time
     *
     * @return array{list<int>, array{parts: list<int>, open: list<int>, pair: bool, not: array<int, string>}} marks and amounts
     */
    private static function paints(Phrase $phrase, Names $names, string $more): array
    {
        $phrase->become($phrase->rest().($more === '' ? '' : ' '.Phrase::GAP.' some '.$more));
        $names->owned($phrase, 1);
        $names->slips($phrase, 1);
        $names->described($phrase);
        $marks = self::marks($phrase);
        $amounts = Amounts::taken($phrase, $marks);
        foreach ($amounts['not'] as $i => $how) {
            $phrase->note(trim($how.' '.$names->at($marks[$i])['said']));
        }

        return [$marks, $amounts];
    }

    /** What stands in square brackets is meant as mere words. */
    private static function bracketed(Phrase $phrase): void
    {
        while (($said = $phrase->take('\[([^\]]{0,300})\]')) !== null) {
            $phrase->note($said[1]);
        }
        $phrase->become(str_replace(['(', ')'], [' , ', ' , '], $phrase->rest()));
    }

    /**
     * The technique, unless the word says what kind of paint a colour is: "brown wash".
     *
     * @param bool $isPainted whether a paint is named: then it is work with paint
     */
    private static function unlessKind(Phrase $phrase, bool $isPainted): ?Technique
    {
        $before = $phrase->rest();
        $hidden = [];
        $phrase->become((string) preg_replace_callback(
            '/(\b\p{L}[\p{L}\'-]*)(\s+)('.SaidTechnique::KINDS.')\b/iu',
            static function (array $m) use (&$hidden): string {
                if (!SaidColour::knows($m[1])) {
                    return $m[0];
                }
                $hidden[] = $m[3];

                return $m[1].$m[2].'§'.(count($hidden) - 1).'§';
            },
            $before,
        ));
        $technique = SaidTechnique::taken($phrase, isPainted: $isPainted);
        $phrase->become((string) preg_replace_callback(
            '/§(\d+)§/u',
            static fn (array $m): string => $hidden[(int) $m[1]] ?? '',
            $phrase->rest(),
        ));

        return $technique;
    }

    private static function thinned(Phrase $phrase, ToldThinning $thinning, int $paints): ToldThinning
    {
        $bare = $thinning->thinning !== null || $paints !== 1 ? $thinning : ToldThinning::bare($phrase);

        return $bare->said ? $bare : $thinning;
    }

    private static function placed(SaidPlace $said, ?Technique $technique): Place
    {
        $place = $said->place;
        if (!$said->edges || $technique === null || $technique === Technique::EdgeHighlight) {
            return $place;
        }

        return $place->face !== null ? $place : new Place(Face::Ridge, $place->part, $place->light, $place->share);
    }

    /** @return list<int> */
    private static function marks(Phrase $phrase): array
    {
        preg_match_all('/'.Names::MARK.'/u', $phrase->rest(), $found);

        return array_map(intval(...), $found[1]);
    }

    /**
     * What no clause knows: notes, or, where no paint is named, what may be the name of one.
     *
     * @return list<string>
     */
    private static function leftover(Phrase $phrase, bool $isWithoutPaint): array
    {
        $doubts = [];
        foreach (preg_split('/(?:[¦,;.+&()]|(?<!\d):|:(?!\d))+|\s-+\s|\band\b/u', $phrase->rest()) ?: [] as $words) {
            $words = trim($words, " \t-–");
            $words = (string) preg_replace('/^(?:(?:of|with|in|and|then|the|a|an|using|use|some)\s+)+|(?:\s+(?:of|with|in|and|then|'
                .'the|a|to))+$/iu', '', $words);
            if ($words === '' || Names::isPlain($words)) {
                continue;
            }
            if ($isWithoutPaint && Names::mayBeName($words)) {
                $doubts[] = $words;
            }
            $phrase->note($words);
        }

        return $doubts;
    }
}
