<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Application;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Mix;

/** One step as it is planned: what the core drafted, with what the painter changed. */
final readonly class PlannedStep
{
    public const MOST_COATS = 20;

    /**
     * @param Oklch         $target      the colour wanted of the paint itself
     * @param int|null      $coats       null leaves the number to the film model
     * @param string        $thinnedWith water, medium or thinner
     * @param list<Finding> $why         reasons fixed when it was drafted
     * @param Mix|null      $original    what was drafted, where another mix stands in for it
     */
    public function __construct(
        public string $key,
        public Stage $stage,
        public Technique $technique,
        public Oklch $target,
        public Mix $mix,
        public Thinning $thinning,
        public string $thinnedWith,
        public ?int $coats = null,
        public bool $omitted = false,
        public array $why = [],
        public ?Mix $original = null,
    ) {
    }

    /**
     * The same step with the painter's changes; null keeps what is there, coats 0 hands the number back to the model.
     *
     * @throws RecipeProblem
     */
    public function with(?Mix $mix = null, ?Thinning $thinning = null, ?int $coats = null, ?bool $omitted = null): self
    {
        if ($coats !== null && ($coats < 0 || $coats > self::MOST_COATS)) {
            throw RecipeProblem::coatsOutOfRange($coats);
        }

        return new self(
            $this->key,
            $this->stage,
            $this->technique,
            $this->target,
            $mix ?? $this->mix,
            $thinning ?? $this->thinning,
            $this->thinnedWith,
            $coats === null ? $this->coats : ($coats === 0 ? null : $coats),
            $omitted ?? $this->omitted,
            $mix === null || $mix->key() === $this->mix->key() ? $this->why : $this->withoutReasonsOfTheMix(),
            self::kept($this->original ?? $this->mix, $mix ?? $this->mix),
        );
    }

    /** The drafted mix, as long as another one stands in for it. */
    private static function kept(Mix $original, Mix $mix): ?Mix
    {
        return $original->key() === $mix->key() ? null : $original;
    }

    /** How the film of this step lies, given what is loaded. */
    public function application(): Application
    {
        return $this->technique->application($this->mix->parts[0]['paint']->behaviour);
    }

    /** @return list<Finding> */
    private function withoutReasonsOfTheMix(): array
    {
        return array_values(array_filter($this->why, static fn (Finding $f): bool => !str_starts_with($f->code, 'mix.')));
    }
}
