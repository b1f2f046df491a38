<?php

declare(strict_types=1);

namespace Kalokroma\Word;

/** Numbers in a row said as spans. */
final class Ranges
{
    /**
     * [7, 8, 9, 12] → "7–9 and 12".
     *
     * @param list<int> $numbers smallest first, each once
     */
    public static function words(array $numbers): string
    {
        $spans = [];
        foreach ($numbers as $number) {
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last][1] === $number - 1) {
                $spans[$last][1] = $number;
            } else {
                $spans[] = [$number, $number];
            }
        }

        $words = [];
        foreach ($spans as [$first, $last]) {
            array_push($words, ...$last - $first < 2 ? array_map(strval(...), range($first, $last)) : [$first.'–'.$last]);
        }

        return Message::listed($words);
    }
}
