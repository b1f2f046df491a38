<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told\Words;

/** What the application itself prints of a step: read back as that step. */
final class PrintedWords
{
    private const END = '(?= ·| ,|$)';

    /** @var list<array{string, string, string, list<string>}> kind, meaning, pattern, examples */
    public const ROWS = [
        ['consistency', 'printed', 'thinning not said(?: ; usually (?:not thinned|\d+ : \d+ with ([a-z -]+?))(?= ·|$))?',
            ['thinning not said']],
        ['face', 'recess', '(?<=· )(recesses) only', []],
        ['face', 'plane', '(?<=· )(planes) only', []],
        ['face', 'ridge', '(?<=· )(ridges) only', []],
        ['part', 'the rims', 'the rims'.self::END, ['the rims']],
        ['light', 'from above', 'light from above', ['light from above']],
        ['light', 'from the left', 'light from the left', ['light from the left']],
        ['light', 'from the right', 'light from the right', ['light from the right']],
        ['light', 'from the front', 'light from the front', ['light from the front']],
        ['light', 'from below', 'light from below', ['light from below']],
        ['level', 'fieldable', '(?<=· )fieldable'.self::END, []],
        ['level', 'finished', '(?<=· )finished'.self::END, []],
        ['level', 'showpiece', '(?<=· )showpiece'.self::END, []],
        ['handling', 'sloppy', 'may be sloppy(?: : it is covered later)?', ['may be sloppy: it is covered later']],
        ['handling', 'lively', 'lively : mixes may differ by (\d+(?:\.\d+)?)', ['lively: mixes may differ by 4']],
        ['handling', 'uniform', 'the same on every figure', ['the same on every figure']],
        ['handling', 'fresh-batch', 'fresh each time', ['fresh each time']],
        ['wait', 'printed', 'then wait ([^·,]+?)'.self::END, ['then wait 1 h 30']],
        ['note', 'turn', 'comes (after|before) ([^·,]+?)'.self::END, ['comes after steel', 'comes before belt and strap']],
        ['loop', 'exit', '(?<=rounds |every time ): ([^·]+?)(?= ·|$)', []],
        ['omitted', '', 'left out', ['left out']],
        ['and', 'meeting', 'meeting', ['meeting']],
    ];
}
