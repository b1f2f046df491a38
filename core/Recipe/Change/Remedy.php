<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Change;

use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Word\Finding;

/** What helps against a mishap: when, why, and the steps. */
final readonly class Remedy
{
    public const NOW = 'now';
    public const LATER = 'later';
    public const COVER = 'cover';

    /**
     * @param string $when {@see self::NOW}, {@see self::LATER} or {@see self::COVER}
     * @param list<PlannedStep> $steps to be done, in order; none where it is left alone
     */
    public function __construct(public string $when, public Finding $reason, public array $steps = [])
    {
    }
}
