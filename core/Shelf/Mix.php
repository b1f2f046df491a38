<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Certainty;
use Kalokroma\Film\Constants;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Thinning;
use Kalokroma\Word\Counted;

/** One paint, or several in whole parts. */
final class Mix
{
    private ?Pigment $pigment = null;

    private ?Lab $lab = null;

    /** @param non-empty-list<Part> $parts */
    private function __construct(public readonly array $parts)
    {
    }

    public static function single(Paint $paint): self
    {
        return new self([new Part($paint, 1)]);
    }

    /**
     * @param list<Part> $parts brought into lowest terms, order kept
     *
     * @throws ShelfProblem|FilmProblem
     */
    public static function of(array $parts): self
    {
        if ($parts === []) {
            throw FilmProblem::emptyMixture();
        }
        $divisor = 0;
        $seen = [];
        foreach ($parts as $part) {
            if (isset($seen[$part->paint->id])) {
                throw ShelfProblem::twice($part->paint->name);
            }
            $seen[$part->paint->id] = true;
            $divisor = self::divisor($divisor, $part->parts);
        }

        return new self(array_map(static fn (Part $p): Part => new Part($p->paint, intdiv($p->parts, $divisor)), $parts));
    }

    /** The paint named first: the one there is most of, where the mix was searched for. */
    public function first(): Paint
    {
        return $this->parts[0]->paint;
    }

    /** @return non-empty-list<Paint> */
    public function paints(): array
    {
        return array_map(static fn (Part $p): Paint => $p->paint, $this->parts);
    }

    public function pigment(): Pigment
    {
        return $this->pigment ??= count($this->parts) === 1
            ? $this->first()->pigment()
            : Pigment::mix(array_map(static fn (Part $p): array => [$p->paint->pigment(), $p->parts], $this->parts));
    }

    /** The dry colour: at full hide, or one coat over white where a stain, wash or ink takes part. */
    public function colour(): Reflectance
    {
        return $this->isTransparent() ? $this->pigment()->overWhite() : $this->pigment()->fullHide();
    }

    public function lab(): Lab
    {
        return $this->lab ??= count($this->parts) === 1 ? $this->first()->lab() : $this->colour()->toLab();
    }

    public function isSingle(): bool
    {
        return count($this->parts) === 1;
    }

    public function totalParts(): int
    {
        return array_sum(array_column($this->parts, 'parts'));
    }

    /** Whether a stain, wash or ink takes part. */
    public function isTransparent(): bool
    {
        foreach ($this->paints() as $paint) {
            if ($paint->behaviour->isTransparent()) {
                return true;
            }
        }

        return false;
    }

    /** Whether every paint of it is owned and not known to be empty. */
    public function isAtHand(): bool
    {
        foreach ($this->paints() as $paint) {
            if (!$paint->isAtHand()) {
                return false;
            }
        }

        return true;
    }

    /** How far the predicted colour at full hide is to be trusted, ± in CIEDE2000: by where its paints are known from. */
    public function certainty(): float
    {
        $sum = 0.0;
        $metal = 0;
        foreach ($this->parts as $part) {
            $sum += $part->parts * ($this->isSingle() ? $part->paint->source->single() : $part->paint->source->mix());
            $metal += $part->paint->behaviour === Behaviour::Metallic ? $part->parts : 0;
        }

        return $metal > 0 && $metal < $this->totalParts() ? Constants::METAL_MIX : $sum / $this->totalParts();
    }

    /**
     * The same for a film of it over a ground.
     *
     * @param float $thickness in undiluted coats
     * @param float $ground ± of the ground
     */
    public function certaintyOver(Reflectance $substrate, float $thickness, float $ground): float
    {
        $guess = 0.0;
        foreach ($this->parts as $part) {
            $guess += $part->parts * $part->paint->source->thickness();
        }

        return Certainty::ofFilm($this->pigment(), $thickness, $substrate, $this->certainty(), $ground, $guess / $this->totalParts());
    }

    /**
     * What it looks like after each coat over a ground, and how far that is to be trusted.
     *
     * @param int $most coats, 1 or more
     *
     * @return list<array{look: Reflectance, certainty: float}> ± CIEDE2000
     */
    public function coatsOver(Reflectance $ground, Thinning $thinning, int $most): array
    {
        return array_map(fn (int $n): array => [
            'look' => $this->pigment()->over($ground, $n * $thinning->load()),
            'certainty' => $this->certaintyOver($ground, $n * $thinning->load(), $this->certainty()),
        ], range(1, max(1, $most)));
    }

    /** How it looks while wet: as its paints do, by share. */
    public function wet(): Reflectance
    {
        $dry = $this->colour();
        $wet = $dry;
        $before = 0;
        foreach ($this->parts as $part) {
            $before += $part->parts;
            $wet = $wet->blend($part->paint->wet($dry), $part->parts / $before);
        }

        return $wet;
    }

    /** The scarcest of its paints, millilitres left; null where nobody said of any. */
    public function leastLeftMl(): ?float
    {
        $left = array_filter(
            array_map(static fn (Part $p): ?float => $p->paint->leftMl, $this->parts),
            static fn (?float $ml): bool => $ml !== null,
        );

        return $left === [] ? null : min($left);
    }

    /** The same paints in the same shares, in whatever order. */
    public function key(): string
    {
        $keys = array_map(static fn (Part $p): string => $p->paint->id.'*'.$p->parts, $this->parts);
        sort($keys);

        return implode('+', $keys);
    }

    /** As painters say it: "3 drops Mustard Reed, 1 drop Peat Brown". A single paint goes by its name. */
    public function words(): string
    {
        if ($this->isSingle()) {
            return $this->first()->name;
        }

        return implode(', ', array_map(
            static fn (Part $p): string => Counted::Drops->of($p->parts).' '.$p->paint->name,
            $this->parts,
        ));
    }

    private static function divisor(int $a, int $b): int
    {
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }
}
