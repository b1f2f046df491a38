<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Word\Duration;

/** How long it is left alone before the next step. */
final class SaidWait
{
    private const UNITS = ['minute' => 1, 'min' => 1, 'hour' => 60, 'h' => 60, 'day' => 1440, 'week' => 10_080];

    /** @return array{bool, int|null, string} whether waiting is said, how many minutes (null for as long as it takes), and the words */
    public static function taken(Phrase $phrase): array
    {
        $wait = '(?:(?:and |then )*(?:wait|let (?:it |this |that |all )?(?:dry|rest|cure|set)|leave (?:it )?(?:to dry|alone)|'
            .'dry(?:ing)?(?: time)?(?=\s*:?\s*(?:overnight|\d|an? |half|one|two|three))))';
        $long = '(?:for |about |at least |some |well |:|until |\s)*';
        if ($phrase->take('\b'.$wait.$long.'(?:overnight|over night|the next day|tomorrow)\b') !== null) {
            return [true, Duration::OVERNIGHT, ''];
        }
        $said = $phrase->take(
            '\b'.$wait.$long.'(?:(half an|half a|a quarter of an)\s+|'.Phrase::NUMBER.'\s*(?:to \d+ )?)(minutes?|mins?|hours?|h|days?|'
                .'weeks?)\b',
        );
        if ($said !== null) {
            $unit = self::UNITS[rtrim($said[3], 's')] ?? 1;

            return [true, (int) round($unit * match ($said[1]) {
                '' => Phrase::number($said[2]),
                'a quarter of an' => 0.25,
                default => 0.5,
            }), $said[0]];
        }
        if ($phrase->take('\b(?:dried |dry |left )?overnight\b') !== null) {
            return [true, Duration::OVERNIGHT, ''];
        }

        $loosely = $phrase->take('\b'.$wait.'(?: fully| completely| well| first)?\b');

        return [$loosely !== null, null, $loosely[0] ?? ''];
    }
}
