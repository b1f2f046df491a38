<?php

declare(strict_types=1);

namespace App\Http\Tonight;

use App\Http\Shared\Controller;
use App\Workshop\Bench\TonightDesk;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class TonightController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        $studio = $this->studio($request);

        return new JsonResponse((new TonightView($studio, new TonightDesk($studio, CarbonImmutable::now())))->all());
    }
}
