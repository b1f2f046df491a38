<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Application;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Finding;

/** One step as it is planned: what the core drafted, with what the painter changed. */
final readonly class PlannedStep
{
    public const MOST_COATS = 20;

    /** What paint is thinned with. */
    public const THINNERS = ['water', 'medium', 'thinner', 'solvent'];

    /**
     * @param Oklch|null    $target      the colour wanted of the paint itself; of the look, for glazes, washes and stains; null where none is
     * @param Mix|null      $mix         null for a step without paint
     * @param int|null      $coats       null leaves the number to the film model
     * @param string        $thinnedWith water, medium, thinner or solvent
     * @param list<Finding> $why         reasons fixed when it was drafted
     * @param Mix|null      $original    what was drafted, where another mix stands in for it
     * @param list<string>  $open        ids of the paints whose amount nobody said: never taken for nought
     * @param bool          $thinOpen    whether nobody said how far to thin, so that the usual ratio stands in
     * @param Tool|null     $tool        null for the usual one of the technique
     * @param string        $note        the painter's own words
     * @param Level|null    $level       null for the usual one of the technique
     */
    public function __construct(
        public string $key,
        public Stage $stage,
        public Technique $technique,
        public ?Oklch $target,
        public ?Mix $mix,
        public Thinning $thinning,
        public string $thinnedWith,
        public ?int $coats = null,
        public bool $omitted = false,
        public array $why = [],
        public ?Mix $original = null,
        public Place $place = new Place(),
        public ?Loop $loop = null,
        public Who $who = Who::All,
        public ?Level $level = null,
        public array $open = [],
        public bool $thinOpen = false,
        public ?Tool $tool = null,
        public string $note = '',
    ) {
    }

    /**
     * The same step with the painter's changes; null keeps what is there, coats 0 hands the number back to the model.
     *
     * @param list<string>|null $open
     *
     * @throws RecipeProblem
     */
    public function with(
        ?Mix $mix = null,
        ?Thinning $thinning = null,
        ?int $coats = null,
        ?bool $omitted = null,
        ?Place $place = null,
        ?Who $who = null,
        ?Level $level = null,
        ?array $open = null,
        ?bool $thinOpen = null,
        ?Tool $tool = null,
        ?string $note = null,
        ?string $thinnedWith = null,
    ): self {
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
            $thinnedWith ?? $this->thinnedWith,
            $coats === null ? $this->coats : ($coats === 0 ? null : $coats),
            $omitted ?? $this->omitted,
            $mix === null || $mix->key() === $this->mix?->key() ? $this->why : $this->withoutReasonsOfTheMix(),
            $mix === null ? $this->original : self::kept($this->original ?? $this->mix, $mix),
            $place ?? $this->place,
            $this->loop,
            $who ?? $this->who,
            $level ?? $this->level,
            $open ?? ($mix === null ? $this->open : []),
            $thinOpen ?? ($thinning === null && $this->thinOpen),
            $tool ?? $this->tool,
            $note ?? $this->note,
        );
    }

    public function looped(?Loop $loop): self
    {
        return $this->renamed($this->key, $loop);
    }

    /** The same under another key, for a copy beside it. */
    public function renamed(string $key, ?Loop $loop = null): self
    {
        return new self(
            $key,
            $this->stage,
            $this->technique,
            $this->target,
            $this->mix,
            $this->thinning,
            $this->thinnedWith,
            $this->coats,
            $this->omitted,
            $this->why,
            $this->original,
            $this->place,
            $loop,
            $this->who,
            $this->level,
            $this->open,
            $this->thinOpen,
            $this->tool,
            $this->note,
        );
    }

    public function level(): Level
    {
        return $this->level ?? $this->technique->facts()->level;
    }

    /** How the film of this step lies, given what is loaded. */
    public function application(): Application
    {
        return $this->technique->application($this->mix?->parts[0]['paint']->behaviour);
    }

    /** @return array{float, float, float} share touched of recess, plane and ridge */
    public function coverage(): array
    {
        return $this->place->coverage($this->application());
    }

    /** The face it is judged by: that of its technique, or the one it was placed on. */
    public function face(): string
    {
        return $this->place->face ?? $this->technique->face();
    }

    /** Whether it leaves a film of a known colour. */
    public function isFilm(): bool
    {
        if ($this->mix === null || $this->application() === Application::None) {
            return false;
        }
        foreach ($this->mix->parts as ['paint' => $paint]) {
            if ($paint->colour === null) {
                return false;
            }
        }

        return true;
    }

    /** What it is called in a list: its paints, else what is done. */
    public function words(): string
    {
        return $this->mix?->words() ?? ucfirst($this->technique->words());
    }

    /** The drafted mix, as long as another one stands in for it. */
    private static function kept(?Mix $original, Mix $mix): ?Mix
    {
        return $original?->key() === $mix->key() ? null : $original;
    }

    /** @return list<Finding> */
    private function withoutReasonsOfTheMix(): array
    {
        return array_values(array_filter($this->why, static fn (Finding $f): bool => !str_starts_with($f->code, 'mix.')));
    }
}
