<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

/** For whom it is, how the hand does it, what is only spoken of. */
final class SpeechWords
{
    private const AT = '(?:on|round|around|over|along|at|under|inside|behind|of|for|in|between|across|near)';
    private const NOUN = '(?!(?:and|or|with|then|in|on|to|of|for|but|from|as|is|are|the|a)(?: |$))[a-z-]+';
    private const NTH = '(?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|\d{1,2} ?(?:st|nd|rd|th))';

    /** "The second coat" is no figure. */
    private const NO_ROUND = '(?! (?:thin )?(?:coats?|layers?|rounds?|pass|passes|times?|wash|steps?|colou?rs?|tones?|glaze'
        .'|highlights?))';

    private const CLAUSE_WORDS = '[^ ,;.:]+(?: (?!and |then |but )[^ ,;.:]+){1,9}';

    private const CLAUSE = '(?: (?!and |then |but )[^ ,;.:]+){1,9}';

    /** Where a clause that hangs on another ends. */
    private const END = '(?= [,;.:]| and | then | but |$)';

    private const ROUND = '(?:second|third|last|first|other|final)';

    /** What is painted on figures: where it goes, and no part of a paint's name. */
    public const THINGS = 'pupils?|eyes?|eyelids?|eyebrows?|lips?|mouth|teeth|tooth|tongue|nose|cheeks?|chin|ears?|face|faces|skin'
        .'|hair|beard|hands?|fingers?|nails?|'
        .'claws?|horns?|arms?|legs?|feet|foot|boots?|shoes?|soles?|belts?|buckles?|straps?|pouch(?:es)?|bags?|coats?|cloaks?|capes?'
        .'|hoods?|trousers|tunics?|shirts?|'
        .'sleeves?|cuffs?|collars?|hems?|gloves?|buttons?|armou?r|plates?|chainmail|mail|helmets?|shields?|swords?|blades?|bows?'
        .'|arrows?|spears?|staff|hilts?|grips?|'
        .'strings?|ropes?|wood|planks?|leather|cloth|fur|feathers?|wings?|scales?|shells?|bones?|ribs?|skulls?|undercoat|primer'
        .'|plumes?|crests?|spines?|tails?'
        .'|lens(?:es)?|gems?|orbs?|lamps?|lanterns?|'
        .'rivets?|chains?|pipes?|hull|deck|sails?|masts?|oars?|wheels?|tracks?|windows?|base|ground|mud|stones?|rocks?|reeds?|grass'
        .'|letters?|trim|banners?|flags?|brows?|cheekbones?|knuckles?|foreheads?|jaws?|shoulders?|knees?|elbows?|toes?|wrists?|ankles?'
        .'|necks?|throats?|chests?|bell(?:y|ies)|scars?|stubble|moustaches?|sash(?:es)?|ribbons?|tassels?|fringes?|necklaces?|earrings?'
        .'|crowns?|visors?|backpacks?|quivers?|scabbards?|sheaths?|pommels?|axes?|maces?|hammers?|pistols?|rifles?|barrels?|nets?'
        .'|hooks?|tentacles?|fins?|beaks?|hooves|hoof|manes?|snouts?|fangs?|tusks?|antlers?|socks?|stockings?|aprons?|vests?|jackets?'
        .'|skirts?|dress(?:es)?|robes?|scarf|scarves|bandages?|tattoos?|emblems?|symbols?|crates?|lids?|roofs?|walls?|bricks?|tiles?'
        .'|candles?|flames?|engines?|exhausts?|turrets?|hatch(?:es)?|bolts?|cables?|tubes?|reins|horses?|moss|algae|lichen';

    private const FIGURE = '(?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten)';

    /** @var list<array{string, string, string, list<string>}> kind, meaning, pattern, examples */
    public const ROWS = [
        ['who', 'leaders', '(?:only )?(?:(?:for|on) )?(?:(?:the|my) )?(?:squad )?(?:leaders?|sergeants?|captains?|champions?'
            .'|officers?|chiefs?|hero(?:es)?|commanders?)(?: (?:only|gets?))?', ['leaders only', 'on the leader']],
        ['who', 'not-leaders', '(?:everyone|everybody|all) (?:but|except) the leaders?', ['everyone but the leaders']],
        ['who', 'first', '(?:only )?(?:on|for) the first {N}'.self::NO_ROUND.'(?: (?:ones?|figures?))?(?: only)?',
            ['on the first three']],
        ['who', 'nth', '(not |only )?(?:on|for) the ('.self::NTH.'(?: (?:,|and) (?:the'
            .' )?'.self::NTH.')*)'.self::NO_ROUND.'(?: (?:ones?|figures?))?(?: only)?', ['on the third one']],
        ['who', 'numbers', '((?:not|only|all|everyone|everybody|except|every|each)(?: figures?)?(?: (?:but|except))? )?(?:(?:on|for) )?'
            .'(?:figures?|figs?(?: \.)?|numbers?|nos?(?: \.)?|nr(?: \.)?)'
                .' ('.self::FIGURE.'(?: ?(?:, and|,|and|\+|&|-|–|to|through) ?'.self::FIGURE.')*)(?: only)?',
            ['only on figure 3', 'no 4', 'number four']],
        ['level', 'fieldable', '(?:up to|only for|for|level(?: :)?) (?:the |a )?(?:fieldable|tabletop)(?: (?:level|only))?'
            .'|(?:fieldable|tabletop)(?: level)? only', ['up to fieldable']],
        ['level', 'finished', '(?:up to|only for|for|level(?: :)?) (?:the |a )?finished(?: (?:level|only))?', ['up to finished']],
        ['level', 'showpiece', '(?:up to|only for|for|level(?: :)?) (?:the |a )?(?:showpiece|display)(?: (?:level|only))?'
            .'|(?:showpiece|display)(?: level)? only', ['showpiece only']],
        ['level-mark', 'fieldable', '(?:fieldable|playable|tabletop|good enough for the table|ready for the table)(?: (?:to|up to'
            .'|until|as far as))? here|(?:i |we |you )?(?:stop|that is|that\'s|done|enough)(?: (?:here|there|it))?(?: :| -|'
                .' for)?(?: the)? (?:playable'
            .'|fieldable|tabletop|table)|'
            .'this much for the (?:table|game|field)(?:(?: ,)? the rest later)?', ['fieldable to here', 'stop here: playable']],
        ['level-mark', 'fieldable', '(?:up )?(?:to|until) here(?: ,)?(?: (?:it|this|they|the figures?))? (?:(?:can|may|could) be'
            .' (?:played|used'
            .'|fielded)(?: with)?|(?:can|may) go on the table|is (?:playable|good enough|enough)(?: for (?:the |a )?(?:table|game))?)'
            .'|(?:good |fine )?enough (?:for|to) (?:the |a )?(?:game|play|field)|(?:ready|fit|good) (?:to|for) play(?:ing)?(?:'
            .' (?:now|here))?'
            .'|(?:now )?(?:it|this|they) (?:can|may) be played(?: with)?(?: now)?', ['up to here it can be played with']],
        ['level-mark', 'fieldable', '(?:the )?(?:rest|remainder) (?:is|are) (?:only )?(?:for|up to) (?:the )?(?:finished|display|showpiece)'
            .'(?: (?:level|ones?))?|(?:finished|display)(?: level)? from here(?: on)?|from here(?: on)?(?: it is)? (?:only )?(?:for'
            .' )?(?:finished'
            .'|display|showpiece)', ['finished from here']],
        ['level', 'finished', 'not (?:needed|necessary|wanted|required)? ?for (?:the |a )?(?:table|game|play(?:ing)?|field)(?: :)?',
            ['not needed for the table']],
        ['level-mark', 'fieldable', 'for a (?:fieldable|playable|tabletop) (?:result|finish|figure|level)(?: ,)?(?: you)? (?:may'
            .'|can) stop here', []],
        ['level-mark', 'finished', '(?:finished|done)(?: (?:to|up to))? here|stop here(?: :)? finished', ['finished to here']],
        ['omitted', '', '(?:(?:but )?(?:i|we) )?(?:skip(?:ped|ping)?|left (?:it )?out|leave (?:it |this |that )?out|did(?: not'
            .'|n\'t) do)(?: (?:this|it|that|the))?', ['skip', 'leave it out']],
        ['handling', 'unwashed', '(?:with )?(?:the |an? )?(?:unwashed|dirty|uncleaned|same dirty) (?:brush|br)(?: \.)?(?: :)?|brush'
            .' (?:not|un)[ -]?washed|unwashed|'
            .'(?:do not|don\'t|without|no need to|never) (?:wash(?:ing)?|clean(?:ing)?|rins(?:e|ing)) (?:the |your |my |out the'
                .' )?brush(?: in between| between)?', ['brush not washed', 'unwashed brush']],
        ['handling', 'sloppy', '(?:sloppy|messy|rough(?:ly)?|sloppily|untidy)(?: (?:is|work is))?(?: (?:fine|ok(?:ay)?|enough|all'
            .' right))?|(?:it |this )?(?:does not|doesn\'t|need not|needn\'t|no need to|don\'t need to|don\'t have to) '
            .'(?:(?:have|need) to )?(?:be|matter if (?:it is|it\'s)) (?:too |very |so )?(?:neat|clean|tidy|perfect|careful|messy|sloppy)|'
            .'neatness (?:is not|isn\'t|does not|doesn\'t) (?:important|matter|needed)(?: (?:at this stage|here))?',
                ['sloppy is fine', 'need not be neat']],
        ['handling', 'hair-thin', '(?:(?:as )?(?:thin|fine) as a hair|hair[ -]?(?:thin|fine)|hairline)(?: lines?)?', ['hair-thin']],
        ['handling', 'thinner', '(?:very (?:thin|fine)|thinner|even thinner) lines?', ['very thin line']],
        ['handling', 'thinner', 'as thin (?:a line|lines) as (?:you can|possible)', ['as thin a line as you can']],
        ['handling', 'thin', '(?:thin|fine|narrow) lines?', ['thin line']],
        ['handling', 'fresh', '(?:mixed |mix )?(?:fresh|new|a new mix) (?:each|every|for each|for every) (?:time|figure|one)|mixed'
            .' by feel', ['fresh each time']],
        ['handling', 'one-batch', '(?:all (?:from|out of) )?(?:one|the same) (?:batch|mix) for (?:all|everyone)|(?:all (?:from|out'
            .' of) )?one (?:batch|mix)',
            ['one batch for all']],
        ['handling', 'lively', '(?:a (?:bit|little) )?(?:different(?:ly)?|varied|varying|not the same) (?:on|for|from) (?:every'
            .'|each|figure to)(?: (?:figure|one))?', ['different on every figure']],
        ['handling', 'optional', '(?:this (?:step )?is )?optional(?:ly)?(?: :)?|if you (?:like|want|wish)(?: to)?|if (?:i\'m|i am'
            .'|you\'re|you are) keen|if (?:i|you) (?:feel like it|have (?:the )?time|can be bothered)', ['optional']],
        ['before', '', '(?:(?:the )?same(?: again| thing)?|same again|as)(?: (?:as|like))? (?:before|above|the (?:last|previous)'
            .' (?:one|step))|same again|like (?:before|above)', ['same as before', 'as above']],
        ['plain', 'this', '(?:this|that)(?: last)? one(?= (?:twice|again|thinner|like|with|in|x|two|three|\d))', []],
        ['plain', 'pick', 'pick(?:ed|ing)? out', ['pick out']],
        ['before', 'mix', '(?:the )?(?:same|last|previous|prior) (?:mix|mixture|colou?r|paint)', ['the same mix', 'the last colour']],
        ['before', 'base', '(?:(?:take|took|back to|back with|return to|use) )?(?:(?:the|my|our) )?base(?:coat)?[ -]?(?:mix|mixture'
            .'|colou?r|tone|paint)',
            ['the base colour']],
        ['before', 'base', '(?:(?<=with |to |mix |mixing |plus |and |of )|back to |back with )the base(?:coat)?(?= (?:and|plus|with'
            .'|again|for)| \\+|$)', []],
        ['before', 'base', 'base(?:coat)?(?= (?:plus|\\+) )', []],
        ['before', 'same', '(?:the )?same(?= (?!as|like|on)[a-z])|(?:the )?same(?= (?:on|for) (?:figures?|figs?|numbers?|nos?) )', []],
        ['note', 'not-planned', '(?:the )?same (?:'.self::THINGS.')(?: (?:on|for|as) (?:the )?[a-z]+)?', ['same gem on the belt']],
        ['other-area', '', '(?:the )?same (?:colou?rs?|paints?|recipe|scheme|way) as (?:on )?(?:the )?([a-z]+)',
            ['same colours as the captain']],
        ['other-area', '', '(?:(?:the )?same|this|that) recipe (?:on|for|as)(?: on| for)? (?:the )?([a-z]+)', ['same recipe on the sash']],
        ['other-area', '', '(?<=^)as (?:for|on|with) the ([a-z]+)', ['as for the cloak']],
        ['other-area', '', '(?:exactly )?(?:the )?(?:same thing (?:on|for|as)|same as|same as on|as on|like|like on|same on) (?:on '
            .'|for )?the (?!last'
            .'|previous)([a-z]+)', ['the same as the armour', 'like the soldiers']],
        ['handling', 'swap', 'substitut(?:e|ing)', ['substitute']],
        ['handling', 'replace', 'replac(?:e|ing)|swap(?:ping|ped)?(?: out)?|exchang(?:e|ing)|trad(?:e|ing)', ['replace', 'swap']],
        ['in-place-of', '', 'in place of|instead of|rather than|not', ['instead of']],
        ['handling', 'instead', 'instead', ['instead']],
        ['mention', '', '(?:over|on top of|beside|next to|like|under|against|towards?|matching|near)(?: (?:the|my|a))?|(?:off|for'
            .'|from) (?:the|my|a)',
            ['over the', 'like']],
        ['mention', '', '(?<=recesses |edges |folds |tips |tip |top |side |middle |part |parts |half |seams |gaps )of (?:the|my)', []],
        ['mention', 'none', '(?:and |but |with )?(?:no|without(?: (?:any|the|more))?)', ['without any', 'no']],
        ['mention', 'work', 'for(?= '.TechniqueWords::WORK.' [a-z])', []],
        ['or', '', 'or', ['or']],
        ['or', 'but', 'but|otherwise|alternatively|if not', ['otherwise']],
        ['mention', '', '(?:on|onto) (?:the|my)', ['on the']],
        ['mention', 'into', '(?:in|into|to) (?:the|my)', ['into the']],
        ['mention', '', '(?:to )?match(?: the)?|where (?:the )?[a-z]+ (?:meets?|joins?|touches)(?: the)?', ['to match']],
        ['note', 'aside', '(?:and )?keep(?:ing)? (?:the|some|my|a bit of|a little)(?: [a-z-]+){1,3} for (?:the )?[a-z-]+',
            ['keep the ivory for the eyes']],
        // Why, and than what: spoken of, whatever is named in it.
        ['note', 'reason', '(?:because|as (?:it|they|the [a-z]+|that|this) (?:is|are|was|covers?|looks?|has|have|dries)|although|though'
            .'|so(?: that)? (?:you|i|we|it|they|that)|in case|since (?:it|they|the|that|this))'.self::CLAUSE.self::END,
            ['because it covers badly', 'so that you can barely see it']],
        ['note', 'than', 'than (?:(?:the|an?|my|its|any|all|it|that|this|on|in|for) )*[a-z-]+(?: (?:is|was|does|did))?',
            ['than the edge', 'than usual']],
        ['handling', 'optional', '(?:(?<!^)(?:only )?if|(?:only )?if(?=[^,]* ,)) (?!you (?:like|want|wish|have an? )|not )'
            .self::CLAUSE_WORDS.self::END, []],
        ['note', 'hedge', 'maybe|perhaps|probably|possibly', ['perhaps']],
        ['plain', 'say', '(?:i|we) (?:think|guess|suppose|would say|\'d say)', ['i think']],
        ['plain', 'order', '(?:for|as) (?:(?:the|an?|my) )?(?:next|first|second|third|last|final)(?= (?:layer|highlight|wash|glaze'
            .'|coat|shade|edge|step|colou?r|stage))', []],
        ['note', 'aside', '(?:just |only )?(?:round|around) (?:it|them|its (?:edges?|rims?|outline))', ['just round it']],
        ['note', 'not-planned', '(?:(?:repeat|redo|again|do(?: again)?) )?(?:the )?(?:steps?|lines?|points?) {N}'
            .'(?: ?(?:to|-|–|and|,|through) ?{N})*(?: (?:again|once more))?', ['repeat steps 2 to 4']],
        ['note', 'not-planned', '(?:one|two|three|four) in(?= (?!the|a|one|all|every)[a-z])', []],
        ['note', 'not-planned', '(?:half|some|most|a few|{N}) of (?:them|the (?:figures|squad|unit|men|others|ones))|(?:the )?other'
            .' half(?: in)?|half(?= in )', ['half of them']],
        ['note', 'not-planned', '(?:in )?{N} (?:small |even |equal )?steps(?: up| down)?', ['in three steps']],
        ['note', 'not-planned', '(?:a |one |two |half a )?(?:shade|tone|step|touch|bit|little) (?:lighter|darker|brighter|paler|up'
            .'|down)(?: than (?:before|that|the last))?', ['a shade lighter']],
        ['note', 'aside', '(?:brush |pot |palette )?kept for (?:the )?[a-z]+', ['brush kept for red']],
        ['note', 'by-airbrush', '(?:with|by|using) (?:the |an |my )?airbrush', ['with the airbrush']],
        ['note', 'meeting', 'where (?:the )?[a-z]+ (?:meets?|joins?|touches) (?:the )?[a-z]+', ['where the shade meets the blue']],
        ['note', 'match', '(?:to )?match(?:ing)? the [a-z]+(?: ,)? by brush(?: :)?|by brush', ['to match the spray, by brush']],
        ['note', 'no-technique', '(?:(?:do not|don\'t|does not|doesn\'t) (?:get|have|need)(?: (?:a|the|any))?|(?:gets?|has|have'
            .'|needs?) no|no|without(?: (?:a|the|any))?'
            .'|skip the) (?:wash(?:ing)?|glaz(?:e|ing)|drybrush(?:ing)?|edg(?:e'
            .'|es|ing)'
            .'|highlight(?:s|ing)?|varnish(?:ing)?|shad(?:e|ing)|lining|lines?|outlin(?:e|ing)|dots?|blend(?:ing)?|stripes?|bands?'
            .'|freehand|pattern|markings?|decals?|glints?'
            .'|stippl(?:e|ing))(?: (?:here|this time|needed|required|necessary|at all|on'
                .' this(?: one)?))*', ['no wash here', 'without washing']],
        ['note', 'negated', '(?:(?:i|we|you) )?(?:do not|don\'t|never(?: ever)?|no need to|did not|didn\'t)(?: ever)? (?:wash'
            .'|shad(?:e|ing)|glaz(?:e'
            .'|ing)|drybrush|edge|highlight|'
            .'varnish|line|layer|stipple|blot|wipe|outline|filter|spray|use|apply|put|take|mix)(?:ed)?', ['don\'t highlight',
                'never wash']],
        ['note', 'second-coat', '(?:(?:use |with )?(?:a bit |a little )?(?:less|more) (?:water|medium|paint) )?(?:for|on|in|with)'
            .' the '.self::ROUND
            .' (?:coat|layer|round|pass)(?: only)?', ['less water for the second coat']],
        ['note', 'second-coat', '(?:and |but )?(?:the )?'.self::ROUND.'(?: (?:one|coat|layer))?(?: (?:only|just|a bit|a little'
            .'|thinner|thicker))*'
            .' (?:on|in|over|above|below|to) (?:the )?[a-z]+(?: [a-z]+)?', ['second one only on the upper half']],
        ['note', 'second-coat', self::ROUND.'(?: (?:one|coat|layer))? only [a-z]+', ['second only above']],
        ['note', 'remark', '(?:do not|don\'t|never) go (?:[a-z]+ ){0,4}?(?:to|as far as|past|beyond) (?:(?:pure|full|the) )?[a-z-]+',
            ['don\'t go all the way to white']],
        ['note', 'remark', '(?:is|are|looks?|was|will be|would be|goes|went) (?:far |a bit |a little |much |way )?too [a-z]+',
            ['is too strong']],
        ['leave', 'this', '(?:do not|don\'t|never) bother(?: (?:with|about))?', ['don\'t bother with']],
        ['note', 'not-on', 'not (?:on|for|to) (?:the )?(?:tiny|small|big|large|little|others?)(?: ones?)?(?: :)?',
            ['not on the tiny ones']],
        ['note', 'wiped', '(?:brush )?wiped (?:off )?(?:nearly|almost|till|until|very|quite)(?: (?:nearly|almost))? dry',
            ['wiped nearly dry']],
        ['note', 'wiped', '{N} (?:%|percent|per cent) (?:is |of it )?wiped off|(?:with )?(?:most of (?:it|the paint) |nearly all'
            .' )wiped off(?: (?:on|onto) (?:a |the |some )?[a-z]+)?|wip(?:e|ing)'
            .' (?:most|nearly all|almost all|much) of (?:it|the paint)(?: off)?(?: first)?|'
            .'wip(?:e|ing) the brush(?: (?:off|well|first))*(?: on (?:a|the) [a-z]+)?', ['90 % wiped off']],
        ['note', 'not-planned', '{N} (?:coats?|rounds?|passes) (?:less|fewer|more)(?: than [a-z ]+)?|(?:less|fewer) coats',
            ['one coat less']],
        ['note', 'brush', '(?:with |using )?(?:just |only )?the (?:very )?(?:tip|side|flat|belly|point) of (?:the|a|my|your)'
            .' (?:[a-z]+ )?brush', ['with the tip of the brush']],
        ['note', 'not-planned', 'skip(?:ping)? (?:what(?:ever)?|where(?:ver)?|anything|everything|any (?:parts?|areas?|bits?))'
            .'(?: (?!and |then |,)[a-z\']+){1,5}', ['skip what the cloak hides']],
        ['note', 'until', '(?:and )?stop(?:ping)? (?:when|once|as soon as|before|if|where)(?: (?!and |then |,)[a-z\']+){1,6}',
            ['stop when it is dark']],
        ['mention', '', 'leav(?:e|ing) (?:just )?(?:a|an|some|the)(?: (?:thin|small|tiny|narrow|fine|little))? (?:sliver|bit|little'
            .'|rim|line|edge|strip|hint|gap|trace|border)(?: of(?: the)?)?', ['leave a sliver of']],
        ['note', 'brush', '(?:with )?(?:an? |the |my )?(?:damp|clean|small|big|large|wet|soft|old|fine|good|makeup|make-up) brush(?:'
            .' along the rim)?', ['with a damp brush']],
        ['note', 'manner', '(?:very )?(?:neat(?:ly)?|heav(?:y|ily)|gently|lightly|carefully|roughly|quickly|sparingly|softly)(?:'
            .' (?:and|,) (?:gently|lightly|carefully|quickly|softly))?', ['heavy', 'lightly']],
        ['note', 'rest', '(?:and |but )?the (?:rest|others) (?:don\'t|do not|does not|doesn\'t|stay(?:s)? as (?:it is|they are))',
            ['the rest don\'t']],
        ['note', 'manner', 'not too (?:much|bright|heavy|heavily|thick|thickly|thin|wet|hard|strong|strongly|dark)|don\'t overdo it',
            ['not too much']],
        ['plain', 'forget', 'don\'t forget|do not forget', ['don\'t forget']],
        ['note', 'second', '(?:and )?the (?:second|third|last|first|next)(?: (?:one|coat))? (?:a (?:bit|little) )?(?:thinner'
            .'|thicker|smaller|lighter)', ['the second thinner']],
        ['note', 'rest', '(?:on|over|for) (?:all )?the (?:rest|remainder)(?: of (?:it|the [a-z]+))?', ['on the rest']],
        ['note', 'not-planned', '(?:for|on) (?:all )?the others?(?: (?:ones|figures))?', ['for the others']],
        ['note', 'not-planned', '(?:with |and |but )?less(?: of)?(?: the)?(?= (?!water|medium|thin|paint|than|and|on|in|at)[a-z])', []],
        ['note', 'lining', '(?:the )?lining of (?:the|its|his|her) '.self::NOUN, ['the lining of the cloak']],
        ['note', 'brush', '(?:stroke|pull|drag|move|draw|work|hold|turn) (?:the|your|my) brush'.self::CLAUSE.self::END,
            ['pull the brush from the root to the tip']],
        ['note', 'brush', '(?:wipe|clean|rinse|wash|reload|load|unload) (?:your|the|my|his|her) brush(?: (?:well|off|often|out|on a'
            .' towel))*|use (?:your|the|my) (?!unwashed|dirty|same)(?:[a-z]+ )?brush', ['wipe your brush']],
        ['note', 'somewhere', '(?:top|bottom|upper|lower)[ -](?:left|right)(?: (?:corner|side))?', ['top left']],
        ['note', 'ground', '(?:(?:the|a) )?(?:[a-z]+ )?undercoat', ['white undercoat']],
        ['note', 'stays', '(?:the )?(?:[a-z-]+ ){1,3}(?:stays?|is left) as it is', ['the brass spray stays as it is']],
        ['note', 'alone', 'on (?:its|their) own|by (?:itself|themselves)|unmixed', ['on its own']],
        ['note', 'between', 'between (?:(?:the|his|her|its) )?'.self::NOUN.' and (?:(?:the|his|her|its) )?'.self::NOUN,
            ['between skin and cloth']],
        ['note', 'thing', '(?:the |both |his |her |all )?(?:'.self::THINGS.')', ['belt', 'pupil']],
        ['note', 'somewhere', self::AT.' (?:the|its|each|his|her|my|both) '.self::NOUN.'(?: '.self::NOUN.')?', ['round the cuff']],
        ['note', 'somewhere', self::AT.' (?:(?:the|its|each|his|her|my|both) )?'.self::NOUN, ['on rivets']],
        ['plain', 'mix', '(?:prepare|make|make up|stir up) (?:a |the )?(?:mix|mixture|batch)(?: of)?|mix(?: (?:up|together))?',
            ['prepare a mixture of']],
        ['plain', 'it', 'it|them|that', ['it']],
        ['plain', '', '(?:need|want|use|take)s? (?:a|the)|what is too much|if it (?:is )?(?:needed|necessary)', []],
    ];
}
