<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Order\Deadline;
use Kalokroma\Order\Evenings;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Grouping;
use Kalokroma\Order\Job\Jobs;
use Kalokroma\Order\OnTheTable;
use Kalokroma\Order\Planner;
use Kalokroma\Order\Price;
use Kalokroma\Order\Rule\Weaver;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Sheet;
use Kalokroma\Order\WayCompared;
use Kalokroma\Order\WayOfWorking;
use Kalokroma\Order\Ways;
use Kalokroma\Undercoat\Weather;

/**
 * The running order of a painter's companies: those that share the evenings, or the one that is looked at.
 *
 * @phpstan-import-type FreeRow from FreeHours
 */
final readonly class OrderPlan
{
    /** A page waits no longer than it has to: what it shows is looked into less deeply than a file. */
    private const EFFORT = 0.25;

    public ?FreeHours $free;

    /** @var list<Company> in their order of priority */
    public array $planned;

    /** @var list<CompanyWork> */
    public array $works;

    private Openings $openings;

    private Wishes $wishes;

    private ?Weather $air;

    /**
     * @param Company $company the one that is looked at, with areas, recipes, records and its drawing loaded
     * @param list<Company> $all with the same loaded
     */
    public function __construct(Studio $studio, public Company $company, array $all, public CarbonImmutable $now)
    {
        $painter = $studio->painter;
        $this->free = self::free($painter);
        $this->openings = $this->free?->openings($now) ?? new Openings(null);
        $this->air = self::air($painter);
        $shared = array_values(array_filter($all, static fn (Company $c): bool => $c->priority > 0));
        usort($shared, static fn (Company $a, Company $b): int => [$a->priority, $a->id] <=> [$b->priority, $b->id]);
        $isShared = array_filter($shared, static fn (Company $c): bool => $c->id === $company->id) !== [];
        $this->planned = $isShared ? $shared : [$company];
        $desk = new OrderDesk($studio);
        $this->works = array_map(static fn (Company $c): CompanyWork => $desk->work($c, max(1, $c->priority)), $this->planned);
        $this->wishes = self::wishes($painter);
    }

    public static function free(Painter $painter): ?FreeHours
    {
        /** @var FreeRow|null $row */
        $row = $painter->free;

        return $row === null ? null : FreeHours::of($row);
    }

    public static function wishes(Painter $painter): Wishes
    {
        $said = $painter->wishes ?? [];

        return new Wishes($said['overruled'] ?? [], $said['relaxed'] ?? [], $said['before'] ?? [], $said['fieldable_first'] ?? false);
    }

    /** Air of the room that drying is planned by; null for 20 °C and 50 %. */
    public static function air(Painter $painter): ?Weather
    {
        $air = $painter->wishes['air'] ?? null;

        return $air === null ? null : new Weather((float) $air['celsius'], (float) $air['humidity']);
    }

    public static function way(Company $company): WayOfWorking
    {
        return $company->way ?? ($company->count > 1 ? WayOfWorking::BasesFirst : WayOfWorking::Row);
    }

    /** @throws DomainException where what the painter wants contradicts itself,
        or what is physically so; names the members of the circle */
    public function check(): void
    {
        $jobs = array_map(static fn (CompanyWork $w): Jobs => Jobs::of($w, Grouping::row()), $this->works);
        Weaver::weave($jobs, $this->possible());
    }

    public function order(): RunningOrder
    {
        $ways = [];
        foreach (array_reverse($this->planned) as $company) {
            $ways[max(1, $company->priority)] = self::way($company);
        }

        return Evenings::share($this->works, $ways, $this->possible(), $this->openings, $this->air, self::EFFORT);
    }

    /** What the company that is looked at comes to, gone through in another way, as if it stood alone. */
    public function compared(WayOfWorking $way): WayCompared
    {
        return Ways::one($this->work(), $way, $this->own(), $this->openings, $this->air);
    }

    public function price(string $rule): Price
    {
        return Price::of($rule, [$this->work()], self::way($this->company), $this->own(), $this->openings, $this->air);
    }

    public function table(int $by): OnTheTable
    {
        return Deadline::of($this->work(), $by, self::way($this->company), $this->own(), $this->openings, $this->air);
    }

    /** Wishes as far as their steps are still to be done. */
    private function possible(): Wishes
    {
        return $this->wishes->among(array_merge(...array_map(static fn (CompanyWork $w): array => $w->steps(), $this->works)));
    }

    /** Wishes as far as they concern the company that is looked at. */
    private function own(): Wishes
    {
        return $this->wishes->among($this->work()->steps());
    }

    /**
     * What of the company that is looked at fits into so many minutes from now on.
     *
     * @return Sheet|null null where nothing does
     */
    public function now(int $minutes): ?Sheet
    {
        $openings = $this->openings->beginningWith($minutes);
        $order = Planner::plan([$this->work()], self::way($this->company), $this->own(), $openings, $this->air, Ways::EFFORT);
        $sheet = Sheet::of($order)[0] ?? null;

        return $sheet !== null && $sheet->jobs[0]->window === 1 ? $sheet : null;
    }

    public function work(): CompanyWork
    {
        foreach ($this->works as $work) {
            if ($work->id === (string) $this->company->id) {
                return $work;
            }
        }

        return $this->works[0];
    }
}
