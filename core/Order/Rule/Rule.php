<?php

declare(strict_types=1);

namespace Kalokroma\Order\Rule;

use Kalokroma\Order\Job\Job;

/** What comes before what on one figure, and why: one row of {@see RuleBook}. */
final readonly class Rule
{
    /**
     * @param string $code what the painter overrules it by
     * @param bool $isHard physics, which nobody overrules
     * @param bool $isDry whether the first has to be dry by then
     * @param string $words the rule in a sentence
     * @param string $why its reason, as the end of a sentence that begins with "because"
     */
    public function __construct(
        public string $code,
        public bool $isHard,
        public Sort $first,
        public Sort $then,
        public Where $where,
        public bool $isDry,
        public string $words,
        public string $why,
    ) {
    }

    public function binds(Job $first, Job $then): bool
    {
        return $this->first->has($first) && $this->then->has($then) && $first->shares($then) && $this->where->has($first, $then);
    }
}
