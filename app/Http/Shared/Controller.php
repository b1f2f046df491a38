<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\Painter;
use App\Workshop\Studio;
use Illuminate\Http\Request;

abstract class Controller
{
    protected function painter(Request $request): Painter
    {
        $painter = $request->user();
        assert($painter instanceof Painter);

        return $painter;
    }

    /** What the painter works with, read once for this request: ask for it after all writing to the shelf. */
    protected function studio(Request $request): Studio
    {
        $known = $request->attributes->get(Studio::class);
        if (!$known instanceof Studio) {
            $known = new Studio($this->painter($request));
            $request->attributes->set(Studio::class, $known);
        }

        return $known;
    }
}
