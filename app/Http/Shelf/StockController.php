<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Devices\BottleScale;
use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\Company;
use App\Models\PaintRow;
use App\Workshop\Buy\BuyDesk;
use App\Workshop\Shelf\ScaleDesk;
use App\Workshop\Shelf\StockDesk;
use App\Workshop\Shelf\StockState;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Shelf\Movement;

/** What is left, what moved, and whether it is enough. */
final class StockController extends Controller
{
    public function show(PaintRow $paint): JsonResponse
    {
        return new JsonResponse(MovementsView::of($paint));
    }

    public function store(MovementForm $request, PaintRow $paint): JsonResponse
    {
        // What is bought or used adds up, whoever wrote last; a count says how much there is and needs to know what was there.
        if ($request->kind() === Movement::Counted) {
            StockState::of($paint)->check('What is left of it', Seen::of($request), StockState::left($request->ml($paint)));
        }
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
