<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

/** How much of what, and how far it is thinned. In patterns {N} is a number, in figures or words: a group. */
final class AmountWords
{
    private const LITTLE = '(?:just |only )?(?:a )?(?:very |tiny )?(?:little|touch|bit|dash|hint|tiny bit|smidge|tad)(?: bit)?(?:'
        .' of)?|very little|a brush tip of|(?:the |a )?tip of a brush of';

    /** @var list<array{string, string, string, list<string>}> kind, meaning, pattern, examples */
    public const ROWS = [
        ['amount', 'percent', '(?:about |roughly |around |some |on )?{N} (?:to|-|–|or) {N} ?(?:%|percent|per cent)(?: of)?',
            ['20 to 30 %']],
        ['amount', 'percent', '(?:about |roughly |around |some |on )?{N} (?:%|percent|per cent)(?: of)?(?: (?:it|them))?', ['80 %',
            'ten per cent']],
        ['amount', 'percent-it', '(?:about |roughly |around |some |on )?{N} (?:%|percent|per cent) of (?:it|them)', ['85 % of it']],
        ['amount', 'percent-33', '(?:a|one) third(?: of)?', ['one third']],
        ['amount', 'percent-67', 'two thirds(?: of)?', ['two thirds']],
        ['amount', 'percent-25', '(?:a|one) quarter(?: of)?', ['a quarter of']],
        ['amount', 'percent-75', 'three quarters(?: of)?', ['three quarters']],
        ['amount', 'drop', 'a drop of', ['a drop of']],
        ['amount', 'little', self::LITTLE, ['a little', 'a touch of']],
        ['amount', 'little', '(?<=plus |mixed with |\+ )(?:just )?(?:a|one) (?:dot|speck|blob|pinhead) of', []],
        ['amount', 'little', '(?<=with )(?:just )?(?:a|one) spot of', []],
        ['amount', 'part', '{N} (parts?)(?: of)?(?: the)?(?= (?:water|medium|[a-z]+ medium|thinner|white spirit|spirit|retarder))', []],
        ['amount', 'part', '{N} (?:parts?|drops?|brush ?-? ?loads?|brushloads?|brushfuls?|dabs?|measures?)(?: of)?(?: the)?',
            ['2 parts', 'three drops of']],
        ['amount', 'ml', '{N} ml(?: of)?', ['0.5 ml of']],
        ['amount', 'some', '(?:mixed )?(?:with )?some(?: of)?(?: (?:the|my))?', ['some']],
        ['amount', 'double', '(?:twice|double) (?:as much|its amount of|the amount of)|twice the', ['twice as much']],
        ['amount', 'half-as-much', 'half (?:as much|its amount of|the amount of)', ['half as much']],
        ['amount', 'rest', '(?:and )?the (?:rest|remainder)(?: of it)?(?: is)?', ['the rest']],
        ['amount', 'number', '{N}', ['3', 'two']],
        ['amount', 'number', 'half', ['half']],
        ['amount', 'of-each', '{N}(?: (?:parts?|drops?))? of each', ['one of each']],
        ['ratio', '', '{N} (?::|\/|to) {N} (?::|\/|to) {N}', ['2 : 1 : 1']],
        ['ratio', '', '{N}(?: (?:parts?|drops?|brushfuls?|brush-?loads?))? (?::|\/|to) {N}', ['2:1', 'two to one', '2 drops to 1']],
        ['ratio', '', '\( {N}(?: (?:parts?|drops?))? (?:\+|and) {N}(?: (?:parts?|drops?))? \)', ['(4+1)']],
        ['ratio', 'even', '(?:in )?(?:equal(?! parts| amounts| measure)(?= [a-z])|as much|'
            .'an equal amount|the same amount|equal measure|equal (?:parts|amounts)'
            .'|half and half'
            .'|fifty[ -]fifty|half[ -]half|50'
            .' - 50)(?: of)?',
            ['equal parts', 'fifty-fifty']],
        ['thinner', 'water', '(?:plain |clean |tap )?water', ['water']],
        ['thinner', 'medium', '(?:glaze |glazing |gl\. ?|gl |matt |stain )?med(?:ium)?(?: \.)?', ['medium']],
        ['thinner', 'spirit', 'white spirit|turpentine|solvent|spirit', ['white spirit']],
        ['thinner', 'retarder', 'retarder', ['retarder']],
        ['thinner', 'thinner', '(?<=with |of |part |parts |drops |airbrush |to |[0-9] )thinner', []],
        ['any-paint', '', '(?<=% |percent |cent |it |part |parts |of |to |one |[0-9] )(?:paint|colou?r)', []],
        ['consistency', 'neat', 'straight(?! down)(?: (?:from|out of) the (?:pot|bottle))?|(?:from|out of) the (?:pot|bottle)'
            .'|undiluted|unthinned|'
            .'as it comes|no thinning|(?:with )?no water|without (?:any )?(?:water|thinning)|(?:do not|don\'t) thin(?: it)?|not'
                .' thinned(?: at'
                .' all)?', ['straight from the pot',
                'neat', 'no water']],
        ['consistency', 'neat', '(?<!be |is |are )neat(?! (?:thin )?(?:lines?|edges?|strokes?|dots?|little|and))(?! work)', ['neat']],
        ['consistency', 'like', '(?:(?:thin(?:ned)?|dilut(?:e|ed))(?: (?:it|down|them))? )?(?:(?:with|in) (water|medium)'
            .' )?(?:(?:until|till) )?(?:(?:it )?(?:is|runs|flows) )?'
            .'(?:as thin as|as|like|about like|to|(?:to )?(?:the |a )?(?:thickness|consistency) of)(?: (?:a|the))? ((?:double |thin'
                .' |skimmed |single |whole'
                .' )?(?:cream|milk)|ink|tea|tinted water|coloured water)',
            ['thinned until it runs like milk', 'like milk']],
        ['consistency', 'like', '(?:thin(?:ned)? )?(?:to )?(?:a )?(milk)y(?: consistency)?|thin(?: ,)? but not (?:too )?(?:watery'
            .'|runny)', ['milky', 'thin but not watery']],
        ['consistency', 'further', '(?:(?:a )?(?:bit|little|touch|tad) |slightly |somewhat |even |still |much )?(?:more thinned'
            .'|thinner(?! (?:than the )?lines?))(?: (?:this time|again|still))*|thin(?:ned)? (?:it )?(?:a bit |a little |slightly'
            .' )?(?:more|further)|more water', ['a bit thinner']],
        ['consistency', 'less', '(?:(?:a )?(?:bit|little|touch|tad) |slightly |somewhat |much )?(?:less (?:thin|thinned|diluted)'
            .'|thicker|less water)(?: (?:this time|again))*', ['less thin', 'a bit thicker']],
        ['consistency', 'slightly', '(?:thin(?:ned)?|dilut(?:e|ed))(?: (?:it|this|them))? (?:slightly|a little|a bit|a touch|just a'
            .' little)(?: (?:with|in) (water|medium))?|'
            .'(?:slightly|a little|a bit) (?:thinned|diluted|watered(?: down)?)', ['thin it slightly']],
        ['consistency', 'mostly', '(?:it is |it\'s )?(?:mostly|nearly all|almost all|nearly only|hardly anything but) (water'
            .'|medium)', ['mostly water']],
        ['consistency', 'open', '(?:with |and )?(?:lots of|plenty of|a lot of|loads of) (water|medium)', ['lots of medium']],
        ['consistency', 'open', '(?:very |quite |nice and |well |really )?(?:thin(?:ned)?|dilut(?:e|ed)|watered down)(?: (?:it|this'
            .'|them|your|the))?(?: (?:well|a lot|down|far))*', ['thinned', 'thin']],
        ['consistency', 'open', '(?:water|thin)(?:ed|ing)? (?:it )?down(?: (?:the|it))?', ['water down the']],
        ['consistency', 'open', '(?:water(?:ed)? |thin(?:ned)? )?(?:until|till) it (?:runs|flows)(?: (?:freely|well|by itself|off'
            .' (?:the|your) brush))?', ['until it runs']],
        ['plain', '', 'thinn?(?:ed)? (?:to|with|in)', []],
    ];
}
