<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Certainty;
use Kalokroma\Film\CoatRange;
use Kalokroma\Film\Constants;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\Pigment;
use Kalokroma\Film\Thinning;
use Kalokroma\Film\Variant;
use Kalokroma\Word\Counted;

/** One paint, or several in whole parts. */
final class Mix
{
    /** Hues further apart than this, in degrees of CIELAB, are not of one family; below so much chroma a paint has none. */
    private const FAR_HUES = 60.0;
    private const COLOURED = 8.0;

    private ?Pigment $pigment = null;

    private ?Lab $lab = null;

    private ?float $spread = null;

    /** @var list<Pigment>|null */
    private ?array $members = null;

    /** What was seen of mixes like it adds to it; false before it was looked up. */
    private Turn|false|null $turn = false;

    /** @param non-empty-list<Part> $parts */
    private function __construct(public readonly array $parts)
    {
    }

    /** @return array{non-empty-list<Part>} for fingerprints: without what is only remembered, so that the same mix is written the same */
    public function __serialize(): array
    {
        return [$this->parts];
    }

    /** @param array<mixed> $kept */
    public function __unserialize(array $kept): never
    {
        throw ShelfProblem::onlyFromItsShelf();
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
            $divisor = WholeParts::divisor($divisor, $part->parts);
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

    public function has(string $id): bool
    {
        return in_array($id, array_map(static fn (Paint $p): string => $p->id, $this->paints()), true);
    }

    public function pigment(): Pigment
    {
        return $this->pigment ??= $this->mixed(static fn (Paint $p): Pigment => $p->pigment());
    }

    /** The dry colour: at full hide, or one coat over white where a stain, wash or ink takes part. */
    public function colour(): Reflectance
    {
        return $this->isTransparent() ? $this->pigment()->overWhite() : $this->pigment()->fullHide();
    }

    /** Whether all that is in it has a colour, so that its own can be worked out. */
    public function hasColour(): bool
    {
        return array_filter($this->parts, static fn (Part $p): bool => $p->paint->colour === null) === [];
    }

    public function lab(): Lab
    {
        return $this->lab ??= count($this->parts) === 1 ? $this->first()->lab() : $this->colour()->toLab();
    }

    /** How paint of this mix, or another that its paints may come to, looks when dry: as {@see self::colour()}. */
    public function seenOf(Pigment $pigment): Lab
    {
        return ($this->isTransparent() ? $pigment->overWhite() : $pigment->fullHide())->toLab();
    }

    /** @return array<array-key, float> by the ids of its paints: how strongly each counts, 1 in all */
    public function shares(): array
    {
        $counts = [];
        foreach ($this->parts as $part) {
            $counts[$part->paint->id] = $part->parts * $part->paint->pigment()->strength;
        }
        $all = array_sum($counts);

        return array_map(static fn (float $count): float => $count / $all, $counts);
    }

    public function isSingle(): bool
    {
        return count($this->parts) === 1;
    }

    public function totalParts(): int
    {
        return array_sum(array_column($this->parts, 'parts'));
    }

    /** Whether paints of it lie further apart in hue than one family: such mixes are hard to repeat, and turn with every drop. */
    public function joinsFarHues(): bool
    {
        $hues = array_map(static fn (Paint $p): Lab => $p->lab(), $this->paints());
        foreach ($hues as $i => $one) {
            foreach (array_slice($hues, $i + 1) as $other) {
                if ($one->chroma() > self::COLOURED && $other->chroma() > self::COLOURED && $one->hueApart($other) > self::FAR_HUES) {
                    return true;
                }
            }
        }

        return false;
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

    /**
     * What else it may be: the mix of each variant of its paints, and, of several paints, each of them counting more strongly than taken.
     *
     * @return list<Pigment>
     */
    public function members(): array
    {
        return $this->members ??= [
            ...array_map(fn (Variant $v): Pigment => $this->mixed(static fn (Paint $p): Pigment => $p->variant($v)), Variant::cases()),
            ...$this->isSingle() ? [] : array_map(fn (Part $strong): Pigment => $this->mixed(
                static fn (Paint $p): Pigment => $p === $strong->paint
                    ? $p->pigment()->stronger($p->doubt())
                    : $p->pigment(),
            ), $this->parts),
        ];
    }

    /**
     * How far mixes of other paints of these very colours spread about this one, ± in CIEDE2000: nothing for a single paint, and a guess
     * where flakes are mixed with paint.
     */
    public function spread(): float
    {
        if ($this->isSingle()) {
            return 0.0;
        }
        $isMetal = array_map(static fn (Paint $p): bool => $p->behaviour === Behaviour::Metallic, $this->paints());

        return in_array(true, $isMetal, true) && in_array(false, $isMetal, true)
            ? Constants::METAL_MIX
            : $this->spread ??= max(
                Constants::SPREAD_LEAST,
                $this->untold() * Certainty::spread($this->lab(), array_map($this->seenOf(...), $this->members())),
            );
    }

    /** How far its paints' own colours may be off, ± in CIEDE2000: by where they are known from. */
    public function own(): float
    {
        $sum = 0.0;
        foreach ($this->parts as $part) {
            $sum += $part->parts * $part->paint->source->single();
        }

        return $sum / $this->totalParts();
    }

    /** How far the predicted colour at full hide is to be trusted, ± in CIEDE2000: both together. */
    public function certainty(): float
    {
        return hypot($this->own(), $this->spread());
    }

    /**
     * The same for a film of it over a ground.
     *
     * @param float $thickness in undiluted coats
     * @param float $ground ± of the ground
     */
    public function certaintyOver(Reflectance $substrate, float $thickness, float $ground): float
    {
        return Certainty::ofFilm(
            $this->pigment(),
            $this->members(),
            $thickness,
            $substrate,
            $this->spread() >= Constants::METAL_MIX ? $this->certainty() : $this->own(),
            $ground,
            $this->guessOfThickness(),
            $this->untold(),
        );
    }

    /**
     * Between how many coats of it hide a ground: its variants disagree.
     *
     * @param float $load pigment load of one coat, 0 < load ≤ 1
     * @param float $within CIEDE2000 from full hide
     * @param int $max most coats tried
     */
    public function coatsBetween(
        Reflectance $ground,
        float $load,
        float $within = Constants::HIDDEN_WITHIN,
        int $max = Constants::MOST_COATS,
    ): CoatRange {
        return CoatRange::of($this->pigment(), $this->members(), $this->guessOfThickness(), $load, $ground, $within, $max);
    }

    /** How far off the hiding of a coat may be, as a share of its thickness: by share of the paints. */
    private function guessOfThickness(): float
    {
        $guess = 0.0;
        foreach ($this->parts as $part) {
            $guess += $part->parts * $part->paint->source->thickness();
        }

        return $guess / $this->totalParts();
    }

    /** @param callable(Paint): Pigment $as */
    private function mixed(callable $as): Pigment
    {
        if ($this->isSingle()) {
            return $as($this->first());
        }
        $mixed = Pigment::mix(array_map(static fn (Part $p): array => [$as($p->paint), $p->parts], $this->parts));

        return $this->turn()?->of($mixed) ?? $mixed;
    }

    /** What was seen of mixes like it adds to it. */
    private function turn(): ?Turn
    {
        if ($this->turn === false) {
            $by = [];
            foreach ($this->seen() as $seen) {
                $near = $seen->nearness($this->shares());
                foreach ($seen->pull->by as $range => $pull) {
                    $by[$range] = ($by[$range] ?? 0.0) + $near * $pull;
                }
            }
            $this->turn = $by === [] ? null : new Turn(array_values($by));
        }

        return $this->turn;
    }

    /** How much of its spread nothing that was seen tells of, 0 to 1. */
    private function untold(): float
    {
        $seen = $this->seen();
        $shares = $seen === [] ? [] : $this->shares();

        return sqrt(1 - max([0.0, ...array_map(static fn (SeenMix $s): float => $s->tells($shares), $seen)]));
    }

    /** @return list<SeenMix> of mixes all of whose paints take part in it */
    private function seen(): array
    {
        $found = [];
        foreach ($this->isSingle() ? [] : $this->paints() as $paint) {
            foreach ($paint->learned()->mixes ?? [] as $seen) {
                if (array_diff_key($seen->shares, array_flip(array_column($this->paints(), 'id'))) === []) {
                    $found[$seen->id] = $seen;
                }
            }
        }

        return array_values($found);
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
}
