<?php

declare(strict_types=1);

namespace Kalokroma\Order;

use Kalokroma\Order\Rule\OrderTie;
use Kalokroma\Order\Rule\Web;
use Kalokroma\Word\Duration;
use Kalokroma\Word\Finding;

/** Why a job comes where it comes. */
final class OrderReasons
{
    /**
     * @param array<int, int> $starts in minutes from now, by job
     * @param int|null $before the job right before it
     * @param int $setUp minutes of set-up before it
     *
     * @return list<Finding> what it waited for first
     */
    public static function of(Web $web, int $job, array $starts, ?int $before, int $setUp): array
    {
        $why = [];
        $last = self::last($web, $job, $starts);
        if ($last !== null && $last->rule === null && $last->because === 'recipe') {
            $first = $web->jobs[$last->first];
            $why[] = new Finding($last->wait > 0 ? 'order.dry' : 'order.row', $last->wait > 0
                ? 'Follows {first}, once that is dry ({time}).'
                : ($first->drying->minutes > 0 && count($first->figures) > 1
                    ? 'Follows {first}: the first figure is dry when the last is painted.' : 'Follows {first}.'), [
                'first' => lcfirst($first->words()),
                'time' => Duration::words($first->drying->minutes),
            ]);
        }
        if ($before !== null && $setUp === 0 && $web->jobs[$job]->setUp !== '') {
            $why[] = new Finding('order.loaded', 'The paint is on the palette already, and so is the brush.');
        }
        $rule = self::rule($web, $job, $starts);
        if ($rule !== null && ($rule->rule !== null || $rule->because === 'wish' || $why === [])) {
            $why[] = new Finding('order.rule', 'After {first}: {why}.', [
                'first' => lcfirst($web->jobs[$rule->first]->words()), 'why' => $rule->why(),
            ]);
        }

        return $why !== [] ? $why : [new Finding('order.free', 'Nothing has to come before it.')];
    }

    /**
     * What it had to wait for longest.
     *
     * @param array<int, int> $starts
     */
    private static function last(Web $web, int $job, array $starts): ?OrderTie
    {
        $last = null;
        $latest = -1;
        foreach ($web->of($job) as $first => $tie) {
            $until = $starts[$first] + $web->jobs[$first]->minutes + $tie->wait;
            if ($until > $latest) {
                [$last, $latest] = [$tie, $until];
            }
        }

        return $last;
    }

    /**
     * The latest job that comes before it by a rule, a wish or the way of working alone.
     *
     * @param array<int, int> $starts
     */
    private static function rule(Web $web, int $job, array $starts): ?OrderTie
    {
        $found = null;
        foreach ($web->of($job) as $first => $tie) {
            $says = $tie->because !== 'recipe' && $tie->rule?->code !== 'undercoat';
            if ($says && ($found === null || $starts[$first] > $starts[$found->first])) {
                $found = $tie;
            }
        }

        return $found;
    }
}
