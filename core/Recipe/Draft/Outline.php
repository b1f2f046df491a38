<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Technique\Technique;

/** What of a draft its rows tell before any paint is chosen: how light the base may start, and which rungs are asked for. */
final readonly class Outline
{
    /**
     * @param bool $layered whether a layer lays the intended colour on the planes, so that the base may be a tone below it
     * @param bool $washed whether a wash goes all over
     * @param bool $brushed whether a drybrush lightens what lies below
     * @param list<Rung> $below rungs under the intended colour
     * @param list<Rung> $above rungs over it, lightest last
     * @param bool $shadedByWash whether the first shade is a wash of any kind
     */
    private function __construct(
        public bool $layered,
        public bool $washed,
        public bool $brushed,
        public array $below,
        public array $above,
        private bool $shadedByWash,
    ) {
    }

    /**
     * @param list<TableRow> $rows
     * @param bool $accented whether leaders get one more highlight
     */
    public static function of(array $rows, bool $accented): self
    {
        $taken = array_values(array_filter($rows, static fn (TableRow $r): bool => $r->technique !== null));
        $slots = array_map(static fn (TableRow $r): Slot => $r->slot, $taken);
        $has = static fn (Slot $slot): bool => in_array($slot, $slots, true);

        return new self(
            $has(Slot::Layer),
            in_array(Technique::WashAllOver, array_map(static fn (TableRow $r): ?Technique => $r->technique, $taken), true),
            $has(Slot::Drybrush),
            $has(Slot::Shade) ? [Rung::Shade] : [],
            [
                ...($has(Slot::Drybrush) ? [Rung::Drybrush] : []),
                ...($has(Slot::Highlight) ? [Rung::Highlight] : []),
                ...($accented ? [Rung::Accent] : []),
            ],
            $has(Slot::Wash),
        );
    }

    /** Whether the first shade is a wash, all over or in the lines. */
    public function isWashed(): bool
    {
        return $this->shadedByWash;
    }

    /** Whether the base is a tone darker than intended: a layer, or a drybrush, brings it up where no wash shades it all over. */
    public function startsDarker(): bool
    {
        return !$this->washed && ($this->layered || $this->brushed);
    }
}
