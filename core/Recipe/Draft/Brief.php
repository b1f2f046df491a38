<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Surface;
use Kalokroma\Recipe\Choose\Aim;
use Kalokroma\Recipe\Choose\Palette;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;

/** Everything a recipe is drafted from. */
final readonly class Brief
{
    /**
     * @param Reflectance|Surface $ground the undercoat; by recess, plane and ridge where it is a light sketch
     * @param list<Paint> $shelf
     * @param Palette|null $palette of that shelf, where several areas are drafted from it
     * @param int $leaders figures that get one more highlight
     * @param array<array-key, true> $onFigure ids of paints that other areas of the figure are painted with
     * @param Mix|null $chosen what the painter chose for the area's own colour
     * @param list<string> $linedTo names of the areas that a dark line is to part it from
     */
    public function __construct(
        public Area $area,
        public Oklch $intended,
        public Way $way,
        public Reflectance|Surface $ground,
        public array $shelf,
        public LadderWish $ladder = new LadderWish(),
        public Equipment $equipment = new Equipment(true, true),
        public int $leaders = 0,
        public ?Palette $palette = null,
        public array $onFigure = [],
        public ?Mix $chosen = null,
        public array $linedTo = [],
    ) {
    }

    /** Ridges lighter than planes by so much (L*) are a light sketch. */
    private const SKETCHED = 8.0;

    /** Whether a light sketch lies below that is to show, as it is where somebody stains or glazes: flakes hide it anyway,
        and what is too small for one has none. */
    public function keepsSketch(): bool
    {
        $surface = $this->surface();

        return ($this->area->keepsSketch ?? in_array($this->way, [Way::Stain, Way::Glazes], true))
            && $this->area->material !== Material::Metal
            && $this->area->relief !== Relief::Orb
            && $surface->ridge->toLab()->l - $surface->plane->toLab()->l > self::SKETCHED;
    }

    /** What the painter chose for the area's own colour, where it can be painted with and still is that colour. */
    public function chosen(Palette $palette): ?Mix
    {
        $at = array_map(static fn (Paint $p): string => $p->id, $palette->mixable());
        $isHere = $this->chosen !== null && array_filter($this->chosen->paints(), static fn (Paint $p): bool => !in_array(
            $p->id,
            $at,
            true,
        )) === [];

        return $isHere && Ciede2000::difference($this->chosen->lab(), $this->intended->toLab()) <= Aim::Colour->within()
            ? $this->chosen : null;
    }

    /** The step with the brush the painter owns: who keeps none for metal takes the usual one, and is told to wash it well. */
    public function handled(PlannedStep $step): PlannedStep
    {
        if ($this->equipment->metalBrush || $step->tool($this->area->surfaceCm2) !== Tool::MetalBrush) {
            return $step;
        }
        $held = $step->held(Technique::Basecoat->tool($this->area->surfaceCm2));

        return $step->handling->note !== ''
            ? $held : $held->noted('Wash this brush and change the water afterwards: flakes wander into other paint.');
    }

    public function surface(): Surface
    {
        return $this->ground instanceof Surface ? $this->ground : Surface::uniform($this->ground);
    }
}
