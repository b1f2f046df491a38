<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Figure\Area;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** The recipes of a part that is painted apart and glued on: which belong together, and what has to be done on both sides before. */
final readonly class PartLink
{
    /**
     * @param list<Area> $members areas of the part
     * @param list<Area> $beside areas of the rest that its own ones touch
     * @param Area|null $gluedIn area whose recipe glues it on
     */
    private function __construct(public string $part, public array $members, public array $beside, public ?Area $gluedIn)
    {
    }

    /**
     * @param list<Area> $areas of the figure
     * @param list<array{0: string, 1: string}> $touching ids of areas side by side
     * @param array<string|int, Plan> $plans by id of the area
     *
     * @return self|null null where the area belongs to no part
     */
    public static function of(Area $area, array $areas, array $touching, array $plans): ?self
    {
        if ($area->part === '') {
            return null;
        }
        $members = array_values(array_filter($areas, static fn (Area $a): bool => $a->part === $area->part));
        $ids = array_map(static fn (Area $a): string => $a->id, $members);
        $near = [];
        foreach ($touching as [$one, $other]) {
            $near += in_array($one, $ids, true) ? [$other => true] : [];
            $near += in_array($other, $ids, true) ? [$one => true] : [];
        }
        $glued = null;
        foreach ($members as $member) {
            foreach (($plans[$member->id] ?? null)->steps ?? [] as $step) {
                $glued ??= $step->technique === Technique::Gluing && !$step->handling->omitted ? $member : null;
            }
        }

        return new self(
            $area->part,
            $members,
            array_values(array_filter($areas, static fn (Area $a): bool => $a->part !== $area->part && isset($near[$a->id]))),
            $glued,
        );
    }

    public function finding(): Finding
    {
        return new Finding('part.'.($this->gluedIn === null ? 'loose' : 'glued'), match (true) {
            $this->gluedIn !== null =>
                '{part} is painted separately, in {count} areas; it is glued on in the recipe of {in}, once both sides are done.',
            $this->beside !== [] =>
                '{part} is painted separately, in {count} areas. No recipe glues it on yet: do that when they and {beside} are done.',
            default => '{part} is painted separately, in {count} areas. No recipe glues it on yet.',
        }, [
            'part' => ucfirst($this->part),
            'count' => (string) count($this->members),
            'beside' => implode(', ', array_map(static fn (Area $a): string => mb_strtolower($a->name), $this->beside)),
            'in' => $this->gluedIn === null ? '' : mb_strtolower($this->gluedIn->name),
        ]);
    }
}
