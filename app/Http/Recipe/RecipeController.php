<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\AreaRow;
use App\Models\RevisionRow;
use App\Workshop\Recipe\RecipeEdits;
use App\Workshop\Studio;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The recipe of one area: looking at it, drafting it, changing it. */
final class RecipeController extends Controller
{
    public function show(Request $request, AreaRow $area): JsonResponse
    {
        return $this->answer($this->studio($request), $area->among());
    }

    public function vocabulary(Request $request): JsonResponse
    {
        return new JsonResponse(VocabularyView::of($this->painter($request)->equipment()));
    }

    /** The draft as it would be, before it is. */
    public function preview(DraftForm $request, AreaRow $area): JsonResponse
    {
        $studio = $this->studio($request);
        $area = $area->among();
        $wish = $request->draft($this->painter($request)->way, $studio->shelf);

        return new JsonResponse(DraftPreview::of($studio, $area->company, $area, $wish));
    }

    public function draft(DraftForm $request, AreaRow $area): JsonResponse
    {
        $studio = $this->studio($request);
        $area = $area->among();
        $wish = $request->draft($this->painter($request)->way, $studio->shelf);
        $aside = $studio->drafting->draft($area->company, $area, $wish, Seen::number($request));

        return $this->answer($studio, $area, $aside);
    }

    public function edit(EditForm $request, AreaRow $area): JsonResponse
    {
        $area = $area->among();

        $studio = $this->studio($request);
        $aside = (new RecipeEdits($studio))->apply($area->company, $area, $request->edit(), Seen::number($request));

        return $this->answer($studio, $area, $aside);
    }

    public function undo(Request $request, AreaRow $area): JsonResponse
    {
        return $this->stepped($request, $area, -1);
    }

    public function redo(Request $request, AreaRow $area): JsonResponse
    {
        return $this->stepped($request, $area, 1);
    }

    /** Takes what another window changed, or lets it go. */
    public function decide(Request $request, AreaRow $area, int $aside): JsonResponse
    {
        $studio = $this->studio($request);
        $area = $area->among();
        (new RecipeEdits($studio))->decide($area->company, $area, $aside, $request->boolean('take'));

        return $this->answer($studio, $area);
    }

    public function alternatives(Request $request, AreaRow $area, string $step): JsonResponse
    {
        $studio = $this->studio($request);
        $area = $area->among();

        return new JsonResponse($studio->undercoats->plan($area->company)->has($step)
            ? AlternativesView::undercoats($studio, $area->company)
            : AlternativesView::of($studio, $area, $step));
    }

    public function substitutes(Request $request, AreaRow $area, string $step): JsonResponse
    {
        $area = $area->among();

        return new JsonResponse(SubstitutesView::of($this->studio($request), $area, $step));
    }

    private function stepped(Request $request, AreaRow $area, int $direction): JsonResponse
    {
        $studio = $this->studio($request);
        $area = $area->among();
        (new RecipeEdits($studio))->step(
            $area->company,
            $area,
            $direction,
            Seen::number($request),
        );

        return $this->answer($studio, $area);
    }

    private function answer(Studio $studio, AreaRow $area, ?RevisionRow $aside = null): JsonResponse
    {
        return new JsonResponse(RecipeView::of($studio, $area), $aside === null ? 200 : 202);
    }
}
