<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Judge;

use Kalokroma\Word\Finding;

/** A rule of the craft that a recipe breaks: where, why, and what to do instead. */
final readonly class Mark
{
    /**
     * @param string $key of the step it concerns
     * @param bool $hard a hard rule cannot be broken on purpose; a soft one can be overruled
     * @param Finding $finding the rule, with the numbers it was computed from
     * @param string $alternative what the core would do
     */
    public function __construct(
        public string $code,
        public string $key,
        public bool $hard,
        public Finding $finding,
        public string $alternative = '',
    ) {
    }

    /** How it is remembered when it is overruled. */
    public function id(): string
    {
        return $this->code.'@'.$this->key;
    }
}
