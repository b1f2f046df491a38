<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Bands;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Sheen;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Variant;

/** One paint of the shelf, as far as computing with it needs to know. */
final class Paint
{
    /** How the id of a described paint begins. */
    private const DESCRIBED = '?';

    /** Full hide, or one coat over white for stain, wash and ink; null without colour. */
    public readonly ?Reflectance $colour;

    /** Where that colour is known from. */
    public readonly ColourSource $source;

    private ?Pigment $pigment;

    private ?Lab $lab = null;

    /** @var array{list<float>, list<float>, float}|null */
    private ?array $counted = null;

    /** @var array<string, Pigment> */
    private array $variants = [];

    /** What was learned of it from mixes that were seen. */
    private ?Learned $learned = null;

    /**
     * @param Reflectance|null $colour as it was entered or read; a test swatch takes its place
     * @param float|null $leftMl millilitres left; null where nobody said
     * @param Pigment|null $measured from a test swatch
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly string $line,
        public readonly Behaviour $behaviour,
        ?Reflectance $colour,
        public readonly bool $owned = true,
        public readonly ?float $leftMl = null,
        ?Pigment $measured = null,
        ColourSource $source = ColourSource::Typed,
        public readonly Sheen $sheen = Sheen::Matt,
        public readonly Form $form = Form::Bottle,
        public readonly Purpose $purpose = Purpose::Anything,
    ) {
        $this->pigment = $measured;
        $this->colour = match (true) {
            $measured === null => $colour,
            $behaviour->isTransparent() => $measured->overWhite(),
            default => $measured->fullHide(),
        };
        $this->source = $measured === null ? $source : ColourSource::Calibrated;
    }

    /**
     * For fingerprints of what hangs on it: without what is only remembered, and without the millilitres, which change with every stroke
     * and nothing about how it looks.
     *
     * @return list<mixed>
     */
    public function __serialize(): array
    {
        return [
            $this->id, $this->name, $this->line, $this->behaviour, $this->colour, $this->isAtHand(),
            $this->source === ColourSource::Calibrated ? $this->pigment : null,
            $this->source, $this->sheen, $this->form, $this->purpose, $this->learned,
        ];
    }

    /** @param array<mixed> $kept */
    public function __unserialize(array $kept): never
    {
        throw ShelfProblem::onlyFromItsShelf();
    }

    /**
     * A paint that nobody owns: known by a description and, where it colours, a guessed colour.
     *
     * @param string|null $hex `#rrggbb`
     */
    public static function described(string $name, Behaviour $behaviour, ?string $hex): self
    {
        return new self(
            self::DESCRIBED.$behaviour->value.'|'.($hex ?? '').'|'.$name,
            $name,
            '',
            $behaviour,
            $hex === null ? null : Reflectance::fromSrgb(Srgb::fromHex($hex)),
            false,
        );
    }

    public function isDescribed(): bool
    {
        return str_starts_with($this->id, self::DESCRIBED);
    }

    /** Whether it is for this, by what was said or else by its name. */
    public function isFor(Purpose $purpose): bool
    {
        $its = $this->purpose === Purpose::Anything ? Purpose::guess($this->name, $this->behaviour) : $this->purpose;

        return $its === $purpose;
    }

    /** What it is where it thins paint; null where it does not, as a fluid for markings. */
    public function thins(): ?Thinner
    {
        $for = $this->purpose === Purpose::Anything ? Purpose::guess($this->name, $this->behaviour) : $this->purpose;

        return match (true) {
            !in_array($this->behaviour, [Behaviour::Medium, Behaviour::Thinner], true), !$for->isThinning() => null,
            $for === Purpose::Solvent => Thinner::Solvent,
            $for === Purpose::Slowing => Thinner::Retarder,
            $this->behaviour === Behaviour::Medium => Thinner::Medium,
            default => Thinner::Thinner,
        };
    }

    /** Whether it may be mixed in drops to match a colour: covering paint out of a bottle. */
    public function isMixable(): bool
    {
        return $this->behaviour->isMixable() && !$this->form->isAsItComes();
    }

    /** Owned and not known to be empty. */
    public function isAtHand(): bool
    {
        return self::isToHand($this->owned, $this->leftMl);
    }

    /**
     * The same of a paint that need not be made for it.
     *
     * @param float|null $leftMl null where nobody said
     */
    public static function isToHand(bool $owned, ?float $leftMl): bool
    {
        return $owned && ($leftMl === null || $leftMl > 0.0);
    }

    /** @throws ShelfProblem where the paint has no colour */
    public function pigment(): Pigment
    {
        if ($this->colour === null) {
            throw ShelfProblem::withoutColour($this->name);
        }

        return $this->pigment ??= $this->behaviour->isTransparent()
            ? $this->clear($this->colour)
            : Pigment::covering($this->colour, $this->behaviour->hiding());
    }

    private function clear(Reflectance $colour, ?Variant $variant = null): Pigment
    {
        return $this->behaviour === Behaviour::Ink ? Pigment::ink($colour, $variant) : Pigment::transparent($colour, $variant);
    }

    /** The same paint, with what mixes have told of it; its colour stays as it is known. */
    public function taught(?Learned $learned): self
    {
        if ($learned === null || $this->colour === null) {
            return $this;
        }
        $taught = clone $this;
        $taught->pigment = $this->pigment()->stronger($learned->strength);
        $taught->variants = [];
        $taught->learned = $learned;

        return $taught;
    }

    public function learned(): ?Learned
    {
        return $this->learned;
    }

    /** By how much it may count more strongly in a mix than it is taken to. */
    public function doubt(): float
    {
        return $this->learned->doubt ?? $this->source->strength();
    }

    /**
     * A paint that looks the same and is another: where only the colour is known. One that was measured from a test swatch has none.
     *
     * @throws ShelfProblem where the paint has no colour
     */
    public function variant(Variant $variant): Pigment
    {
        if ($this->source === ColourSource::Calibrated || $this->colour === null) {
            return $this->pigment();
        }

        return $this->variants[$variant->value] ??= $this->asLearned($this->behaviour->isTransparent()
            ? $this->clear($this->colour, $variant)
            : Pigment::covering($this->colour, $this->behaviour->hiding(), $variant));
    }

    /** What was learned is how much of it counts in a mix: a variant with another body is that much weaker or stronger. */
    private function asLearned(Pigment $variant): Pigment
    {
        $usual = $this->pigment();

        return $this->learned === null
            ? $variant
            : $variant->stronger($usual->strength * $usual->scattering[0] / ($variant->strength * $variant->scattering[0]));
    }

    /**
     * What it brings into a mix for each of its parts.
     *
     * @return array{list<float>, list<float>, float} K and S by band, times its strength, and the mean of that S
     *
     * @throws ShelfProblem where it has no colour
     */
    public function counted(): array
    {
        if ($this->counted === null) {
            $pigment = $this->pigment();
            $strong = static fn (float $v): float => $v * $pigment->strength;
            $this->counted = [
                array_map($strong, $pigment->absorption),
                array_map($strong, $pigment->scattering),
                $pigment->strength * array_sum($pigment->scattering) / Bands::COUNT,
            ];
        }

        return $this->counted;
    }

    /**
     * Its dry colour: at full hide, or one coat over white for stain, wash and ink.
     *
     * @throws ShelfProblem where the paint has no colour
     */
    public function lab(): Lab
    {
        return $this->lab ??= ($this->behaviour->isTransparent() ? $this->pigment()->overWhite() : $this->pigment()->fullHide())->toLab();
    }

    /** How a film of it looks while it is wet. */
    public function wet(Reflectance $dry): Reflectance
    {
        return $this->behaviour->drying()->wet($dry, $this->sheen);
    }
}
