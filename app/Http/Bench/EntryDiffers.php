<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\Entry;
use App\Workshop\Record\Did;
use Kalokroma\Record\Comparison;

/**
 * Whether an entry departs from what was planned.
 *
 * @phpstan-import-type DidRow from Did
 */
final class EntryDiffers
{
    public static function is(Entry $entry): bool
    {
        /** @var DidRow|null $planned */
        $planned = $entry->planned;
        /** @var DidRow $real */
        $real = $entry->real;

        return $planned !== null && Comparison::of($planned, $real) !== [];
    }
}
