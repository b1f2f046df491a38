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

        return Message::listed(array_map(static fn (array $span): string => match ($span[1] - $span[0]) {
            0 => (string) $span[0],
            1 => $span[0].' and '.$span[1],
            default => $span[0].'–'.$span[1],
        }, $spans));
    }
}
