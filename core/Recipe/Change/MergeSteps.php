<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;

/** One step of this and the next: coats of one paint are added up, two paints become one mix. */
final readonly class MergeSteps implements PlanChange
{
    /** @param string $key of the first of both */
    public function __construct(private string $key)
    {
    }

    public function on(Plan $plan): Plan
    {
        $at = $plan->at($this->key);
        $first = $plan->steps[$at];
        $second = $plan->steps[$at + 1] ?? throw RecipeProblem::nothingToMerge($this->key);
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

        return HardRules::kept($plan, $plan->withSteps($steps));
    }

    public function words(Plan $plan): string
    {
        return 'merged '.$plan->wordsOf($this->key).' with the next';
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
}
