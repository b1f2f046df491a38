<?php

declare(strict_types=1);

namespace Kalokroma\Shelf\Typed;

use Kalokroma\Word\Line;

/** What people write of their pots: one row each, with examples that are tried in the tests. The longest words win,
    see {@see PotCell}. */
final class PotWords
{
    private const NUMBER = '(\d{1,4}(?:[.]\d+)?|0,\d+|one|two|three|four|five|six|seven|eight|nine|ten)';
    private const MARK = '(?:decal|marking|mark|transfer)s?';
    private const SHEENS = '(?:(?:ultra[ -])?matte?|satin|(?:semi[ -]?)?gloss)';

    private const PLACES = '(?:drawer|shelf|box|rack|case|tray|cupboard|cabinet|bin|row|bag|crate|tower|stand)';

    /** @var list<array{string, string, string, list<string>}> word, meaning, pattern, examples */
    public const ROWS = [
        ['kind', 'primer', 'primers?|undercoat|surfacer|priming(?: paint)?|ground$', ['primer']],
        ['kind', 'thinner', '(?:airbrush |acrylic |paint |enamel |oil )?thinners?|reducer|solvent|isopropyl(?: alcohol)?|isopropanol',
            ['airbrush thinner']],
        ['kind', 'thinner:enamel and oil', '(?:enamel|oil) thinner|white spirit|turpentine|turps|mineral spirits?|spirit$|solvent'
            .'|odou?rless (?:thinner|spirit)', ['white spirit']],
        ['kind', 'thinner:cleaning', '(?:airbrush |brush |paint )?cleaner|brush soap|cleaning (?:fluid|solution)', ['airbrush cleaner']],
        ['kind', 'medium', '(?:glaze|glazing|matte?|gloss|satin|wash|stain|ink|metal|metallic|airbrush|mixing|acrylic|transparent) medium'
            .'|mediums|medium(?! (?!for|bottle|pot|jar|tube|from|in|and|or|half|nearly|almost|full|empty|very|drawer|rack|box'
            .'|x)[a-z])|retarder|flow (?:improver|aid|enhancer)|extender|(?:matte?|gloss|acrylic) gel', ['glaze medium', 'retarder']],
        ['kind', 'varnish', self::SHEENS.' (?:varnish|coat|lacquer|sealer)|varnish|lacquer|sealer|sealant|clear ?coat|top ?coat'
            .'|clear '.self::SHEENS.'|'.self::SHEENS.' clear',
            ['satin varnish']],
        ['kind', 'effect:setting markings', 'setting (?:fluid|solution|liquid)|'.self::MARK.' (?:set|setter|setting|fix|fixer|fixative)'
            .'(?: (?:fluid|solution))?', ['setting fluid', 'decal fixer']],
        ['kind', 'effect:softening markings', '(?:'.self::MARK.' )?(?:softener|softening (?:fluid|solution))|'.self::MARK.' soft',
            ['mark softener']],
        ['kind', 'effect:chipping', 'chipping (?:fluid|medium|liquid|effect)', ['chipping liquid']],
        ['kind', 'effect:masking', 'masking (?:fluid|liquid|film)|liquid mask', ['masking fluid']],
        ['kind', 'effect', '(?:special )?effects?(?: paint)?|slime$|crackle(?: (?:medium|paint|effect))?|chipping', ['effect',
            'crackle medium']],
        ['kind', 'texture', '(?:texture|basing|ground|crackle) paste|textures?(?: paint)?|paste|silt|shingle',
            ['texture paste']],
        ['kind', 'wash', 'wash|washes|shade|shader|shades', ['wash']],
        ['kind', 'stain', 'stain|tint|one[ -]coat(?: paint)?|glaze(?: paint)?', ['stain']],
        ['kind', 'ink', 'inks?', ['ink']],
        ['kind', 'enamel', '(?:pin )?(?:enamel|enamels)(?: (?:wash|paint|colou?r))?', ['enamel wash']],
        ['kind', 'oil', 'oils?(?: (?:paint|colou?r|wash))?', ['oil paint']],
        ['kind', 'pigment', '(?:weathering |dry )?(?:pigments?(?: powder)?|powders?)', ['weathering powder']],
        ['kind', 'metallic', 'metallics?|metal (?:paint|colou?r)|metal$', ['metallic']],
        ['kind', 'semi-opaque', 'semi[ -]?(?:opaque|transparent|covering)|semi$|weak|thin cover|covers? (?:badly|poorly)'
            .'|fluorescent|neon',
            ['semi-opaque', 'fluorescent']],
        ['kind', 'opaque', 'opaque|covering(?: paint)?|covers? well|full cover|base ?coat|base ?paint|base$|layer(?: ?paint)?',
            ['opaque']],
        ['plain', 'paint', '(?:acrylic )?(?:paint|colou?r|coloured|acrylic)|water[ -]?based', ['acrylic']],
        ['form', 'spray can', '(?:spray|rattle|paint)[ -]?cans?|(?<!\bsea )(?<!\bsalt )(?<!\bocean )(?<!\bsurf )spray(?: paint)?|aerosol'
            .'|cans?(?: of)?', ['rattle can', 'spray', 'can of']],
        ['form', 'airbrush-ready', '(?:for (?:the |my )?)?air-?brush(?:[ -](?:ready|paint|colou?r|only))?|air$|air(?= (?:primer|paint'
            .'|varnish))', ['for the airbrush', 'airbrush-ready']],
        ['form', 'bottle', 'brush[ -]?on|by brush|(?:dropper )?bottle|pots?|jar', ['brush-on']],
        ['form', 'tube', 'tubes?(?: of)?', ['tube']],
        ['form', 'pen', '(?:paint |brush )?(?:pens?|markers?)|paint sticks?|stick$|pencils?', ['paint pen']],
        ['form', 'sheet', '(?:'.self::MARK.' )?sheets?(?: of '.self::MARK.')?|decals|transfers', ['decal sheet']],
        ['sheen', 'matt', '(?:ultra[ -])?matte?', ['matt']],
        ['sheen', 'satin', 'satin|semi[ -]?gloss|eggshell', ['satin']],
        ['sheen', 'gloss', 'gloss(?:y)?|shiny', ['gloss']],
        ['hex', '', '(# ?[0-9a-f]{6})', ['#16223a']],
        ['left-ml', '', '(?:about |still |only |some )*{N} ?ml (?:left|remaining|in it)', ['8 ml left']],
        ['ml', '', '{N} ?ml(?: (?:bottle|pot|can|tube|dropper|jar))?', ['17 ml']],
        ['left', '1', '(?:brand )?new|full|unopened|sealed|untouched|not opened', ['unopened']],
        ['left', '0.9', '(?:nearly|almost|mostly) full', ['nearly full']],
        ['left', '0.75', '(?:about |roughly |still )?(?:three quarters|3 / 4|¾|75 %)(?: (?:full|left))?', ['three quarters left']],
        ['left', '0.67', '(?:about |roughly |still )?(?:two thirds|2 / 3)(?: (?:full|left))?', ['two thirds left']],
        ['left', '0.5', '(?:about |roughly |still )?(?:a )?half(?:[ -](?:full|left|empty|gone|used(?: up)?|a bottle))?|1 / 2|½|50'
            .' %(?: left)?',
            ['half full', 'half-empty', 'about half left']],
        ['left', 'percent', '(?:about |roughly |still )?{N} %(?: (?:full|left))?', ['80 %']],
        ['left', '0.33', '(?:about |roughly |still )?(?:a |one )?(?:third|1 / 3)(?: (?:full|left))?', ['about a third left']],
        ['left', '0.25', '(?:about |roughly |still )?(?:a |one )?(?:quarter|1 / 4|¼|25 %)(?: (?:full|left))?', ['quarter full']],
        ['left', '0.1', '(?:nearly|almost|practically) (?:empty|out|gone|used up|finished|done)|(?:just )?a (?:little|bit|drop|few drops)'
            .' left|(?:very )?little left|running (?:low|out)|low|last drops?|not much left|dregs', ['almost empty', 'a bit left']],
        ['left', '0', 'empty|used[ -]up|all gone|gone|dried[ -](?:up|out|in)|dead|finished', ['dried up']],
        ['one-empty', '0', '(?:one|1)(?: of (?:them|the two))?(?: is)? (?:empty|dried[ -](?:up|out)|gone|used up)', ['one dried up']],
        ['one-empty', '0.1', '(?:one|1)(?: of (?:them|the two))?(?: is)? (?:nearly|almost) (?:empty|out|gone|used up)',
            ['one nearly gone']],
        ['one-empty', '0.5', '(?:one|1)(?: of (?:them|the two))?(?: is)? half(?:[ -](?:full|left|empty|gone))?', ['one half full']],
        ['count', '', '(?:x|×) ?{N}', ['x2']],
        ['count', '', '{N} ?(?:x|×)', ['3 x']],
        ['count', '', '{N} (?:bottles|pots|cans|tubes|jars)(?: of)?', ['two bottles']],
        ['count', '2', 'twice|a pair', ['twice']],
        ['place', '', '(?:in |on |from )?(?:the |my )?(?:(?:top|bottom|upper|lower|middle|left|right|back|front|first|second|third) )*'
            .self::PLACES.'(?: (?:no \.? ?)?(?:\d{1,3}|[a-h]|left|right|top|bottom|one|two|three|four))?', ['drawer 2', 'top shelf']],
        ['place', '', '(?:in |on |from )?(?:the |my )?(?:garage|cellar|attic|desk|bench|workshop|kitchen|balcony|window ?sill)',
            ['garage']],
        ['wish', '', 'wish(?: ?list|ed)?|(?:need|want|have|got)? ?to (?:buy|get|order)|want(?:ed)?|need(?:ed)?|not owned|(?:do not'
            .'|don\'t)'
            .' (?:have|own)(?: (?:it|yet))*|missing|on order|buy', ['wish list', 'need to buy']],
        ['owned', '', 'owned|have(?: it)?|own(?: it)?|got(?: it)?|yes|✓', ['have it']],
        ['recesses', '', 'for (?:the )?(?:recess(?:es)?|shading|shadows|lining|lines|folds|panel lines|cracks)', ['for recesses']],
        ['other', '', '(?:super|pva|plastic|poly|contact|wood) ?-?(?:glue|cement)|(?:super)?glue|cement|putty|filler'
            .'|(?:grass )?tufts?|static grass|flock|real (?:sand|stones?)|sand ?paper', ['pva glue', 'grass tufts']],
        ['plain', '', 'the|my|a|an|of|and|is|still|left|about|no|nr|,|\.|\(|\)|-|\?|!', []],
    ];

    /** @return list<PotSpan> */
    public static function in(Line $line): array
    {
        $found = [];
        foreach (self::ROWS as [$word, $means, $pattern]) {
            foreach ($line->find(str_replace('{N}', self::NUMBER, $pattern)) as [$from, $to, $groups]) {
                $found[] = new PotSpan($from, $to, PotWord::from($word), $means, $groups[1] ?? '');
            }
        }

        return $found;
    }

    /** A number as it was said; 0 where it is none. */
    public static function number(string $said): float
    {
        $words = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
        $at = array_search($said, $words, true);

        return $at === false ? (float) str_replace(',', '.', $said) : $at + 1.0;
    }
}
