<?php

declare(strict_types=1);

namespace Kalokroma\Film;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Word\Counted;

/** Between how many coats of a paint hide a ground, where its variants disagree. */
final readonly class CoatRange
{
    /**
     * @param int|null $fewest null for more than were tried
     * @param int|null $most the same
     */
    private function __construct(public ?int $fewest, public ?int $most, private int $tried)
    {
    }

    /**
     * @param list<Pigment> $members what the paint may be
     * @param float $guess how far off the hiding of a coat may be, as a share of it
     * @param float $load pigment load of one coat, 0 < load ≤ 1
     * @param float $within CIEDE2000 from full hide
     * @param int $max most coats tried
     */
    public static function of(
        Pigment $pigment,
        array $members,
        float $guess,
        float $load,
        Reflectance $ground,
        float $within = Constants::HIDDEN_WITHIN,
        int $max = Constants::MOST_COATS,
    ): self {
        $counts = array_map(static fn (array $tried): int => Hiding::of($tried[0], $tried[1], $ground, $within, $max)->coats ?? $max + 1, [
            [$pigment, $load],
            [$pigment, $load * (1 + $guess)],
            [$pigment, $load / (1 + $guess)],
            ...array_map(static fn (Pigment $member): array => [$member, $load], $members),
        ]);
        $counted = static fn (int $n): ?int => $n > $max ? null : $n;

        return new self($counted(min($counts)), $counted(max($counts)), $max);
    }

    /** "3 to 5 coats", "one coat", "9 to more than 12 coats". */
    public function words(): string
    {
        if ($this->fewest === null) {
            return 'more than '.Counted::Coats->of($this->tried);
        }
        if ($this->fewest === $this->most) {
            return Counted::Coats->of($this->fewest);
        }

        return $this->fewest.' to '.($this->most === null ? 'more than '.$this->tried : (string) $this->most).' coats';
    }
}
