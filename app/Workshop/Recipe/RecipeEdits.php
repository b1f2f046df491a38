<?php

declare(strict_types=1);

namespace App\Workshop\Recipe;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Models\RevisionRow;
use App\Workshop\State\History;
use App\Workshop\Studio;
use Illuminate\Support\Facades\DB;
use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Material;
use Kalokroma\Film\Face;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Change\Editing;
use Kalokroma\Recipe\Draft\AddedStep;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Counted;

/**
 * Changes to the recipe of one area, each kept so that it can be undone. A change made on a state that is no longer the
 * newest is kept aside, and neither lost nor laid over the newer one.
 *
 * @phpstan-type Edit array{
 *   kind: string, key?: string|null, technique?: string, after?: string|null, colour?: string|null, to?: int, from?: string,
 *   rounds?: int, exit?: string|null, percents?: list<float|int>, smaller?: bool, rule?: string, on?: bool,
 *   mix?: list<array{paint_id: int, parts: int|null}>, meets?: list<array{paint_id: int, parts: int|null}>,
 *   thin?: string, coats?: int, omitted?: bool,
 *   place?: array{face?: string|null, part?: string|null, light?: string|null, share?: float|int|null, percent?: float|int|null},
 *   who?: string, level?: string, note?: string|null, tool?: string, with?: string, wait?: string|null, sloppy?: bool,
 *   unwashed?: bool, strokes?: string|null, line?: string|null, batch?: string|null, lively?: float|int|string|null,
 * }
 */
final readonly class RecipeEdits
{
    /** What a change of a step touches, in words. */
    private const SAID = [
        'mix' => 'paint',
        'meets' => 'second colour',
        'thin' => 'thinning',
        'with' => 'thinner',
        'coats' => 'coats',
        'omitted' => 'leaving out',
        'place' => 'place',
        'who' => 'for whom',
        'level' => 'level',
        'note' => 'note',
        'tool' => 'tool',
        'wait' => 'wait',
        'sloppy' => 'neatness',
        'unwashed' => 'brush',
        'strokes' => 'strokes',
        'line' => 'width of lines',
        'batch' => 'batch',
        'lively' => 'variation',
    ];

    public function __construct(private Studio $studio)
    {
    }

    /**
     * @param Edit $edit
     * @param int|null $version the state it was made on; null for the newest
     *
     * @return RevisionRow|null what was kept aside, where that state is no longer the newest
     *
     * @throws RecipeProblem|\DomainException
     */
    public function apply(Company $company, AreaRow $area, array $edit, ?int $version): ?RevisionRow
    {
        return DB::transaction(function () use ($company, $area, $edit, $version): ?RevisionRow {
            $recipe = $area->recipe ?? throw RecipeProblem::notDrafted($area->name);
            if ($recipe->version === 0) {
                RecipeHistory::record($recipe, 'as it was');
                $version = $version === 0 ? null : $version;
            }
            $plan = $this->studio->recipes->plan($recipe) ?? throw RecipeProblem::notDrafted($area->name);
            $words = $this->words($edit, $plan);
            if ($version !== null && $version !== $recipe->version) {
                $base = History::at($recipe, $version);
                $state = $base->state ?? RecipeHistory::state($recipe);
                $ghost = $recipe->replicate();
                RecipeHistory::restore($ghost, $state);
                $theirs = $this->changed($company, $area, $ghost, $this->studio->recipes->plan($ghost) ?? $plan, $edit);

                return RecipeHistory::aside($recipe, $version, $words, [...$state, 'plan' => PlanRows::toRow($theirs)]);
            }
            $this->studio->predictions->lay($recipe, $this->changed($company, $area, $recipe, $plan, $edit), $company, $area);
            RecipeHistory::record($recipe, $words);
            (new RecipeFollowing($this->studio))->tell($company, $recipe);

            return null;
        });
    }

    /**
     * Undo (-1) or redo (1).
     *
     * @param int|null $version the state that was seen; null for the newest
     */
    public function step(Company $company, AreaRow $area, int $direction, ?int $version = null): void
    {
        DB::transaction(function () use ($company, $area, $direction, $version): void {
            $recipe = $area->recipe ?? throw RecipeProblem::notDrafted($area->name);
            if ($version !== null && $version !== $recipe->version) {
                throw RecipeProblem::changedMeanwhile();
            }
            RecipeHistory::step($recipe, $direction);
            $this->settle($company, $area, $recipe);
        });
    }

    /** Takes what was kept aside in place of what is there, which can be had back by undoing; or lets it go. */
    public function decide(Company $company, AreaRow $area, int $asideId, bool $take): void
    {
        DB::transaction(function () use ($company, $area, $asideId, $take): void {
            $recipe = $area->recipe ?? throw RecipeProblem::notDrafted($area->name);
            $aside = $recipe->revisions()->where('aside', true)->findOrFail($asideId);
            if ($take) {
                RecipeHistory::restore($recipe, $aside->state);
                $this->settle($company, $area, $recipe);
                RecipeHistory::record($recipe, 'taken from the other window: '.$aside->words);
            }
            $aside->delete();
        });
    }

    private function settle(Company $company, AreaRow $area, RecipeRow $recipe): void
    {
        $aimed = $area->hex;
        $area->update(['hex' => $recipe->hex]);
        $this->studio->predictions->lay($recipe, $this->studio->recipes->plan($recipe) ?? new Plan([], []), $company, $area)->save();
        (new RecipeFollowing($this->studio))->tell($company, $recipe, $aimed);
    }

    /** @param Edit $edit */
    private function changed(Company $company, AreaRow $area, RecipeRow $recipe, Plan $plan, array $edit): Plan
    {
        $key = $edit['key'] ?? '';

        return match ($edit['kind']) {
            'change' => Editing::change($plan, $key, fn (PlannedStep $step): PlannedStep => $this->altered($company, $step, $edit)),
            'add' => Editing::add($plan, $this->made($company, $area, $recipe, $plan, $edit), $edit['after'] ?? null),
            'drop' => Editing::drop($plan, $key),
            'move' => Editing::move($plan, $key, $edit['to'] ?? 0),
            'merge' => Editing::merge($plan, $key),
            'loop' => $this->looped($plan, $key, $edit),
            'differ' => Editing::differ($plan, $key, self::who($company, $edit['who'] ?? '')),
            'overrule' => Editing::overrule($plan, $edit['rule'] ?? '', $edit['on'] ?? true),
            default => throw RecipeProblem::noSuchEdit($edit['kind']),
        };
    }

    /** @param Edit $edit */
    private function altered(Company $company, PlannedStep $step, array $edit): PlannedStep
    {
        if (isset($edit['mix'])) {
            $mix = $this->mix($edit['mix']);
            if ($step->technique->facts()->lies !== null) {
                $mix->pigment();
            }
            $step = $step->withMix($mix, self::open($edit['mix']));
        }
        if (isset($edit['meets'])) {
            $second = $edit['meets'] === [] ? null : $this->mix($edit['meets']);
            $second?->pigment();
            $step = $step->meeting($second);
        }

        return self::placed($company, $this->thinned($step, $edit), $edit);
    }

    /** @param list<array{paint_id: int, parts: int|null}> $said */
    private function mix(array $said): Mix
    {
        return $this->studio->shelf->mix(
            array_map(static fn (array $p): array => ['paint' => $p['paint_id'], 'parts' => $p['parts'] ?? 1], $said),
        );
    }

    /**
     * @param list<array{paint_id: int, parts: int|null}> $said
     *
     * @return list<string> ids of the paints whose amount is left open
     */
    private static function open(array $said): array
    {
        return array_values(
            array_map(
                static fn (array $p): string => (string) $p['paint_id'],
                array_filter($said, static fn (array $p): bool => $p['parts'] === null),
            ),
        );
    }

    /** @param Edit $edit */
    private function thinned(PlannedStep $step, array $edit): PlannedStep
    {
        if (isset($edit['thin'])) {
            $step = $step->thinned(...$this->studio->shelf->thinning($edit['thin']));
        }
        $step = isset($edit['with']) ? $step->withLoad($step->load->thinnedWith(Thinner::from($edit['with']))) : $step;

        return isset($edit['coats']) ? $step->withCoats($edit['coats']) : $step;
    }

    /** @param Edit $edit */
    private static function placed(Company $company, PlannedStep $step, array $edit): PlannedStep
    {
        $place = $edit['place'] ?? null;
        if ($place !== null) {
            $step = $step->at(
                new Place(
                    Face::tryFrom($place['face'] ?? ''),
                    $place['part'] ?? '',
                    $place['light'] ?? '',
                    isset($place['percent']) ? Place::shareOf((float) $place['percent']) : (float) ($place['share'] ?? 1.0),
                ),
            );
        }
        $step = isset($edit['omitted']) ? $step->leftOut($edit['omitted']) : $step;
        $step = isset($edit['who']) ? $step->for(self::who($company, $edit['who'])) : $step;
        $step = isset($edit['level']) ? $step->upTo(Level::from($edit['level'])) : $step;
        $step = isset($edit['tool']) ? $step->held(Tool::from($edit['tool'])) : $step;
        $step = $step->withHandling($step->handling->with(SaidHandling::of($edit)));

        return isset($edit['note']) ? $step->noted($edit['note']) : $step;
    }

    /** @param Edit $edit */
    private function looped(Plan $plan, string $key, array $edit): Plan
    {
        $rounds = $edit['rounds'] ?? 1;
        $shares = match (true) {
            isset($edit['percents']) => array_map(Place::shareOf(...), array_map(floatval(...), $edit['percents'])),
            ($edit['smaller'] ?? false) && $rounds > 1 => Loop::smaller($key, $rounds, '')->shares,
            default => null,
        };

        return Editing::loop($plan, $key, $edit['from'] ?? $key, $rounds, $edit['exit'] ?? '', $shares);
    }

    /** @throws RecipeProblem where it names figures that this company does not have */
    private static function who(Company $company, string $said): Who
    {
        $who = Who::from($said);

        return $who->highest() <= $company->count ? $who : throw RecipeProblem::notAmong($who->words(), $company->count);
    }

    /** @param Edit $edit */
    private function made(Company $company, AreaRow $area, RecipeRow $recipe, Plan $plan, array $edit): PlannedStep
    {
        $technique = Technique::from($edit['technique'] ?? '');
        if ($technique === Technique::Undercoat) {
            throw RecipeProblem::undercoatOnce();
        }
        $below = $this->studio->undercoats->laid($company, $area)->surface();
        $after = $edit['after'] ?? null;
        foreach ($this->studio->predictions->of($company, $area, $plan) as $outcome) {
            $below = $outcome->look->after;
            if ($outcome->step->key->is($after)) {
                break;
            }
        }
        $ladder = new Ladder(Srgb::fromHex($recipe->hex)->toOklch(), PlanRows::wish($recipe->options));
        $made = (new AddedStep(
            $this->studio->palette,
            $plan,
            $ladder,
            $this->studio->undercoats->laid($company, $area)->surface(),
        ))->make(
            $technique,
            $below,
            isset($edit['colour']) ? Srgb::fromHex($edit['colour'])->toOklch() : null,
            $area->material === Material::Metal,
        );

        return isset($edit['mix']) ? $this->altered($company, $made, $edit) : $made;
    }

    /** @param Edit $edit what it did, in a few words, for undoing */
    private function words(array $edit, ?Plan $plan): string
    {
        $step = $plan?->step($edit['key'] ?? '')?->technique->words() ?? 'a step';

        return match ($edit['kind']) {
            'add' => 'added '.(Technique::tryFrom($edit['technique'] ?? '')?->words() ?? 'a step'),
            'drop' => 'dropped '.$step,
            'move' => 'moved '.$step,
            'merge' => 'merged '.$step.' with the next',
            'loop' => ($edit['rounds'] ?? 1) > 1 ? Counted::Rounds->of($edit['rounds']).' up to '.$step : 'ended the loop of '.$step,
            'overrule' => 'a rule '.(($edit['on'] ?? true) ? 'set aside' : 'followed again'),
            default => implode(', ', array_intersect_key(self::SAID, $edit)).' of '.$step,
        };
    }
}
