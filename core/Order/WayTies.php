<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Rule\OrderTie;
use Kalokroma\Order\Rule\Web;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Position;
use Kalokroma\Recipe\Technique\Stage;

/** What a way of working asks for beside the rules. */
final class WayTies
{
    public static function add(Web $web, WayOfWorking $way): void
    {
        match ($way) {
            WayOfWorking::BasesFirst => self::basesFirst($web),
            WayOfWorking::AreaByArea => self::areaByArea($web),
            default => null,
        };
    }

    /**
     * By job: its place in the order in which a painter would go through them. Figures painted alike go stage by stage, a single one,
     * and whoever works area by area, from the innermost area outward.
     *
     * @param list<Job> $jobs in the order of areas
     *
     * @return list<int>
     */
    public static function ranks(array $jobs, WayOfWorking $way): array
    {
        $isByStage = $way !== WayOfWorking::AreaByArea && $way !== WayOfWorking::FigureByFigure
            && array_filter($jobs, static fn (Job $j): bool => count($j->figures) > 1) !== [];
        $keys = [];
        foreach ($jobs as $i => $job) {
            $keys[] = [
                $job->isBefore(Position::Repair) ? 0 : ($job->isBefore(Position::Gloss) ? 1 : 2),
                $isByStage && $job->level() !== Level::Fieldable ? 1 : 0,
                $isByStage ? (int) array_search($job->planned()->stage, Stage::cases(), true) : 0,
                $i,
            ];
        }
        asort($keys);
        $ranks = array_flip(array_keys($keys));
        ksort($ranks);

        return array_values($ranks);
    }

    /**
     * What is done one after the other where the groups of a way are: sprays over all figures first and last.
     *
     * @return list<list<int>> numbers of jobs
     */
    public static function groups(Web $web, WayOfWorking $way): array
    {
        $groups = [];
        $of = [];
        foreach ($web->jobs as $i => $job) {
            $groups[$job->company->id] ??= $way->grouping()->groups($job->company->count, $job->company->leaders);
            $its = array_keys(array_filter(
                $groups[$job->company->id],
                static fn (array $group): bool => array_intersect($group, $job->figures) !== [],
            ));
            $isClosing = !$job->isBefore(Position::Gloss);
            $of[count($its) < 2 ? 1 + ($its[0] ?? 0) : ($isClosing ? PHP_INT_MAX : 0)][] = $i;
        }
        ksort($of);

        return self::closed($web, array_values($of));
    }

    /**
     * What waits for a later group goes there too.
     *
     * @param list<list<int>> $groups
     *
     * @return list<list<int>>
     */
    private static function closed(Web $web, array $groups): array
    {
        $at = [];
        foreach ($groups as $g => $jobs) {
            $at += array_fill_keys($jobs, $g);
        }
        do {
            $isSettled = true;
            foreach ($at as $job => $group) {
                foreach ($web->of($job) as $first => $tie) {
                    if ($at[$first] > $at[$job]) {
                        $at[$job] = $at[$first];
                        $isSettled = false;
                    }
                }
            }
        } while (!$isSettled);
        $found = [];
        foreach ($at as $job => $group) {
            $found[$group][] = $job;
        }
        ksort($found);

        return array_map(static function (array $jobs): array {
            sort($jobs);

            return $jobs;
        }, array_values($found));
    }

    private static function basesFirst(Web $web): void
    {
        $bases = $later = [];
        foreach ($web->jobs as $i => $job) {
            if ($job->area === null || $job->isBefore(Position::Repair)) {
                continue;
            }
            if ($job->planned()->stage === Stage::Basecoat && $job->level() === Level::Fieldable) {
                $bases[] = $i;
            } else {
                $later[] = $i;
            }
        }
        self::all($web, $bases, $later, 'bases');
    }

    /** Two areas are open at once at most: one dries while the other is painted. */
    private static function areaByArea(Web $web): void
    {
        $areas = [];
        foreach ($web->jobs as $i => $job) {
            if ($job->area !== null && !$job->isBefore(Position::Repair) && $job->isBefore(Position::Gloss)) {
                $areas[$job->company->id][$job->area->id][] = $i;
            }
        }
        foreach ($areas as $its) {
            $its = array_values($its);
            for ($n = 2; $n < count($its); ++$n) {
                self::all($web, $its[$n - 2], $its[$n], 'areas');
            }
        }
    }

    /**
     * @param list<int> $first
     * @param list<int> $later
     */
    private static function all(Web $web, array $first, array $later, string $because): void
    {
        foreach ($later as $j) {
            foreach ($first as $i) {
                if ($web->jobs[$i]->shares($web->jobs[$j])) {
                    $web->add(new OrderTie($i, $j, 0, null, $because));
                }
            }
        }
    }
}
