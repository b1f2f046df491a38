<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Devices\BottleScale;
use App\Http\Shared\Controller;
use App\Models\Company;
use App\Models\PaintRow;
use App\Workshop\Buy\BuyDesk;
use App\Workshop\Shelf\ScaleDesk;
use App\Workshop\Shelf\StockDesk;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is left, what moved, and whether it is enough. */
final class StockController extends Controller
{
    public function show(PaintRow $paint): JsonResponse
    {
        return new JsonResponse(MovementsView::of($paint));
    }

    public function store(MovementForm $request, PaintRow $paint): JsonResponse
    {
        StockDesk::move($paint, $request->kind(), $request->ml($paint), (string) $request->string('note'), CarbonImmutable::now());
        return new JsonResponse(MovementsView::of($paint->refresh()));
    }

    public function weigh(Request $request, PaintRow $paint, BottleScale $scale): JsonResponse
    {
        return new JsonResponse(
            WeighedView::of(ScaleDesk::weigh($scale, $paint, $request->input('grams'), $request->input('tare')), $paint),
        );
    }

    public function needs(Request $request): JsonResponse
    {
        $companies = array_values(
            Company::query()->when(
                $request->filled('company'),
                static fn ($q) => $q->whereKey($request->integer('company')),
            )->with('areas.recipe', 'records')->orderBy('id')->get()->all(),
        );
        $area = $request->filled('area') ? $request->integer('area') : null;

        return $this->stillWorking($request, $companies) ?? new JsonResponse(
            NeedsView::of($companies, (new BuyDesk($this->painter($request), $this->studio($request)))->demands($companies, $area)),
        );
    }
}
