<?php

declare(strict_types=1);

namespace Kalokroma\Record;

/** Which figures of a company have which step, worked out once from what was written down. */
final readonly class Progress
{
    /** What belongs to no area: the undercoat and all that is done to the whole figure. */
    public const WHOLE_FIGURE = '';

    /** @param array<string, array<string, array<int, true>>> $done area to step to the figures that have it */
    private function __construct(private array $done)
    {
    }

    /**
     * @param iterable<array{area: string|null, step: string|null, figures: list<int>}> $entries area null for the whole figure; step
     *   null where it was not planned
     */
    public static function of(iterable $entries): self
    {
        $done = [];
        foreach ($entries as ['area' => $area, 'step' => $step, 'figures' => $figures]) {
            if ($step !== null) {
                $of = $area ?? self::WHOLE_FIGURE;
                $done[$of][$step] = ($done[$of][$step] ?? []) + array_fill_keys($figures, true);
            }
        }

        return new self($done);
    }

    public function has(?string $area, string $step, int $figure): bool
    {
        return isset($this->done[$area ?? self::WHOLE_FIGURE][$step][$figure]);
    }

    /** @return list<int> numbers of the figures that have this step, smallest first */
    public function figures(?string $area, string $step): array
    {
        $figures = array_keys($this->done[$area ?? self::WHOLE_FIGURE][$step] ?? []);
        sort($figures);

        return $figures;
    }

    /** How many of so many figures still lack this step. */
    public function missing(?string $area, string $step, int $figures): int
    {
        return max(0, $figures - count($this->figures($area, $step)));
    }
}
