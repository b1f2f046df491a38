<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Ladder;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Scheme\EdgeTint;

/**
 * Which areas of a figure have their edges tinted, and to which side: blacks and whites beside one another always, other pairs where the
 * painter chose it. The most important one comes first and has the strongest contrast.
 */
final readonly class EdgeTints
{
    /** Shares of the usual contrast that the first, second, third and further black of a figure get. */
    private const SHARES = [1.0, 0.85, 0.75, 0.7];

    /** @param array<array-key, array{EdgeTint, float}> $found tint and share of contrast, by the id of the area */
    private function __construct(private array $found)
    {
    }

    /**
     * @param list<array{Area, Lab}> $areas those that have a colour
     * @param list<array{0: string, 1: string}> $chosen pairs whose edges the painter wants in two tints, by ids of areas
     */
    public static function of(array $areas, array $chosen): self
    {
        usort($areas, static fn (array $a, array $b): int => $a[0]->weight === $b[0]->weight
            ? $b[0]->surfaceCm2 <=> $a[0]->surfaceCm2
            : ($a[0]->weight->isBelow($b[0]->weight) ? 1 : -1));
        $kinds = $beside = [];
        foreach ($areas as [$area, $colour]) {
            $kinds[$area->id] = self::kind($colour);
        }
        foreach ($chosen as [$one, $other]) {
            $beside[$one][] = $other;
            $beside[$other][] = $one;
        }
        foreach ($kinds as $id => $kind) {
            foreach ($kind === '' ? [] : array_keys($kinds, $kind, true) as $other) {
                if ($other !== $id) {
                    $beside[$id][] = (string) $other;
                }
            }
        }
        $found = [];
        $blacks = 0;
        foreach ($areas as [$area]) {
            if (!isset($beside[$area->id])) {
                continue;
            }
            $taken = array_map(static fn (string $id): ?EdgeTint => $found[$id][0] ?? null, $beside[$area->id]);
            $free = array_values(array_filter(EdgeTint::cases(), static fn (EdgeTint $t): bool => !in_array($t, $taken, true)));
            $share = $kinds[$area->id] === 'black' ? self::SHARES[min($blacks++, count(self::SHARES) - 1)] : 1.0;
            $found[$area->id] = [$free[0] ?? EdgeTint::Cool, $share];
        }

        return new self($found);
    }

    public function tint(string $area): ?EdgeTint
    {
        return $this->found[$area][0] ?? null;
    }

    /** Share of the usual contrast, 0 < share ≤ 1. */
    public function share(string $area): float
    {
        return $this->found[$area][1] ?? 1.0;
    }

    /** black, white, or nothing for any other colour. */
    private static function kind(Lab $colour): string
    {
        return match (true) {
            Dark::isBlack($colour) => 'black',
            (new Ladder(Oklch::fromLab($colour)))->isWhite() => 'white',
            default => '',
        };
    }
}
