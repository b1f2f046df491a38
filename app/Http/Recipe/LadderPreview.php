<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Workshop\Studio;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Choose\LadderShown;
use Kalokroma\Recipe\Ladder\LadderWish;

/** The ladder of a colour as it would be drafted. */
final class LadderPreview
{
    /** @return array<string, mixed> */
    public static function of(Studio $studio, string $hex, LadderWish $wish): array
    {
        $shown = LadderShown::of(Srgb::fromHex($hex)->toOklch(), $wish, $studio->palette);

        return [
            'rungs' => array_map(static fn (array $r): array => [
                'rung' => $r['rung']->value,
                'wanted' => $r['wanted']->toSrgb()->clipped()->toHex(),
                'hex' => $r['mix']->colour()->toHex(),
                'mix_words' => $r['mix']->words(),
                'apart' => round($r['apart'], 1),
                'reason' => $r['reason']->sentence(),
            ], $shown->rungs),
            'even' => $shown->even?->sentence(),
        ];
    }
}
