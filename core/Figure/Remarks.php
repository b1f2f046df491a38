<?php

declare(strict_types=1);

namespace Kalokroma\Figure;

use Kalokroma\Shelf\Equipment;

/** Where it pays to paint a part apart or to mask, and where to go easy; each with its reason. */
final class Remarks
{
    /** Smooth areas from this size on, cm² together, are sprayed faster than brushed if the other is covered. */
    private const MASK_FROM_CM2 = 12.0;

    /** Below this size, cm², a border is done by a steady hand however smooth it is. */
    private const HAND_BELOW_CM2 = 2.5;

    /**
     * @param list<Area> $areas
     * @param list<array{0: string, 1: string}> $touching ids of neighbours
     *
     * @return list<array{code: string, area: string, text: string}> the code is apart, behind, mask or weak
     */
    public static function of(array $areas, array $touching, Equipment $equipment): array
    {
        $byId = [];
        foreach ($areas as $area) {
            $byId[$area->id] = $area;
        }
        $found = [];
        foreach ($areas as $area) {
            if (!$area->reachable && $area->part === '') {
                $found[] = self::remark(
                    'apart',
                    $area,
                    sprintf('%s is out of reach once it is glued: paint it as a part, or before glue.', $area->name),
                );
            }
            if ($area->fragile) {
                $found[] = self::remark(
                    'weak',
                    $area,
                    sprintf('%s sits on a weak joint: hold the figure elsewhere, support it, and go easy with a drybrush.', $area->name),
                );
            }
        }
        foreach ($touching as [$one, $other]) {
            if (isset($byId[$one], $byId[$other])) {
                $found = [...$found, ...self::pair($byId[$one], $byId[$other], $equipment)];
            }
        }

        return $found;
    }

    /** @return list<array{code: string, area: string, text: string}> */
    private static function pair(Area $one, Area $other, Equipment $equipment): array
    {
        [$inner, $outer] = $one->depth <= $other->depth ? [$one, $other] : [$other, $one];
        if ($outer->depth - $inner->depth >= 3 && $outer->part === $inner->part && $outer->surfaceCm2 > 2 * $inner->surfaceCm2) {
            return [
                self::remark(
                    'behind',
                    $outer,
                    sprintf(
                        '%s (%.1f cm²) is %d layers in front of %s (%.1f cm²) and blocks the brush: easier to reach if painted separately.',
                        $outer->name,
                        $outer->surfaceCm2,
                        $outer->depth - $inner->depth,
                        mb_strtolower($inner->name),
                        $inner->surfaceCm2,
                    ),
                ),
            ];
        }
        $smooth = static fn (Area $a): bool => in_array($a->relief, [Relief::Plate, Relief::Broad], true);
        if (!$equipment->airbrush || !$smooth($one) || !$smooth($other) || $one->part !== $other->part
            || min(
                $one->surfaceCm2,
                $other->surfaceCm2,
            ) < self::HAND_BELOW_CM2 || $one->surfaceCm2 + $other->surfaceCm2 < self::MASK_FROM_CM2) {
            return [];
        }

        return [
            self::remark(
                'mask',
                $outer,
                sprintf(
                    '%s and %s are smooth and have %.0f cm² together: mask the first, dry, and spray the second.',
                    $inner->name,
                    mb_strtolower($outer->name),
                    $one->surfaceCm2 + $other->surfaceCm2,
                ),
            ),
        ];
    }

    /** @return array{code: string, area: string, text: string} */
    private static function remark(string $code, Area $area, string $text): array
    {
        return ['code' => $code, 'area' => $area->id, 'text' => $text];
    }
}
