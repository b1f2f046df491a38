<?php

declare(strict_types=1);

namespace App\Http\Cards;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Recipe\RecipeFollowing;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Studio;
use Kalokroma\Recipe\Plan\LevelEnds;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\DraftSum;
use Kalokroma\Recipe\Predict\StepFact;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\StepWords;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Word\Counted;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/**
 * A recipe as it is printed: what to load, how thin, how often, how long to wait, and what it will look like.
 *
 * @phpstan-type CardStep array{
 *   number: int, key: string, stage: string, title: string, load: string, drops: string, thin: string, coats: string,
 *   dry: string, place: string, note: string, watch: string, missing: bool,
 *   faces: array{recess: string, plane: string, ridge: string}, figures: int, done: list<int>,
 *   how: string, short: string, ticks: array<int, bool>, facts: list<StepFact>, end?: string,
 * }
 * @phpstan-type Card array{
 *   name: string, company: string, count: int, about: string, colour: string|null, way: string, like: string,
 *   findings: list<string>, steps: list<CardStep>, totals: string, cautions: list<string>,
 * }
 */
final class CardView
{
    /** Figures that are ticked off on paper at most. */
    private const TICKS = 30;

    /**
     * @param Level|null $goal up to which level of finish; null for all of it
     *
     * @return Card expects company.areas.recipe and company.records loaded
     */
    public static function of(Studio $studio, AreaRow $area, ?Level $goal = null): array
    {
        $company = $area->company;
        $recipe = $area->recipe;
        $outcomes = self::upTo($studio->predictions->outcomes($company, $area, $recipe), $goal);
        $plan = $studio->recipes->plan($recipe);
        $sum = DraftSum::ofRecipe($area->toCore($company), $outcomes);
        $progress = BenchDesk::progress($company);
        $cautions = array_values(array_unique(array_merge(...array_map(static fn (StepOutcome $o): array => $o->cautions, $outcomes))));
        $ends = LevelEnds::of(array_map(static fn (StepOutcome $o): PlannedStep => $o->step, $outcomes));
        $differences = $recipe === null ? [] : (new RecipeFollowing($studio))->differences($recipe);

        return [
            'name' => $area->name,
            'company' => $company->name,
            'count' => $company->count,
            'about' => sprintf(
                '%s, %s, %s cm²',
                $area->material->words(),
                $area->relief->words(),
                round($area->toCore($company)->surfaceCm2, 1),
            ),
            'colour' => $recipe->drafted_colour ?? $area->hex,
            'way' => $recipe?->way->words() ?? '',
            'like' => $differences === [] ? '' : implode('; ', array_column($differences, 'words')),
            'findings' => array_map(static fn (Finding $f): string => $f->sentence(), $plan->findings ?? []),
            'steps' => array_map(static fn (StepOutcome $o, int $i): array => self::step(
                $o,
                $i + 1,
                $o->step->scope->who->of($company->count, $company->leaders),
                $progress->figures(StepRef::among($area->id, $o->step), $o->step),
            ) + ['end' => ($ends[$o->step->key->value] ?? null)->value ?? ''], $outcomes, array_keys($outcomes)),
            'totals' => sprintf(
                '%s, about %s of work a figure, %s of drying',
                Counted::Steps->of($sum->steps),
                Duration::words((int) round($sum->minutes)),
                Duration::words($sum->waiting),
            ),
            'cautions' => $cautions,
        ];
    }

    /**
     * @param list<StepOutcome> $outcomes
     *
     * @return list<StepOutcome> what is done up to a level of finish
     */
    private static function upTo(array $outcomes, ?Level $goal): array
    {
        return array_values(array_filter(
            $outcomes,
            static fn (StepOutcome $o): bool => !$o->step->handling->omitted && ($goal === null || $o->step->level()->isWithin($goal)),
        ));
    }

    /**
     * @param list<int> $done figures it is done on
     *
     * @return CardStep
     */
    private static function step(StepOutcome $outcome, int $number, int $count, array $done): array
    {
        $step = $outcome->step;
        $words = StepWords::of($outcome);
        $isThinned = $words->thin !== '' && !$step->load->thinning->isUndiluted();

        return [
            'number' => $number,
            'key' => $step->key->value,
            'stage' => $step->stage->value,
            'title' => $words->title,
            'load' => $words->load,
            'drops' => $outcome->amount === null ? '' : StepWords::drops($outcome->amount, $step->load->thinnerWords(), $count),
            'thin' => $words->thin,
            'coats' => $words->coats,
            'dry' => $words->dry,
            'place' => $words->where,
            'how' => self::joined(($isThinned ? 'thin ' : '').$words->thin, $words->coats, $words->dry === '' ? '' : 'dry '.$words->dry),
            'short' => self::joined($words->title, $isThinned ? $step->load->thinning->ratio() : '', $words->coats, $words->where),
            'note' => $step->handling->note,
            'watch' => $step->technique->facts()->watch,
            'missing' => !$step->load->isAtHand(),
            'faces' => StepView::surface($outcome->look->after),
            'figures' => $count,
            'done' => $done,
            'ticks' => self::ticks(min($count, self::TICKS), $done),
            'facts' => $words->facts,
        ];
    }

    private static function joined(string ...$words): string
    {
        return implode(' · ', array_filter($words));
    }

    /**
     * @param list<int> $done
     *
     * @return array<int, bool> whether it is done, by the figure's number
     */
    private static function ticks(int $count, array $done): array
    {
        $ticks = [];
        for ($figure = 1; $figure <= $count; ++$figure) {
            $ticks[$figure] = in_array($figure, $done, true);
        }

        return $ticks;
    }
}
