<?php

declare(strict_types=1);

namespace App\Http\Cards;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Recipe\RecipeFollowing;
use App\Workshop\Studio;
use Kalokroma\Recipe\Predict\Amount;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Word\Finding;

/**
 * A recipe as it is printed: what to load, how thin, how often, how long to wait, and what it will look like.
 *
 * @phpstan-type CardStep array{
 *   number: int, key: string, stage: string, title: string, load: string, drops: string, thin: string, coats: string,
 *   dry: string, place: string, note: string, watch: string, missing: bool,
 *   faces: array{recess: string, plane: string, ridge: string}, figures: int, done: list<int>,
 * }
 * @phpstan-type Card array{
 *   name: string, company: string, count: int, about: string, colour: string|null, way: string, like: string,
 *   findings: list<string>, steps: list<CardStep>, totals: string, cautions: list<string>,
 * }
 */
final class CardView
{
    /** @return Card expects company.areas.recipe and company.records loaded */
    public static function of(Studio $studio, AreaRow $area): array
    {
        $company = $area->company;
        $recipe = $area->recipe;
        $outcomes = array_values(
            array_filter(
                $studio->predictions->outcomes($company, $area, $recipe),
                static fn (StepOutcome $o): bool => !$o->step->handling->omitted,
            ),
        );
        $plan = $studio->recipes->plan($recipe);
        $cautions = [];
        $minutes = 0.0;
        $waiting = 0;
        foreach ($outcomes as $outcome) {
            $cautions += array_fill_keys($outcome->cautions, true);
            $minutes += $outcome->labour->minutes;
            $waiting += $outcome->waiting();
        }
        $differences = $recipe === null ? [] : (new RecipeFollowing($studio))->differences($recipe);

        return [
            'name' => $area->name,
            'company' => $company->name,
            'count' => $company->count,
            'about' => sprintf(
                '%s, %s, %s cm²',
                $area->material->value,
                $area->relief->words(),
                round($area->toCore($company)->surfaceCm2, 1),
            ),
            'colour' => $recipe->hex ?? $area->hex,
            'way' => $recipe?->way->words() ?? '',
            'like' => $differences === [] ? '' : implode('; ', array_column($differences, 'words')),
            'findings' => array_map(static fn (Finding $f): string => $f->sentence(), $plan->findings ?? []),
            'steps' => array_map(
                static fn (StepOutcome $o, int $i): array => self::step(
                    $o,
                    $i + 1,
                    $o->step->scope->who->of($company->count, $company->leaders),
                    self::done($company, $area, $o->step->key),
                ),
                $outcomes,
                array_keys($outcomes),
            ),
            'totals' => sprintf(
                '%d steps, about %s of work a figure, %s of drying',
                count($outcomes),
                self::duration((int) round($minutes)),
                self::duration($waiting),
            ),
            'cautions' => array_map(strval(...), array_keys($cautions)),
        ];
    }

    /** 168 → "2 h 48", 41 → "41 min". */
    public static function duration(int $minutes): string
    {
        return match (true) {
            $minutes < 60 => $minutes.' min',
            $minutes % 60 === 0 => intdiv($minutes, 60).' h',
            default => sprintf('%d h %02d', intdiv($minutes, 60), $minutes % 60),
        };
    }

    /**
     * @param list<int> $done figures it is done on
     *
     * @return CardStep
     */
    private static function step(StepOutcome $outcome, int $number, int $count, array $done): array
    {
        $step = $outcome->step;
        $counted = $step->isFilm() || $number === 1;
        $unit = $step->technique->isPassed() ? ['pass', 'passes'] : ['coat', 'coats'];

        return [
            'number' => $number,
            'key' => $step->key,
            'stage' => $step->stage->value,
            'title' => ucfirst($step->technique->words()),
            'load' => $step->load->mix === null ? $step->technique->where() : $step->words(),
            'drops' => $outcome->amount === null ? '' : self::drops($outcome->amount, $step->load->with, $count),
            'thin' => $step->load->mix === null ? '' : (
                $step->load->thinning->isUndiluted()
                ? 'not thinned'
                : sprintf('%s with %s', $step->load->thinning->ratio(), $step->load->with)
            ),
            'coats' => $counted ? sprintf('%d %s', $outcome->labour->coats, $unit[$outcome->labour->coats === 1 ? 0 : 1]).(
                $outcome->labour->rounds > 1
                ? sprintf(', %d rounds', $outcome->labour->rounds)
                : ''
            ) : '',
            'dry' => $outcome->labour->dryMinutes === 0 ? '' : self::duration($outcome->labour->dryMinutes),
            'place' => $step->scope->place->words().(
                $step->scope->who->value === 'leaders'
                ? ($step->scope->place->isUsual() ? '' : ', ').$step->scope->who->words()
                : ''
            ),
            'note' => $step->handling->note,
            'watch' => $step->technique->facts()->watch,
            'missing' => !($step->load->mix?->isAtHand() ?? true),
            'faces' => StepView::surface($outcome->look->after),
            'figures' => $count,
            'done' => $done,
        ];
    }

    private static function drops(Amount $amount, string $with, int $count): string
    {
        $said = array_map(static fn (array $d): string => $d['drops'].' '.$d['paint'], $amount->drops);
        if ($amount->thinnerDrops > 0) {
            $said[] = $amount->thinnerDrops.' '.$with;
        }

        return sprintf('drops: %s, enough for %s', implode(' + ', $said), match (true) {
            $amount->figures >= $count => $count === 1 ? 'the figure' : 'all '.$count,
            $amount->figures === 1 => 'one figure',
            default => $amount->figures.' figures',
        });
    }

    /** @return list<int> */
    private static function done(Company $company, AreaRow $area, string $key): array
    {
        $figures = [];
        foreach ($company->records as $entry) {
            if ($entry->step_key === $key && ($key === 'undercoat' || $entry->area_id === $area->id)) {
                $figures += array_fill_keys($entry->figures, true);
            }
        }
        ksort($figures);

        return array_keys($figures);
    }
}
