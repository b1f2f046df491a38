<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Models\AreaRow;
use Kalokroma\Recipe\Change\Mending;
use Kalokroma\Recipe\Plan\PlannedStep;

/** What to do about a mishap. */
final class MendingView
{
    /**
     * @param list<AreaRow> $neighbours on which it may have happened
     * @param int|null $on which of them was asked for; null for the first
     *
     * @return array<string, mixed>
     */
    public static function of(Mending $mending, array $neighbours, ?int $on): array
    {
        return [
            'mishap' => $mending->mishap->value,
            'words' => $mending->mishap->words(),
            'when' => $mending->remedy->when,
            'reason' => $mending->remedy->reason->sentence(),
            'minutes' => (int) ceil($mending->minutes),
            'waiting' => $mending->waiting,
            'steps' => array_map(static fn (PlannedStep $s): array => [
                'key' => $s->key->value,
                'technique' => $s->technique->words(),
                'mix_words' => $s->words(),
                'hex' => $s->load->mix !== null && $s->isFilm() ? $s->load->mix->colour()->toHex() : null,
                'thin' => $s->load->thinning->ratio(),
                'undiluted' => $s->load->thinning->isUndiluted(),
                'place' => $s->scope->place->words(),
                'why' => $s->why === [] ? '' : $s->why[0]->sentence(),
            ], $mending->remedy->steps),
            'neighbours' => $mending->mishap->isBeside() ? array_map(
                static fn (AreaRow $a): array => ['id' => $a->id, 'words' => $a->name],
                $neighbours,
            ) : [],
            'on' => $mending->mishap->isBeside() ? $on ?? ($neighbours[0] ?? null)?->id : null,
        ];
    }
}
