<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

/** What painters call a technique; its own name counts without being listed. */
final class TechniqueWords
{
    /** @var list<array{string, string, string, list<string>}> kind, technique, pattern, examples */
    public const ROWS = [
        [
            'technique',
            'undercoat-repair',
            '(?:touch(?:ing)? up|repair(?:ing)?) the undercoat|undercoat repair',
            ['touching up the undercoat'],
        ],
        ['technique', 'stepping-stone', 'stepping[ -]?stone(?: coat)?|in-between coat', ['stepping stone']],
        ['technique', 'basecoat', 'base[ -]?coat(?:ed|s)?|(?<!the )base(?:d)?(?! rims?)|all in', ['basecoat', 'base']],
        ['technique', 'further-coat', 'further coat|second coat|another coat|third coat|one more coat(?: of)?', ['another coat']],
        ['technique', 'block-in', 'block(?:ed|ing)?(?: (?:it|them))?[ -]in', ['block it in']],
        ['technique', 'airbrush-coat', 'airbrush(?:ed|ing)?(?: coat)?|spray(?:ed|ing)?', ['airbrushed']],
        ['technique', 'metal-coat', 'metal(?:lic)? (?:base[ -]?)?coat|^metal(?= :)|metal(?= with)|metal base(?:coat)?',
            ['metal basecoat']],
        ['technique', 'painted-metal', 'painted metal|metal without flakes', ['painted metal']],
        [
            'technique',
            'lining',
            'lin(?:e|es|ed|ing)(?: (?:it|them))?(?: in)?|black[ -]?lining|dark[ -]?lining|outlin(?:e|ed|ing)'
                .'|black-?lin(?:e|ed)',
            ['lining', 'outline'],
        ],
        [
            'technique',
            'wash-all-over',
            '(?:all[ -]over )?wash(?:ed|es|ing)?(?: all over)?|shad(?:e|ed'
                .'|ing)(?: all over)?',
            ['wash', 'shade all over'],
        ],
        [
            'technique',
            'recess-line',
            'recess(?:es)? (?:line|wash|shade)|panel[ -]lin(?:e|ing)|line shading|(?:wash'
                .'|shade)(?= in the recess)',
            ['recess wash', 'panel lining'],
        ],
        ['technique', 'pin-wash', 'pin[ -]?wash(?:ed|es)?', ['pin wash']],
        ['technique', 'stain', '(?:one[ -]coat )?stain(?:ed)?', ['stain']],
        ['technique', 'shade-layer', 'shad(?:e|ow) layer|layered shade|painted shade', ['shade layer']],
        ['technique', 'layer', 'layer(?:ed)?|mid[ -]?tone|second tone|mid(?= :)', ['layer']],
        [
            'technique',
            'feathered-layer',
            'feather(?:ed)?(?: layer)?|highlight(?:s|ed|ing)?|hl(?: \.)?|h \/ l|lighten(?:ed)?|(?<!to )(?:high)?lights?(?= :)'
                .'|lit(?= with| up)',
            ['highlight', 'feathered layer'],
        ],
        ['technique', 'airbrush-fade', '(?:airbrush|airbrushed|spray|sprayed) fade|fade(?= :| from)', ['airbrush fade']],
        ['technique', 'glaze', 'glaz(?:e|es|ed|ing)', ['glaze']],
        ['technique', 'filter', 'filter(?:ed)?|veil', ['filter']],
        ['technique', 'wet-blend', '(?<= to [a-z] )blend|(?:a )?blend(?= (?:from|of) )', []],
        ['technique', 'wet-blend', 'blend(?:ed|ing)?(?= (?:[a-z]+ ){0,6}into )|wet[ -]?(?:in(?:to)?[ -]?wet|blend(?:ed|ing)?|on['
            .' -]?wet)(?: blend)?',
            ['wet blend', 'wet into wet']],
        ['technique', 'stipple', 'stippl(?:e|ed|ing)|spong(?:e|ed|ing)|dab(?:bed)?(?: on)?', ['stipple']],
        ['technique', 'drybrush', 'dry[ -]?brush(?:ed|ing|es)?|over[ -]?brush(?:ed|ing)?|db|(?:(?:very|light|soft|fine)'
            .' )*dusting(?= of)', ['drybrush', 'drybrushed']],
        [
            'technique',
            'edge-highlight',
            '(?:extreme |sharp |final |fine )?(?<!the )(?<!on )(?<!along )(?<!all )edg(?:e|es|ed'
                .'|ing)(?: highlights?)?|extreme highlight|(?<=the |side |all )edge highlights?|line the edges|(?:with )?(?:the'
                    .' )?side of the brush',
            ['edge', 'edge highlight'],
        ],
        ['technique', 'dot', 'dots?(?: of light)?|glints?|catchlight|specks?(?: of)?|spots?(?= :)', ['dot', 'specks']],
        ['technique', 'freehand', 'stripes?|bands?|free[ -]?hand|pattern', ['freehand']],
        [
            'technique',
            'tidy-up',
            'tidy(?:ing)?(?:[ -]up)?(?! .{0,20}spirit)|(?:go|going|went) back over(?: it)?|clean(?:ing)? up|neaten(?: up)?'
            .'|repair(?:ed|ing|s)?(?! the'
                .' undercoat)'
                .'|fix(?:ed)? it(?! with| in place)|touch(?:ed|ing)? (?:it )?up(?! the undercoat)|back in where .*',
            ['tidy up', 'repair'],
        ],
        ['technique', 'effect-paint', 'effect(?: paint)?|verdigris effect|rust effect|(?:blood|slime)(?! red)|'
            .'(?:rust|grime|mud|dust|soot)(?= (?:only )?where )', ['effect paint', 'blood']],
        ['technique', 'chipping-fluid', 'chipping (?:fluid|medium)', ['chipping fluid']],
        ['technique', 'chipping-top-coat', '(?:chipping )?top[ -]?coat', ['top coat']],
        [
            'technique',
            'chipping-opening',
            'open(?:ing)?(?: up)?(?: the)? chips|(?:scrub|rub|brush|scratch)(?:bing|ing)? (?:(?:the|it|some) )?(?:chips? )?(?:open|back)'
                .'|open(?:ing)? (?:it )?up|opening|chipping opening',
            ['open the chips'],
        ],
        ['technique', 'chips', 'spong(?:e|ed|ing)(?: on)?(?: some)? (?:chips|scratches|wear)', ['sponge chips']],
        ['technique', 'chips', '(?<!from the |below the |under the |around the )(?:painted )?chip(?:s|ping|ped)?'
            .'|scratch(?:es|ed)?', ['painted chips', 'scratches']],
        ['technique', 'gloss-varnish', 'gloss(?:y|ed)? (?:varnish|coat)|varnish(?:ed)? gloss|gloss(?= (?:it|b ?4|before|over all|all'
            .' over|everything)|$)', ['gloss varnish']],
        ['technique', 'satin-varnish', 'satin(?= (?:it|on top|over|everything|all)|$)|satin (?:varnish|coat)|varnish(?:ed)? satin',
            ['satin varnish']],
        ['technique', 'matt-varnish', 'matte?(?= (?:it|on top|down|over|everything|all)|$)|matte? (?:varnish|coat)|varnish(?:ed)?'
            .' matte?', ['matt varnish']],
        ['technique', 'varnish', '(?:varnish|seal|lacquer)(?:ed|ing)?', ['varnish']],
        ['technique', 'gloss-spot', 'gloss(?:ed|ing)?(?= (?:the |its |both )(?:eyes?|lens(?:es)?|gems?|pupils?|lips|tongue))'
            .'|gloss(?:y)? (?:spots?|varnish (?:on|over) the (?:eyes?|lens(?:es)?|gems?))', ['gloss spot']],
        ['technique', 'marking', 'markings?|decals?|transfers?', ['decal']],
        ['technique', 'softener', 'softener|soften(?:ed|ing)? the (?:decals?|markings?)', ['softener']],
        ['technique', 'enamel-wash', 'enamel wash', ['enamel wash']],
        ['technique', 'oil-wash', 'oil wash', ['oil wash']],
        ['technique', 'wiping', '(?:tak(?:e|ing)|tidy(?:ing)?|clean(?:ed|ing)?|rub(?:bed|bing)?|remov(?:e|ed|ing)|draw|pull)(?:'
            .' (?:the |all the'
            .' )?(?:rest|excess'
            .'|surplus|it|them|most of it|what is too much|colou?r|wash))?(?: (?:off|away|back|up))?(?= .{0,40}with .{0,20}spirit)', []],
        ['technique', 'wiping', 'wip(?:e|ed|ing) (?:most|some|nearly all|almost all) of it(?: back)? (?:off|from|away from)(?: all)?'
            .'(?= the (?!brush|tissue|towel|kitchen))', []],
        ['technique', 'wiping', 'wip(?:e|ed|ing)(?: it)?(?: (?:off|away'
            .'|back))?(?: what is too much)?', ['wipe it off']],
        ['technique', 'streak', 'streak(?:s|ed|ing)?', ['streaks']],
        ['technique', 'streak-blend', '(?:draw|pull|blend|feather)(?:ing)? (?:it|them|the streaks?) (?:out|down)(?= with (?:white'
            .' )?spirit)|(?:streaks? blend(?:ed|ing)?|blend(?:ed|ing)? (?:the |out the )?streaks?)', ['blend the streaks']],
        ['technique', 'pigment-powder', 'pigment(?:s| powders?)?|(?:weathering )?powder|dust(?:ed)?(?= with)', ['pigment powder']],
        ['technique', 'texture-paste', 'texture(?: paste)?|(?:basing )?paste', ['texture paste']],
        ['technique', 'grit', 'grit|sand and glue', ['grit']],
        ['technique', 'tuft', '(?:grass )?tufts?', ['tufts']],
        ['technique', 'rim', '(?<!near the |towards the |toward the |inside the |below the |above the )(?:base )?rims?(?= :| with| of|$)'
            .'|base rims?|(?<=^|, )rim', ['base rim']],
        ['technique', 'gluing', 'glu(?:e|ed|ing)(?: it)?(?: on)?', ['glue']],
        ['technique', 'stripping', 'strip(?:ped|ping)?(?: the paint)?', ['strip the paint']],
        ['technique', 'preparing', 'prepar(?:e|ed|ing)|sand(?:ed|ing)? (?:it )?smooth', ['prepare']],
        ['technique', 'testing', 'test(?:ed|ing)?(?: it)?(?: first)?', ['test']],
        [
            'technique',
            'masking',
            'mask(?:ed|ing)?(?: off)?(?: the)?|foil over the [a-z]+(?: before (?:the )?spray(?:ing)?)?',
            ['mask off'],
        ],
        [
            'technique',
            'unmasking',
            'unmask(?:ed|ing)?|(?:peel|pull|rip)(?:ing)? (?:the )?(?:mask|tape|film|foil)(?: (?:off|away))?|remov(?:e|ing) (?:the )?'
                .'(?:mask|tape|film|foil)|(?:tak(?:e|ing)|peel(?:ing)?) (?:the )?(?:mask|tape|film|foil) off|(?:tak(?:e'
                .'|ing)|peel(?:ing)?) off (?:the )?(?:mask|tape|film|foil)',
            ['unmask', 'take the film off'],
        ],
        [
            'technique',
            'blotting',
            '(?:mop|dab|soak|blot|wick)(?:ping|bing|ing|ting)?(?: up| off| away)? (?:the |any )?(?:pools?|puddles?|excess)|(?:wick'
            .'|soak|lift|draw|suck)(?:ing)? (?:it|this|the excess|any excess|most of it) (?:off|up|away|out)(?! with (?:white'
                .' )?spirit)(?: with (?:a|the)'
                .' (?:[a-z]+ )?brush)?|blot(?:ted|ting)?(?: (?:up )?(?:what|whatever|where it) (?:is too much|pools?|gathers?))?|(?:draw'
                .'|wick|soak|lift)(?: the (?:wash|pools?|puddles?))? (?:off|up|out)',
            ['blot'],
        ],
        ['technique', 'line-tidying', 'tidy(?:ing)?(?: up)? the lines?|line tidying', ['tidy the line']],
    ];

    /** How a paint is used, as it is said with "for". */
    public const WORK = '(?:shading|washing|highlighting|edging|glazing|drybrushing|lining|basecoating|layering|tinting)';

    /** Words that follow a colour where they say what kind of paint it is: "brown wash". */
    public const KINDS = '(?:wash(?:es)?|shade|inks?|stains?|tints?|primer|metallic)';
}
