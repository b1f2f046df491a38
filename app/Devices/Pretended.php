<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Painter;
use Illuminate\Support\Facades\Auth;

/** What the stand-ins are told to pretend: on the one page for it, which only the demo shows. Elsewhere they behave. */
final class Pretended
{
    /** Device to its name and what it may pretend, in words; the first is as usual. */
    public const ALL = [
        'shop' => ['The shop', ['open' => 'open', 'slow' => 'too slow to answer', 'down' => 'closed', 'garbled' => 'sends a garbled list']],
        'sensor' => ['The climate sensor', [
            'room' => 'in a dry room', 'summer' => 'on a summer balcony', 'spring' => 'in a mild, damp yard', 'winter' => 'in a cold shed',
            'cellar' => 'in a damp cellar', 'broken' => 'flat battery',
        ]],
        'reader' => ['The colour reader', ['works' => 'works', 'broken' => 'flat battery']],
        'scale' => ['The bottle scale', ['works' => 'works', 'broken' => 'flat battery']],
    ];

    /** What this device pretends for whoever is signed in. */
    public static function of(string $device): string
    {
        $painter = Auth::hasUser() || Auth::check() ? Auth::user() : null;
        $said = $painter instanceof Painter && config('kalokroma.demo') ? ($painter->devices[$device] ?? null) : null;
        $known = array_keys(self::ALL[$device][1]);

        return in_array($said, $known, true) ? $said : $known[0];
    }
}
