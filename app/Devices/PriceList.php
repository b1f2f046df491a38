<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;

/** A shop that tells what it sells. */
interface PriceList
{
    /**
     * Its list of the day, as it comes: nobody has checked it yet.
     *
     * @throws ShopUnreachable
     */
    public function fetch(CarbonImmutable $day): string;
}
