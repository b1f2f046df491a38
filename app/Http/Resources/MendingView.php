<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\AreaRow;
use Kalokroma\Recipe\Mending;
use Kalokroma\Recipe\PlannedStep;

/** What to do about a mishap. */
final class MendingView
{
    /** @return array<string, mixed> */
    public static function of(Mending $mending, AreaRow $area): array
    {
        return [
            'mishap' => $mending->mishap->value,
            'words' => $mending->mishap->words(),
            'when' => $mending->when,
            'reason' => $mending->reason->sentence(),
            'minutes' => (int) ceil($mending->minutes),
            'waiting' => $mending->waiting,
            'steps' => array_map(static fn (PlannedStep $s): array => [
                'key' => $s->key,
                'technique' => $s->technique->words(),
                'mix_words' => $s->words(),
                'hex' => $s->mix !== null && $s->isFilm() ? $s->mix->colour()->toHex() : null,
                'thin' => $s->thinning->ratio(),
                'undiluted' => $s->thinning->isUndiluted(),
                'place' => $s->place->words(),
                'why' => $s->why === [] ? '' : $s->why[0]->sentence(),
            ], $mending->steps),
            'area' => $area->name,
        ];
    }
}
