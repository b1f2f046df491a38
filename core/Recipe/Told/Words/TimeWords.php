<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

/** How often, how long, until when, and in which order. */
final class TimeWords
{
    /** No word for time, for whoever paints, or for painting at all, but something on the figure. */
    private const THING = '(?:(?:the|any|all|my) )?(?!(?:the|any|my|it|that|this|them|they|these|those|you|we|i|an?|each|few|some'
        .'|half|about|one|two|every|use|hours?|minutes?|evening|day|time|dinner|lunch|supper|breakfast|tea|work|bed|sleep|long|now'
        .'|hand|next|last|first|dry|everything|all|a while|assembly|priming|undercoating)\b)'
        .'(?!(?!wash|varnish|drybrush|glaz|weather|bas|glu|lin|highlight|dust)[a-z]+ing\b)';

    private const WAIT = '(?:and |then )*(?:wait(?:ing)?|(?:let|allow) (?:it |this |that |them |all |everything '
        .'|the [a-z]+ (?:[a-z]+ )?)?(?:to )?'
        .'(?:dry|rest|cure|set|sit|work|soak)|(?:leave|give) (?:it |this |that |them )?(?:to dry|alone)?|'
        .'dry(?:ing)?(?: time)?(?: :)?|dries|cure)(?: (?:for|about|at least|some|well|until|another|fully|a good|a full|a whole))*';
    private const UNIT = '(minutes?|mins?|hours?|hrs?|h|days?|weeks?|nights?)';
    private const COATS = '(?:coats?|passes|pass|layers|times|x|goes|c)';
    private const DOZEN = '(?:in |about |around |some |maybe |perhaps )*(?:half )?a dozen (?:or so )?';
    private const THIN = '(?:(?:very )?(?:thin|light|quick|smooth|good|wet|even|full) |more |further )*';

    /** @var list<array{string, string, string, list<string>}> kind, meaning, pattern, examples */
    public const ROWS = [
        ['coats', 'range', '(?:in )?{N} (?:-|–|to|or) {N} '.self::THIN.self::COATS.'(?: of)?', ['3 to 4 coats']],
        // Said of a list, it counts its paints and not the coats of each.
        ['note', 'not-planned', '{N} (?:(?:thin|quick|soft) )?(?:layers|tones|shades|steps|stages|colours)(?= (?:from|of (?:the'
            .' )?[a-z]+ on|:|in the) )',
            []],
        ['note', 'not-planned', '(?<=: ){N} (?:(?:thin|quick|soft) )?(?:layers|tones|shades|steps|stages|colours)(?= ,|$)', []],
        ['coats', 'some', '(?:in )?(?:several|a few|some|a couple of|many) '.self::THIN.self::COATS.'(?: of)?', ['several thin coats']],
        ['coats', 'number', '(?!(?:one|a|1) (?:more|further)|an? (?!couple|few))(?:in |no more than |at most |at least |up to '
            .'|about )?{N} '.self::THIN.self::COATS.'(?: of)?', ['two coats']],
        ['coats', 'number', '(?:x|×) {N}', ['x 2']],
        ['coats', 'dozen', '('.self::DOZEN.')'.self::THIN.self::COATS.'(?: of)?', ['a dozen thin passes of']],
        ['coats', 'number', '{N}(?: (?:successive|thin|light|more|very))*(?= (?:glazes|washes|filters))', []],
        ['coats', 'twice', 'twice', ['twice']],
        ['coats', 'thrice', 'thrice', ['thrice']],
        ['loop', 'until', '(?:again and again |and again |repeat(?:ed|ing)? |again )?until (?:(?:it is|it\'s|it looks|they are|they'
            .' look) )?((?:[^ ,;:.]+ ?){1,8})',
            ['again until bright enough']],
        ['loop', 'smaller', '(?:each|every)(?: (?:time|round))(?: (?:a (?:little|bit)|slightly))? smaller(?: than the last)?'
            .'|(?:(?:always|ever) )?smaller (?:each|every|ea \.?)(?: (?:time|round))?'
            .'|smaller and smaller', ['each time smaller', 'smaller every time']],
        ['loop', 'each-smaller', '(?:each|every)(?: one)?(?: (?:a (?:little|bit)|slightly))? smaller(?: than the (?:last|one'
            .' before))?', []],
        ['loop', 'each', '(?:each|every) (?:time|round|layer|pass|coat|one(?= with))', ['each time']],
        ['loop', 'rounds', '(?:in |for )?{N} rounds?', ['three rounds']],
        ['loop', 'most', '(?:but )?(?:not|no) more than {N} (?:times|rounds)|(?:at most|up to|max(?:imum)?) {N} (?:times|rounds)',
            ['at most six times']],
        ['again', 'one', '(?:an?|another|the next|a second|one more) (?:(?:lighter|softer|heavier|finer|darker|smaller|last|final'
            .'|second) )?one(?: of| with| in)', ['a lighter one of']],
        ['again', '', '(?:just )?(?:one|a|1) more(?= (?:[a-z]+ ){0,4}(?:edge|highlight|layer|glaze|drybrush|coat|line|dot|pass|wash)s?\b)',
            []],
        ['again', 'over', '(?:keep going|carry on|keep on)(?= until)', []],
        ['again', 'over', 'again and again|over and over', ['over and over']],
        ['again', '', '(?:and )?(?:once )?(?:again|once more|one more time|repeat(?:ed)?)|re-?appl(?:y|ied)|re-?establish(?:ed)?'
            .'|put back', ['again', 'once more']],
        ['more', '', '(?:(?:and|but|with|adding|add) )*(?:(?:a )?(?:little|bit|touch) )?more(?: of)?(?: the)?', ['more',
            'a little more']],
        ['more', '', '(?:keep |kept |by )*adding(?: (?:the|some|a (?:little|bit|touch)(?: more)?(?: of)?))?', ['keep adding']],
        ['more', 'count', '(?:(?:but|and|with|adding|add) )*{N} (?:more|extra|further) (?:drops?|parts?)(?: of)?', ['with 2 more drops']],
        ['more', 'count', '(?:and |with |adding |add )?(?:another|one more|a further)() (?:drop|part)(?: of)?', ['another drop of']],
        ['more', '', '(?:tint|lighten|darken|brighten|warm|cool|cut|tone|dull|grey|deepen)(?:ed|ened)? (?:down |up )?(?:it|this|the'
            .' (?:wash|mix|base|paint|colou?r))(?: colou?r)? (?:down |up )?(?:with|using)', ['tint the wash with']],
        ['more', '', '(?:added|mixed|stirred)(?: in| to it)', []],
        ['more', '', 'added(?= (?:then|,|;|\\.)|$)', []],
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
        ['wait', 'time', '(?:a )?{N}[ -]'.self::UNIT.'\'?(?: \')? (?:wait|pause|break)', ['twenty minutes\' wait']],
        ['wait', 'time', '{N} '.self::UNIT.' or so', ['ten minutes or so']],
        ['wait', 'after', '(?:after|in) (?:about |some )?(?:{N}|half an) '.self::UNIT.'(?: or so)?', ['after an hour or so']],
        ['wait', 'dry', '(?:and |then )*(?:wait|let (?:it |this |that |all |them |everything |the [a-z]+ (?:[a-z]+ )?)?(?:dry|rest'
            .'|cure|set)|leave (?:it '
            .'|them )?(?:to dry))(?: (?:fully|completely|well|first|properly|out))*', ['let it dry']],
        ['wait', 'dry', 'wait (?:until|till) (?:it is|it\'s|the shine (?:has|is)|everything is|that is)(?: (?:fully|completely'
            .'|touch))? (?:dry|gone|off)|'
            .'until (?:it is |it\'s )?(?:fully |completely )?dry', ['wait till the shine has gone']],
        ['wait', 'dry', '(?:and |then )*(?:wait )?(?:until|till) (?:the [a-z]+ (?:is|has) |it is |it\'s )?(?:bone |fully '
            .'|completely )*(?:dry|dried)', ['till the wash is bone dry']],
        ['wait', 'time', '(?:at least|for) (?:about )?{N} (?:good |full |whole )?'.self::UNIT, ['at least an hour']],
        ['plain', 'idiom', 'bone(?= dry(?: (?!brush)|$))', []],
        ['plain', '', '(?:(?:one|an?|the|another) )?(?:more|last|final|further)(?= (?:highlight|wash|glaze|layer|drybrush|shade'
            .'|edge|line|filter|dot)s? )', []],
        ['note', 'hairdryer', '(?:speed (?:it|this) up )?(?:with (?:a|the) |use (?:a|the) )?hair ?-?dryer', ['hairdryer']],
        ['plain', '', 'come back(?= (?:when|once|after))', []],
        ['note', 'turn', '(after|before|once|as soon as) '.self::THING.'((?:(?!is |are |has |have |, ).)+?) (?:is|are|has been|have been)'
            .'(?: (?:fully|all|completely))? (?:done|dry|dried|finished|on|painted|glued(?: (?:on|in))?|assembled|attached|mounted|stuck on'
            .'|varnished|washed|sealed|in place|set|settled|cured)',
            ['after the steel is done', 'once the face is painted']],
        ['note', 'turn', '(after|before|b ?4) '.self::THING.'((?:(?:gloss|matt|satin|pin|oil|enamel) )?[a-z-]+(?: and (?:the'
            .' )?[a-z-]+(?! (?:with|in|:)))?)'
            .'(?: :)?', ['before the strings', 'after varnishing']],
        ['note', 'turn', '(after|before) (everything else|all else|anything else|(?:all )?the rest)', ['before everything else']],
        ['note', 'order', '(?:after|before|once|when|while|as soon as) (?:(?!is |are |, ).)*?(?:is|are|has|have)(?: (?:fully|all'
            .'|completely))? (?:done|dry|dried|finished|on|painted|in place|set|settled|cured|wet|damp|tacky)',
            ['after the steel is done', 'when it is dry']],
        ['note', 'order', '(?:after|before|b ?4) (?:(?:the|any|all|my) )?[a-z-]+(?: and (?:the )?[a-z-]+(?! (?:with|in|:)))?(?: :)?',
            ['before the strings']],
        ['note', 'order-until', 'until (?:the |all )?[a-z]+ (?:is|are) (?:on|dry|done|sealed|varnished|painted|cured|set)',
            ['until the varnish is on']],
        ['note', 'covers', 'until (?:it )?(?:(?:is|has|was) )?(?:covers?|covered|even|opaque|solid)', ['until it covers']],
        ['note', 'order', '(?:before|when|while|after) (?:[a-z]+ing|(?:you|i|we) (?:[a-z]+)(?: (?:it|them|on))?(?: again)?)(?: it)?',
            ['when glazing', 'before you touch it again']],
        ['note', 'order', '(?:for |until )?later(?: on)?|at the (?:very )?end|another day', ['later']],
        ['note', 'order', 'within (?:the|an|half an|{N}) '.self::UNIT, ['within the hour']],
        ['note', 'order', '(?:when|once|after|as soon as) (?:that|it|this|everything)\'s(?: (?:bone|fully|completely|all|really|quite'
            .'|properly|nice and))* (?:dry|dried|done|on)(?: (?:out|off|through))?', ['when that\'s bone dry']],
        ['note', 'not-planned', 'thinned (?:{N}|twice|thrice)(?: times|-?fold)(?! (?:with|in))', ['thinned four times']],
        ['note', 'order', 'when (?:fully )?dry|once (?:fully )?dry|(?:that|it) comes (?:first|last)|do (?:this|that) (?:first|last)',
            ['when dry']],
        ['note', 'order', '(?:the )?[a-z]+ first(?: ,)? then (?:the )?[a-z]+', ['eyes first, then the face']],
        ['then', '', '(?:and |, |; |\. )?(?:then|after that|after this|afterwards|finally|next|lastly)(?: ,)?', ['then']],
        ['then', '', '[.;](?= [a-z])|;|→', [';']],
        ['comma', 'fact', '·', []],
        ['comma', '', ',', [',']],
        ['comma', 'colon', ':', [':']],
        ['comma', '', '-(?= [a-z])|–|\/', ['–']],
        ['plain', '', '\(|\)', []],
        ['then', '', '(?<!: )(?<!\+ )(?<!and )(?<!\( )\d{1,2} \)', []],
        ['then', '', '(?:, )?(?<!a )(?<!the )(?<!on )(?<!for )(?:[23456] ?(?:nd|rd|th)|second|third|fourth)(?= (?:layer|wash|glaze'
            .'|highlight|colour'
            .'|tone|shade) )', []],
        ['then', '', ', [23456] ?(?:nd|rd|th)', []],
        ['plain', '', '(?:1 ?st|first)(?= (?:layer|wash|glaze|highlight|colour|tone|shade|coat) )', []],
        ['plain', '', '(?<=highlight |layer |shade |coat |step |wash |base |light |glaze )\d(?= :| -| –)', []],
        ['and', 'changed', '(?:darkened|lightened|brightened|toned down|tinted|cut|warmed(?: up)?|cooled(?: down)?) with',
            ['darkened with']],
        ['and', '', 'and|&|\+|plus|mixed into', ['and']],
        ['and', 'with', 'with|using|mixed with|together with', ['with']],
        ['into', '', 'and (?:end|finish)(?:ing)? (?:in|with|on)|ending (?:in|with|on)', ['and end in']],
        ['into', '', 'through(?: the)?', []],
        ['into', '', '(?:in)?to(?: the)?|up to(?: the)?|- + ?>?', ['into']],
        ['plain', '', '[.]$', []],
    ];
}
