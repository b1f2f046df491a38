<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Finding;
use Kalokroma\Recipe\Stage;
use Kalokroma\Recipe\StepOutcome;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\RankedMix;

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
            'where' => $step->technique->where(),
            'mix' => self::mix($step->mix),
            'mix_words' => $step->mix->words(),
            'colour' => $step->mix->colour()->toHex(),
            'wanted' => $step->stage === Stage::Undercoat ? null : $step->target->toSrgb()->clipped()->toHex(),
            'difference' => $outcome->difference === null ? null : round($outcome->difference, 2),
            'certainty' => round($outcome->certainty, 1),
            'mix_certainty' => round($step->mix->certainty(), 1),
            'wet' => $step->mix->wet()->toHex(),
            'drying' => $step->mix->parts[0]['paint']->behaviour->drying()->words(),
            'thin' => $step->thinning->ratio(),
            'undiluted' => $step->thinning->isUndiluted(),
            'thinned_with' => $step->thinnedWith,
            'coats' => $outcome->coats,
            'coats_computed' => $outcome->computed,
            'coats_own' => $step->coats !== null,
            'passes' => $step->stage === Stage::Drybrush || $step->technique->value === 'drybrush',
            'tool' => $outcome->tool->words(),
            'minutes' => (int) max(1, round($outcome->minutes)),
            'dry_minutes' => $outcome->dryMinutes,
            'amount' => $outcome->amount === null ? null : [
                'drops' => $outcome->amount->drops,
                'thinner_drops' => $outcome->amount->thinnerDrops,
                'figures' => $outcome->amount->figures,
            ],
            'omitted' => $step->omitted,
            'at_hand' => $step->mix->isAtHand(),
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
            'paint_id' => $p['paint']->id === '' ? null : (int) $p['paint']->id,
            'name' => $p['paint']->name,
            'parts' => $p['parts'],
            'hex' => Mix::single($p['paint'])->colour()->toHex(),
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
