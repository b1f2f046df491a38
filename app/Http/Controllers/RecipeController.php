<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DraftForm;
use App\Http\Requests\StepChange;
use App\Http\Resources\AlternativesView;
use App\Http\Resources\RecipeView;
use App\Http\Resources\SubstitutesView;
use App\Models\AreaRow;
use App\Workshop\RecipeDesk;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class RecipeController extends Controller
{
    public function show(Request $request, AreaRow $area): JsonResponse
    {
        return $this->answer(new RecipeDesk($this->painter($request)), $area);
    }

    public function draft(DraftForm $request, AreaRow $area): JsonResponse
    {
        $desk = new RecipeDesk($this->painter($request));
        $desk->draft($area->company()->firstOrFail(), $area, (string) $request->string('colour'), $request->way($this->painter($request)->way));

        return $this->answer($desk, $area);
    }

    public function change(StepChange $request, AreaRow $area, string $step): JsonResponse
    {
        $desk = new RecipeDesk($this->painter($request));
        $area->load('company', 'recipe');
        $desk->change($area->company, $area, $step, $request->mix(), $request->thin(), $request->coats(), $request->omitted());

        return $this->answer($desk, $area);
    }

    public function alternatives(Request $request, AreaRow $area, string $step): JsonResponse
    {
        $desk = new RecipeDesk($this->painter($request));
        $area->load('company.areas.recipe', 'recipe');

        return new JsonResponse($step === 'undercoat'
            ? AlternativesView::undercoats($desk, $area->company)
            : AlternativesView::of($desk, $area, $step));
    }

    public function substitutes(Request $request, AreaRow $area, string $step): JsonResponse
    {
        $area->load('company.areas.recipe', 'recipe');

        return new JsonResponse(SubstitutesView::of(new RecipeDesk($this->painter($request)), $area, $step));
    }

    private function answer(RecipeDesk $desk, AreaRow $area): JsonResponse
    {
        return new JsonResponse(RecipeView::of($desk, $area->refresh()->load('company.areas.recipe', 'company.records', 'recipe')));
    }
}
