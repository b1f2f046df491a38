<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Predict;

use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;

/** How much to put on the palette: whole drops of each paint and of thinner, and how many figures that serves. */
final readonly class Amount
{
    /**
     * @param list<array{paint: string, drops: int}> $drops paint names with their drops
     * @param int $thinnerDrops rounded to whole drops
     * @param int $figures alike figures one such batch is enough for, 1 or more
     * @param float $usedMl undiluted paint one figure takes, without waste, of both mixes, ml
     * @param self|null $meets of a second mix that meets the first; null where there is one
     */
    private function __construct(
        public array $drops,
        public int $thinnerDrops,
        public int $figures,
        public float $usedMl,
        public ?self $meets = null,
    ) {
    }

    /** Beside a second mix, each enough for the figures of the one that serves fewer. */
    public function beside(self $second): self
    {
        return new self(
            $this->drops,
            $this->thinnerDrops,
            min($this->figures, $second->figures),
            $this->usedMl + $second->usedMl,
            $second,
        );
    }

    /**
     * @param float $appliedUl thinned mix that goes on one figure, µl, more than 0
     * @param int $figures alike figures it has to be enough for, 1 or more
     */
    public static function of(Mix $mix, Thinning $thinning, float $appliedUl, int $figures = 1): self
    {
        $dropUl = Defaults::DROP_ML * 1000;
        $batchUl = $mix->totalParts() * $dropUl / $thinning->load();
        $batches = (int) max(1, ceil(round(self::neededUl($appliedUl, $figures) / $batchUl, 6)));
        while ($figures < 99 && self::neededUl($appliedUl, $figures + 1) <= $batches * $batchUl + 1e-9) {
            ++$figures;
        }
        $drops = [];
        foreach ($mix->parts as $part) {
            $drops[] = ['paint' => $part->paint->name, 'drops' => $part->parts * $batches];
        }

        return new self(
            $drops,
            (int) round($mix->totalParts() * $batches * $thinning->thinner / $thinning->paint),
            $figures,
            $appliedUl * $thinning->load() / 1000,
        );
    }

    /** Both from one batch on the palette. */
    public function with(self $more, Mix $mix, Thinning $thinning): self
    {
        return self::of($mix, $thinning, ($this->usedMl + $more->usedMl) * 1000 / $thinning->load());
    }

    /** With what stays on palette and brush: the greater of half of what is applied and two drops. */
    public static function neededUl(float $appliedUlPerFigure, int $figures): float
    {
        $applied = $appliedUlPerFigure * $figures;

        return $applied + max(Defaults::WASTE_SHARE * $applied, Defaults::WASTE_DROPS * Defaults::DROP_ML * 1000);
    }

    /** Thinned mix that coats of this number put on a surface, µl. */
    public static function appliedUl(float $cm2, int $coats): float
    {
        return $cm2 * $coats * Defaults::FILM_UL_PER_CM2;
    }

    /** The same for so many figures, ml. */
    public static function ml(float $appliedUl, int $figures): float
    {
        return $appliedUl * $figures / 1000;
    }

    /** The whole batch on the palette, thinner included, ml. */
    public function batchMl(): float
    {
        return (array_sum(array_column($this->drops, 'drops')) + $this->thinnerDrops) * Defaults::DROP_ML;
    }
}
