<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Caution\Tool;
use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Undercoat\Weather;

/** The jobs of one company: its recipes taken apart into what is begun and ended in one go. */
final class Jobs
{
    /** In less than so many minutes nobody parts what is to be painted. */
    private const LEAST_SITTING = 20;

    private const HAIR = 1e-9;

    /** @var list<Job> in the order of areas, from inside out, and of their recipes */
    public array $jobs = [];

    /** @var array<array-key, list<ChainLink>> by id of the area: its steps from the ground up, those of the whole figure among them */
    public array $chains = [];

    /** @var array<string, ChainLink> steps over the whole figure that are made already */
    private array $made = [];

    /** @var array<string, true> places in the order of work whose setting up is counted already, by tool */
    private array $setUp = [];

    private function __construct(
        private readonly CompanyWork $work,
        private readonly Grouping $grouping,
        private readonly ?Weather $air,
        private readonly ?int $longest,
    ) {
    }

    /** @param int|null $longest minutes that any go may take: a longer row is split; null for any */
    public static function of(CompanyWork $work, Grouping $grouping, ?Weather $air = null, ?int $longest = null): self
    {
        $jobs = new self($work, $grouping, $air, $longest);
        $below = [];
        foreach ($work->undercoat as $outcome) {
            $below[] = $jobs->link(new StepGo(null, $outcome, false), null);
        }
        foreach (InsideOut::of($work->areas) as $area) {
            $jobs->chains[$area->id] = [...$below, ...$jobs->chain($area)];
        }
        if ($work->areas === []) {
            $jobs->chains[''] = $below;
        }

        return $jobs;
    }

    /** @return list<ChainLink> */
    private function chain(Area $area): array
    {
        $links = [];
        $gos = StepGo::all($this->work->recipes[$area->id] ?? [], $area, $this->work);
        $onVarnish = false;
        foreach ($gos as $i => $go) {
            $technique = $go->outcome->step->technique;
            if ($technique === Technique::Waiting) {
                $last = array_pop($links);
                $links[] = new ChainLink($last->jobs ?? [], max($last->rest ?? 0, $go->outcome->labour->dryMinutes));
                continue;
            }
            $links[] = $this->link($go->on($onVarnish), BoundGoes::of($gos, $i, $this->longest));
            $sheen = $technique->facts()->sheen;
            $onVarnish = $sheen === null || $technique === Technique::GlossSpot ? $onVarnish : $sheen->value !== 'matt';
        }

        return $links;
    }

    private function link(StepGo $go, ?BoundGoes $bond = null): ChainLink
    {
        $key = $go->id();
        $isWhole = $go->area === null;
        if ($isWhole && isset($this->made[$key])) {
            return $this->made[$key];
        }
        $numbers = [];
        foreach ($this->groups($go, $bond) as $group) {
            $panels = count($group) > 1 ? 1 : $bond?->panels() ?? $this->panels($go);
            foreach ($this->goes($go, $group, $bond?->isFollowed($go) === true, $panels) as $job) {
                $numbers[] = count($this->jobs);
                $this->jobs[] = $job;
            }
        }
        $link = new ChainLink($numbers);
        if ($isWhole) {
            $this->made[$key] = $link;
        }

        return $link;
    }

    /**
     * Figures that are done in one go. A spray goes over all in one; what is wiped, blended or opened again goes on no more than
     * come round in time.
     *
     * @return list<non-empty-list<int>>
     */
    private function groups(StepGo $go, ?BoundGoes $bond): array
    {
        $figures = $this->work->figures($go->ref(), $go->outcome->step);
        if ($figures === []) {
            return [];
        }
        $groups = $go->isSprayOfFigures()
            ? [$figures]
            : $this->grouping->groups($this->work->count, $this->work->leaders);
        $found = [];
        foreach ($groups as $group) {
            $its = array_values(array_intersect($group, $figures));
            $limit = min($this->fitting($go), $bond === null ? count($its) : $bond->most(count($its)));
            array_push($found, ...self::parted($its, max(1, $limit)));
        }

        return $found;
    }

    /**
     * @param list<int> $figures
     * @param int<1, max> $most figures of one go
     *
     * @return list<non-empty-list<int>> as few parts as that needs, as even as can be
     */
    private static function parted(array $figures, int $most): array
    {
        $parts = (int) ceil(count($figures) / $most);

        return $parts === 0 ? [] : array_chunk($figures, max(1, (int) ceil(count($figures) / $parts)));
    }

    /**
     * Panels of a figure on which one coat takes longer than any sitting: it is gone on with in the next.
     *
     * @return int<1, max>
     */
    private function panels(StepGo $go): int
    {
        $each = $go->isWetInWet() ? $go->minutes() : $go->first();

        return $this->longest === null || $this->longest < self::LEAST_SITTING
            || $each > $this->longest * BoundGoes::MOST_PANELS ? 1 : max(1, (int) ceil($each / $this->longest - self::HAIR));
    }

    /** Figures of a row at most, so that one coat on all of them is laid in one sitting. */
    private function fitting(StepGo $go): int
    {
        $each = $go->isWetInWet() ? $go->minutes() : $go->first();

        return $this->longest === null || $each <= 0.0 ? PHP_INT_MAX : (int) floor(max(1.0, $this->longest / $each));
    }

    /**
     * @param non-empty-list<int> $figures
     *
     * @param bool $isFollowed whether something has to follow it while it still can
     * @param int<1, max> $panels that a large figure is done in
     *
     * @return list<Job> one for each coat, or one for all where a row of figures is dry when its turn comes again
     */
    private function goes(StepGo $go, array $figures, bool $isFollowed, int $panels): array
    {
        $drying = DryingTime::of($go->outcome, $this->air, $go->onVarnish);
        $weights = $go->weights();
        $isDryInRow = (count($figures) - 1) * $go->last() >= $drying->minutes
            && ($this->longest === null || count($figures) * $go->minutes() <= $this->longest);
        $parts = $go->isWetInWet() || $isDryInRow ? [$weights] : array_map(static fn (float $w): array => [$w], $weights);
        $jobs = [];
        $goes = count($parts) * $go->rounds;
        $had = $this->had($go, $figures);
        foreach ($this->left($go, $figures, $parts) as $i => $coats) {
            $number = ($go->round - 1) * count($parts) + $i + 1;
            foreach (range(1, $panels) as $panel) {
                // Panels that were painted in another sitting are not painted again.
                if ($panel < $panels && $i + $panel / $panels <= $had + self::HAIR) {
                    continue;
                }
                $minutes = count($figures) * array_sum($coats) * $go->minutes() / $panels
                    + ($jobs === [] ? $this->settingUp($go) : 0.0);
                $jobs[] = new Job(
                    $this->work->id.'/'.$go->id().($goes === 1 ? '' : '/'.$number).'#'.$figures[0].($panels === 1 ? '' : '/p'.$panel),
                    $this->work->id.'/'.$go->ref(),
                    $this->work,
                    $go->area,
                    $go->outcome,
                    $figures,
                    $number,
                    $goes,
                    $coats[0] * $go->minutes() / $panels,
                    $coats[count($coats) - 1] * $go->minutes() / $panels,
                    (int) max(1, round($minutes)),
                    $drying,
                    $go->setUp(),
                    $isFollowed ? $go->outcome->step->technique->facts()->latest : null,
                    $go->isLate,
                    $panel,
                    $panels,
                );
            }
        }

        return $jobs;
    }

    /**
     * Without the coats that all of these figures have already.
     *
     * @param non-empty-list<int> $figures
     * @param non-empty-list<non-empty-list<float>> $parts coats by the go they are laid in
     *
     * @return array<int, non-empty-list<float>> at least the last one
     */
    private function left(StepGo $go, array $figures, array $parts): array
    {
        $had = (int) floor($this->had($go, $figures) + self::HAIR);
        if (count($parts) > 1) {
            return array_slice($parts, min($had, count($parts) - 1), null, true);
        }
        $coats = array_slice($parts[0], min($had, count($parts[0]) - 1));

        return $coats === [] ? $parts : [$coats];
    }

    /**
     * Coats that all of these figures have already.
     *
     * @param non-empty-list<int> $figures
     */
    private function had(StepGo $go, array $figures): float
    {
        return $go->rounds > 1 ? 0.0 : $this->work->had($go->ref(), $go->outcome->step, $figures);
    }

    /** Minutes of setting up and cleaning what is sprayed with, once for each place in the order of work. */
    private function settingUp(StepGo $go): float
    {
        $tool = $go->outcome->labour->tool;
        $key = $tool->value.' '.$go->outcome->step->technique->facts()->at->name;
        if (isset($this->setUp[$key])) {
            return 0.0;
        }
        $this->setUp[$key] = true;

        return match ($tool) {
            Tool::Airbrush => Defaults::AIRBRUSH_MINUTES,
            Tool::SprayCan => Defaults::CAN_MINUTES,
            default => 0.0,
        };
    }
}
