<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Devices\BottleScale;
use App\Http\Shared\Controller;
use App\Models\Company;
use App\Models\PaintRow;
use App\Workshop\Buy\BuyDesk;
use App\Workshop\Recipe\RecipeDesk;
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
        return $this->answer($paint);
    }

    public function store(MovementForm $request, PaintRow $paint): JsonResponse
    {
        StockDesk::move($paint, $request->kind(), $request->ml($paint), (string) $request->string('note'), CarbonImmutable::now());
        (new RecipeDesk($this->painter($request)))->refresh();

        return $this->answer($paint->refresh());
    }

    public function weigh(Request $request, PaintRow $paint, BottleScale $scale): JsonResponse
    {
        return new JsonResponse(ScaleDesk::weigh($scale, $paint, $request->input('grams'), $request->input('tare')));
    }

    public function needs(Request $request): JsonResponse
    {
        $companies = array_values(Company::query()->when($request->filled('company'), static fn ($q) => $q->whereKey($request->integer('company')))->with('areas.recipe', 'records')->orderBy('id')->get()->all());
        $desk = new RecipeDesk($this->painter($request));

        $steps = (new BuyDesk($this->painter($request), $desk))->steps($companies);
        if ($request->filled('area')) {
            $steps = array_values(array_filter($steps, static fn (array $step): bool => $step['area'] === $request->integer('area')));
        }

        return new JsonResponse(NeedsView::of($companies, $steps));
    }

    private function answer(PaintRow $paint): JsonResponse
    {
        return new JsonResponse(['paint_id' => $paint->id, 'left_ml' => $paint->left_ml, 'movements' => StockDesk::view($paint)]);
    }
}
