<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

/** Where it goes, what is left alone, and which way the strokes run. */
final class PlaceWords
{
    /** Where a figure, or a part of it, has its middle. */
    private const HALFWAY = '(?:middle|cent(?:re|er)|waist|belt|hips?|knees?|chest|half ?-?way|elbows?)';

    /** @var list<array{string, string, string, list<string>}> kind, meaning, pattern, examples */
    public const ROWS = [
        ['face', 'ridge', '(?:raised|highest|high|higher|protruding|exposed|prominent) (?:parts?|areas?|points?|folds?|details?'
            .'|bits?|edges'
            .'|spots?|surfaces?|places?)', ['raised folds', 'high points']],
        ['face', 'ridge', '(?:very )?(?:tops?|highest points?|crests?) of (?:the )?folds|ridges?|tips?|peaks?|crests',
            ['tops of the folds']],
        ['face', 'recess', '(?<=in the |into the )corners', []],
        ['face', 'recess', 'deep(?:est|er)? lines|(?<=but |except |save |leave |leaving |than )(?:the )?lines',
            ['deepest lines']],
        ['face', 'recess', '(?<=in )shade(?= |$)', []],
        ['face', 'edges', '(?:sharp(?:est)? |upper |raised |outer |all )?(?<!line the )(?:edges|corners|rims)|(?<=the )edge',
            ['sharpest corners', 'edges']],
        ['face', 'plane', 'flats|(?<=the |everything |all )flat|flat (?:parts?|areas?|panels?|surfaces?|bits?)|planes?|broad faces?'
            .'|(?:open )?panels|surfaces?',
            ['flat panels', 'flats']],
        ['face', 'lines', '(?:all )?(?:cracks?|gaps?|joints?|joins?|seams?|grooves?|panel[ -]lines)', ['panel lines', 'gaps']],
        ['face', 'recess', '(?:deep(?:est)? |all )?(?:recess(?:es|ed parts)?|hollows?|crevices?|depths?|creases?|sockets?|nooks?'
            .'|crannies)',
            ['recesses', 'deepest creases']],
        ['face', 'recess', '(?:deep(?:est)?|low(?:est)?|sunken|inner|hollow|darkest) (?:parts?|areas?|folds?|points?|bits?|places?)'
            .'|shadows?|'
            .'shaded (?:parts?|areas?)|(?<=the )shade(?= (?:alone|free|visible|showing))', ['deepest folds']],
        ['face', 'recess', '(?:in|into|down into)(?: (?:the|all|all the|its))? folds', ['into all the folds']],
        ['face', 'folds', 'folds?', ['folds']],
        ['face', 'ridge', '(?<=the )(?:highlights?|lights)(?= alone| as | stay|$)', []],
        ['face', 'recess', '(?:deep(?:est)? |all )?(?:recess(?:es|ed parts)?|hollows?|crevices?|depths?|creases?|cracks?|gaps?'
            .'|joints?|joins?|'
            .'seams?|grooves?|sockets?|nooks?|crannies)', ['recesses', 'deepest creases']],
        ['face', 'recess', '(?:deep(?:est)?|low(?:est)?|sunken|inner|hollow|darkest) (?:parts?|areas?|folds?|points?|bits?|places?)'
            .'|panel lines'
            .'|shadows?|'
            .'shaded (?:parts?|areas?)|(?<=the )shade(?= (?:alone|free|visible|showing))', ['deepest folds', 'panel lines']],
        ['part', 'the upper two thirds', '(?:upper|top) (?:two[ -]thirds|2 / 3)|two[ -]thirds from the top', ['upper two thirds']],
        ['part', 'the upper third', '(?:upper|top|highest) (?:third|1 / 3)', ['top third']],
        ['part', 'the lower third', '(?:lower|bottom|lowest) (?:third|1 / 3)', ['bottom third']],
        ['part', 'upper parts', '(?:upper|top) (?:half|parts?|areas?|surfaces?|sides?)', ['upper half']],
        ['part', 'lower parts', '(?:lower|bottom) (?:half|parts?|areas?|two[ -]thirds|sides?|edges?)|undersides?', ['bottom half',
            'underside']],
        ['part', 'the upper two thirds', '(?:from the tips? )?(?:down )?two[ -]thirds of the [a-z]+', ['two thirds of the rib']],
        ['part', 'the rims', '(?:lower|upper|outer|bottom|top) rims?', ['lower rim']],
        ['part', 'the side away from the light', 'side away from the light|shadow side|dark side', ['shadow side']],
        ['part', 'the side of the light', 'side of the light|light side|lit side', ['lit side']],
        ['part', 'upper parts', '(?:from )?(?:the )?'.self::HALFWAY.' (?:up|upwards?)(?= |$)|above (?:the )?'.self::HALFWAY,
            ['from the middle up', 'above the waist']],
        ['part', 'lower parts', '(?:from )?(?:the )?'.self::HALFWAY.' (?:down|downwards?)(?= |$)|below (?:the )?'.self::HALFWAY,
            ['from the knee down', 'below the belt']],
        ['part', 'the left', 'left(?:-hand)? (?:side|half)', ['left half']],
        ['part', 'the right', 'right(?:-hand)? (?:side|half)', ['right side']],
        ['part', 'the left', '(?<=the )left(?: (?:side|half))?', []],
        ['part', 'the right', '(?<=the )right(?: (?:side|half))?', []],
        ['part', 'the middle', '(?<!by the )(?<=the )(?:middle|centre|center)', []],
        ['part', 'lower parts', '(?:only )?along (?:the )?(?:bottom|lower edge|underside)(?: edge)?', ['along the bottom']],
        ['part', 'upper parts', '(?:only )?along (?:the )?top(?! edge)', ['along the top']],
        ['part', 'lower parts', '(?<!from )below(?! the)', ['below']],
        ['part', 'upper parts', '(?<!from )above(?= ,|$)', ['above']],
        ['part', 'a few spots', '(?!a spot of)(?:a )?(?:few |some )?spots?(?! varnish)(?: (?:of|only))?|here and there|(?:only )?where it'
            .' (?:drips?|would gather|gathers)',
            ['few spots', 'here and there']],
        ['light', 'from above', 'from (?:above|the top)|from straight above|(?:(?:the )?(?:ones|parts|edges) )?(?:that )?(?:facing'
            .'|face|look|looking|point|pointing) up(?:wards?)?|upward[- ]facing', ['from above']],
        ['light', 'from the left', 'from (?:the )?(?:upper )?left', ['from the left']],
        ['light', 'from the right', 'from (?:the )?(?:upper )?right', ['from right']],
        ['light', 'from the front', 'from (?:the )?front', ['from the front']],
        ['light', 'from below', 'from (?:below|underneath|under)', ['from below']],
        ['light', 'from above', 'only on the upper side|(?:only )?on the upper sides?', []],
        ['all-over', '', 'all over(?: (?:it|everything))?|everywhere|over everything|(?:the )?whole (?:area|thing|lot)|all round',
            ['all over']],
        ['strokes', '', 'along (?!the (?:edges?|recess|ridges?|raised|upper|lower))(?:the |its |each )?[a-z]+', ['along the bone']],
        ['strokes', '', 'strokes (?:along|across|down|following|towards?|from) (?:the |its )?[a-z]+(?: [a-z]+)?',
            ['strokes along the bone']],
        ['strokes', '', '(?:drawn |pulled |going |worked )?towards? (?:the|its|each) (?:(?:upper|lower|outer|inner) )?[a-z]+'
            .'|(?:fine|tiny|small|short|long) strokes',
            ['towards the bottom']],
        ['strokes', '', '(?:fad(?:e|es|ing)|thin(?:s|ning)? out|running out) (?:out )?(?:to|towards?|into) (?:the )?[a-z]+',
            ['fading to the edges']],
        ['strokes', '', '(?:straight )?downwards?|straight down|in (?:short|long|small|tiny) strokes|(?:short|long) strokes',
            ['in short strokes']],
        ['leave', 'later', '(?:but |while |and |to )?(?:leav(?:e|es|ing)|spar(?:e|ing))(?: (?:out|free))?(?: (?:the|any|all|some|a'
            .' bit of))*', ['leave the', 'leaving']],
        ['leave', 'this', '(?:but |and )?(?:avoid(?:s|ing)?|miss(?:ing)? out)', ['avoiding']],
        ['leave', 'this', '(?:but |and )?(?:keep(?:s|ing)?|stay(?:s|ing)?)(?: (?:it|this|that|well))* (?:off|out of|away from|clear'
            .' of)', ['keep it off', 'staying out of']],
        ['leave', 'this', '(?:(?:pull|push|draw|keep|stay|mov)(?:ing|e|s)? (?:it |this |the (?:paint|wash|colou?r) )?)?(?:well )?away from',
            ['away from']],
        ['leave', 'this', '(?:but )?(?:not|never|nothing|none)(?: (?:in|into|on|onto|over|at|down in))+', ['not in', 'nothing on']],
        ['leave', 'this', 'not(?= the)|(?:but )?(?:never|not) touch(?:ing)?|(?:do not|don\'t|without) (?:touch(?:ing)?|get(?:ting)?'
            .' (?:it )?(?:in|into|on)|go(?:ing)? (?:in|into|on|over)|'
            .'cover(?:ing)?|fill(?:ing)?(?: in)?|hit(?:ting)?|catch(?:ing)?|paint(?:ing)?(?: (?:in|over))?|lose|losing)',
                ['don\'t touch', 'without covering']],
        ['leave', 'this', '(?:all|everything|everywhere|anywhere|all over)(?: over)?(?: ,)? (?:but|except|save|apart from|bar)(?:'
            .' (?:for|in|on))?', ['all but', 'everything except']],
        ['leave', 'this', '(?:all|everything)(?: (?:that|which))? (?:is not|isn\'t|are not|aren\'t)', ['everything that isn\'t']],
        ['leave', 'this', '(?:except(?:ing)?|but not|apart from|outside(?= (?:of|the))|out of|other than)(?: (?:for|in|on|into))?',
            ['except',
            'but not in']],
        ['leave', 'this', '(?:(?:taking |take )?care )?not to [a-z]+(?: (?:in|into|over|on))?|without [a-z]+ing(?: (?:in|into|over|on))?',
            ['taking care not to flood']],
        ['leave', 'keep', 'keep(?:ing|s)?(?= (?:the|my|some|all) )', []],
        ['leave', 'back', '(?:stay|remain)s?(?: (?:free|clear|dark|visible|untouched|clean))?(?: as (?:it is|they are))?|(?:are|is)'
            .' left(?:'
            .' (?:alone|free|as (?:it is|they are)))?|left (?:alone|free|dark|clean|untouched|unpainted|as (?:it is|they are|it was'
            .'|they were))|'
            .'(?:must |should )?(?:stay|remain)s? (?:dark|visible|free|untouched|clean|as (?:it is|they are))', ['stay as they are',
                'are left alone']],
        ['plain', '', 'alone|visible|showing|untouched|as they are|as it is|free|only|just', ['only']],
    ];
}
