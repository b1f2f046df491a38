<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Tone;

/** One step of an undercoat: one paint, laid all over or sprayed from somewhere, on the whole figure or on some of its areas. */
final readonly class UndercoatStep
{
    /** Coats of a spray from somewhere, where nobody said; all over it is what closes the ground. */
    public const ONE_SPRAY = 1;

    /** How it gets on: as the pot can, where what was chosen is not what it is for. */
    public Kind $kind;

    /**
     * @param Paint|null $paint null for any primer of this tone
     * @param Spray|null $from null for all over
     * @param list<string> $areas ids of the areas it is for; empty for the whole figure
     * @param int|null $coats null for the usual number
     * @param Thinning|null $thinning null for the usual one of its kind
     */
    public function __construct(
        public StepKey $key,
        public ?Paint $paint,
        public Tone $tone,
        Kind $kind,
        public ?Spray $from = null,
        public array $areas = [],
        public ?int $coats = null,
        public ?Thinning $thinning = null,
    ) {
        $this->kind = $paint === null ? $kind : $kind->of($paint);
    }

    public function painted(?Paint $paint, Tone $tone): self
    {
        return new self($this->key, $paint, $tone, $this->kind, $this->from, $this->areas, $this->coats, $this->thinning);
    }

    public function by(Kind $kind): self
    {
        return new self($this->key, $this->paint, $this->tone, $kind, $this->from, $this->areas, $this->coats, $this->thinning);
    }

    /**
     * @param int|null $coats 0 or null leave the number to what is usual
     *
     * @throws RecipeProblem
     */
    public function coated(?int $coats): self
    {
        $number = (new Handling())->coated($coats ?? 0)->coats;

        return new self($this->key, $this->paint, $this->tone, $this->kind, $this->from, $this->areas, $number, $this->thinning);
    }

    public function thinned(?Thinning $thinning): self
    {
        return new self($this->key, $this->paint, $this->tone, $this->kind, $this->from, $this->areas, $this->coats, $thinning);
    }

    /** @param list<string> $areas */
    public function only(array $areas): self
    {
        return new self($this->key, $this->paint, $this->tone, $this->kind, $this->from, $areas, $this->coats, $this->thinning);
    }

    /** Whether it lies on this area. */
    public function isOn(string $area): bool
    {
        return $this->areas === [] || in_array($area, $this->areas, true);
    }

    public function colour(): Reflectance
    {
        return $this->paint->colour ?? $this->tone->assumed();
    }

    /** What it is called: its paint, and where it comes from. */
    public function words(): string
    {
        $paint = $this->paint->name ?? $this->tone->words();

        return $this->from === null ? $paint : $paint.' '.$this->from->words();
    }
}
