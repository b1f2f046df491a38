<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Paint;
use App\Models\Painter;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint as CorePaint;
use Kalokroma\Shelf\ShelfProblem;

/** A painter's shelf as the core sees it. */
final class ShelfRows
{
    /** @var array<string, CorePaint> */
    private array $byId = [];

    private function __construct()
    {
    }

    public static function of(Painter $painter): self
    {
        $shelf = new self();
        foreach ($painter->paints()->orderBy('id')->get() as $row) {
            $paint = self::toCore($row);
            $shelf->byId[$paint->id] = $paint;
        }

        return $shelf;
    }

    public static function toCore(Paint $row): CorePaint
    {
        return new CorePaint(
            (string) $row->id,
            $row->name,
            $row->line,
            $row->behaviour,
            $row->reflectance === null ? null : Reflectance::of(array_map(floatval(...), $row->reflectance)),
            $row->owned,
            $row->left_ml,
        );
    }

    /** @return list<CorePaint> */
    public function paints(): array
    {
        return array_values($this->byId);
    }

    public function find(string $id): ?CorePaint
    {
        return $this->byId[$id] ?? null;
    }

    /**
     * @param list<array{paint: string|int, parts: int}> $parts
     *
     * @throws ShelfProblem
     */
    public function mix(array $parts): Mix
    {
        return Mix::of(array_map(fn (array $p): array => [
            'paint' => $this->byId[(string) $p['paint']] ?? throw ShelfProblem::notOnTheShelf((string) $p['paint']),
            'parts' => $p['parts'],
        ], $parts));
    }
}
