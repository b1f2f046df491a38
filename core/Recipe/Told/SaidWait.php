<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Told;

use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Word\Duration;

/** How long it is left alone before the next step. */
final class SaidWait
{
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
            $long = $said[1] !== '' ? $said[1].' hour' : Phrase::number($said[2]).' '.preg_replace('/^min(?:ute)?s?$/', 'min', $said[3]);
            $minutes = Duration::read($long);

            return [true, $minutes === null || $minutes > Handling::MOST_MINUTES ? null : $minutes, $said[0]];
        }
        if ($phrase->take('\b(?:dried |dry |left )?overnight\b') !== null) {
            return [true, Duration::OVERNIGHT, ''];
        }

        $loosely = $phrase->take('\b'.$wait.'(?: fully| completely| well| first)?\b');

        return [$loosely !== null, null, $loosely[0] ?? ''];
    }
}
