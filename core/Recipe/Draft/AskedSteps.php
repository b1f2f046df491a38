<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Figure\Relief;
use Kalokroma\Recipe\Ladder\Ladder;
use Kalokroma\Recipe\Ladder\Rung;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** How many shades and highlights a draft has: as many as the painter asks for, else as the finish and the relief want. */
final readonly class AskedSteps
{
    /** What makes light and shade. */
    private const TURNS = [Slot::Wash, Slot::Shade, Slot::Drybrush, Slot::Highlight];

    /** A feathered layer lies at most about this (CIEDE2000) from the one below. */
    private const FEATHERS = 12.0;

    private function __construct(private Relief $relief, private LadderWish $wish, private Ladder $ladder)
    {
    }

    /**
     * @param list<TableRow> $rows the usual ones, with one shade and one highlight at most
     *
     * @return list<TableRow>
     */
    public static function in(array $rows, Relief $relief, Ladder $ladder): array
    {
        $asked = new self($relief, $ladder->wish, $ladder);
        $all = $asked->fieldable($asked->lit($asked->shaded($rows)));
        $turns = static fn (TableRow $r): bool => $r->technique !== null && in_array($r->slot, self::TURNS, true);
        $isFlat = array_filter($all, $turns) === [];

        return array_map(static fn (TableRow $r): TableRow => $isFlat && $r->slot === Slot::Layer && $r->technique === Technique::Layer
            ? $r->without(new Finding('asked.flat', 'Without shade and highlight nothing has to be brought back.')) : $r, $all);
    }

    /**
     * @param list<TableRow> $rows
     *
     * @return list<TableRow>
     */
    private function shaded(array $rows): array
    {
        $given = $this->wish->given?->shades() ?? 0;
        $of = $given > 0 ? $given : $this->wish->shades ?? $this->shades($this->wish->finish);
        $washed = self::has($rows, Slot::Wash);
        $found = [];
        foreach ($rows as $row) {
            if (!in_array($row->slot, [Slot::Wash, Slot::Shade], true)) {
                $found[] = $row;
                continue;
            }
            $isTaken = $row->technique !== null;
            if ($isTaken && $of === 0) {
                $found[] = $row->without(new Finding('asked.none', 'You want no shade here.'));
            } elseif ($given > 0) {
                $found[] = $row->without(new Finding('asked.given', 'The ladder you took over has its own shades.'));
            } else {
                $found[] = $isTaken && !$washed ? $row->nth(1, $of, $row->level) : $row;
            }
            if ($row->slot === Slot::Shade && !$washed && $isTaken && $given === 0) {
                array_push($found, ...$this->more($row, 2, $of, Level::Showpiece));
            }
        }
        $painted = new TableRow(Slot::Shade, $this->painted(), new Finding(
            'asked.shades',
            $given > 0 ? 'The ladder you took over has {count, plural, one {# shade} other {# shades}}.'
                : 'You want {count} shades: the wash is the first, the deeper ones are painted into the recesses.',
            ['count' => $of],
        ));
        $extra = match (true) {
            $given > 0 => $this->more($painted, 1, $of, null),
            $washed => $this->more($painted, 2, $of, Level::Showpiece),
            default => [],
        };

        return self::placed($found, $extra);
    }

    /**
     * @param list<TableRow> $rows
     *
     * @return list<TableRow>
     */
    private function lit(array $rows): array
    {
        $given = $this->wish->given?->highlights();
        $of = $given ?? $this->wish->highlights ?? $this->highlights($this->wish->finish, $rows);
        $usual = $this->highlights(Level::Finished, $rows);
        $brushed = self::has($rows, Slot::Drybrush);
        $found = [];
        foreach ($rows as $row) {
            $isLight = in_array($row->slot, [Slot::Drybrush, Slot::Highlight], true) && $row->technique !== null;
            $first = $row->slot === Slot::Highlight && $brushed ? 2 : 1;
            if (!$isLight) {
                $found[] = $row;
            } elseif ($of < $first) {
                $found[] = $row->without($this->noMore($of, $given !== null));
            } elseif ($row->slot === Slot::Drybrush) {
                $found[] = $row->nth(1, $of, $row->level);
            } else {
                $found[] = $row->nth($first, $of, $first > $usual ? Level::Showpiece : $row->level);
                for ($nth = $first + 1; $nth <= $of; ++$nth) {
                    $found[] = $row->nth($nth, $of, $nth > $usual ? Level::Showpiece : $row->level);
                }
            }
        }

        return $found;
    }

    /**
     * To fieldable the colour is not brought back by hand: base and shade, and a drybrush where the grain takes it.
     *
     * @param list<TableRow> $rows
     *
     * @return list<TableRow>
     */
    private function fieldable(array $rows): array
    {
        if ($this->wish->finish !== Level::Fieldable || $this->wish->isAsked()) {
            return $rows;
        }

        return array_map(static fn (TableRow $r): TableRow => match (true) {
            $r->technique === null => $r,
            $r->slot === Slot::Layer, $r->slot === Slot::Unify => $r->without(
                new Finding('asked.fieldable', 'To fieldable only base and shade are painted here.'),
            ),
            default => $r->level === null ? $r->nth($r->nth, $r->of, Level::Fieldable) : $r,
        }, $rows);
    }

    private function noMore(int $of, bool $isGiven): Finding
    {
        return match (true) {
            $isGiven => new Finding('asked.given', 'The ladder you took over has {count, plural, =0 {no highlight} one {# highlight} '
                .'other {# highlights}}.', ['count' => $of]),
            $this->wish->highlights === null => new Finding('asked.fieldable', 'To fieldable only base and shade are painted here.'),
            default => new Finding(
                'asked.none',
                'You want {count, plural, =0 {no highlight} one {# highlight} other {# highlights}} here.',
                ['count' => $of],
            ),
        };
    }

    /** Shades that this finish asks for. */
    private function shades(Level $finish): int
    {
        return $finish === Level::Showpiece && $this->relief === Relief::Broad ? 2 : 1;
    }

    /**
     * Highlights that this finish asks for; a drybrush is one of them.
     *
     * @param list<TableRow> $rows
     */
    private function highlights(Level $finish, array $rows): int
    {
        $brushed = self::has($rows, Slot::Drybrush) ? 1 : 0;
        if ($this->relief === Relief::Orb) {
            return 1;
        }
        if ($finish !== Level::Showpiece) {
            return $finish === Level::Fieldable ? $brushed : $brushed + 1;
        }
        $depth = Ciede2000::difference(
            $this->ladder->rung(Rung::Intended)->toLab(),
            $this->ladder->rung(Rung::Accent)->toLab(),
        );

        return match ($this->relief) {
            Relief::Broad => max(3, min(LadderWish::MOST_STEPS, (int) ceil($depth / self::FEATHERS))),
            Relief::Tight => max(2, min(3, (int) ceil($depth / self::FEATHERS))),
            default => $brushed + ($brushed === 1 ? 1 : 2),
        };
    }

    /** How a shade beside the wash is painted on this relief. */
    private function painted(): Technique
    {
        return in_array($this->relief, [Relief::Tight, Relief::Broad, Relief::Orb], true) ? Technique::ShadeLayer : Technique::RecessLine;
    }

    /** @return list<TableRow> */
    private function more(TableRow $row, int $from, int $of, ?Level $level): array
    {
        $found = [];
        for ($nth = $from; $nth <= $of; ++$nth) {
            $found[] = $row->nth($nth, $of, $level ?? $row->level);
        }

        return $found;
    }

    /**
     * @param list<TableRow> $rows
     * @param list<TableRow> $shades
     *
     * @return list<TableRow> with these at the place of painted shades
     */
    private static function placed(array $rows, array $shades): array
    {
        $at = 0;
        foreach ($rows as $i => $row) {
            $at = $row->slot->position()->rank() <= Slot::Shade->position()->rank() ? $i + 1 : $at;
        }
        array_splice($rows, $at, 0, $shades);

        return $rows;
    }

    /** @param list<TableRow> $rows */
    private static function has(array $rows, Slot $slot): bool
    {
        return array_filter($rows, static fn (TableRow $r): bool => $r->slot === $slot && $r->technique !== null) !== [];
    }
}
