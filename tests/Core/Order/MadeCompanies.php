<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Follows;
use Kalokroma\Order\LeftOver;
use Kalokroma\Order\Planned;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Order\Search\Openings;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Companies and free hours made by chance, from a seed: all kinds of bonds, from one figure to six, hours from none to always. What an
 * order of them has to keep is looked up here again, from its starts alone.
 */
final class MadeCompanies
{
    private const RECIPES = [
        ['basecoat'],
        ['basecoat', 'wash-all-over', 'layer'],
        ['basecoat', 'recess-line', 'feathered-layer', 'edge-highlight'],
        ['gloss-varnish', 'oil-wash', 'wiping', 'matt-varnish'],
        ['gloss-varnish', 'enamel-wash', 'enamel-wash', 'wiping'],
        ['gloss-varnish', 'streak', 'streak-blend'],
        ['basecoat', 'chipping-fluid', 'chipping-top-coat', 'chipping-opening', 'gloss-varnish', 'oil-wash', 'wiping'],
        ['metal-coat', 'wash-all-over', 'drybrush'],
        ['oil-wash', 'gloss-varnish', 'wiping'],
    ];
    private const SIZES = [0.4, 2.0, 6.0, 20.0, 90.0, 400.0, 1500.0];
    private const DAY = 1440;

    /** @return array{CompanyWork, Openings} */
    public static function of(int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $pick = static fn (array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
        $recipes = $more = [];
        foreach (range(1, $chance->getInt(1, 4)) as $n) {
            $recipes['area '.$n] = $pick(self::RECIPES);
            $more['area '.$n] = ['cm2' => $pick(self::SIZES), 'depth' => $chance->getInt(1, 3)];
        }
        $work = Works::company($recipes, $chance->getInt(1, 6), $more);
        $minutes = $pick([null, 0, 8, 25, 45, 60, 90, 120, 150, 240, 480]);
        $days = $chance->getInt(1, 40);
        $windows = [];
        foreach ($minutes === null || $minutes === 0 ? [] : range(0, $days - 1) as $day) {
            $from = $day * self::DAY * $chance->getInt(1, 2) + 30;
            $from = max($from, ($windows[count($windows) - 1][1] ?? -1) + 60);
            $windows[] = [$from, $from + $minutes];
        }

        return [$work, new Openings($minutes === null ? null : $windows)];
    }

    /** @return list<string> what it breaks, in words: a job twice, too early, out of hours, two at once, or late and not told */
    public static function broken(RunningOrder $order, Openings $openings): array
    {
        $found = [];
        $ends = null;
        foreach ($order->jobs as $job) {
            $begins = $job->start - $job->setUp;
            if ($ends !== null && $begins < $ends) {
                $found[] = $job->job->id.' begins before the one before it ends';
            }
            $ends = $job->end();
            $in = array_filter($openings->windows ?? [], static fn (array $w): bool => $w[0] <= $begins && $ends <= $w[1]);
            if ($openings->windows !== null && $in === []) {
                $found[] = $job->job->id.' is outside the free hours';
            }
        }
        foreach ($order->planned as $planned) {
            array_push($found, ...self::ties($order, $planned));
        }

        return $found;
    }

    /** @return list<string> */
    private static function ties(RunningOrder $order, Planned $planned): array
    {
        $found = $at = [];
        foreach ($order->jobs as $job) {
            $at[$job->job->id] = $job;
        }
        $left = array_map(static fn (LeftOver $l): string => $l->job->id, $order->leftOver);
        if (count(array_unique([...array_keys($at), ...$left])) !== count($order->jobs) + count($left)) {
            $found[] = 'a task is there twice';
        }
        foreach ($planned->web->jobs as $i => $job) {
            $its = $at[$job->id] ?? null;
            foreach ($its === null ? [] : $planned->web->of($i) as $first => $tie) {
                $before = $planned->web->jobs[$first];
                $done = $at[$before->id] ?? null;
                if ($done === null || $its->start < $done->end() + $tie->wait) {
                    $found[] = $job->id.' does not wait for '.$before->id;
                } elseif (Follows::isWanted($before->planned()->technique, $job->planned()->technique) && $before->shares($job)
                    && $before->go === $before->goes && $its->start - $done->end() > max($tie->wait, (int) $before->latest)
                    && $order->late === []) {
                    $found[] = $job->id.' comes too late after '.$before->id.', and nothing says so';
                }
            }
        }

        return $found;
    }
}
