<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Colour\Oklch;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Word\Finding;

/** What is asked of one step, before anything is chosen for it. */
final readonly class StepWish
{
    /**
     * @param Oklch|null $target the colour wanted; null takes what is there, or goes without
     * @param Finding|null $why why this step is here
     * @param int|null $coats null leaves the number to the film model
     * @param bool $flakes with metallic paint, where the technique can be done with it
     * @param Stage|null $stage null for that of the technique
     * @param bool $tints a glaze that tints or saturates: made of an ink, stain or wash where one is owned, in at most so many coats
     */
    public function __construct(
        public Technique $technique,
        public ?Oklch $target,
        public ?Finding $why = null,
        public Scope $scope = new Scope(),
        public ?int $coats = null,
        public bool $flakes = false,
        public ?Stage $stage = null,
        public bool $tints = false,
    ) {
    }
}
