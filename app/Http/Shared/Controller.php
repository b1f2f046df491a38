<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\Painter;
use Illuminate\Http\Request;

abstract class Controller
{
    protected function painter(Request $request): Painter
    {
        $painter = $request->user();
        assert($painter instanceof Painter);

        return $painter;
    }
}
