<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\Who;

/** For whom it is. */
final class SaidWho
{
    private const NTH = [
        'first' => 1, 'second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6, 'seventh' => 7, 'eighth' => 8, 'ninth' => 9,
        'tenth' => 10,
    ];

    public static function taken(Phrase $phrase): Who
    {
        if ($phrase->take('\b(?:only (?:for |on )?(?:the )?leaders?|(?:(?:for|on) (?:the )?)?leaders? only|(?:for|on) (?:the '
            .')?leaders?)\b') !== null) {
            return Who::leaders();
        }
        $nth = '(?:'.implode('|', array_keys(self::NTH)).'|\d{1,2}(?:st|nd|rd|th))';
        $first = $phrase->take('\b(?:only )?(?:on|for) the first '.Phrase::NUMBER.'(?: ones?| figures?)?(?: only)?\b');
        if ($first !== null) {
            return self::of($phrase, $first[0], '', range(1, max(1, Phrase::number($first[1]))));
        }
        $on = $phrase->take('\b(not |only )?(?:on|for) the ('.$nth.'(?:\s*(?:,|and)\s*(?:the )?'.$nth.')*)(?: ones?| figures?)?(?: '
            .'only)?\b');
        if ($on !== null) {
            preg_match_all('/'.$nth.'/u', $on[2], $named);

            return self::of($phrase, $on[0], $on[1], array_map(static fn (string $n): int => self::NTH[$n] ?? (int) $n, $named[0]));
        }
        $numbered = $phrase->take('\b(not |only |all but )?(?:(?:on|for) )?(?:figures?|numbers?|nos?\.?|nr\.?) (\d{1,2}(?:\s*(?:,|and|'
            .'\+|&)\s*\d{1,2})*)(?: only)?\b');
        if ($numbered !== null) {
            preg_match_all('/\d+/', $numbered[2], $named);

            return self::of($phrase, $numbered[0], $numbered[1], array_map(intval(...), $named[0]));
        }

        return new Who();
    }

    /**
     * Figures that no company has stay as words.
     *
     * @param list<int> $figures
     */
    private static function of(Phrase $phrase, string $said, string $how, array $figures): Who
    {
        if ($figures === [] || min($figures) < 1 || max($figures) > 99 || count($figures) > Who::MOST_NAMED) {
            $phrase->note($said);

            return new Who();
        }

        return match (true) {
            $how === 'not' || $how === 'all but' => Who::except($figures),
            default => Who::only($figures),
        };
    }
}
