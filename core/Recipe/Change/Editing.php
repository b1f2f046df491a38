<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Judge\OrderRules;
use Kalokroma\Recipe\Judge\Rules;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;

/**
 * Changes to a recipe. What breaks a hard rule that held before is refused with its reason; soft rules are only marked,
 * see {@see Rules}.
 */
final class Editing
{
    public const MOST_STEPS = 40;

    /** @throws RecipeProblem */
    public static function add(Plan $plan, PlannedStep $step, ?string $after): Plan
    {
        if ($step->technique === Technique::Undercoat) {
            throw RecipeProblem::undercoatOnce();
        }
        if (count($plan->steps) >= self::MOST_STEPS) {
            throw RecipeProblem::tooManySteps(self::MOST_STEPS);
        }
        $at = $after === null ? self::place($plan, $step) : self::index($plan, $after) + 1;
        $steps = $plan->steps;
        array_splice($steps, $at, 0, [$step]);

        return self::checked($plan, $plan->withSteps($steps));
    }

    /** @throws RecipeProblem */
    public static function drop(Plan $plan, string $key): Plan
    {
        $at = self::index($plan, $key);
        $steps = $plan->steps;
        array_splice($steps, $at, 1);
        $next = $steps[$at]->key->value ?? null;
        $steps = array_map(static function (PlannedStep $s) use ($key, $next): PlannedStep {
            $loop = $s->scope->loop;

            return $loop === null || $loop->from !== $key || $next === null ? $s : $s->looped($loop->startingAt($next));
        }, $steps);

        return self::checked($plan, $plan->withSteps($steps));
    }

    /**
     * @param int $to place from 0, counted without the step itself
     *
     * @throws RecipeProblem
     */
    public static function move(Plan $plan, string $key, int $to): Plan
    {
        $at = self::index($plan, $key);
        if ($to < 0 || $to >= count($plan->steps)) {
            throw RecipeProblem::noSuchPlaceInOrder($to, count($plan->steps));
        }
        $steps = $plan->steps;
        $taken = array_splice($steps, $at, 1);
        array_splice($steps, $to, 0, $taken);

        return self::checked($plan, $plan->withSteps($steps));
    }

    /**
     * Makes one step of this and the next: coats of one paint are added up, two paints become one mix.
     *
     * @throws RecipeProblem
     */
    public static function merge(Plan $plan, string $key): Plan
    {
        $at = self::index($plan, $key);
        $first = $plan->steps[$at];
        $second = $plan->steps[$at + 1] ?? throw RecipeProblem::nothingToMerge($key);
        if (
            $first->technique->facts()->lies !== $second->technique->facts()->lies
            || $first->load->mix === null
            || $second->load->mix === null
        ) {
            throw RecipeProblem::cannotMerge($first->technique->words(), $second->technique->words());
        }
        $merged = $first->load->mix->key() === $second->load->mix->key()
            ? $first->withCoats(self::coatsTogether($first->handling->coats, $second->handling->coats))
            : $first->withMix(self::together($first->load->mix, $second->load->mix));
        $loop = $second->scope->loop;
        $steps = $plan->steps;
        $loop = $loop === null || $second->key->is($loop->from) ? $first->scope->loop : $loop;
        array_splice($steps, $at, 2, [$merged->looped($loop)]);

        return self::checked($plan, $plan->withSteps($steps));
    }

    /**
     * Goes through the steps from one to another several times; one round ends the loop.
     *
     * @param list<float>|null $shares of its place that each round touches, 0..1; null for all of it every time
     *
     * @throws RecipeProblem
     */
    public static function loop(Plan $plan, string $key, string $from, int $rounds, string $exit = '', ?array $shares = null): Plan
    {
        $at = self::index($plan, $key);
        if (self::index($plan, $from) > $at) {
            throw RecipeProblem::loopBackward($from, $key);
        }
        $step = $plan->steps[$at];
        $exit = $exit !== '' ? $exit : (
            $step->technique->facts()->exit !== ''
            ? $step->technique->facts()->exit
            : 'again until it is strong enough'
        );
        $steps = $plan->steps;
        $steps[$at] = $step->looped($rounds === 1 ? null : new Loop($from, $rounds, $exit, $shares ?? []));

        return $plan->withSteps(array_values($steps));
    }

    /**
     * Lets a step differ on some figures: it stays for all the others, and a copy of it beside it is for them.
     *
     * @param Who $for figures that are named
     *
     * @throws RecipeProblem
     */
    public static function differ(Plan $plan, string $key, Who $for): Plan
    {
        $at = self::index($plan, $key);
        $step = $plan->steps[$at];
        if (!$for->isChosen() || $step->scope->who->isChosen() || $step->scope->loop !== null) {
            throw RecipeProblem::cannotDiffer($step->technique->words());
        }
        $others = Who::except([...$step->scope->who->named, ...$for->named]);
        $steps = $plan->steps;
        array_splice($steps, $at, 1, [$step->for($others), $step->renamed($plan->freeKey($key))->for($for)]);

        return self::checked($plan, $plan->withSteps($steps));
    }

    /**
     * @param callable(PlannedStep): PlannedStep $change
     *
     * @throws RecipeProblem
     */
    public static function change(Plan $plan, string $key, callable $change): Plan
    {
        $steps = $plan->steps;
        $at = self::index($plan, $key);
        $steps[$at] = $change($steps[$at]);

        return self::checked($plan, $plan->withSteps(array_values($steps)));
    }

    /** Sets a soft rule aside, or lets it speak again. */
    public static function overrule(Plan $plan, string $rule, bool $overruled): Plan
    {
        $kept = array_values(array_filter($plan->overruled, static fn (string $r): bool => $r !== $rule));

        return $plan->withOverruled($overruled ? [...$kept, $rule] : $kept);
    }

    /** Where a new step belongs: behind the last of its place in the order of work, or an earlier one. */
    private static function place(Plan $plan, PlannedStep $step): int
    {
        $at = 0;
        foreach ($plan->steps as $i => $other) {
            if ($other->technique->facts()->at->rank() <= $step->technique->facts()->at->rank()) {
                $at = $i + 1;
            }
        }

        return $at;
    }

    /** At least two, where the painter said how many of either. */
    private static function coatsTogether(?int $first, ?int $second): ?int
    {
        return $first === null && $second === null ? null : max(2, ($first ?? 1) + ($second ?? 1));
    }

    private static function together(Mix $a, Mix $b): Mix
    {
        $parts = [];
        foreach ([...$a->parts, ...$b->parts] as $part) {
            $parts[$part->paint->id] = new Part($part->paint, $part->parts + ($parts[$part->paint->id]->parts ?? 0));
        }

        return Mix::of(array_values($parts));
    }

    /** @throws RecipeProblem */
    private static function index(Plan $plan, string $key): int
    {
        foreach ($plan->steps as $i => $step) {
            if ($step->key->value === $key) {
                return $i;
            }
        }
        throw RecipeProblem::noSuchStep($key);
    }

    /** @throws RecipeProblem where a hard rule is broken that was kept before */
    private static function checked(Plan $before, Plan $after): Plan
    {
        $count = static function (Plan $plan): array {
            $found = [];
            foreach (OrderRules::broken($plan->steps) as $mark) {
                if ($mark->hard) {
                    $found[$mark->id()][] = $mark->finding->sentence();
                }
            }

            return $found;
        };
        $had = $count($before);
        foreach ($count($after) as $id => $sentences) {
            if (count($sentences) > count($had[$id] ?? [])) {
                throw RecipeProblem::hardRule($sentences[0]);
            }
        }

        return $after;
    }
}
