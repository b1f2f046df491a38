<?php

declare(strict_types=1);

namespace Kalokroma\Order\Job;

use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Technique\Technique;

/**
 * How long something that was painted is to be left alone, and by when what belongs to it has to follow. All of it goes by the instants
 * that were written down, seconds since 1970, UTC: no clock that is turned changes it.
 */
final readonly class StillDrying
{
    private const MINUTE = 60;
    /** After a hairdryer the paint is still warm, seconds. */
    public const COOLING = 60;
    /** So many minutes before it is too late the painter is told. */
    public const SOON = 15;

    /**
     * @param string|null $area null for the whole figure
     * @param list<int> $figures
     * @param Technique|null $then what belongs to it; null for nothing
     * @param int|null $latest instant by which that begins
     */
    private function __construct(
        public ?string $area,
        public array $figures,
        public int $since,
        public int $until,
        public ?Technique $then,
        public ?int $latest,
    ) {
    }

    /**
     * @param list<int> $figures
     * @param int $minutes that are usual for it
     * @param int|null $dried instant at which the painter found it dry; null where nobody said so
     * @param Technique|null $as what was done; null where nobody knows
     */
    public static function of(?string $area, array $figures, int $since, int $minutes, ?int $dried, ?Technique $as): self
    {
        $then = $as === null ? null : Follows::of($as);
        $latest = $as === null || $then === null ? null : $as->facts()->latest;

        return new self(
            $area,
            $figures,
            $since,
            $dried ?? $since + $minutes * self::MINUTE,
            $latest === null ? null : $then,
            $latest === null ? null : $since + $latest * self::MINUTE,
        );
    }

    public function isWet(int $now): bool
    {
        return $this->until > $now;
    }

    /** Whether what belongs to it may still come in time. */
    public function isAwaited(int $now): bool
    {
        return $this->latest !== null && $this->latest >= $now;
    }

    /** Whether what belongs to it has to come now, before it is too late. */
    public function isUrgent(int $now): bool
    {
        return $this->isAwaited($now) && (int) $this->latest - $now <= self::SOON * self::MINUTE;
    }

    /** The instant from which the painter is told of it; null where nothing has to follow. */
    public function soon(): ?int
    {
        return $this->latest === null ? null : $this->latest - self::SOON * self::MINUTE;
    }

    /** Whether a step of this figure would be laid on it. */
    public function isUnder(StepRef $step, int $figure): bool
    {
        return in_array($figure, $this->figures, true) && ($this->area === null || $step->isOfFigure() || $this->area === $step->area);
    }

    /** What is wet with solvent is never blown at: it burns, and plastic warps. */
    public static function mayBeBlown(?Technique $as): bool
    {
        return $as === null || !$as->isSolvent();
    }
}
