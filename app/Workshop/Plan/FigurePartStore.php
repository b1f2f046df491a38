<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Models\Company;
use App\Models\FigurePart;
use App\Workshop\Recipe\Staleness;
use App\Workshop\State\Conflict;
use App\Workshop\State\History;
use App\Workshop\State\State;
use App\Workshop\Studio;
use App\Workshop\Undercoat\UndercoatDesk;
use Closure;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\WholePlan;

/**
 * What of a plan belongs to no area, for the {@see PlanStore}: each of its methods works out first and gives what writes.
 *
 * @phpstan-import-type UndercoatRow from UndercoatMapper
 * @phpstan-import-type WholeRow from WholeMapper
 */
final readonly class FigurePartStore
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * @return Closure(): null
     *
     * @throws Conflict
     */
    public function undercoat(Company $company, UndercoatPlan $now, UndercoatPlan $wanted, ChangeNote $note): Closure
    {
        self::check(
            'The undercoat',
            $note->seen,
            FigurePart::undercoat($company),
            UndercoatMapper::state($now),
            UndercoatMapper::state($wanted),
        );
        /** @var UndercoatRow|null $stood */
        $stood = $company->undercoat;
        $kept = $company->keptUndercoat();
        $row = UndercoatMapper::row($wanted, $stood);
        $company->advise($row);
        Staleness::known($company, $stood !== null && !UndercoatMapper::areAlike($stood, $row));

        return function () use ($company, $kept, $stood, $row, $note): null {
            $this->record($company, $kept, $stood, null);
            if ($stood === null || !UndercoatMapper::areAlike($stood, $row)) {
                $this->first($company, $stood);
                History::record(FigurePart::undercoat($company), $company->painter_id, $note->words, $row, $note->batch);
            }
            $this->put($company, $kept, $row);

            return null;
        };
    }

    /** Writes down an undercoat that is only advised so far. */
    public function settle(Company $company): void
    {
        if (!$company->isOnlyAdvised()) {
            return;
        }
        /** @var UndercoatRow $row */
        $row = $company->undercoat;
        $kept = $company->keptUndercoat();
        $this->record($company, $kept, $row, $row);
        $this->put($company, $kept, $row);
    }

    /**
     * @return Closure(): null
     *
     * @throws RecipeProblem|Conflict
     */
    public function stepUndercoat(Company $company, int $direction, ?int $seen): Closure
    {
        $part = FigurePart::undercoat($company);
        $now = $this->studio->undercoats->plan($company);
        $isAdvice = $this->studio->undercoats->pending($company) !== null;
        /** @var UndercoatRow|null $stood */
        $stood = $company->undercoat;
        $kept = $company->keptUndercoat();
        if ($isAdvice) {
            // What is advised stands, but is not written down: one step back is what is written down.
            [$state, $number] = $direction < 0 ? [$kept, max(1, $company->undercoat_version)] : throw RecipeProblem::nothingToRedo();
        } else {
            $found = History::beside($part, $direction) ?? throw $direction < 0
                ? RecipeProblem::nothingToUndo()
                : RecipeProblem::nothingToRedo();
            [$state, $number] = [$found->state, $found->number];
        }
        /** @var UndercoatRow $state */
        $then = $this->studio->undercoats->rows->plan($state);
        self::check('The undercoat', $seen, $part, UndercoatMapper::state($now), UndercoatMapper::state($then));
        // What was advised since is not advised again at once: the painter has taken it back.
        $state['own'] = $state['own'] || (!$now->own && $now->ground()->id !== $then->ground()->id);
        if ($state['own']) {
            $state['reason'] = $this->studio->undercoats->reasonFor($company, $this->studio->undercoats->rows->plan($state));
        }

        return function () use ($company, $kept, $stood, $state, $number): null {
            $this->record($company, $kept, $stood, null);
            FigurePart::undercoat($company)->stand($number, $company->undercoat_counter);
            $this->put($company, $kept, $state);

            return null;
        };
    }

    /**
     * @return Closure(): null
     *
     * @throws Conflict
     */
    public function whole(Company $company, WholePlan $now, WholePlan $wanted, ChangeNote $note): Closure
    {
        $part = FigurePart::whole($company);
        self::check('What is done to the whole figure', $note->seen, $part, WholeMapper::state($now), WholeMapper::state($wanted));
        $before = WholeMapper::row($now);
        $row = WholeMapper::row($wanted);

        return static function () use ($company, $part, $before, $row, $note): null {
            $company->whole = $row;
            if ($part->standsAt() === 0) {
                History::record($part, $company->painter_id, 'as it was', $before);
            }
            History::record($part, $company->painter_id, $note->words, $row, $note->batch);
            Staleness::recipesOf($company);
            PlanPaints::ofFigure($company);

            return null;
        };
    }

    /**
     * @return Closure(): null
     *
     * @throws RecipeProblem|Conflict
     */
    public function stepWhole(Company $company, int $direction, ?int $seen): Closure
    {
        $part = FigurePart::whole($company);
        $found = History::beside($part, $direction) ?? throw $direction < 0
            ? RecipeProblem::nothingToUndo()
            : RecipeProblem::nothingToRedo();
        /** @var WholeRow $state */
        $state = $found->state;
        $now = $this->studio->undercoats->whole($company);
        $then = WholeMapper::plan($state, $this->studio->shelf);
        self::check('What is done to the whole figure', $seen, $part, WholeMapper::state($now), WholeMapper::state($then));

        return static function () use ($company, $part, $found, $state, $now): null {
            // Keys are never given twice, whatever was taken back.
            $company->whole = ['given' => max($now->given, $state['given'])] + $state;
            $part->stand($found->number, $part->highest());
            $part->save();
            Staleness::recipesOf($company);
            PlanPaints::ofFigure($company);

            return null;
        };
    }

    /**
     * What was advised since the last that is written down, as a state of its own.
     *
     * @param array<string, mixed>|null $kept what is written down
     * @param UndercoatRow|null $stood what stood in its place
     * @param UndercoatRow|null $row that which is being written, where it is the same
     */
    private function record(Company $company, ?array $kept, ?array $stood, ?array $row): void
    {
        /** @var UndercoatRow|null $kept */
        if ($stood === null || ($kept !== null && UndercoatMapper::areAlike($kept, $stood))) {
            return;
        }
        $this->first($company, $kept);
        $plan = $this->studio->undercoats->rows->plan($row ?? $stood);
        History::record(FigurePart::undercoat($company), $company->painter_id, UndercoatDesk::called($plan->ground()), $stood);
    }

    /** @param array<string, mixed>|null $kept what stood before anything was recorded */
    private function first(Company $company, ?array $kept): void
    {
        if ($kept !== null && $company->undercoat_version === 0) {
            History::record(FigurePart::undercoat($company), $company->painter_id, 'as it was', $kept);
        }
    }

    /**
     * @param array<string, mixed>|null $kept
     * @param UndercoatRow $row
     */
    private function put(Company $company, ?array $kept, array $row): void
    {
        $company->keep($row);
        /** @var UndercoatRow|null $kept */
        if ($kept !== null && UndercoatMapper::areAlike($kept, $row)) {
            return;
        }
        PlanPaints::ofFigure($company);
        if ($kept !== null) {
            Staleness::recipesOf($company);
        }
    }

    /** @throws Conflict where another window made it otherwise than it is wanted now */
    private static function check(string $what, ?int $seen, FigurePart $part, State $now, State $wanted): void
    {
        $differences = $seen === null || $seen === $part->standsAt() ? [] : $now->differences($wanted);
        if ($differences !== []) {
            throw new Conflict($what, (string) $part->standsAt(), $differences);
        }
    }
}
