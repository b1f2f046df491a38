<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\BottleScale;
use App\Http\Requests\MovementForm;
use App\Http\Resources\NeedsView;
use App\Models\Company;
use App\Models\Paint;
use App\Workshop\BuyDesk;
use App\Workshop\RecipeDesk;
use App\Workshop\ScaleDesk;
use App\Workshop\StockDesk;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is left, what moved, and whether it is enough. */
final class StockController extends Controller
{
    public function show(Paint $paint): JsonResponse
    {
        return $this->answer($paint);
    }

    public function store(MovementForm $request, Paint $paint): JsonResponse
    {
        StockDesk::move($paint, $request->kind(), $request->ml($paint), (string) $request->string('note'), CarbonImmutable::now());
        (new RecipeDesk($this->painter($request)))->refresh();

        return $this->answer($paint->refresh());
    }

    public function weigh(Request $request, Paint $paint, BottleScale $scale): JsonResponse
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

    private function answer(Paint $paint): JsonResponse
    {
        return new JsonResponse(['paint_id' => $paint->id, 'left_ml' => $paint->left_ml, 'movements' => StockDesk::view($paint)]);
    }
}
