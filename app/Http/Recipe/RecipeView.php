<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Figures\CompanyView;
use App\Http\Shared\StepView;
use App\Http\Undercoat\UndercoatView;
use App\Http\Undercoat\WholeView;
use App\Models\AreaRow;
use App\Models\RecipeRow;
use App\Models\RevisionRow;
use App\Workshop\Order\OrderDesk;
use App\Workshop\Plan\AreaMapper;
use App\Workshop\Plan\PlanMapper;
use App\Workshop\Recipe\RecipeFollowing;
use App\Workshop\Recipe\RecipeRows;
use App\Workshop\Record\BenchDesk;
use App\Workshop\State\History;
use App\Workshop\State\HistoryMarks;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Order\Rule\SaidOrder;
use Kalokroma\Recipe\Draft\UsualDraft;
use Kalokroma\Recipe\Judge\Ending;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Plan\LeftOut;
use Kalokroma\Recipe\Plan\LevelEnds;
use Kalokroma\Recipe\Plan\PartLink;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\SharedPaints;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\DraftSum;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Predict\Undercoated;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Record\Progress;
use Kalokroma\Word\Finding;

/**
 * The Recipe page of one area.
 *
 * @phpstan-import-type AreaState from AreaMapper
 */
final class RecipeView
{
    /** @return array<string, mixed> expects company.areas.recipe and company.records loaded */
    public static function of(Studio $studio, AreaRow $area): array
    {
        $company = $area->company;
        $studio->predictions->freshen([$company]);
        $recipe = $area->recipe;
        $outcomes = $studio->predictions->outcomes($company, $area, $recipe);
        $plan = $recipe === null ? null : $studio->predictions->laid($company, $area, $recipe)->plan;

        $marks = History::marks($company, $recipe);

        return [
            'company' => CompanyView::of($company),
            'area' => CompanyView::area($area, $company),
            'drafted' => $recipe !== null,
            'outdated' => RecipeRows::outdated($area),
            'colour' => $recipe->drafted_colour ?? $area->hex,
            ...self::wished($studio, $area),
            'version' => $recipe->version ?? 0,
            'findings' => array_map(static fn (Finding $f): string => $f->sentence(), $plan->findings ?? []),
            'part' => self::part($studio, $area),
            ...self::history($studio, $area, $marks['recipe']),
            'undercoat' => UndercoatView::version($studio, $company, $marks['undercoat']),
            'whole' => WholeView::of($studio, $company, $marks['whole']),
            'steps' => self::steps($area, $outcomes, self::marks($studio, $area, $plan, $outcomes)),
            'left_out' => array_map(
                static fn (LeftOut $l): array => ['stage' => $l->stage->value, 'reason' => $l->reason->sentence()],
                $plan->leftOut ?? [],
            ),
            'totals' => self::totals($area, $outcomes),
            'ending' => self::ending($area, $outcomes),
            'not_kept' => self::notKept($studio, $area, $outcomes),
        ];
    }

    /**
     * @param list<StepOutcome> $outcomes
     *
     * @return list<array{key: string, words: string}> what steps say of their place in the order, of things that this figure has not
     */
    private static function notKept(Studio $studio, AreaRow $area, array $outcomes): array
    {
        $says = array_filter($outcomes, static fn (StepOutcome $o): bool => $o->step->handling->after.$o->step->handling->before !== '');
        $work = $says === [] ? null : (new OrderDesk($studio, CarbonImmutable::now()))->work($area->company);
        $found = [];
        foreach ($work === null ? [] : SaidOrder::unclear($work) as $ref => $findings) {
            $step = StepRef::read($ref);
            foreach ($step->areaId() === $area->id ? $findings : [] as $finding) {
                $found[] = ['key' => $step->key->value, 'words' => $finding->sentence()];
            }
        }

        return $found;
    }

    /**
     * @param non-empty-list<StepOutcome> $outcomes
     *
     * @return array<string, mixed>|null where the recipe ends; null where there is none, or no colour
     */
    private static function ending(AreaRow $area, array $outcomes): ?array
    {
        $hex = $area->recipe->drafted_colour ?? null;
        if ($hex === null || Undercoated::above($outcomes) === []) {
            return null;
        }
        $ending = Ending::of($outcomes, $area->toCore($area->company), Srgb::fromHex($hex)->toOklch());

        return [
            'off' => round($ending->off, 1),
            'recess_off' => $ending->recess === null ? null : round($ending->recess, 1),
            'ridge_off' => $ending->ridge === null ? null : round($ending->ridge, 1),
            'words' => $ending->words,
            'surface' => StepView::surface($ending->surface),
            'far' => $ending->finding?->sentence(),
        ];
    }

    /** @return array<string, mixed> what the draft was asked for, and what could be asked */
    private static function wished(Studio $studio, AreaRow $area): array
    {
        $way = $area->recipe->way ?? $studio->painter->way;

        return [
            'way' => $way->value,
            'way_words' => $way->words(),
            'ways' => array_map(
                static fn (Way $w): array => ['id' => $w->value, 'words' => $w->words()],
                Way::allowedBy($studio->painter->equipment()),
            ),
            'options' => PlanMapper::options(PlanMapper::wish($area->recipe?->options)),
            'starts' => UsualDraft::offered($area->toCore($area->company)),
        ];
    }

    /** @return array<string, mixed> what can be had back, what lies aside, and which recipe this one follows */
    private static function history(Studio $studio, AreaRow $area, ?HistoryMarks $history): array
    {
        $recipe = $area->recipe;
        $model = $recipe?->follows_id === null ? null : RecipeRow::query()->with('area.company')->find($recipe->follows_id);

        return [
            'undo' => $history?->undo,
            'redo' => $history?->redo,
            'model' => $model === null ? null : [
                'area_id' => $model->area_id,
                'method' => $recipe->follows_as === RecipeRow::METHOD,
                'words' => $model->area->name.($model->area->company_id === $area->company_id ? '' : ' of '.$model->area->company->name),
            ],
            'differences' => $recipe === null ? [] : (new RecipeFollowing($studio))->differences($recipe),
            'aside' => $recipe === null ? [] : self::asides($studio, $area, $recipe, $history->asides ?? []),
        ];
    }

    /**
     * @param list<StepOutcome> $outcomes
     * @param list<array<string, mixed>> $marks
     *
     * @return list<array<string, mixed>>
     */
    private static function steps(AreaRow $area, array $outcomes, array $marks): array
    {
        $company = $area->company;
        $progress = BenchDesk::progress($company);
        $others = self::others($area);
        $ends = LevelEnds::of(array_map(static fn (StepOutcome $o): PlannedStep => $o->step, $outcomes));

        return array_map(static fn (StepOutcome $o): array => [
            ...StepView::of($o),
            'level_end' => ($ends[$o->step->key->value] ?? null)?->value,
            'place_set' => [
                'face' => $o->step->scope->place->faceId(),
                'part' => $o->step->scope->place->part,
                'light' => $o->step->scope->place->light,
                'share' => $o->step->scope->place->percent(),
            ],
            'figures' => $o->step->scope->who->of($company->count, $company->leaders),
            'painted_as' => self::otherwise($progress, StepRef::among($area->id, $o->step), $o->step),
            'done_on' => count($progress->figures(StepRef::among($area->id, $o->step), $o->step)),
            'marks' => array_values(array_filter($marks, static fn (array $m): bool => $m['key'] === $o->step->key->value)),
            'shared' => SharedPaints::sentence($o->step, $others),
        ], $outcomes);
    }

    /** @return list<array{words: string, figures: list<int>}> what figures were painted as where another step is planned now */
    private static function otherwise(Progress $progress, StepRef $ref, PlannedStep $step): array
    {
        $found = $progress->paintedOtherwise($ref, $step);

        return array_map(
            static fn (string $as, array $figures): array => ['words' => $as, 'figures' => $figures],
            array_map(strval(...), array_keys($found)),
            $found,
        );
    }

    /**
     * @param list<StepOutcome> $outcomes
     *
     * @return list<array{id: string, key: string, hard: bool, sentence: string, instead: string, overruled: bool}>
     */
    private static function marks(Studio $studio, AreaRow $area, ?Plan $plan, array $outcomes): array
    {
        if ($plan === null || $area->recipe === null) {
            return [];
        }

        return array_map(static fn (array $j): array => [
            'id' => $j['mark']->id(),
            'key' => $j['mark']->key,
            'hard' => $j['mark']->hard,
            'sentence' => $j['mark']->finding->sentence(),
            'instead' => $j['mark']->alternative,
            'overruled' => $j['overruled'],
        ], Rules::judge(
            $plan->withSteps(array_map(static fn (StepOutcome $o): PlannedStep => $o->step, Undercoated::above($outcomes))),
            Undercoated::above($outcomes),
            $area->toCore($area->company),
            $studio->painter->equipment(),
            Srgb::fromHex($area->recipe->drafted_colour)->toOklch(),
        ));
    }

    /**
     * @return array{
     *   sentence: string, glued: bool, areas: list<array{id: int, name: string}>,
     * }|null recipes that belong together as those of one part
     */
    private static function part(Studio $studio, AreaRow $area): ?array
    {
        if ($area->part === '') {
            return null;
        }
        $company = $area->company;
        $plans = [];
        foreach ($company->areas as $row) {
            $plan = $row->part === $area->part ? $studio->recipes->plan($row->recipe) : null;
            $plans += $plan === null ? [] : [$row->id => $plan];
        }
        $link = PartLink::of(
            $area->toCore($company),
            array_values($company->areas->map(static fn (AreaRow $a): Area => $a->toCore($company))->all()),
            $company->touching(),
            $plans,
        );

        return $link === null ? null : [
            'sentence' => $link->finding()->sentence(),
            'glued' => $link->gluedIn !== null,
            'areas' => array_map(static fn (Area $a): array => ['id' => (int) $a->id, 'name' => $a->name], $link->members),
        ];
    }

    /** @return array<string, list<string>> ids of the paints that the other areas of the company load, by the area's name */
    private static function others(AreaRow $area): array
    {
        $found = [];
        foreach ($area->company->areas as $other) {
            foreach ($other->id === $area->id ? [] : $other->recipe->takes ?? [] as $taken) {
                $found[$other->name] = [...($found[$other->name] ?? []), ...$taken['paints']];
            }
        }

        return $found;
    }

    /**
     * @param list<RevisionRow> $asides
     *
     * @return list<array<string, mixed>> what other windows changed on older states
     */
    private static function asides(Studio $studio, AreaRow $area, RecipeRow $recipe, array $asides): array
    {
        return array_map(static function (RevisionRow $row) use ($studio, $area, $recipe): array {
            /** @var AreaState $state */
            $state = $row->state;
            $plan = AreaMapper::plan($state, $recipe, $studio->shelf)->plan;

            return [
                'id' => $row->id,
                'words' => $row->words,
                'layers' => array_map(StepView::layer(...), $studio->predictions->of($area->company, $area, $plan)),
            ];
        }, $asides);
    }

    /**
     * @param non-empty-list<StepOutcome> $outcomes
     *
     * @return array<string, mixed>
     */
    private static function totals(AreaRow $area, array $outcomes): array
    {
        $sum = DraftSum::ofRecipe($area->toCore($area->company), $outcomes);

        return [
            'steps' => $sum->steps,
            'minutes' => (int) round($sum->minutes),
            'dry_minutes' => $sum->waiting,
            'pots' => count($sum->paints),
            'missing' => $sum->missing,
        ];
    }
}
