<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Models\Company;
use App\Workshop\Bench\PassDesk;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Wet;
use Kalokroma\Order\Job\WholeWork;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Predict\Undercoated;

/** What companies still ask for, as the running order takes it. */
final readonly class OrderDesk
{
    public function __construct(private Studio $studio, private CarbonImmutable $now)
    {
    }

    /** Expects areas, recipes and records loaded. What is written down as done is done. */
    public function work(Company $company, int $priority = 1): CompanyWork
    {
        $company->loadMissing('passes');
        $areas = $recipes = $whole = [];
        foreach ($company->areas as $row) {
            $area = $row->toCore($company);
            $areas[] = $area;
            $recipes[$area->id] = Undercoated::above($row->recipe === null
                ? $this->studio->predictions->of($company, $row, new Plan([], []))
                : $this->studio->predictions->outcomes($company, $row, $row->recipe));
        }
        $late = [];
        foreach ($this->studio->undercoats->whole($company)->steps as $each) {
            $late[$each->step->key->value] = $each->late;
        }
        foreach ($this->studio->predictions->whole($company) as $outcome) {
            $key = $outcome->step->key->value;
            $whole[$key] = new WholeWork($outcome, $late[$key] ?? false);
        }

        return new CompanyWork(
            (string) $company->id,
            $company->name,
            $company->count,
            $company->leaders,
            $areas,
            $company->touching(),
            $this->studio->undercoats->laid($company)->steps,
            $recipes,
            $whole,
            BenchDesk::progress($company)->remaining(...),
            $priority,
            wet: $this->wet($company),
            had: static fn (StepRef $ref, PlannedStep $step, array $figures): float => PassDesk::least($company, $ref, $figures),
            fieldableFirst: $company->fieldable_first,
        );
    }

    /** @return list<Wet> what was painted and is not dry yet, or has to be followed up soon */
    private function wet(Company $company): array
    {
        $wet = [];
        foreach ([...$company->records->all(), ...BenchDesk::underWay($company)] as $entry) {
            $wet[] = Wet::from($entry->drying(), $this->now->getTimestamp());
        }

        return array_values(array_filter($wet));
    }
}
