<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Counted;

/** What a step is painted with: the mix on the palette, and how far it is thinned with what. */
final readonly class Load
{
    /** What paint is thinned with. */
    public const THINNERS = ['water', 'medium', 'thinner', self::SOLVENT];
    private const SOLVENT = 'solvent';

    /**
     * @param Mix|null $mix null for a step without paint
     * @param string $with one of {@see self::THINNERS}
     * @param list<string> $open ids of the paints whose amount nobody said: never taken for nought
     * @param bool $thinOpen whether nobody said how far to thin, so that the usual ratio stands in
     * @param Mix|null $original what was drafted, where another mix stands in for it
     * @param string $product name of the medium, thinner or solvent it is thinned with; empty for any
     */
    public function __construct(
        public ?Mix $mix,
        public Thinning $thinning,
        public string $with,
        public array $open = [],
        public bool $thinOpen = false,
        public ?Mix $original = null,
        public string $product = '',
    ) {
    }

    /**
     * A mix thinned as is usual for this use.
     *
     * @param string $use row of {@see Defaults::THINNING}; empty where nothing is thinned
     * @param string|null $ratio another ratio of the usual range, where one was computed
     */
    public static function usual(?Mix $mix, string $use, ?string $ratio = null): self
    {
        $row = Defaults::THINNING[$use] ?? ['ratio' => '1:0', 'with' => 'water'];

        $thinning = self::isAsItComes($mix) ? Thinning::undiluted() : Thinning::fromRatio($ratio ?? $row['ratio']);

        return new self($mix, $thinning, self::allowed($mix, $row['with']));
    }

    /** Whether a paint of it is used as it comes: out of a can, a pen, as powder. */
    private static function isAsItComes(?Mix $mix): bool
    {
        foreach ($mix?->paints() ?? [] as $paint) {
            if ($paint->form->isAsItComes()) {
                return true;
            }
        }

        return false;
    }

    /** What this mix may be thinned with: enamel and oil with their solvent only. */
    private static function allowed(?Mix $mix, string $wanted): string
    {
        foreach ($mix?->paints() ?? [] as $paint) {
            if ($paint->behaviour->isSolventBased()) {
                return self::SOLVENT;
            }
        }

        return $wanted;
    }

    /** For a step without paint. */
    public static function none(): self
    {
        return new self(null, Thinning::undiluted(), 'water');
    }

    /**
     * Another mix in place of this one, which is remembered as long as the other stands in for it.
     *
     * @param list<string> $open ids of the paints whose amount is left open
     */
    public function mixed(Mix $mix, array $open = []): self
    {
        $original = $this->original ?? $this->mix;
        $with = self::allowed($mix, $this->with === self::SOLVENT ? 'water' : $this->with);

        $thinning = self::isAsItComes($mix) ? Thinning::undiluted() : $this->thinning;

        $before = $original?->key() === $mix->key() ? null : $original;

        return new self($mix, $thinning, $with, $open, $this->thinOpen, $before, $with === $this->with ? $this->product : '');
    }

    /** @param Thinning|null $thinning null leaves it open: the usual ratio that is there stands in */
    public function thinned(?Thinning $thinning, ?string $with = null): self
    {
        if ($thinning !== null && !$thinning->isUndiluted() && self::isAsItComes($this->mix)) {
            throw RecipeProblem::asItComes($this->mix?->words() ?? '', $this->mix?->first()->form->words() ?? '');
        }
        $by = $with ?? self::allowed($this->mix, $this->with);
        if (self::allowed($this->mix, $by) !== $by) {
            throw RecipeProblem::solventOnly($this->mix?->words() ?? '');
        }

        $product = $by === $this->with ? $this->product : '';

        return new self($this->mix, $thinning ?? $this->thinning, $by, $this->open, $thinning === null, $this->original, $product);
    }

    /** @throws RecipeProblem where the paint curdles in it */
    public function thinnedWith(string $with): self
    {
        if (self::allowed($this->mix, $with) !== $with) {
            throw RecipeProblem::solventOnly($this->mix?->words() ?? '');
        }

        return new self($this->mix, $this->thinning, $with, $this->open, $this->thinOpen, $this->original);
    }

    /** Thinned with this product of the shelf. */
    public function by(string $product): self
    {
        return new self($this->mix, $this->thinning, $this->with, $this->open, $this->thinOpen, $this->original, $product);
    }

    /** What it is thinned with: the product, where one is named. */
    public function thinner(): string
    {
        return $this->product !== '' ? $this->product : $this->with;
    }

    /** What is mixed, as painters say it; an amount that nobody said is "some". Null for a step without paint. */
    public function words(): ?string
    {
        if ($this->mix === null || $this->open === []) {
            return $this->mix?->words();
        }

        return implode(', ', array_map(fn (Part $p): string => $this->isOpen($p->paint->id)
            ? 'some '.$p->paint->name
            : Counted::Drops->of($p->parts).' '.$p->paint->name, $this->mix->parts));
    }

    /** "2:1 with water", "not thinned", "open, usually 1:2 with water"; empty where nothing is loaded. */
    public function thinWords(): string
    {
        $said = $this->thinning->isUndiluted() ? 'not thinned' : $this->thinning->ratio().' with '.$this->thinner();

        return $this->mix === null ? '' : ($this->thinOpen ? 'open, usually '.$said : $said);
    }

    /** Whether the amount of this paint was left open. */
    public function isOpen(string $paintId): bool
    {
        return in_array($paintId, $this->open, true);
    }
}
