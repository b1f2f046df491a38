<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Models\SittingRow;
use App\Workshop\Order\OrderDesk;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\BenchStep;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Database\Eloquent\Collection;
use Kalokroma\Bench\FigureNow;
use Kalokroma\Bench\StopPoint;
use Kalokroma\Film\Surface;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Sheet;
use Kalokroma\Order\Task;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;

/** Where a painter stands tonight: the next sitting, what dries, and every company. */
final readonly class TonightDesk
{
    /** @var Collection<int, Company> with areas, recipes, records, passes and drawings */
    public Collection $companies;

    public ?SittingRow $sitting;

    public ?OrderPlan $plan;

    public ?Sheet $sheet;

    public ?RunningOrder $order;

    private BenchDesk $bench;

    /** @var array<int, list<BenchStep>> */
    private array $steps;

    public function __construct(private Studio $studio, public CarbonImmutable $now)
    {
        $this->companies = Company::query()->with('areas.recipe', 'records', 'passes', 'plate')->orderBy('id')->get();
        $this->sitting = (new SittingDesk($studio, $now))->current();
        $this->bench = new BenchDesk($studio);
        $steps = [];
        foreach ($this->companies as $company) {
            $steps[$company->id] = $this->bench->steps($company);
        }
        $this->steps = $steps;
        [$this->plan, $this->order, $this->sheet] = $this->planned();
    }

    /** Whether anything was ever painted or laid out. */
    public static function isBegun(int $painter): bool
    {
        return Entry::query()->where('painter_id', $painter)->exists() || SittingRow::query()->where('painter_id', $painter)->exists();
    }

    /** @return list<array{Company, Entry|PassRow}> */
    public function drying(): array
    {
        $found = [];
        foreach ($this->companies as $company) {
            foreach (BenchDesk::drying($company, null, $this->now) as $entry) {
                $found[] = [$company, $entry];
            }
        }
        return $found;
    }

    /** What follows on the same area once it is dry; null where nothing does. */
    public function after(Company $company, Entry|PassRow $wet): ?BenchStep
    {
        return BenchDesk::after($wet, $company, $this->steps[$company->id]);
    }

    /** The next step of a company, in the running order where it is planned there; null where everything is done. */
    public function next(Company $company): ?Task
    {
        $progress = BenchDesk::progress($company);
        $steps = $this->steps[$company->id];
        $steps = $this->order === null ? $steps : BenchDesk::inOrder($steps, $company, BenchOrder::of($this->order, $company), $progress);
        foreach ($steps as $step) {
            $task = BenchDesk::task($company, $step, $progress);
            if (!$task->isDone()) {
                return $task;
            }
        }

        return null;
    }

    /** The level that all figures of a company have reached; null for none. */
    public function level(Company $company): ?Level
    {
        $progress = BenchDesk::progress($company);
        $tasks = array_map(static fn (BenchStep $s): Task => BenchDesk::task($company, $s, $progress), $this->steps[$company->id]);

        return StopPoint::of($tasks, $company->count, [])?->level;
    }

    /** The furthest stage of work that every figure has something of; null for bare figures. */
    public function stage(Company $company): ?Stage
    {
        $reached = null;
        $stripped = BenchDesk::stripped($company);
        foreach (Stage::cases() as $stage) {
            $figures = [];
            foreach ($company->records as $entry) {
                $isIts = $entry->stage === $stage && $entry->kind->isPainted() && $entry->technique() !== Technique::Stripping;
                $at = $entry->done_at->getTimestamp();
                $its = array_filter($entry->figures, static fn (int $n): bool => $isIts && $at >= ($stripped[$n] ?? 0));
                $figures = [...$figures, ...$its];
            }
            $reached = count(array_unique($figures)) >= $company->count ? $stage : $reached;
        }

        return $reached;
    }

    /** Whether a recipe is there for any of its areas. */
    public function isPlanned(Company $company): bool
    {
        return $company->areas->contains(static fn ($area): bool => $area->recipe !== null);
    }

    /** @return array<int, array<array-key, Surface>> how the first figures look by now, by their numbers */
    public function looks(Company $company, int $most): array
    {
        $work = (new OrderDesk($this->studio, $this->now))->work($company);
        $looks = [];
        foreach (range(1, min($most, $company->count)) as $figure) {
            $looks[$figure] = FigureNow::of($work, $figure);
        }

        return $looks;
    }

    /** @return array{OrderPlan|null, RunningOrder|null, Sheet|null} of the companies that share the evenings,
        or the one that was painted last */
    private function planned(): array
    {
        $painted = array_filter([...$this->companies->all()], $this->isPlanned(...));
        usort($painted, static fn (Company $a, Company $b): int => [$b->priority > 0, self::last($b), -$b->id]
            <=> [$a->priority > 0, self::last($a), -$a->id]);
        foreach ($painted as $company) {
            try {
                $plan = OrderPlan::of($this->studio, $company);
                $order = $plan->order(true);
                $sheet = Sheet::of($order)[0] ?? null;
            } catch (DomainException) {
                continue;
            }
            if ($sheet !== null) {
                return [$plan, $order, $sheet];
            }
        }

        return [null, null, null];
    }

    private static function last(Company $company): int
    {
        $entry = $company->records->last();

        return $entry?->done_at->getTimestamp() ?? 0;
    }
}
