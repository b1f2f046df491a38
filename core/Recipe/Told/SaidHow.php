<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

/** How the hand does it: with a brush that was not washed, not neatly, in how thin a line, from one batch or a new one each time. */
final class SaidHow
{
    private const UNWASHED = '(?:with )?(?:the |an? )?(?:unwashed|dirty|uncleaned) (?:brush|br)\b\.?|\bbrush (?:not|un)['
        .' -]?washed\b|\bunwashed\b'
        .'|\b(?:do not|don\'t|without|no need to) (?:wash(?:ing)?|clean(?:ing)?|rins(?:e|ing)) (?:the |your |my )?brush\b';
    private const SLOPPY = '\b(?:sloppy|messy|rough(?:ly)?)(?: is (?:fine|ok(?:ay)?|enough))?\b|\b(?:it )?(?:does not|doesn\'t'
        .'|need not|needn\'t) '
        .'(?:have to |need to )?(?:be|matter if (?:it is|it\'s)) (?:neat|clean|tidy|perfect|messy|sloppy)\b|\bneatness (?:is not'
        .'|isn\'t|does not|'
        .'doesn\'t) (?:important|matter|needed)(?: at this stage| here)?\b|\b(?:doesn\'t|does not) matter if (?:it is|it\'s)'
        .' (?:messy|sloppy)\b';
    private const LINES = [
        'hair-thin' => '\b(?:hair[ -]?(?:thin|fine)(?: lines?)?|(?:as )?(?:thin|fine) as a hair)\b',
        'thinner' => '\b(?:very (?:thin|fine)|thinner) lines?\b',
        'thin' => '\b(?:thin|fine) lines?\b',
    ];
    private const FRESH = '\b(?:mixed |mix )?(?:fresh|new) (?:each|every) time\b';
    private const ONE = '\b(?:all (?:from|out of) )?one (?:batch|mix)(?: for all)?\b';

    /** @return array{unwashed?: true, sloppy?: true, line?: string, batch?: string} by the names of the plan's handling */
    public static function taken(Phrase $phrase): array
    {
        $found = [];
        if ($phrase->take(self::UNWASHED) !== null) {
            $found['unwashed'] = true;
        }
        if ($phrase->take(self::SLOPPY) !== null) {
            $found['sloppy'] = true;
        }
        foreach (self::LINES as $line => $pattern) {
            if (!isset($found['line']) && $phrase->take($pattern) !== null) {
                $found['line'] = $line;
            }
        }
        if ($phrase->take(self::FRESH) !== null) {
            $found['batch'] = 'fresh each time';
        } elseif ($phrase->take(self::ONE) !== null) {
            $found['batch'] = 'one batch for all';
        }

        return $found;
    }
}
