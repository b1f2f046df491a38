<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Draft;

use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Shelf\Mix;

/** A mix with what it is thinned for. */
final readonly class Thinned
{
    /** Another ratio than the usual one of its use, where one was computed. */
    public ?string $ratio;

    /** @param string $use row of {@see Defaults::THINNING} */
    public function __construct(public Mix $mix, public string $use, ?string $ratio = null)
    {
        $this->ratio = $ratio === Defaults::THINNING[$use]['ratio'] ? null : $ratio;
    }

    /** Weak colours go on thinner. */
    public static function asBase(Mix $mix): self
    {
        return new self($mix, Defaults::isWeak($mix->lab()) ? 'weak' : 'basecoat');
    }
}
