<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Support\Facades\Cache;

/** The seed of a stand-in: chance, or with KALOKROMA_DEVICE_SEED the same luck in the same order every time. */
final class Luck
{
    public static function seed(): ?int
    {
        $seed = config('kalokroma.device_seed');

        return is_numeric($seed) ? (int) $seed + (int) Cache::increment('device-luck') : null;
    }
}
