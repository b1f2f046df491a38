<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Film\Application;

/** Where on its area a step goes, as far as it departs from the usual place of its technique. */
final readonly class Place
{
    /** The parts that can be named, and the share of the area each is taken for. */
    public const PARTS = [
        '' => 1.0,
        'upper parts' => 0.5,
        'lower parts' => 0.4,
        'the side of the light' => 0.5,
        'the side away from the light' => 0.5,
        'the middle' => 0.4,
        'the rims' => 0.2,
        'a few spots' => 0.1,
    ];

    public const LIGHTS = ['', 'from above', 'from the left', 'from the right', 'from the front', 'from below'];

    /**
     * @param string|null $face  recess, plane or ridge alone; null for where the technique usually goes
     * @param string      $part  one of {@see self::PARTS}; empty for all of it
     * @param string      $light one of {@see self::LIGHTS}; empty where it does not matter
     * @param float       $share of that place which is touched, more than 0, at most 1
     *
     * @throws RecipeProblem
     */
    public function __construct(public ?string $face = null, public string $part = '', public string $light = '', public float $share = 1.0)
    {
        if (!($share > 0.0 && $share <= 1.0)) {
            throw RecipeProblem::shareOutOfRange($share);
        }
        if (!isset(self::PARTS[$part]) || !in_array($light, self::LIGHTS, true) || ($face !== null && !in_array($face, ['recess', 'plane', 'ridge'], true))) {
            throw RecipeProblem::noSuchPlace(trim($face.' '.$part.' '.$light));
        }
    }

    public function isUsual(): bool
    {
        return $this->face === null && $this->part === '' && $this->light === '' && $this->share === 1.0;
    }

    /**
     * Share touched of recess, plane and ridge.
     *
     * @return array{float, float, float}
     */
    public function coverage(Application $application): array
    {
        $of = match ($this->face) {
            'recess' => [1.0, 0.0, 0.0],
            'plane' => [0.0, 1.0, 0.0],
            'ridge' => [0.0, 0.0, 1.0],
            default => $application->coverage(),
        };
        $share = $this->share * ($this->share === 1.0 ? self::PARTS[$this->part] : 1.0);

        return [$of[0] * $share, $of[1] * $share, $of[2] * $share];
    }

    /** In a few words; empty where it is the usual place. */
    public function words(): string
    {
        $words = array_filter([
            match ($this->face) {
                'recess' => 'recesses only',
                'plane' => 'planes only',
                'ridge' => 'ridges only',
                default => '',
            },
            $this->part,
            $this->light === '' ? '' : 'light '.$this->light,
            $this->share === 1.0 ? '' : sprintf('%.0f %% of it', 100 * $this->share),
        ]);

        return implode(', ', $words);
    }
}
