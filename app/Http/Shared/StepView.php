<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\RankedMix;
use Kalokroma\Word\Finding;

/** A step as the pages draw it: everything already computed. */
final class StepView
{
    /** @return array<string, mixed> */
    public static function of(StepOutcome $outcome): array
    {
        $step = $outcome->step;

        return [
            'key' => $step->key,
            'stage' => $step->stage->value,
            'technique' => $step->technique->words(),
            'technique_id' => $step->technique->value,
            'where' => $step->technique->where(),
            'place' => $step->place->words(),
            'mix' => $step->mix === null ? [] : self::mix($step->mix),
            'open' => array_values(array_map(
                static fn (array $p): string => $p['paint']->name,
                array_filter($step->mix->parts ?? [], static fn (array $p): bool => in_array($p['paint']->id, $step->open, true)),
            )),
            'mix_words' => $step->words(),
            'colour' => $step->mix !== null && $step->isFilm() ? $step->mix->colour()->toHex() : $outcome->after->plane->toHex(),
            'film' => $step->isFilm(),
            'wanted' => $step->stage === Stage::Undercoat || $outcome->difference === null ? null : $step->target?->toSrgb()->clipped()->toHex(),
            'difference' => $outcome->difference === null ? null : round($outcome->difference, 2),
            'certainty' => round($outcome->certainty, 1),
            'mix_certainty' => round($step->mix?->certainty() ?? $outcome->certainty, 1),
            'wet' => $step->mix !== null && $step->isFilm() ? $step->mix->wet()->toHex() : null,
            'drying' => $step->mix !== null && $step->isFilm() ? $step->mix->parts[0]['paint']->behaviour->drying()->words() : '',
            'thin' => $step->thinning->ratio(),
            'undiluted' => $step->thinning->isUndiluted(),
            'thinned_with' => $step->thinnedWith,
            'coats' => $outcome->coats,
            'coats_computed' => $outcome->computed,
            'coats_own' => $step->coats !== null,
            'passes' => $step->technique->isPassed(),
            'rounds' => $outcome->rounds,
            'loop' => $step->loop === null ? null : ['from' => $step->loop->from, 'rounds' => $step->loop->rounds, 'exit' => $step->loop->exit],
            'exit' => $step->technique->facts()->exit,
            'watch' => $step->technique->facts()->watch,
            'level' => $step->level()->value,
            'who' => $step->who->value,
            'note' => $step->note,
            'latest_minutes' => $step->technique->facts()->latest,
            'tool' => $outcome->tool->words(),
            'tool_id' => $outcome->tool->value,
            'minutes' => (int) max(1, round($outcome->minutes)),
            'dry_minutes' => $outcome->dryMinutes,
            'amount' => $outcome->amount === null ? null : [
                'drops' => $outcome->amount->drops,
                'thinner_drops' => $outcome->amount->thinnerDrops,
                'figures' => $outcome->amount->figures,
            ],
            'omitted' => $step->omitted,
            'at_hand' => $step->mix?->isAtHand() ?? true,
            'instead_of' => $step->original?->words(),
            'before' => self::surface($outcome->below),
            'after' => self::surface($outcome->after),
            'reasons' => array_map(static fn (Finding $f): string => $f->sentence(), $outcome->reasons),
            'cautions' => $outcome->cautions,
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function mix(Mix $mix): array
    {
        return array_map(static fn (array $p): array => [
            'paint_id' => $p['paint']->id === '' || $p['paint']->isDescribed() ? null : (int) $p['paint']->id,
            'name' => $p['paint']->name,
            'parts' => $p['parts'],
            'hex' => $p['paint']->colour === null ? null : Mix::single($p['paint'])->colour()->toHex(),
        ], $mix->parts);
    }

    /** @return array<string, mixed> */
    public static function alternative(RankedMix $ranked, string $look, int $coatsMore, bool $asGood, bool $current): array
    {
        return [
            'mix' => self::mix($ranked->mix),
            'mix_words' => $ranked->mix->words(),
            'look' => $look,
            'difference' => round($ranked->difference, 2),
            'certainty' => round($ranked->mix->certainty(), 1),
            'coats_more' => $coatsMore,
            'as_good' => $asGood,
            'current' => $current,
        ];
    }

    /** @return array{recess: string, plane: string, ridge: string} */
    public static function surface(Surface $surface): array
    {
        return $surface->hexes();
    }
}
