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
        $phrase = new Phrase(str_replace(['⟦', '⟧', '§', Phrase::GAP], ' ', $line));
        $names = clone $this->names;
        self::bracketed($phrase);
        $names->quoted($phrase);
        $names->owned($phrase, 2);
        $isLeftOut = $phrase->take(self::LEFT_OUT) !== null;
        $wait = self::wait($phrase);
        $thinning = ToldThinning::taken($phrase);
        $rounds = Rounds::taken($phrase);
        $level = SaidLevel::taken($phrase);
        foreach (self::ASIDES as $aside) {
            $phrase->note($phrase->take($aside)[0] ?? '');
        }
        $who = SaidWho::taken($phrase);
        $technique = SaidTechnique::taken($phrase, several: true);
        $place = SaidPlace::taken($phrase);
        $names->owned($phrase, 1);
        $names->slips($phrase, 2);
        $technique ??= self::unlessKind($phrase, self::marks($phrase) !== []);
        [$marks, $amounts] = self::paints($phrase, $names, $rounds->more);
        $bare = $thinning->thinning !== null || count($marks) !== 1 ? $thinning : ToldThinning::bare($phrase);
        $thinning = $bare->said ? $bare : $thinning;
        $doubts = self::leftover($phrase, $marks === []);

        return new Said(
            $technique ?? ($place->edges ? Technique::EdgeHighlight : null),
            array_map($names->at(...), $marks),
            $amounts,
            $thinning,
            $rounds,
            $place->edges && $technique !== null && $technique !== Technique::EdgeHighlight ? self::onEdges($place->place) : $place->place,
            $place->strokes,
            $who,
            $level,
            $wait,
            $isLeftOut,
            $phrase->notes(),
            $doubts,
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

    private static function onEdges(Place $place): Place
    {
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
