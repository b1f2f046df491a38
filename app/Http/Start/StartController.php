<?php

declare(strict_types=1);

namespace App\Http\Start;

use App\Http\Shared\Controller;
use App\Workshop\Account\Path;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The first steps, from an empty shelf to the Bench. */
final class StartController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        $steps = (new Path($this->painter($request)))->steps();
        $open = array_values(array_filter($steps, static fn (array $s): bool => !$s['done']));

        return new JsonResponse(['steps' => $steps, 'next' => $open[0]['id'] ?? null, 'walked' => $open === []]);
    }
}
