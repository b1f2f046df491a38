<?php

declare(strict_types=1);

namespace App\Workshop\Shelf;

use App\Models\Painter;
use App\Models\PaintRow;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\ColourSource;
use Kalokroma\Film\FilmProblem;
use Kalokroma\Film\ParsedThinning;
use Kalokroma\Film\Sheen;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Told\SaidThinning;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Learned;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Shelf\ShelfProblem;

/** A painter's shelf as the core sees it. */
final class ShelfRows
{
    /** @var array<string, Paint> those that were asked for already: most questions concern few */
    private array $byId = [];

    /** @var array<string, PaintRow> */
    private array $rows = [];

    /** @var array<string, PaintRow> taken off the shelf: recipes still know them, nothing else does */
    private array $gone = [];

    /** @param array<array-key, Learned> $learned */
    private function __construct(private readonly array $learned)
    {
    }

    public static function of(Painter $painter): self
    {
        $shelf = new self(LessonDesk::known($painter));
        foreach (PaintRow::withTrashed()->where('painter_id', $painter->id)->orderBy('id')->get() as $row) {
            if ($row->trashed()) {
                $shelf->gone[(string) $row->id] = $row;
            } else {
                $shelf->rows[(string) $row->id] = $row;
            }
        }

        return $shelf;
    }

    /** An empty shelf, of nobody: what is planned there takes paints that are described. */
    public static function none(): self
    {
        return new self([]);
    }

    public static function toCore(PaintRow $row): Paint
    {
        return new Paint(
            (string) $row->id,
            $row->name,
            $row->line,
            $row->behaviour,
            $row->reflectance === null ? null : Reflectance::of(array_map(floatval(...), $row->reflectance)),
            $row->owned && !$row->isDriedUp() && !$row->trashed(),
            $row->left_ml,
            SwatchDesk::pigment($row),
            ColourSource::fromText($row->colour_source),
            Sheen::tryFrom($row->sheen) ?? Sheen::Matt,
            Form::tryFrom($row->form) ?? Form::Bottle,
            Purpose::tryFrom($row->purpose) ?? Purpose::Anything,
        );
    }

    /** @return list<Paint> */
    public function paints(): array
    {
        return array_map(fn (int|string $id): Paint => $this->made((string) $id, $this->rows[$id]), array_keys($this->rows));
    }

    /** @return list<string> of what can be taken off the shelf */
    public function namesAtHand(): array
    {
        $names = [];
        foreach ($this->rows as $row) {
            if (Paint::isToHand($row->owned && !$row->isDriedUp(), $row->left_ml)) {
                $names[] = $row->name;
            }
        }

        return $names;
    }

    /** @return array<string, Paint> what thins paint, by name: what can be taken off the shelf before what is used up */
    public function thinners(): array
    {
        $found = [];
        foreach ([true, false] as $isAtHand) {
            foreach ($this->paints() as $paint) {
                if ($paint->thins() !== null && $paint->isAtHand() === $isAtHand) {
                    $found[$paint->name] ??= $paint;
                }
            }
        }

        return $found;
    }

    /**
     * A thinning as the painter says it, with the pot of this shelf that is named in it.
     *
     * @return array{Thinning|null, Thinner|null, Paint|null} null for what was left open, or not said
     *
     * @throws FilmProblem
     */
    public function thinning(string $said): array
    {
        return SaidThinning::read($said, $this->thinners());
    }

    /**
     * @param bool $thinnerFirst how a bare ratio is meant
     *
     * @throws FilmProblem
     */
    public function parsedThinning(string $said, bool $thinnerFirst = false): ParsedThinning
    {
        $kinds = array_filter(array_map(static fn (Paint $pot): ?Thinner => $pot->thins(), $this->thinners()));

        return ParsedThinning::read($said, $thinnerFirst, $kinds);
    }

    /** The first paint of this name. */
    public function named(string $name): ?Paint
    {
        foreach ($this->rows as $id => $row) {
            if ($row->name === $name) {
                return $this->made((string) $id, $row);
            }
        }

        return null;
    }

    /** The row of a paint that stands on the shelf. */
    public function row(string $id): ?PaintRow
    {
        return $this->rows[$id] ?? null;
    }

    public function find(string $id): ?Paint
    {
        return isset($this->rows[$id]) ? $this->made($id, $this->rows[$id]) : null;
    }

    /**
     * @param list<array{paint: string|int, parts: int}> $parts
     *
     * @throws ShelfProblem
     */
    public function mix(array $parts): Mix
    {
        return Mix::of(array_map(fn (array $p): Part => new Part(
            $this->find((string) $p['paint']) ?? throw ShelfProblem::notOnTheShelf((string) $p['paint']),
            $p['parts'],
        ), $parts));
    }

    /** A paint of a plan, which may have been taken off the shelf since. */
    public function planned(string $id): ?Paint
    {
        return $this->find($id) ?? (isset($this->gone[$id]) ? $this->made($id, $this->gone[$id]) : null);
    }

    /**
     * A mix of a plan, whose paints may have been taken off the shelf since; null where one of them is not known at all.
     *
     * @param list<array{paint: string|int, parts: int}> $parts
     */
    public function plannedMix(array $parts): ?Mix
    {
        $found = [];
        foreach ($parts as $part) {
            $paint = $this->planned((string) $part['paint']);
            if ($paint?->colour === null) {
                return null;
            }
            $found[] = new Part($paint, $part['parts']);
        }

        return Mix::of($found);
    }

    private function made(string $id, PaintRow $row): Paint
    {
        return $this->byId[$id] ??= self::toCore($row)->taught($this->learned[$id] ?? null);
    }
}
