<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Application;
use Kalokroma\Film\Face;
use Kalokroma\Film\Faces;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/** One step as it is planned: what the core drafted, with what the painter changed. */
final readonly class PlannedStep
{
    public Stage $stage;

    /**
     * @param Oklch|null $target the colour wanted of the paint itself; of the look, for glazes, washes and stains; null where none is
     * @param list<Finding> $why reasons fixed when it was drafted
     * @param Stage|null $stage null for that of the technique
     */
    public function __construct(
        public StepKey $key,
        public Technique $technique,
        public ?Oklch $target,
        public Load $load,
        public Scope $scope = new Scope(),
        public Handling $handling = new Handling(),
        public array $why = [],
        ?Stage $stage = null,
    ) {
        $this->stage = $stage ?? $technique->facts()->stage;
    }

    /**
     * Painted with another mix: the reasons of the one before go, and where it was thinned as proposed, the other one brings
     * its own usual thinning.
     *
     * @param list<string> $open ids of the paints whose amount is left open
     * @param Finding|null $reason why this mix; null where the painter chose it
     */
    public function withMix(Mix $mix, array $open = [], ?Finding $reason = null): self
    {
        if ($mix->key() === $this->load->mix?->key()) {
            return $this->withLoad($this->load->mixed($mix, $open));
        }
        $why = array_filter($this->why, static fn (Finding $f): bool => $f->about !== Reason::Mix);
        $why = [...($reason === null ? [] : [$reason]), ...array_values($why)];
        $load = $this->load->mixed($mix, $open);
        $use = Load::use($this->technique, $mix);
        $thinned = array_keys(array_filter($why, static fn (Finding $f): bool => $f->about === Reason::Thinning))[0] ?? null;
        $isQuoted = $thinned !== null && $why[$thinned]->facts['ratio'] === $this->load->thinning->ratio();
        if ($use !== '' && ($isQuoted || $this->comesThinAnd($mix))) {
            $usual = Load::usual($mix, $use);
            $load = $load->thinned($usual->thinning, $usual->thinner);
            $why = [...array_diff_key($why, [$thinned => 0]), Defaults::thinningReason($use)];
        }

        return new self(
            $this->key,
            $this->technique,
            $this->target,
            $load,
            $this->scope,
            $this->handling,
            $why,
            $this->stage,
        );
    }

    /** Whether what is on the brush is transparent as it comes, and this in its place covers: neat it would be a coat. */
    private function comesThinAnd(Mix $covers): bool
    {
        $now = $this->load->mix;

        return $now !== null && $this->load->thinning->isUndiluted()
            && $now->first()->behaviour->isTransparent() && !$covers->first()->behaviour->isTransparent();
    }

    /**
     * Without reasons that quote what has moved; why this mix is told by what it was drafted beside.
     *
     * @param callable(Finding): (string|null) $quoted what a finding quotes of it; null where it quotes nothing
     */
    public function withoutQuotes(callable $quoted): self
    {
        $why = [];
        foreach ($this->why as $finding) {
            $moved = $quoted($finding);
            if ($moved === null) {
                $why[] = $finding;
            } elseif ($finding->about === Reason::Mix) {
                $why[] = new Finding('mix.beside', 'Proposed when {moved} was still planned.', ['moved' => $moved], Reason::Mix);
            }
        }

        return new self($this->key, $this->technique, $this->target, $this->load, $this->scope, $this->handling, $why, $this->stage);
    }

    /** With one reason more. */
    public function because(Finding $more): self
    {
        return new self(
            $this->key,
            $this->technique,
            $this->target,
            $this->load,
            $this->scope,
            $this->handling,
            [...$this->why, $more],
            $this->stage,
        );
    }

    public function withLoad(Load $load): self
    {
        return new self($this->key, $this->technique, $this->target, $load, $this->scope, $this->handling, $this->why, $this->stage);
    }

    public function withScope(Scope $scope): self
    {
        return new self($this->key, $this->technique, $this->target, $this->load, $scope, $this->handling, $this->why, $this->stage);
    }

    public function withHandling(Handling $handling): self
    {
        return new self($this->key, $this->technique, $this->target, $this->load, $this->scope, $handling, $this->why, $this->stage);
    }

    /**
     * Met by a second mix while both are wet; null for one alone.
     *
     * @throws RecipeProblem where the technique blends nothing
     */
    public function meeting(?Mix $second): self
    {
        if ($second !== null && $this->technique !== Technique::WetBlend) {
            throw RecipeProblem::meetsNothing($this->technique->words());
        }

        return $this->withLoad($this->load->meeting($second));
    }

    /** @param Thinning|null $thinning null leaves it open */
    public function thinned(?Thinning $thinning, ?Thinner $with = null, ?Paint $product = null): self
    {
        return $this->withLoad($this->load->thinned($thinning, $with, $product));
    }

    /** @param int|null $coats 0 or null hands the number back to the model */
    public function withCoats(?int $coats): self
    {
        return $this->withHandling($this->handling->coated($coats));
    }

    public function leftOut(bool $omitted = true): self
    {
        return $this->withHandling($this->handling->leftOut($omitted));
    }

    public function held(Tool $tool): self
    {
        return $this->withHandling($this->handling->held($tool));
    }

    public function noted(string $note): self
    {
        return $this->withHandling($this->handling->noted($note));
    }

    public function at(Place $place): self
    {
        return $this->withScope($this->scope->at($place));
    }

    public function for(Who $who): self
    {
        return $this->withScope($this->scope->for($who));
    }

    public function upTo(Level $level): self
    {
        return $this->withScope($this->scope->upTo($level));
    }

    public function looped(?Loop $loop): self
    {
        return $this->withScope($this->scope->looped($loop));
    }

    /** The same under another key, for a copy beside it: a loop stays behind. */
    public function renamed(StepKey $key): self
    {
        return new self(
            $key,
            $this->technique,
            $this->target,
            $this->load,
            $this->scope->looped(null),
            $this->handling,
            $this->why,
            $this->stage,
        );
    }

    /** Whether it is part of what lies under every colour. */
    public function isUndercoat(): bool
    {
        return $this->technique === Technique::Undercoat;
    }

    /** Whether it is done to the whole figure at once, as the undercoat is, and belongs to no recipe of an area. */
    public function isOfFigure(): bool
    {
        return $this->isUndercoat() || $this->scope->whole;
    }

    /** The same, done to the whole figure at once. */
    public function overTheFigure(): self
    {
        return $this->scope->whole ? $this : $this->withScope($this->scope->overTheFigure());
    }

    public function level(): Level
    {
        return $this->scope->level ?? $this->technique->facts()->level;
    }

    /** What is in the hand: as the painter wants it, else the usual one; what holds flakes is done with the brush kept for metal. */
    public function tool(float $surfaceCm2): Tool
    {
        if ($this->isSprayedFromACan()) {
            return Tool::SprayCan;
        }
        $usual = $this->technique->tool($surfaceCm2);
        $isMetal = $this->load->mix?->first()->behaviour === Behaviour::Metallic;

        return $this->handling->tool ?? ($isMetal && $usual->isOrdinaryBrush() ? Tool::MetalBrush : $usual);
    }

    /** How the film of this step lies, given what is loaded. */
    public function application(): Application
    {
        $usual = $this->load->meets === null
            ? $this->technique->application($this->load->mix?->first()->behaviour)
            : Application::Coat;

        return $this->isSprayedFromACan() && $usual === Application::Coat ? Application::Spray : $usual;
    }

    /** Whether its paint comes out of a can: no brush, no thinner, no drops. */
    public function isSprayedFromACan(): bool
    {
        return $this->load->mix?->first()->form === Form::SprayCan;
    }

    /** Where it goes and how the hand does it; an undercoat as it is put on. */
    public function where(): string
    {
        return match (true) {
            !$this->isUndercoat() && $this->isSprayedFromACan() =>
                'The whole area in short passes that start and end beside it, from 25–30 cm; mask what is finished.',
            !$this->isUndercoat() || $this->handling->tool === null => $this->technique->where(),
            $this->handling->tool === Tool::LargeBrush =>
                'The whole figure, thin, worked out of every detail before it sets; a second coat where the first was streaky.',
            $this->scope->place->spray !== null && $this->handling->tool === Tool::Airbrush =>
                'The figure upright and fixed. Short passes from that angle, turning it; stop while the shaded sides are still dark.',
            default => $this->technique->where(),
        };
    }

    /** Share touched of recess, plane and ridge. */
    public function coverage(): Faces
    {
        return $this->scope->place->coverage($this->application())->times(Handling::LINES[$this->handling->line]);
    }

    /** The same of its zone alone. */
    public function touched(): Faces
    {
        return $this->scope->place->within($this->application())->times(Handling::LINES[$this->handling->line]);
    }

    /** Whether both lie on the same figures and have a zone in common, so that their order matters. */
    public function meets(self $other): bool
    {
        return $this->scope->who->meets($other->scope->who) && $this->scope->place->zone()->meets($other->scope->place->zone());
    }

    /** The face it is judged by: that of its technique, or the one it was placed on. */
    public function face(): Face
    {
        $usual = $this->technique->face();

        $place = $this->scope->place;

        return $place->face ?? ($place->but !== $usual ? $usual : ($usual === Face::Plane ? Face::Ridge : Face::Plane));
    }

    /** Whether it leaves a film of a known colour. */
    public function isFilm(): bool
    {
        if ($this->load->mix === null || $this->application() === Application::None) {
            return false;
        }
        foreach ($this->load->paints() as $paint) {
            if ($paint->colour === null) {
                return false;
            }
        }

        return true;
    }

    /** What it is called in a list: its paints, else what is done. */
    public function words(): string
    {
        return $this->load->words() ?? ucfirst($this->technique->words());
    }
}
