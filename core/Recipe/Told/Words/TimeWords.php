<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

/** How often, how long, until when, and in which order. */
final class TimeWords
{
    private const WAIT = '(?:and |then )*(?:wait(?:ing)?|(?:let|allow) (?:it |this |that |them |all |everything '
        .'|the [a-z]+ (?:[a-z]+ )?)?(?:to )?'
        .'(?:dry|rest|cure|set|sit|work|soak)|(?:leave|give) (?:it |this |that |them )?(?:to dry|alone)?|'
        .'dry(?:ing)?(?: time)?(?: :)?|dries|cure)(?: (?:for|about|at least|some|well|until|another|fully|a good|a full|a whole))*';
    private const UNIT = '(minutes?|mins?|hours?|hrs?|h|days?|weeks?|nights?)';
    private const COATS = '(?:coats?|passes|pass|layers|times|x|goes|c)';
    private const THIN = '(?:(?:very )?thin |more |further |even )*';

    /** @var list<array{string, string, string, list<string>}> kind, meaning, pattern, examples */
    public const ROWS = [
        ['coats', 'range', '(?:in )?{N} (?:-|–|to|or) {N} '.self::THIN.self::COATS.'(?: of)?', ['3 to 4 coats']],
        ['coats', 'some', '(?:in )?(?:several|a few|some|a couple of|many) '.self::THIN.self::COATS.'(?: of)?', ['several thin coats']],
        ['coats', 'number', '(?!(?:one|a|1) (?:more|further)|an? (?!couple|few))(?:in |no more than |at most |at least |up to '
            .'|about )?{N} '.self::THIN.self::COATS.'(?: of)?', ['two coats']],
        ['coats', 'number', '(?:x|×) {N}', ['x 2']],
        ['coats', 'number', '{N}(?: (?:successive|thin|light|more|very))*(?= (?:glazes|washes|filters))', []],
        ['coats', 'twice', 'twice', ['twice']],
        ['coats', 'thrice', 'thrice', ['thrice']],
        ['loop', 'until', '(?:again and again |and again |repeat(?:ed|ing)? |again )?until (?:(?:it is|it\'s|it looks|they are|they'
            .' look) )?((?:[^ ,;:.]+ ?){1,8})',
            ['again until bright enough']],
        ['loop', 'smaller', '(?:each|every)(?: (?:one|time|round))?(?: (?:a (?:little|bit)|slightly))? smaller(?: than the last)?'
            .'|(?:(?:always|ever) )?smaller (?:each|every|ea \.?)(?: (?:time|round))?'
            .'|smaller and smaller', ['each time smaller', 'smaller every time']],
        ['loop', 'each', '(?:each|every) (?:time|round|layer|pass)', ['each time']],
        ['loop', 'rounds', '(?:in |for )?{N} rounds?', ['three rounds']],
        ['loop', 'most', '(?:but )?(?:not|no) more than {N} (?:times|rounds)|(?:at most|up to|max(?:imum)?) {N} (?:times|rounds)',
            ['at most six times']],
        ['again', 'over', 'again and again|over and over', ['over and over']],
        ['again', '', '(?:and )?(?:once )?(?:again|once more|one more time|repeat(?:ed)?)|re-?appl(?:y|ied)|re-?establish(?:ed)?'
            .'|put back', ['again', 'once more']],
        ['more', '', '(?:(?:and|with|adding|add) )?(?:(?:a )?(?:little|bit|touch) )?more(?: of)?(?: the)?', ['more', 'a little more']],
        ['more', 'plus', '^(?:\+|plus|and add|add|adding)(?: (?:the|some))?', ['plus']],
        ['wait', 'overnight', self::WAIT.' ?(?:overnight|over night|the next (?:day|evening|morning)|tomorrow|till tomorrow|until'
            .' tomorrow)'
            .'|(?:dried |dry |left )?(?:overnight|over night)|'
            .'(?:come back|continue|go on|more|carry on) tomorrow|tomorrow', ['wait overnight', 'come back tomorrow']],
        ['wait', 'half', self::WAIT.' ?(an hour and a half|half an hour|half a day|a quarter of an hour|{N} and a half hours?)',
            ['wait half an hour']],
        ['wait', 'time', self::WAIT.' ?(?:{N} )?(?:good |full |whole )?'.self::UNIT.'(?: (?:or so|or more|at least))?',
            ['wait 2 hours', 'let it dry 20 minutes']],
        ['wait', 'time', self::WAIT.' ?{N} (?:to|-|–|or) \d+ '.self::UNIT, ['wait 20 to 30 minutes']],
        ['wait', 'time', '{N} '.self::UNIT.' (?:of )?(?:drying|dry|rest)(?: time)?', ['30 min drying']],
        ['wait', 'time', '{N} '.self::UNIT.' or so', ['ten minutes or so']],
        ['wait', 'after', '(?:after|in) (?:about |some )?(?:{N}|half an) '.self::UNIT.'(?: or so)?', ['after an hour or so']],
        ['wait', 'dry', '(?:and |then )*(?:wait|let (?:it |this |that |all |them |everything |the [a-z]+ (?:[a-z]+ )?)?(?:dry|rest'
            .'|cure|set)|leave (?:it '
            .'|them )?(?:to dry))(?: (?:fully|completely|well|first|properly|out))*', ['let it dry']],
        ['wait', 'dry', 'wait (?:until|till) (?:it is|it\'s|the shine (?:has|is)|everything is|that is)(?: (?:fully|completely'
            .'|touch))? (?:dry|gone|off)|'
            .'until (?:it is |it\'s )?(?:fully |completely )?dry', ['wait till the shine has gone']],
        ['note', 'hairdryer', '(?:with (?:a|the) |use (?:a|the) )?hair ?-?dryer', ['hairdryer']],
        ['note', 'order', '(?:after|before|once|when|while|as soon as) (?:(?!is |are |, ).)*?(?:is|are|has|have)(?: (?:fully|all'
            .'|completely))? (?:done|dry|dried|finished|on|painted|in place|set|cured|wet|damp|tacky)',
            ['after the steel is done', 'when it is dry']],
        ['note', 'order', '(?:after|before|b ?4) (?:(?:the|any|all|my) )?[a-z-]+(?: and (?:the )?[a-z-]+)?(?: :)?',
            ['before the strings']],
        ['note', 'covers', 'until (?:it )?(?:(?:is|has|was) )?(?:covers?|covered|even|opaque|solid)', ['until it covers']],
        ['note', 'order', '(?:before|when|while|after) (?:[a-z]+ing|(?:you|i|we) (?:[a-z]+)(?: (?:it|them|on))?(?: again)?)(?: it)?',
            ['when glazing', 'before you touch it again']],
        ['note', 'order', '(?:for |until )?later(?: on)?|at the (?:very )?end|another day', ['later']],
        ['note', 'order', 'when (?:fully )?dry|once (?:fully )?dry|(?:that|it) comes (?:first|last)|do (?:this|that) (?:first|last)',
            ['when dry']],
        ['note', 'order', '(?:the )?[a-z]+ first(?: ,)? then (?:the )?[a-z]+', ['eyes first, then the face']],
        ['then', '', '(?:and |, |; |\. )?(?:then|after that|after this|afterwards|finally|next|lastly)(?: ,)?', ['then']],
        ['then', '', '[.;](?= [a-z])|;|→', [';']],
        ['comma', 'fact', '·', []],
        ['comma', '', ',', [',']],
        ['comma', '', ':|-(?= [a-z])|–|\/', [':']],
        ['plain', '', '\(|\)', []],
        ['then', '', '(?<!: )\d{1,2} \)', []],
        ['and', '', '(?:darkened|lightened|brightened|toned down|tinted|cut|warmed(?: up)?|cooled(?: down)?) with', ['darkened with']],
        ['and', '', 'and|&|\+|plus|with|mixed with|together with|mixed into', ['and']],
        ['into', '', 'and (?:end|finish)(?:ing)? (?:in|with|on)|ending (?:in|with|on)', ['and end in']],
        ['into', '', '(?:in)?to(?: the)?|up to(?: the)?|- + ?>?', ['into']],
        ['plain', '', '[.]$', []],
    ];
}
