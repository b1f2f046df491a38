<?php

declare(strict_types=1);

namespace Kalokroma\Order\Rule;

/** One job waits for another, for a reason. */
final readonly class OrderTie
{
    /**
     * @param int $first number of the job that comes before
     * @param int $wait minutes from its end
     * @param Rule|null $rule null where the recipe of the area, or the painter, says so
     * @param string $because what else says so: `recipe`, `wish`, `bases`, `areas`, `milestone`; empty for a rule
     */
    public function __construct(
        public int $first,
        public int $then,
        public int $wait,
        public ?Rule $rule,
        public string $because = '',
    ) {
    }

    public function why(): string
    {
        return $this->rule->why ?? match ($this->because) {
            'wish' => 'you want it so',
            'bases' => 'all base coats come first in this way of working',
            'areas' => 'no more than two areas are open at once in this way of working',
            'milestone' => 'all figures are brought to fieldable first',
            default => 'the recipe says so',
        };
    }
}
