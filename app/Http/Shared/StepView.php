<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
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
            'place' => $step->scope->place->words(),
            'mix' => $step->load->mix === null ? [] : self::mix($step->load->mix),
            'open' => array_values(array_map(
                static fn (Part $p): string => $p->paint->name,
                array_filter($step->load->mix->parts ?? [], static fn (Part $p): bool => in_array($p->paint->id, $step->load->open, true)),
            )),
            'mix_words' => $step->words(),
            'colour' => $step->load->mix !== null
                && $step->isFilm() ? $step->load->mix->colour()->toHex() : $outcome->look->after->plane->toHex(),
            'film' => $step->isFilm(),
            'wanted' => $step->stage === Stage::Undercoat
                || $outcome->look->difference === null ? null : $step->target?->toSrgb()->clipped()->toHex(),
            'difference' => $outcome->look->difference === null ? null : round($outcome->look->difference, 2),
            'certainty' => round($outcome->look->certainty, 1),
            'mix_certainty' => round($step->load->mix?->certainty() ?? $outcome->look->certainty, 1),
            'wet' => $step->load->mix !== null && $step->isFilm() ? $step->load->mix->wet()->toHex() : null,
            'drying' => $step->load->mix !== null && $step->isFilm() ? $step->load->mix->first()->behaviour->drying()->words() : '',
            'thin' => $step->load->thinning->ratio(),
            'undiluted' => $step->load->thinning->isUndiluted(),
            'thinned_with' => $step->load->with,
            'coats' => $outcome->labour->coats,
            'coats_computed' => $outcome->labour->computed,
            'coats_own' => $step->handling->coats !== null,
            'passes' => $step->technique->isPassed(),
            'rounds' => $outcome->labour->rounds,
            'loop' => $step->scope->loop === null ? null : [
                'from' => $step->scope->loop->from,
                'rounds' => $step->scope->loop->rounds,
                'exit' => $step->scope->loop->exit,
            ],
            'exit' => $step->technique->facts()->exit,
            'watch' => $step->technique->facts()->watch,
            'level' => $step->level()->value,
            'who' => $step->scope->who->value,
            'note' => $step->handling->note,
            'latest_minutes' => $step->technique->facts()->latest,
            'tool' => $outcome->labour->tool->words(),
            'tool_id' => $outcome->labour->tool->value,
            'minutes' => (int) max(1, round($outcome->labour->minutes)),
            'dry_minutes' => $outcome->labour->dryMinutes,
            'amount' => $outcome->amount === null ? null : [
                'drops' => $outcome->amount->drops,
                'thinner_drops' => $outcome->amount->thinnerDrops,
                'figures' => $outcome->amount->figures,
            ],
            'omitted' => $step->handling->omitted,
            'at_hand' => $step->load->mix?->isAtHand() ?? true,
            'instead_of' => $step->load->original?->words(),
            'before' => self::surface($outcome->look->below),
            'after' => self::surface($outcome->look->after),
            'reasons' => array_map(static fn (Finding $f): string => $f->sentence(), $outcome->reasons),
            'cautions' => $outcome->cautions,
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function mix(Mix $mix): array
    {
        return array_map(static fn (Part $p): array => [
            'paint_id' => $p->paint->id === '' || $p->paint->isDescribed() ? null : (int) $p->paint->id,
            'name' => $p->paint->name,
            'parts' => $p->parts,
            'hex' => $p->paint->colour === null ? null : Mix::single($p->paint)->colour()->toHex(),
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

    /**
     * @param list<array{look: Reflectance, certainty: float}> $laid
     *
     * @return list<float> ± CIEDE2000, rounded
     */
    public static function certainties(array $laid): array
    {
        return array_map(static fn (array $c): float => round($c['certainty'], 1), $laid);
    }

    /** @return array{recess: string, plane: string, ridge: string} */
    public static function surface(Surface $surface): array
    {
        return $surface->hexes();
    }
}
