<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Counted;

/** What a step is painted with: the mix on the palette, and how far it is thinned with what. */
final readonly class Load
{
    /**
     * @param Mix|null $mix null for a step without paint
     * @param list<string> $open ids of the paints whose amount nobody said: never taken for nought
     * @param bool $thinOpen whether nobody said how far to thin, so that the usual ratio stands in
     * @param Mix|null $original what was drafted, where another mix stands in for it
     * @param Paint|null $product the pot of medium, thinner or solvent it is thinned with; null for any
     * @param Mix|null $meets a second mix that meets the first on the area while both are wet; null where there is one
     */
    public function __construct(
        public ?Mix $mix,
        public Thinning $thinning,
        public Thinner $thinner,
        public array $open = [],
        public bool $thinOpen = false,
        public ?Mix $original = null,
        public ?Paint $product = null,
        public ?Mix $meets = null,
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
        $row = Defaults::THINNING[$use] ?? ['ratio' => '1:0', 'with' => Thinner::Water];

        $thinning = self::isAsItComes($mix) ? Thinning::undiluted() : Thinning::fromRatio($ratio ?? $row['ratio']);

        return new self($mix, $thinning, self::allowed($mix, $row['with']));
    }

    /** The row of {@see Defaults::THINNING} that this technique has for this mix; empty where nothing is thinned. */
    public static function use(Technique $technique, ?Mix $mix): string
    {
        $use = $technique->facts()->use;
        $behaviour = $mix?->first()->behaviour;
        if ($use === '' || $mix === null || $behaviour === null) {
            return $use;
        }
        if ($use === 'wash' || $use === 'stain') {
            return match (true) {
                $behaviour === Behaviour::Wash => 'wash',
                $behaviour->isTransparent() => 'stain',
                default => 'recess-shade',
            };
        }
        if ($behaviour === Behaviour::Metallic) {
            return $use === 'drybrush' ? 'drybrush' : 'metallic';
        }
        if ($use === 'basecoat' && $mix->first()->colour !== null) {
            return Defaults::isWeak($mix->lab()) ? 'weak' : 'basecoat';
        }

        return $use;
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
    private static function allowed(?Mix $mix, Thinner $wanted): Thinner
    {
        foreach ($mix?->paints() ?? [] as $paint) {
            if ($paint->behaviour->isSolventBased()) {
                return Thinner::Solvent;
            }
        }

        return $wanted;
    }

    /** For a step without paint. */
    public static function none(): self
    {
        return new self(null, Thinning::undiluted(), Thinner::Water);
    }

    /**
     * Another mix in place of this one, which is remembered as long as the other stands in for it.
     *
     * @param list<string> $open ids of the paints whose amount is left open
     */
    public function mixed(Mix $mix, array $open = []): self
    {
        $original = $this->original ?? $this->mix;
        $thinner = self::allowed($mix, $this->thinner->isSolvent() ? Thinner::Water : $this->thinner);

        return $this->with([
            'mix' => $mix,
            'thinning' => self::isAsItComes($mix) ? Thinning::undiluted() : $this->thinning,
            'thinner' => $thinner,
            'open' => $open,
            'original' => $original?->key() === $mix->key() ? null : $original,
            'product' => $thinner === $this->thinner ? $this->product : null,
        ]);
    }

    /** @param Thinning|null $thinning null leaves it open: the usual ratio that is there stands in */
    public function thinned(?Thinning $thinning, ?Thinner $with = null, ?Paint $product = null): self
    {
        if ($thinning !== null && !$thinning->isUndiluted() && self::isAsItComes($this->mix)) {
            throw RecipeProblem::asItComes($this->mix?->words() ?? '', $this->mix?->first()->form->words() ?? '');
        }
        $by = $with ?? self::allowed($this->mix, $this->thinner);
        if (self::allowed($this->mix, $by) !== $by) {
            throw RecipeProblem::solventOnly($this->mix?->words() ?? '');
        }

        return $this->with([
            'thinning' => $thinning ?? $this->thinning,
            'thinner' => $by,
            'thinOpen' => $thinning === null,
            'product' => $product ?? ($by === $this->thinner ? $this->product : null),
        ]);
    }

    /** @throws RecipeProblem where the paint curdles in it */
    public function thinnedWith(Thinner $thinner): self
    {
        if (self::allowed($this->mix, $thinner) !== $thinner) {
            throw RecipeProblem::solventOnly($this->mix?->words() ?? '');
        }

        return $this->with(['thinner' => $thinner, 'product' => null]);
    }

    /** Thinned with this pot of the shelf. */
    public function by(Paint $product): self
    {
        return $this->with(['product' => $product]);
    }

    /**
     * Met by this second mix while both are wet; null for one mix alone.
     *
     * @throws RecipeProblem where one of both dries in its solvent and the other in water
     */
    public function meeting(?Mix $second): self
    {
        if ($second !== null && $this->mix !== null && self::allowed($second, $this->thinner) !== $this->thinner) {
            throw RecipeProblem::cannotMeet($this->mix->words(), $second->words());
        }

        return $this->with(['meets' => $second]);
    }

    /** The second of two that meet, alone; the first where there is one. */
    public function second(): self
    {
        return $this->meets === null ? $this : $this->with(['mix' => $this->meets, 'meets' => null, 'open' => [], 'original' => null]);
    }

    /** @return list<Mix> what is on the palette: nothing, one mix, or two that meet */
    public function mixes(): array
    {
        return array_values(array_filter([$this->mix, $this->meets]));
    }

    /** Whether everything on the palette stands on the shelf and is not used up. */
    public function isAtHand(): bool
    {
        return array_filter($this->mixes(), static fn (Mix $m): bool => !$m->isAtHand()) === [];
    }

    /** @return list<Paint> all paints of all mixes, each once */
    public function paints(): array
    {
        $found = [];
        foreach ($this->mixes() as $mix) {
            foreach ($mix->paints() as $paint) {
                $found[$paint->id] ??= $paint;
            }
        }

        return array_values($found);
    }

    /** @param array<string, mixed> $changes by the names of its properties */
    private function with(array $changes): self
    {
        /**
         * @var array{
         *   mix: Mix|null, thinning: Thinning, thinner: Thinner, open: list<string>, thinOpen: bool, original: Mix|null,
         *   product: Paint|null, meets: Mix|null,
         * } $all
         */
        $all = [...get_object_vars($this), ...$changes];

        return new self(...$all);
    }

    /** What it is thinned with, in words: the pot, where one is named. */
    public function thinnerWords(): string
    {
        return $this->product->name ?? $this->thinner->value;
    }

    /** What is mixed, as painters say it; an amount that nobody said is "some", or "a little". Null for a step without paint. */
    public function words(): ?string
    {
        if ($this->mix === null || $this->open === []) {
            return $this->meets === null ? $this->mix?->words() : $this->mix?->words().' meeting '.$this->meets->words();
        }

        return implode(', ', array_map(fn (Part $p): string => $this->isOpen($p->paint->id)
            ? ($this->isLittle() ? 'a little ' : 'some ').$p->paint->name
            : Counted::Drops->of($p->parts).' '.$p->paint->name, $this->mix->parts));
    }

    /** "2:1 with water", "not thinned", "thinning not said; usually 1:2 with water"; empty where nothing is loaded and nothing was said. */
    public function thinWords(): string
    {
        $said = $this->thinning->isUndiluted() ? 'not thinned' : $this->thinning->ratio().' with '.$this->thinnerWords();

        return $this->mix === null && $this->thinning->isUndiluted() ? '' : ($this->thinOpen ? 'thinning not said; usually '.$said : $said);
    }

    /** Whether what was left open is little beside the rest: a fifth or less of what is mixed. */
    public function isLittle(): bool
    {
        $open = array_sum(array_map(fn (Part $p): int => $this->isOpen($p->paint->id) ? $p->parts : 0, $this->mix->parts ?? []));

        return $open > 0 && $this->mix !== null && 5 * $open <= $this->mix->totalParts();
    }

    /** Whether the amount of this paint was left open. */
    public function isOpen(string $paintId): bool
    {
        return in_array($paintId, $this->open, true);
    }
}
