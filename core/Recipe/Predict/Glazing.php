<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Application;
use Kalokroma\Film\ColourSource;
use Kalokroma\Film\Face;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Finding;

/**
 * Glazing a colour toward another: how many layers, how thin, and how near that comes.
 */
final readonly class Glazing
{
    /** Thinnings tried, thick to thin: the usual range of glazes. */
    public const THINNINGS = ['1:4', '1:6', '1:8', '1:10', '1:12'];

    /** More layers than this are not proposed. */
    public const MOST_LAYERS = 12;

    /** A layer that changes the colour by more than this (CIEDE2000) leaves an edge that shows. */
    public const SMOOTH_STEP = 3.0;

    /** Thinner or thicker counts as equally near within this much. */
    private const NEAR = 0.5;

    /** Thicknesses, in undiluted coats, by which paints are looked through before all is tried with the best. */
    private const PROBES = [0.1, 0.25, 0.5, 1.0, 2.0];
    private const PROBED = 12;

    /**
     * @param list<Reflectance> $after the plane after each layer
     * @param float $difference from the wanted colour after the last, CIEDE2000
     * @param float $before from the wanted colour without a glaze
     * @param float $largestStep of one layer, CIEDE2000
     */
    private function __construct(
        public Mix $mix,
        public Thinning $thinning,
        public array $after,
        public float $difference,
        public float $before,
        public float $largestStep,
    ) {
    }

    public function layers(): int
    {
        return count($this->after);
    }

    /** Each layer changes the colour little enough to leave no edge. */
    public function isSmooth(): bool
    {
        return $this->largestStep <= self::SMOOTH_STEP;
    }

    /**
     * With this paint or mix: the thinning and number of layers that come nearest; among nearly equal ones a smooth one
     * with the fewest layers. Null where no layer brings it nearer.
     *
     * @param Thinning|null $thinning null to try the usual range
     */
    public static function with(Mix $mix, Reflectance $from, Lab $to, ?Thinning $thinning = null): ?self
    {
        $all = [];
        foreach ($thinning === null ? array_map(Thinning::fromRatio(...), self::THINNINGS) : [$thinning] as $tried) {
            $all[] = self::nearest($mix, $tried, $from, $to);
        }
        $all = array_values(array_filter($all));
        if ($all === []) {
            return null;
        }
        $least = min(array_map(static fn (self $g): float => $g->difference, $all));
        $near = array_values(array_filter($all, static fn (self $g): bool => $g->difference <= $least + self::NEAR));
        usort($near, static fn (self $a, self $b): int => $b->isSmooth() <=> $a->isSmooth()
            ?: ($a->isSmooth() ? $a->layers() <=> $b->layers() : $a->largestStep <=> $b->largestStep)
            ?: $a->difference <=> $b->difference);

        return $near[0];
    }

    /**
     * The paints that bring it nearest, best first.
     *
     * @param list<Paint> $paints with colours
     *
     * @return list<self>
     */
    public static function best(array $paints, Reflectance $from, Lab $to, int $most = 6): array
    {
        $probed = [];
        foreach ($paints as $i => $paint) {
            $probed[$i] = min(array_map(
                static fn (float $t): float => Ciede2000::difference($paint->pigment()->over($from, $t)->toLab(), $to),
                self::PROBES,
            ));
        }
        asort($probed);
        $found = [];
        foreach (array_slice(array_keys($probed), 0, self::PROBED) as $i) {
            $found[] = self::with(Mix::single($paints[$i]), $from, $to);
        }
        $found = array_values(array_filter($found));
        usort(
            $found,
            static fn (self $a, self $b): int => round($a->difference, 4) <=> round($b->difference, 4) ?: $a->mix->key() <=> $b->mix->key(),
        );

        return array_slice($found, 0, $most);
    }

    /** How far the look after the last layer is to be trusted, over a ground that was typed in: ± CIEDE2000. */
    public function certaintyOver(Reflectance $from): float
    {
        $thickness = $this->layers() * $this->thinning->load() * Application::Glaze->on(Face::Plane);

        return $this->mix->certaintyOver($from, $thickness, ColourSource::Typed->single());
    }

    /** Why so many and so thin, from the numbers it was computed with. */
    public function reason(): Finding
    {
        $facts = [
            'layers' => $this->layers(),
            'thin' => $this->thinning->ratio(),
            'apart' => $this->difference,
            'before' => $this->before,
            'step' => $this->largestStep,
        ];
        $counted = '{layers, plural, one {One layer} other {# layers}}';

        return $this->isSmooth()
            ? new Finding(
                'glaze.smooth',
                $counted.' at {thin}: from {before} to {apart} off the wanted colour; no layer changes it by more '
                    .'than {step}, too little to leave an edge.',
                $facts,
            )
            : new Finding(
                'glaze.steep',
                $counted.' at {thin}: from {before} to {apart} off the wanted colour; a layer changes it by up to '
                    .'{step}, so feather each edge, or thin further.',
                $facts,
            );
    }

    private static function nearest(Mix $mix, Thinning $thinning, Reflectance $from, Lab $to): ?self
    {
        $before = Ciede2000::difference($from->toLab(), $to);
        [$least, $layers, $after] = [$before, 0, []];
        $surface = Surface::uniform($from);
        for ($n = 1; $n <= self::MOST_LAYERS; ++$n) {
            $after[] = $look = Application::Glaze->coats($mix->pigment(), $thinning->load(), $n, $surface)->plane;
            $apart = Ciede2000::difference($look->toLab(), $to);
            if ($apart < $least - 0.01) {
                [$least, $layers] = [$apart, $n];
            }
        }
        if ($layers === 0) {
            return null;
        }
        $after = array_slice($after, 0, $layers);
        $steps = [];
        $last = $from->toLab();
        foreach ($after as $look) {
            $steps[] = Ciede2000::difference($last, $look->toLab());
            $last = $look->toLab();
        }

        return new self($mix, $thinning, $after, $least, $before, max($steps));
    }
}
