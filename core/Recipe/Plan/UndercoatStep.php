<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Film\Thinning;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;

/** One step of an undercoat: a ground laid over the whole figure in one way. */
final readonly class UndercoatStep
{
    /**
     * @param int|null $coats null for the usual number
     * @param Thinning|null $thinning null for the usual one of its kind
     */
    public function __construct(
        public StepKey $key,
        public Ground $ground,
        public Kind $kind,
        public ?int $coats = null,
        public ?Thinning $thinning = null,
    ) {
    }

    public function of(Ground $ground): self
    {
        return new self($this->key, $ground, $this->kind, $this->coats, $this->thinning);
    }

    public function by(Kind $kind): self
    {
        return new self($this->key, $this->ground, $kind, $this->coats, $this->thinning);
    }

    /**
     * @param int|null $coats 0 or null leave the number to what is usual
     *
     * @throws RecipeProblem
     */
    public function coated(?int $coats): self
    {
        return new self($this->key, $this->ground, $this->kind, (new Handling())->coated($coats ?? 0)->coats, $this->thinning);
    }

    public function thinned(?Thinning $thinning): self
    {
        return new self($this->key, $this->ground, $this->kind, $this->coats, $thinning);
    }
}
