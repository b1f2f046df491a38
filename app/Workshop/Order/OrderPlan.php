<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Derived;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Order\ColourQueue;
use Kalokroma\Order\Deadline;
use Kalokroma\Order\Evenings;
use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Grouping;
use Kalokroma\Order\Job\Jobs;
use Kalokroma\Order\NotKept;
use Kalokroma\Order\OnTheTable;
use Kalokroma\Order\OrderSlot;
use Kalokroma\Order\OrderSlots;
use Kalokroma\Order\Planned;
use Kalokroma\Order\Planner;
use Kalokroma\Order\Price;
use Kalokroma\Order\Rule\Weaver;
use Kalokroma\Order\Rule\Wishes;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Search\Openings;
use Kalokroma\Order\Sheet;
use Kalokroma\Order\WayCompared;
use Kalokroma\Order\WayOfWorking;
use Kalokroma\Order\WayOut;
use Kalokroma\Order\Ways;
use Kalokroma\Order\WaysOut;
use Kalokroma\Undercoat\Weather;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

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

    private OrderMemory $memory;

    private const SHOWN = 'order-shown-';

    private OrderDesk $desk;

    /** @var list<Company> all of the painter's */
    public array $companies;

    /**
     * @param Company $company the one that is looked at, with areas, recipes, records and its drawing loaded
     * @param list<Company> $all with the same loaded
     */
    public function __construct(Studio $studio, public Company $company, array $all, public CarbonImmutable $now)
    {
        $painter = $studio->painter;
        $this->free = self::free($painter);
        $start = $this->free?->start($now) ?? $now->startOfMinute();
        $this->openings = $this->free?->openings($now, $painter->busy['spans'] ?? []) ?? new Openings(null);
        $this->air = self::air($painter);
        $shared = array_values(array_filter($all, static fn (Company $c): bool => $c->priority > 0));
        usort($shared, static fn (Company $a, Company $b): int => [$a->priority, $a->id] <=> [$b->priority, $b->id]);
        $isShared = array_filter($shared, static fn (Company $c): bool => $c->id === $company->id) !== [];
        $this->planned = $isShared ? $shared : [$company];
        $this->desk = new OrderDesk($studio, $now);
        $this->companies = $all;
        $this->works = array_map(fn (Company $c): CompanyWork => $this->desk->work($c, max(1, $c->priority)), $this->planned);
        $this->wishes = self::wishes($painter);
        $this->memory = new OrderMemory($painter, $this->planned, $start);
    }

    /** The plan of a company as it is now. */
    public static function of(Studio $studio, Company $company): self
    {
        $all = array_values($studio->painter->companies()->with('areas.recipe', 'records', 'passes')->orderBy('id')->get()->all());
        $own = array_values(array_filter($all, static fn (Company $c): bool => $c->id === $company->id))[0];

        return new self($studio, $own, $all, CarbonImmutable::now());
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

        return new Wishes($said['overruled'] ?? [], $said['relaxed'] ?? [], $said['before'] ?? []);
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

    /** @param bool $isFirstTry whether it is answered at once, close to the order that was planned last */
    public function order(bool $isFirstTry = false): RunningOrder
    {
        $ways = [];
        foreach (array_reverse($this->planned) as $company) {
            $ways[max(1, $company->priority)] = self::way($company);
        }

        return Evenings::share(
            $this->works,
            $ways,
            $this->possible(),
            $this->openings,
            $this->air,
            self::EFFORT,
            $this->memory->kept($isFirstTry),
        );
    }

    /** What has changed since it was planned last, in a sentence; empty where nothing has. */
    public function change(RunningOrder $order): string
    {
        $change = $this->memory->change($order, $this->openings, $this->when(...));
        if ($change === '') {
            $this->memory->forget();
        }

        return $change;
    }

    /**
     * An order that is only looked at: what has changed since the last is told, and nothing written.
     *
     * @return array{change: string, shown: string|null} with a word by which it is kept once it was shown; null where it is kept already
     */
    public function looked(RunningOrder $order): array
    {
        $shown = $this->memory->shown($order, $this->openings, $this->when(...));
        $told = $this->memory->told($shown);
        if (!$this->memory->isNew($shown)) {
            return ['change' => $told, 'shown' => null];
        }
        $word = hash('xxh128', serialize([$this->memory->name(), $shown]));

        return ['change' => $told, 'shown' => Derived::put(self::SHOWN.$word, [$this->memory->name(), $shown]) ? $word : null];
    }

    /** Keeps an order that was shown as the one that was planned last; one that nobody knows any more is let go. */
    public function keep(string $word): void
    {
        [$name, $shown] = Derived::get(self::SHOWN.$word) ?? ['', null];
        if ($shown !== null && $name === $this->memory->name()) {
            $this->memory->keep($shown);
        }
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

    /**
     * What would make the work of the company that is looked at fit, as if it stood alone.
     *
     * @return list<WayOut>
     */
    public function waysOut(): array
    {
        return WaysOut::of($this->work(), self::way($this->company), $this->own(), $this->openings, $this->air);
    }

    /** The last minute of free hours, by their number from 1. */
    public function endOf(int $window): int
    {
        return $this->openings->windows[$window - 1][1] ?? throw new DomainException('Those free hours are over: look at the order again.');
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

    /**
     * Where a job may be put, or why not.
     *
     * @return list<OrderSlot>
     */
    public function slots(string $job): array
    {
        [$planned, $number] = $this->find($job);

        return OrderSlots::for($planned, $number, $this->when(...));
    }

    /**
     * When a job begins that is put to an instant.
     *
     * @return int minutes since 1970, UTC
     *
     * @throws DomainException that says why it may not go there
     */
    public function put(string $job, CarbonImmutable $at): int
    {
        [$planned, $number] = $this->find($job);
        $slot = OrderSlots::one($planned, $number, max(0, $this->memory->minute($at)), $this->when(...));

        return $this->memory->instant($slot->start ?? throw new DomainException($slot->why?->sentence() ?? 'It cannot go there.'));
    }

    /**
     * @return array{Planned, int} what the job is planned in, and its number there
     *
     * @throws DomainException
     */
    private function find(string $job): array
    {
        foreach ($this->order(true)->planned as $planned) {
            $number = $planned->number($job);
            if ($number !== null) {
                return [$planned, $number];
            }
        }

        throw new DomainException('That is no longer to be done: the order was planned again.');
    }

    /** Where a pot that stands open is wanted next. */
    public function queue(string $paint): ColourQueue
    {
        $planned = array_map(static fn (CompanyWork $w): string => $w->id, $this->works);
        $others = array_filter($this->companies, static fn (Company $c): bool => !in_array((string) $c->id, $planned, true));

        return ColourQueue::of($paint, $this->order(true), array_map($this->desk->work(...), array_values($others)));
    }

    /** "on Sat 5 Dec at 15:40", or how long from now where nobody said when the painter is free. */
    public function when(int $minute): string
    {
        return $this->free === null
            ? 'after '.Duration::words($minute)
            : 'on '.$this->free->at($this->now, $minute)->format('D j M \\a\\t H:i');
    }

    /** Tells a sitting from all others, also where it is filled otherwise: by the end of the free hours it is in. */
    public function uid(Sheet $sheet): string
    {
        $window = $sheet->jobs[0]->window ?? 0;
        $end = $this->memory->instant($this->openings->windows[$window - 1][1] ?? $sheet->start());

        return sprintf('sitting-%d-%s', $end, substr(hash('sha256', $this->memory->name()), 0, 16));
    }

    /** Minutes since 1970 of a minute from now. */
    public function instant(int $after): int
    {
        return $this->memory->instant($after);
    }

    /** The same as an instant. */
    public function at(int $minute): CarbonImmutable
    {
        return $this->free?->at($this->now, $minute) ?? $this->now->startOfMinute()->addMinutes($minute);
    }

    /** @return list<Finding> what recipes say of the order, and is not kept */
    public function notKept(RunningOrder $order): array
    {
        return NotKept::of($this->works, $order);
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
