<?php

declare(strict_types=1);

namespace Kalokroma\Order\Rule;

use DomainException;

/** What the painter wants otherwise than the rules, or beside them. */
final readonly class Wishes
{
    /**
     * @param list<string> $overruled codes of strong rules that are set aside
     * @param list<string> $relaxed codes of strong rules that are kept only where keeping them costs nothing
     * @param list<array{string, string}> $before steps, as `company/area:key`: the first before the second
     * @param bool $fieldableFirst whether all figures are brought to fieldable before any is finished
     *
     * @throws DomainException where a rule is not known, or cannot be overruled
     */
    public function __construct(
        public array $overruled = [],
        public array $relaxed = [],
        public array $before = [],
        public bool $fieldableFirst = false,
    ) {
        foreach ([...$overruled, ...$relaxed] as $code) {
            $rule = RuleBook::named($code) ?? throw new DomainException(sprintf('There is no rule "%s".', $code));
            if ($rule->isHard) {
                throw new DomainException(
                    sprintf('%s Nobody can do it the other way round: %s.', $rule->words, $rule->why),
                );
            }
        }
    }

    /** The same without this rule. */
    public function without(string $code): self
    {
        return new self(
            array_values(array_unique([...$this->overruled, $code])),
            array_values(array_diff($this->relaxed, [$code])),
            $this->before,
            $this->fieldableFirst,
        );
    }

    /** The same with these rules kept. */
    public function keeping(string ...$codes): self
    {
        return new self($this->overruled, array_values(array_diff($this->relaxed, $codes)), $this->before, $this->fieldableFirst);
    }

    /**
     * The same without wishes about steps that are not to be done (any more).
     *
     * @param list<string> $steps ids of those that are
     */
    public function among(array $steps): self
    {
        $before = array_filter($this->before, static fn (array $two): bool => array_diff($two, $steps) === []);

        return new self($this->overruled, $this->relaxed, array_values($before), $this->fieldableFirst);
    }

    public function leavesOut(Rule $rule): bool
    {
        return in_array($rule->code, $this->overruled, true) || in_array($rule->code, $this->relaxed, true);
    }
}
