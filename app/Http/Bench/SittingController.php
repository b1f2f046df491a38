<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\Controller;
use App\Models\Company;
use App\Models\SittingRow;
use App\Workshop\Bench\SittingDesk;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A sitting: laid out, fetched for, gone through, ended. */
final class SittingController extends Controller
{
    public function store(Request $request, Company $company): JsonResponse
    {
        $minutes = $request->integer('minutes', 40);
        if ($minutes < 5 || $minutes > 720) {
            throw new DomainException('Say how many minutes you have, from 5 to 720.');
        }
        $area = $request->filled('area_id') ? $company->areas()->with('recipe')->findOrFail($request->integer('area_id')) : null;
        $sitting = $this->desk($request)->layOut(self::said($request, 'origin'), $company, $area, $minutes);

        return $this->answer($request, $sitting);
    }

    public function show(Request $request, SittingRow $sitting): JsonResponse
    {
        return $this->answer($request, $sitting);
    }

    /** One thing is on the table, or is not after all: said of that thing alone, so that two windows lose nothing. */
    public function fetch(Request $request, SittingRow $sitting): JsonResponse
    {
        $key = mb_strimwidth(self::said($request, 'key'), 0, 400);
        $others = array_values(array_diff($sitting->fetched, [$key]));
        $sitting->update(['fetched' => $request->boolean('fetched') ? [...$others, $key] : $others]);

        return $this->answer($request, $sitting);
    }

    public function turn(Request $request, SittingRow $sitting, string $what): JsonResponse
    {
        $now = CarbonImmutable::now();
        match ($what) {
            'start' => $sitting->started_at === null ? $sitting->update(['started_at' => $now]) : null,
            'end' => $sitting->ended_at === null ? $this->desk($request)->end($sitting, $now) : null,
            default => abort(404),
        };

        return $this->answer($request, $sitting);
    }

    private function desk(Request $request): SittingDesk
    {
        return new SittingDesk($this->studio($request), CarbonImmutable::now());
    }

    private function answer(Request $request, SittingRow $sitting): JsonResponse
    {
        return new JsonResponse(SittingView::of($this->studio($request), $sitting->refresh(), CarbonImmutable::now()));
    }
}
