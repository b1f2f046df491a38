<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Choose;

use Closure;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Film\Application;
use Kalokroma\Film\Surface;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Matcher;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\RankedMix;

/** What the shelf offers for a step: the paints in stock, by what they can do, ranked by how near they come. */
final class Palette
{
    /** A shelf with more covering paints than this is thinned out for a colour before its pairs are tried. */
    private const PAIRED = 110;

    /** Then so many of the nearest stay, and so many that are spread over all colours. */
    private const NEAREST = 50;
    /** What each unit of chroma (CIELAB) costs by which a stain is stronger than what is wanted, beyond what looks alike: our own. */
    private const STRONGER = 0.3;
    private const ALIKE = 8.0;

    /** What it costs that a wash is no stain: it dries blotchy over broad folds. */
    private const NO_STAIN = 3.0;

    private const SPREAD = 40;

    /** Pairs of them that are looked at closely: a draft asks for many colours, and weighs convenience besides. */
    private const LOOKED_AT = 28;

    /** The same on a shelf of which none is left out before. */
    private const LOOKED_AT_SMALL = 60;

    /** Pairs of a family that are looked at closely: one paint of each is the same. */
    private const FAMILY_LOOKED_AT = 12;

    /** Mixes of a family that are weighed. */
    private const FAMILY_MIXES = 8;

    /** Colours of which the singles are kept. */
    private const ANSWERS_KEPT = 24;

    /** Of so many more than are wanted the spread is computed. */
    private const SPREAD_TRIED = 6;

    /** @var list<Paint>|null with or without a colour */
    private ?array $all = null;

    /** @var list<Paint>|null with a colour */
    private ?array $coloured = null;

    /** @var list<Paint>|null */
    private ?array $mixable = null;

    /** @var list<Paint>|null */
    private ?array $spread = null;

    /** @var array<string, list<RankedMix>> singles by the colour they were asked for: drafts ask for one several times */
    private array $answered = [];

    /** @param list<Paint>|Closure(): list<Paint> $shelf asked only when a paint is looked for */
    public function __construct(private readonly array|Closure $shelf, private readonly Matcher $matcher = new Matcher())
    {
    }

    /** @return list<Paint> all that is in stock */
    public function paints(): array
    {
        return $this->all ??= array_values(
            array_filter($this->shelf instanceof Closure ? ($this->shelf)() : $this->shelf, static fn (Paint $p): bool => $p->isAtHand()),
        );
    }

    /** @return list<Paint> */
    public function mixable(): array
    {
        return $this->mixable ??= $this->only(static fn (Paint $p): bool => $p->isMixable());
    }

    /** @return list<Paint> */
    public function metallics(): array
    {
        return $this->only(static fn (Paint $p): bool => $p->behaviour === Behaviour::Metallic);
    }

    /** @return list<RankedMix> singles of the mixable paints, best first */
    public function singles(Lab $target): array
    {
        $asked = sprintf('%.6f %.6f %.6f', $target->l, $target->a, $target->b);
        if (count($this->answered) >= self::ANSWERS_KEPT) {
            $this->answered = [];
        }

        return $this->answered[$asked] ??= $this->matcher->singles($target, $this->mixable());
    }

    /** @return list<RankedMix> two-paint mixes by what is to be expected, best first */
    public function pairs(Lab $target, int $most = 8): array
    {
        if (count($this->mixable()) <= self::PAIRED) {
            return $this->matcher->sure($target, $this->mixable(), most: $most, kept: self::LOOKED_AT_SMALL, tried: self::SPREAD_TRIED);
        }
        $kept = [];
        $near = array_map(static fn (RankedMix $r): Paint => $r->mix->first(), array_slice($this->singles($target), 0, self::NEAREST));
        foreach ([...$near, ...$this->spread()] as $paint) {
            $kept[$paint->id] = $paint;
        }

        return $this->matcher->sure($target, array_values($kept), most: $most, kept: self::LOOKED_AT, tried: self::SPREAD_TRIED);
    }

    /**
     * Mixes of a paint with one of these by what is to be expected, best first.
     *
     * @param list<Paint> $others
     * @param int $drops most in all
     *
     * @return list<RankedMix>
     */
    public function mixesOf(Paint $own, array $others, Lab $target, int $drops): array
    {
        return $this->matcher->sure(
            $target,
            [$own, ...$others],
            2,
            self::FAMILY_MIXES,
            $drops,
            self::FAMILY_LOOKED_AT,
            self::SPREAD_TRIED,
            $own,
        );
    }

    /** @return list<Paint> the paints in stock that behave so */
    public function atHand(Behaviour ...$behaviours): array
    {
        return array_values(array_filter($this->paints(), static fn (Paint $p): bool => in_array($p->behaviour, $behaviours, true)));
    }

    /**
     * Stains, washes and inks by the plane they would leave on this surface, best first; one of far stronger colour than what is wanted
     * pools in its own hue, so that a paler one goes before it: parchment on a pale robe, not yellow.
     *
     * @return list<RankedMix>
     */
    public function stains(Lab $wantedOnPlane, Surface $below): array
    {
        $ranked = [];
        foreach ($this->only(static fn (Paint $p): bool => $p->behaviour->isTransparent()) as $paint) {
            $mix = Mix::single($paint);
            $look = Application::Stain->pass($mix->pigment(), self::shadeThinning($paint->behaviour)->load(), $below)->plane;
            $ranked[] = new RankedMix($mix, Ciede2000::difference($look->toLab(), $wantedOnPlane));
        }
        $ranked = self::ranked($ranked);
        $worth = static fn (RankedMix $r): float => $r->difference
            + ($r->mix->first()->behaviour === Behaviour::Wash ? self::NO_STAIN : 0.0)
            + self::STRONGER * max(0.0, $r->mix->lab()->chroma() - $wantedOnPlane->chroma() - self::ALIKE);
        usort($ranked, static fn (RankedMix $a, RankedMix $b): int => $worth($a) <=> $worth($b));

        return $ranked;
    }

    /**
     * Paints as far from each other as can be, so that pairs of them reach everywhere: each next one is the farthest from
     * those before.
     *
     * @return list<Paint>
     */
    private function spread(): array
    {
        if ($this->spread !== null) {
            return $this->spread;
        }
        $labs = array_map(static fn (Paint $p): Lab => Mix::single($p)->lab(), $this->mixable());
        $apart = array_fill(0, count($labs), INF);
        $found = [];
        $next = 0;
        while (count($found) < min(self::SPREAD, count($labs))) {
            $found[] = $this->mixable()[$next];
            $from = $labs[$next];
            foreach ($labs as $i => $lab) {
                $apart[$i] = min($apart[$i], ($lab->l - $from->l) ** 2 + ($lab->a - $from->a) ** 2 + ($lab->b - $from->b) ** 2);
            }
            $next = (int) array_search(max([0.0, ...$apart]), $apart, true);
        }

        return $this->spread = $found;
    }

    /** @return list<RankedMix> metallic singles, best first */
    public function metalSingles(Lab $target): array
    {
        return $this->matcher->singles($target, $this->metallics());
    }

    /**
     * Washes, inks and stains by the shade they would leave in the recess of this surface, best first.
     *
     * @param Thinning|null $as thinned so; null for each as it usually is
     *
     * @return list<RankedMix>
     */
    public function shades(Lab $wantedInRecess, Surface $below, Technique $technique, ?Thinning $as = null): array
    {
        $ranked = [];
        foreach ($this->only(static fn (Paint $p): bool => $p->behaviour->isTransparent()) as $paint) {
            $mix = Mix::single($paint);
            $load = ($as ?? self::shadeThinning($paint->behaviour))->load();
            $look = $technique->application($paint->behaviour)->pass($mix->pigment(), $load, $below)->recess;
            $ranked[] = new RankedMix($mix, Ciede2000::difference($look->toLab(), $wantedInRecess));
        }

        return self::ranked($ranked);
    }

    /**
     * Nearest first; what differs by nothing that counts stays in one order.
     *
     * @param list<RankedMix> $mixes
     *
     * @return list<RankedMix>
     */
    private static function ranked(array $mixes): array
    {
        usort($mixes, static fn (RankedMix $a, RankedMix $b): int => round($a->difference, 4) <=> round($b->difference, 4)
            ?: $a->mix->key() <=> $b->mix->key());

        return $mixes;
    }

    public static function shadeThinning(Behaviour $behaviour): Thinning
    {
        return Thinning::fromRatio(Defaults::THINNING[match ($behaviour) {
            Behaviour::Wash => 'wash',
            Behaviour::Stain, Behaviour::Ink => 'stain',
            default => 'recess-shade',
        }]['ratio']);
    }

    /**
     * @param callable(Paint): bool $keep
     *
     * @return list<Paint>
     */
    private function only(callable $keep): array
    {
        $this->coloured ??= array_values(array_filter($this->paints(), static fn (Paint $p): bool => $p->colour !== null));

        return array_values(array_filter($this->coloured, $keep));
    }
}
