<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\Controller;
use App\Models\AreaRow;
use App\Models\RevisionRow;
use App\Workshop\Recipe\RecipeDesk;
use App\Workshop\Recipe\RecipeEdits;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The recipe of one area: looking at it, drafting it, changing it. */
final class RecipeController extends Controller
{
    public function show(Request $request, AreaRow $area): JsonResponse
    {
        return $this->answer(new RecipeDesk($this->painter($request)), $area);
    }

    public function vocabulary(Request $request): JsonResponse
    {
        return new JsonResponse(VocabularyView::of($this->painter($request)->equipment()));
    }

    /** The ladder of a colour, before anything is drafted. */
    public function ladder(DraftForm $request): JsonResponse
    {
        return new JsonResponse(LadderPreview::of(new RecipeDesk($this->painter($request)), (string) $request->string('colour'), $request->wish()));
    }

    public function draft(DraftForm $request, AreaRow $area): JsonResponse
    {
        $desk = new RecipeDesk($this->painter($request));
        $aside = $desk->draft($area->company()->firstOrFail(), $area, (string) $request->string('colour'), $request->way($this->painter($request)->way), $request->wish(), $request->start(), $request->version());

        return $this->answer($desk, $area, $aside);
    }

    public function change(StepChange $request, AreaRow $area, string $step): JsonResponse
    {
        $desk = new RecipeDesk($this->painter($request));
        $area->load('company.areas.recipe', 'recipe');
        if ($step === 'undercoat') {
            $desk->changeUndercoat($area->company, $request->mix(), $request->thinning(), $request->coats(), $request->omitted());

            return $this->answer($desk, $area);
        }

        return $this->edited($desk, $area, $request->edit($step), null);
    }

    public function edit(EditForm $request, AreaRow $area): JsonResponse
    {
        $area->load('company', 'recipe');

        return $this->edited(new RecipeDesk($this->painter($request)), $area, $request->edit(), $request->version());
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
        $desk = new RecipeDesk($this->painter($request));
        $area->load('company.areas.recipe', 'recipe');
        (new RecipeEdits($desk))->decide($area->company, $area, $aside, $request->boolean('take'));

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

    private function stepped(Request $request, AreaRow $area, int $direction): JsonResponse
    {
        $desk = new RecipeDesk($this->painter($request));
        $area->load('company', 'recipe');
        (new RecipeEdits($desk))->step($area->company, $area, $direction, $request->filled('version') ? $request->integer('version') : null);

        return $this->answer($desk, $area);
    }

    /** @param array{kind: string} $edit */
    private function edited(RecipeDesk $desk, AreaRow $area, array $edit, ?int $version): JsonResponse
    {
        $aside = (new RecipeEdits($desk))->apply($area->company, $area, $edit, $version);

        return $this->answer($desk, $area, $aside);
    }

    private function answer(RecipeDesk $desk, AreaRow $area, ?RevisionRow $aside = null): JsonResponse
    {
        return new JsonResponse(RecipeView::of($desk, $area->refresh()->load('company.areas.recipe', 'company.records', 'recipe')), $aside === null ? 200 : 202);
    }
}
