<?php

declare(strict_types=1);

namespace App\Devices;

use Kalokroma\Colour\Lab;

/** A hand-held device that is laid on a spot and tells its colour (CIE Lab, D65, 2°). */
interface ColourReader
{
    /** As it is shown to the painter. */
    public function name(): string;

    /**
     * One reading. A real device reads whatever lies under it; the spot says what the painter was asked to lay it on.
     *
     * @throws ReaderFailed when no reading came
     */
    public function read(Spot $spot): Lab;
}
