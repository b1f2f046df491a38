<?php

declare(strict_types=1);

namespace Kalokroma\Shelf;

/** What a bottle on a scale still holds: its weight less the empty bottle's, through the density of the paint. */
final readonly class Weighing
{
    /** Grams per millilitre, by behaviour: usual values of water-based hobby paint, heavier with more pigment and filler. */
    private const DENSITY = [
        'opaque' => 1.25, 'semi-opaque' => 1.2, 'stain' => 1.05, 'wash' => 1.05, 'ink' => 1.05, 'metallic' => 1.2, 'primer' => 1.3,
        'varnish' => 1.03, 'medium' =>
            1.03, 'thinner' =>
            1.0, 'texture' =>
            1.5, 'effect' =>
            1.2, 'enamel' =>
            1.1, 'oil' => 1.35, 'pigment' =>
            0.6,
    ];

    /** An empty bottle with its cap: grams of glass or plastic that do not depend on its size, and for each millilitre it holds. */
    private const TARE_GRAMS = 5.0;
    private const TARE_PER_ML = 0.3;

    /** Readings may lie this far below the empty bottle (grams) before something is wrong. */
    private const NOISE_GRAMS = 0.4;

    /** A bottle is filled a little above what is written on it. */
    private const OVERFULL = 1.12;

    private function __construct(public float $grams, public float $tareGrams, public float $ml)
    {
    }

    /**
     * @param list<float> $readings grams, one or more; their median counts
     * @param float|null $tare grams of the empty bottle; null for a usual one
     * @param float|null $bottleMl what the bottle holds when full
     *
     * @throws ShelfProblem where the weight cannot be
     */
    public static function of(array $readings, Behaviour $behaviour, ?float $bottleMl, ?float $tare = null): self
    {
        sort($readings);
        $grams = $readings[intdiv(count($readings), 2)] ?? throw ShelfProblem::notWeighed();
        $tare ??= self::usualTare($bottleMl);
        $ml = ($grams - $tare) / self::density($behaviour);
        if ($grams < $tare - self::NOISE_GRAMS) {
            throw ShelfProblem::lighterThanEmpty($grams, $tare);
        }
        if ($bottleMl !== null && $ml > self::OVERFULL * $bottleMl) {
            throw ShelfProblem::heavierThanFull($grams, $ml, $bottleMl);
        }

        return new self($grams, $tare, round(max(0.0, $ml), 2));
    }

    public static function density(Behaviour $behaviour): float
    {
        return self::DENSITY[$behaviour->value];
    }

    public static function usualTare(?float $bottleMl): float
    {
        return self::TARE_GRAMS + self::TARE_PER_ML * ($bottleMl ?? 15.0);
    }
}
