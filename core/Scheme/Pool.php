<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Figure\Material;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\Preference;
use Kalokroma\Shelf\RankedMix;

/**
 * The colours a shelf can make: every covering paint in stock, the metallics apart, and whole-drop mixes of two among the
 * paints that lie farthest from each other. Colours that the eye hardly tells apart stand once, single paints first.
 */
final class Pool
{
    /** Paints that are mixed with each other: those farthest apart. */
    private const MIXED = 26;
    private const DROPS = [[1, 1], [2, 1], [1, 2]];

    /** The nearest choices, whatever they are mixed of, that are weighed beside the single paints. */
    private const WEIGHED = 24;

    /** Euclidean distance in CIELAB below which a single paint, or a mix, is no choice beside another. */
    private const SAME_SINGLE = 1.5;
    private const SAME_MIX = 4.0;

    /** With so many choices nobody mixes two far hues because the arithmetic comes out. */
    private const ENOUGH = 60;

    /** @var list<Choice> */
    public readonly array $choices;

    /** @var array<string, list<Choice>> what each material may have */
    private array $for = [];

    /**
     * @param list<Paint> $shelf
     *
     * @throws SchemeProblem
     */
    public function __construct(array $shelf)
    {
        $atHand = array_values(array_filter($shelf, static fn (Paint $p): bool => $p->isAtHand() && $p->colour !== null));
        usort($atHand, static fn (Paint $a, Paint $b): int => $a->id <=> $b->id);
        $covering = array_values(array_filter($atHand, static fn (Paint $p): bool => $p->isMixable()));
        if ($covering === []) {
            throw SchemeProblem::nothingToPaintWith();
        }
        $metallics = array_values(array_filter($atHand, static fn (Paint $p): bool => $p->behaviour === Behaviour::Metallic));
        $this->choices = [
            ...self::covering($covering),
            ...array_map(static fn (Paint $p): Choice => new Choice(Mix::single($p), Mix::single($p)->lab(), true), $metallics),
        ];
    }

    /** @return list<Choice> those a material may have; metal takes metallics where there are any */
    public function of(Material $material): array
    {
        if (!isset($this->for[$material->value])) {
            $metallic = $material === Material::Metal && array_filter($this->choices, static fn (Choice $c): bool => $c->metallic) !== [];
            $this->for[$material->value] = array_values(array_filter(
                $this->choices,
                static fn (Choice $c): bool => $c->metallic === $metallic
                && ($metallic || MaterialRange::holds($material, $c->oklch)),
            ));
        }

        return $this->for[$material->value];
    }

    /** @return list<Choice> those a material may have, the nearest to a colour first */
    public function nearest(Lab $target, Material $material): array
    {
        $choices = $this->of($material);
        $away = array_map(
            static fn (Choice $c): float =>
                ($c->lab->l - $target->l) ** 2 + ($c->lab->a - $target->a) ** 2 + ($c->lab->b - $target->b) ** 2,
            $choices,
        );
        asort($away);

        return array_map(static fn (int $i): Choice => $choices[$i], array_keys($away));
    }

    /** Of all that cover the one a painter would choose for a colour, {@see Preference}. */
    public function closest(Lab $target): Choice
    {
        $apart = [];
        foreach ($this->choices as $i => $choice) {
            $apart[$i] = $choice->metallic ? INF : Ciede2000::difference($target, $choice->lab);
        }
        asort($apart);
        $near = [];
        foreach ($apart as $i => $difference) {
            $choice = $this->choices[$i];
            if ($choice->mix->isSingle() || count($near) < self::WEIGHED) {
                $near[] = [$i, new RankedMix($choice->mix, $difference)];
            }
        }
        $chosen = RankedMix::asPaintersChoose(array_column($near, 1))[0];

        return $this->choices[(int) array_column($near, 0)[(int) array_search($chosen, array_column($near, 1), true)]];
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<Choice>
     */
    private static function covering(array $paints): array
    {
        $kept = $cells = [];
        foreach ($paints as $paint) {
            self::keep(Mix::single($paint), $kept, $cells, self::SAME_SINGLE);
        }
        $far = [];
        $mixed = self::farApart($paints);
        foreach ($mixed as $i => $one) {
            foreach (array_slice($mixed, $i + 1) as $two) {
                foreach (self::DROPS as [$a, $b]) {
                    $mix = Mix::of([new Part($one, $a), new Part($two, $b)]);
                    if ($mix->joinsFarHues()) {
                        $far[] = $mix;
                    } else {
                        self::keep($mix, $kept, $cells, self::SAME_MIX);
                    }
                }
            }
        }
        foreach (count($kept) < self::ENOUGH ? $far : [] as $mix) {
            self::keep($mix, $kept, $cells, self::SAME_MIX);
        }

        return $kept;
    }

    /**
     * @param list<Choice> $kept
     * @param array<string, list<Lab>> $cells what is kept, by cubes of CIELAB
     * @param float $same distance within which it is no choice
     */
    private static function keep(Mix $mix, array &$kept, array &$cells, float $same): void
    {
        $lab = $mix->lab();
        [$x, $y, $z] = [
            (int) floor($lab->l / self::SAME_MIX),
            (int) floor($lab->a / self::SAME_MIX),
            (int) floor($lab->b / self::SAME_MIX),
        ];
        for ($i = $x - 1; $i <= $x + 1; ++$i) {
            for ($j = $y - 1; $j <= $y + 1; ++$j) {
                for ($k = $z - 1; $k <= $z + 1; ++$k) {
                    foreach ($cells["$i,$j,$k"] ?? [] as $other) {
                        if (($other->l - $lab->l) ** 2 + ($other->a - $lab->a) ** 2 + ($other->b - $lab->b) ** 2 < $same ** 2) {
                            return;
                        }
                    }
                }
            }
        }
        $cells["$x,$y,$z"][] = $lab;
        $kept[] = new Choice($mix, $lab, false);
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<Paint>
     */
    private static function farApart(array $paints): array
    {
        if (count($paints) <= self::MIXED) {
            return $paints;
        }
        $labs = array_map(static fn (Paint $p): Lab => Mix::single($p)->lab(), $paints);
        $away = array_fill(0, count($paints), INF);
        $next = 0;
        $found = [];
        while (count($found) < self::MIXED) {
            $found[] = $paints[$next];
            $last = $labs[$next];
            foreach ($labs as $i => $lab) {
                $away[$i] = min($away[$i], ($lab->l - $last->l) ** 2 + ($lab->a - $last->a) ** 2 + ($lab->b - $last->b) ** 2);
            }
            $next = (int) array_search(max($away), $away, true);
        }

        return $found;
    }
}
