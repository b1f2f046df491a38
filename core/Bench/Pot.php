<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use DomainException;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Predict\Amount;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;

/** A mix that stands ready: how much of it is left, how thin it is, and until when it can be painted with. Instants in seconds, UTC. */
final readonly class Pot
{
    public const WET_PALETTE = 'wet-palette';
    public const PALETTE = 'palette';
    public const JAR = 'jar';

    /** How long paint stays good: a day on a wet palette, twenty minutes on a dry one, a year in a closed jar. */
    private const GOOD_S = [self::WET_PALETTE => 86_400, self::PALETTE => 1_200, self::JAR => 31_536_000];

    private const NEAR_S = 300;

    private const MOST = 99;

    /** Of what goes on a figure so much more stays on the brush and is rinsed out: half of the usual waste, a starting value of our own. */
    private const ON_BRUSH = 0.5 * Defaults::WASTE_SHARE;

    /**
     * @param float $paintUl undiluted paint in it, µl
     * @param float $thinnerUl thinner in it, µl
     * @param string $vessel one of the constants
     * @param int $mixed instant at which it was mixed, or last made wetter or more
     *
     * @throws DomainException on a vessel that there is not
     */
    public function __construct(
        public Mix $mix,
        public float $paintUl,
        public float $thinnerUl,
        public string $vessel,
        public int $mixed,
    ) {
        if (!isset(self::GOOD_S[$vessel])) {
            throw new DomainException('A mix is on the palette or in a jar.');
        }
    }

    /** A batch of whole drops of paint, thinned as planned,
        as it is mixed for so many figures; null where nothing is mixed or measured for this step. */
    public static function batch(StepOutcome $outcome, int $figures, string $vessel, int $now): ?self
    {
        $load = $outcome->step->load;
        $each = self::perFigureUl($outcome);
        if ($load->mix === null || $each <= 0.0 || ($load->mix->isSingle() && $load->thinning->isUndiluted())) {
            return null;
        }
        $amount = Amount::of($load->mix, $load->thinning, $each, max(1, $figures));
        $paint = self::ul(array_sum(array_column($amount->drops, 'drops')));

        return new self($load->mix, $paint, $paint * $load->thinning->thinner / $load->thinning->paint, $vessel, $now);
    }

    /** Thinned mix that goes on one figure in all coats, µl; 0 where nothing is measured. Of two mixes that meet, half. */
    public static function perFigureUl(StepOutcome $outcome): float
    {
        $load = $outcome->step->load;

        return $outcome->amount === null ? 0.0 : $outcome->amount->usedMl * 1000 / $load->thinning->load() / max(1, count($load->mixes()));
    }

    /**
     * After so many figures, each of which takes so much in all coats, µl: what had run out meanwhile was mixed again.
     *
     * @param float $share of all coats that were laid, 0 < share ≤ 1
     */
    public function after(float $perFigureUl, int $figures, int $now, float $share = 1.0): self
    {
        $pot = $this;
        $perFigureUl *= $share;
        while ($perFigureUl > 0.0 && $pot->enoughFor($perFigureUl) < $figures) {
            $pot = $pot->again($now);
        }

        return $pot->taken($perFigureUl * $figures);
    }

    /** With what went on figures, µl, and what stayed on the brush. */
    public function taken(float $appliedUl): self
    {
        $left = $this->leftUl();
        $keeps = $left <= 0.0 ? 0.0 : max(0.0, 1.0 - $appliedUl * (1.0 + self::ON_BRUSH) / $left);

        return new self($this->mix, $this->paintUl * $keeps, $this->thinnerUl * $keeps, $this->vessel, $this->mixed);
    }

    /** One drop of thinner more. What dried in is wet again. */
    public function wetter(int $now): self
    {
        return new self($this->mix, $this->paintUl, $this->thinnerUl + self::ul(1), $this->vessel, $now);
    }

    /** One drop of each of its paints more, in their parts. */
    public function thicker(int $now): self
    {
        return new self($this->mix, $this->paintUl + self::ul($this->mix->totalParts()), $this->thinnerUl, $this->vessel, $now);
    }

    /** The same again, as thin as it is now. */
    public function again(int $now): self
    {
        $paint = max(1, (int) ceil($this->paintUl / self::ul($this->mix->totalParts())));
        $more = self::ul($paint * $this->mix->totalParts());
        $ratio = $this->paintUl <= 0.0 ? 0.0 : $this->thinnerUl / $this->paintUl;

        return new self($this->mix, $this->paintUl + $more, $this->thinnerUl + $more * $ratio, $this->vessel, $now);
    }

    public function inJar(int $now): self
    {
        return new self($this->mix, $this->paintUl, $this->thinnerUl, self::JAR, $now);
    }

    public function leftUl(): float
    {
        return $this->paintUl + $this->thinnerUl;
    }

    /** Drops of it that are left, thinner included: whole ones, never said to be more than there are. */
    public function dropsLeft(): int
    {
        return (int) floor($this->leftUl() / self::ul(1) + 1e-6);
    }

    /** Figures that what is left is enough for, of which each takes so much, µl: at most 99. Some always stays on palette and brush. */
    public function enoughFor(float $appliedUl): int
    {
        $figures = 0;
        while ($appliedUl > 0.0 && $figures < self::MOST && Amount::neededUl($appliedUl, $figures + 1) <= $this->leftUl() + 1e-6) {
            ++$figures;
        }

        return $figures;
    }

    /** As thin as it is by now, in tenths of a part: what is written down of it. */
    public function thinning(): Thinning
    {
        if ($this->thinnerUl < 0.05 * $this->paintUl || $this->paintUl <= 0.0) {
            return Thinning::undiluted();
        }
        $ratio = $this->thinnerUl / $this->paintUl;

        return $ratio >= 1.0
            ? Thinning::parts(1.0, min(99.0, round($ratio, 1)))
            : Thinning::parts(min(99.0, round(1.0 / $ratio, 1)), 1.0);
    }

    public function until(): int
    {
        return $this->mixed + self::GOOD_S[$this->vessel];
    }

    public function isGood(int $now): bool
    {
        return $this->until() > $now && $this->dropsLeft() >= 1;
    }

    /** Whether it will soon be too dry to paint with. */
    public function isDrying(int $now): bool
    {
        return $this->isGood($now) && $this->until() - $now <= self::NEAR_S;
    }

    private static function ul(int $drops): float
    {
        return $drops * Defaults::DROP_ML * 1000;
    }
}
