<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\FigurePart;
use App\Models\RecipeRow;
use App\Models\RevisionRow;
use App\Workshop\Recipe\RecipeFollowing;
use App\Workshop\Recipe\RecipeRows;
use App\Workshop\State\Conflict;
use App\Workshop\State\History;
use App\Workshop\Studio;
use Closure;
use DomainException;
use Illuminate\Support\Facades\DB;
use Kalokroma\Recipe\Change\PlanChange;
use Kalokroma\Recipe\Plan\AreaPlan;
use Kalokroma\Recipe\Plan\FigurePlan;
use Kalokroma\Recipe\Plan\RecipeProblem;

/**
 * The one way in which a plan is kept. A change is worked out, and what it leads to predicted, before anything is written; then all of it
 * is written at once: each part of the figure with a state of its own to go back to, and the recipes that follow.
 *
 * A part is {@see self::UNDERCOAT}, {@see self::WHOLE} or the id of an area. Of an area a change that was made on an older state is kept
 * aside; of the others it is refused with both states.
 *
 * @phpstan-import-type AreaState from AreaMapper
 */
final readonly class PlanStore
{
    public const UNDERCOAT = FigurePart::UNDERCOAT;
    public const WHOLE = FigurePart::WHOLE;

    private FigurePartStore $parts;

    public function __construct(private Studio $studio)
    {
        $this->parts = new FigurePartStore($studio);
    }

    /**
     * @param Company $company with areas.recipe and records
     * @param array<array-key, int|null> $seen parts that may change, each with the version it was changed on; null for what stands
     * @param string $words what was changed, for undoing
     * @param Closure(FigurePlan): FigurePlan $change of the parts that are named; the areas among them as they were seen
     * @param string|null $batch name of the action that this is a part of
     *
     * @return list<RevisionRow> what was kept aside
     *
     * @throws DomainException|Conflict
     */
    public function commit(Company $company, array $seen, string $words, Closure $change, ?string $batch = null): array
    {
        $company->loadMissing('areas.recipe', 'records');
        $base = $this->read($company, $seen);
        $after = $change($base);
        $writes = [];
        if (array_key_exists(self::UNDERCOAT, $seen) && $after->undercoat !== $base->undercoat) {
            $writes[] = $this->parts->undercoat(
                $company,
                $base->undercoat,
                $after->undercoat,
                new ChangeNote($words, $seen[self::UNDERCOAT], $batch),
            );
        }
        if (array_key_exists(self::WHOLE, $seen) && $after->whole !== $base->whole) {
            $writes[] = $this->parts->whole($company, $base->whole, $after->whole, new ChangeNote($words, $seen[self::WHOLE], $batch));
        }
        foreach (self::areas($company, $seen) as $area) {
            $wanted = $after->areas[$area->id] ?? null;
            if ($wanted === null || $wanted === ($base->areas[$area->id] ?? null)) {
                continue;
            }
            $version = $seen[$area->id] ?? null;
            $writes = [...$writes, ...self::isChanged($area, $version)
                ? [self::aside($area, (int) $version, $wanted, $words)]
                : $this->area($company, $area, $wanted, self::noted($words, $batch))];
        }

        return self::written($writes);
    }

    /**
     * One change of the recipe of one area.
     *
     * @param int|null $seen the version it was made on; null for what stands
     *
     * @return list<RevisionRow> what was kept aside
     *
     * @throws DomainException
     */
    public function change(Company $company, AreaRow $area, PlanChange $change, ?int $seen): array
    {
        $stands = $this->studio->recipes->plan($area->recipe) ?? throw RecipeProblem::notDrafted($area->name);

        return $this->commit($company, [$area->id => $seen], $change->words($stands), static function (FigurePlan $plan) use (
            $area,
            $change,
        ): FigurePlan {
            $its = $plan->area((string) $area->id, $area->name);

            return $plan->withArea((string) $area->id, $its->with($change->on($its->plan)));
        });
    }

    /**
     * Undo (-1) or redo (1) of one part.
     *
     * @param int|string $part id of an area, {@see self::UNDERCOAT} or {@see self::WHOLE}
     * @param int|null $seen the version that was seen; null for what stands
     *
     * @throws RecipeProblem|Conflict
     */
    public function step(Company $company, int|string $part, int $direction, ?int $seen): void
    {
        $company->loadMissing('areas.recipe', 'records');
        if (is_string($part)) {
            self::written([$part === self::WHOLE
                ? $this->parts->stepWhole($company, $direction, $seen)
                : $this->parts->stepUndercoat($company, $direction, $seen)]);

            return;
        }
        [$area] = self::drafted($company, $part);
        if (self::isChanged($area, $seen)) {
            throw RecipeProblem::changedMeanwhile();
        }
        self::written($this->stepped($company, $area, $direction));
    }

    /**
     * @return list<Closure(): null>
     *
     * @throws RecipeProblem
     */
    private function stepped(Company $company, AreaRow $area, int $direction): array
    {
        [, $recipe] = self::drafted($company, $area->id);
        $found = History::beside($recipe, $direction) ?? throw $direction < 0
            ? RecipeProblem::nothingToUndo()
            : RecipeProblem::nothingToRedo();
        /** @var AreaState $state */
        $state = $found->state;
        $wanted = AreaMapper::plan($state, $recipe, $this->studio->shelf);

        return $this->area($company, $area, $wanted, static function (RecipeRow $recipe) use ($found): void {
            $recipe->version = $found->number;
            $recipe->save();
        });
    }

    /**
     * Several areas one state back at once; recipes that are new go.
     *
     * @param list<AreaRow> $back
     * @param list<AreaRow> $new
     */
    public function takeBack(Company $company, array $back, array $new): void
    {
        $writes = [];
        foreach ($back as $area) {
            $writes = [...$writes, ...$this->stepped($company, $area, -1)];
        }
        foreach ($new as $area) {
            $writes[] = static function () use ($company, $area): null {
                $area->recipe?->delete();
                $area->unsetRelation('recipe');
                PlanPaints::forget($company, $area);

                return null;
            };
        }
        self::written($writes);
    }

    /**
     * Takes what was kept aside in place of what is there, which can be had back by undoing; or lets it go.
     *
     * @param int|null $seen the version of the recipe that was seen; null for what stands
     */
    public function decide(Company $company, int $areaId, int $asideId, bool $take, ?int $seen): void
    {
        [$area, $recipe] = self::drafted($company, $areaId);
        if ($take && self::isChanged($area, $seen)) {
            throw RecipeProblem::changedMeanwhile();
        }
        $aside = $recipe->revisions()->where('aside', true)->findOrFail($asideId);
        /** @var AreaState $state */
        $state = $aside->state;
        $wanted = AreaMapper::plan($state, $recipe, $this->studio->shelf);
        self::written([
            ...$take ? $this->area($company, $area, $wanted, self::noted('taken from the other window: '.$aside->words, null)) : [],
            static fn (): null => $aside->delete() ? null : null,
        ]);
    }

    /** Writes down the undercoat of this company where it is only advised so far: what is painted on it stands on what was seen. */
    public function settle(Company $company): void
    {
        $this->parts->settle($company);
    }

    /** @param array<array-key, int|null> $seen */
    private function read(Company $company, array $seen): FigurePlan
    {
        $areas = [];
        foreach (self::areas($company, $seen) as $area) {
            if ($area->recipe?->exists !== true) {
                continue;
            }
            $version = $seen[$area->id] ?? null;
            /** @var AreaState|null $then */
            $then = self::isChanged($area, $version) ? History::at($area->recipe, (int) $version)?->state : null;
            $areas[$area->id] = $then === null
                ? AreaMapper::of($area->recipe, $this->studio->shelf)
                : AreaMapper::plan($then, $area->recipe, $this->studio->shelf);
        }

        return new FigurePlan($this->studio->undercoats->plan($company), $this->studio->undercoats->whole($company), $areas);
    }

    /**
     * @param array<array-key, int|null> $seen
     *
     * @return list<AreaRow>
     */
    private static function areas(Company $company, array $seen): array
    {
        return array_values($company->areas->filter(static fn (AreaRow $a): bool => array_key_exists($a->id, $seen))->all());
    }

    /**
     * @return array{AreaRow, RecipeRow}
     *
     * @throws RecipeProblem
     */
    private static function drafted(Company $company, int $areaId): array
    {
        $area = $company->areas->firstOrFail('id', $areaId);

        return [$area, $area->recipe ?? throw RecipeProblem::notDrafted($area->name)];
    }

    /** Whether its recipe is another by now than the one that was seen. */
    private static function isChanged(AreaRow $area, ?int $seen): bool
    {
        return $seen !== null && $area->recipe?->exists === true && $area->recipe->version !== $seen;
    }

    /**
     * What writes a plan of an area, and those of the areas that follow it; what they lead to is worked out already.
     *
     * @param Closure(RecipeRow): void $noted keeps the row, with its place in the history
     *
     * @return list<Closure(): null>
     */
    private function area(Company $company, AreaRow $area, AreaPlan $wanted, Closure $noted): array
    {
        $recipe = $area->recipe ?? RecipeRows::fresh($area, $wanted->draftedColour, $wanted->way);
        $had = $recipe->exists ? AreaMapper::stateOf($recipe) : null;
        $was = $had !== null && $recipe->version === 0 ? $had : null;
        $isOther = ($had['drafted_colour'] ?? null) !== $wanted->draftedColour;
        if ($isOther && $area->hex !== $wanted->draftedColour) {
            $area->hex = $wanted->draftedColour;
            $company->undercoat_stale = true;
        }
        AreaMapper::fill($recipe, $wanted);
        $this->studio->predictions->lay($recipe, $wanted->plan, $company, $area);
        $writes = [function () use ($company, $area, $recipe, $had, $was, $noted): null {
            if ($area->isDirty('hex')) {
                $area->save();
            }
            $this->parts->settle($company);
            $recipe->stale = false;
            if ($was !== null) {
                History::record($recipe, $recipe->painter_id, 'as it was', $was);
            }
            $noted($recipe);
            PlanPaints::ofArea($company, $recipe, $had['plan']['steps'] ?? []);

            return null;
        }];
        $aimed = $isOther ? $had['drafted_colour'] ?? null : null;
        foreach ((new RecipeFollowing($this->studio))->after($company, $recipe, $aimed) as [$mine, $its, $merged, $followed]) {
            $its->recipe?->fill(['followed' => $followed]);
            $writes = [...$writes, ...$this->area($mine, $its, $merged, self::noted('followed its model', null))];
        }

        return $writes;
    }

    /** @return Closure(RecipeRow): void */
    private static function noted(string $words, ?string $batch): Closure
    {
        return static function (RecipeRow $recipe) use ($words, $batch): void {
            History::record($recipe, $recipe->painter_id, $words, AreaMapper::stateOf($recipe), $batch);
        };
    }

    /**
     * Keeps a plan beside the one that stands: it was made in another window on an older one.
     *
     * @return Closure(): RevisionRow
     */
    private static function aside(AreaRow $area, int $version, AreaPlan $wanted, string $words): Closure
    {
        $recipe = $area->recipe ?? throw RecipeProblem::notDrafted($area->name);

        return static function () use ($recipe, $version, $wanted, $words): RevisionRow {
            $recipe->give(...$wanted->keys());
            $recipe->save();

            return History::aside($recipe, $recipe->painter_id, $version, $words, AreaMapper::state($wanted));
        };
    }

    /**
     * @param list<Closure(): (RevisionRow|null)> $writes
     *
     * @return list<RevisionRow>
     */
    private static function written(array $writes): array
    {
        return DB::transaction(
            static fn (): array => array_values(array_filter(array_map(static fn (Closure $w): ?RevisionRow => $w(), $writes))),
        );
    }
}
