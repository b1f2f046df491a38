<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Certainty;
use Kalokroma\Film\Constants;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Pigment;

/** One paint, or several in whole parts. */
final class Mix
{
    private ?Pigment $pigment = null;

    private ?Lab $lab = null;

    /** @param non-empty-list<array{paint: Paint, parts: int}> $parts */
    private function __construct(public readonly array $parts)
    {
    }

    public static function single(Paint $paint): self
    {
        return new self([['paint' => $paint, 'parts' => 1]]);
    }

    /**
     * @param list<array{paint: Paint, parts: int}> $parts parts 1..99; brought into lowest terms, order kept
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
        foreach ($parts as ['paint' => $paint, 'parts' => $amount]) {
            if ($amount < 1 || $amount > 99) {
                throw ShelfProblem::partsOutOfRange($amount);
            }
            if (isset($seen[$paint->id])) {
                throw ShelfProblem::twice($paint->name);
            }
            $seen[$paint->id] = true;
            $divisor = self::divisor($divisor, $amount);
        }
        foreach ($parts as $i => $part) {
            $parts[$i]['parts'] = intdiv($part['parts'], max(1, $divisor));
        }

        return new self($parts);
    }

    public function pigment(): Pigment
    {
        return $this->pigment ??= count($this->parts) === 1
            ? $this->parts[0]['paint']->pigment()
            : Pigment::mix(array_map(static fn (array $p): array => [$p['paint']->pigment(), $p['parts']], $this->parts));
    }

    /** The dry colour: at full hide, or one coat over white where a stain, wash or ink takes part. */
    public function colour(): Reflectance
    {
        foreach ($this->parts as ['paint' => $paint]) {
            if ($paint->behaviour->isTransparent()) {
                return $this->pigment()->overWhite();
            }
        }

        return $this->pigment()->fullHide();
    }

    public function lab(): Lab
    {
        return $this->lab ??= count($this->parts) === 1 ? $this->parts[0]['paint']->lab() : $this->colour()->toLab();
    }

    public function isSingle(): bool
    {
        return count($this->parts) === 1;
    }

    public function totalParts(): int
    {
        return array_sum(array_column($this->parts, 'parts'));
    }

    /** Whether every paint of it is owned and not known to be empty. */
    public function isAtHand(): bool
    {
        foreach ($this->parts as ['paint' => $paint]) {
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
        foreach ($this->parts as ['paint' => $paint, 'parts' => $amount]) {
            $sum += $amount * ($this->isSingle() ? $paint->source->single() : $paint->source->mix());
            $metal += $paint->behaviour === Behaviour::Metallic ? $amount : 0;
        }

        return $metal > 0 && $metal < $this->totalParts() ? Constants::METAL_MIX : $sum / $this->totalParts();
    }

    /**
     * The same for a film of it over a ground.
     *
     * @param float $thickness in undiluted coats
     * @param float $ground    ± of the ground
     */
    public function certaintyOver(Reflectance $substrate, float $thickness, float $ground): float
    {
        $guess = 0.0;
        foreach ($this->parts as ['paint' => $paint, 'parts' => $amount]) {
            $guess += $amount * $paint->source->thickness();
        }

        return Certainty::ofFilm($this->pigment(), $thickness, $substrate, $this->certainty(), $ground, $guess / $this->totalParts());
    }

    /** How it looks while wet: as its paints do, by share. */
    public function wet(): Reflectance
    {
        $dry = $this->colour();
        $wet = $dry;
        $before = 0;
        foreach ($this->parts as ['paint' => $paint, 'parts' => $amount]) {
            $before += $amount;
            $wet = $wet->blend($paint->wet($dry), $amount / $before);
        }

        return $wet;
    }

    /** The scarcest of its paints, millilitres left; null where nobody said of any. */
    public function leastLeftMl(): ?float
    {
        $left = array_filter(array_map(static fn (array $p): ?float => $p['paint']->leftMl, $this->parts), static fn (?float $ml): bool => $ml !== null);

        return $left === [] ? null : min($left);
    }

    /** The same paints in the same shares, in whatever order. */
    public function key(): string
    {
        $keys = array_map(static fn (array $p): string => $p['paint']->id.'*'.$p['parts'], $this->parts);
        sort($keys);

        return implode('+', $keys);
    }

    /** As painters say it: "3 drops Mustard Reed, 1 drop Peat Brown". A single paint goes by its name. */
    public function words(): string
    {
        if ($this->isSingle()) {
            return $this->parts[0]['paint']->name;
        }

        return implode(', ', array_map(
            static fn (array $p): string => $p['parts'].($p['parts'] === 1 ? ' drop ' : ' drops ').$p['paint']->name,
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
