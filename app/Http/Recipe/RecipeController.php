<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\Controller;
use App\Http\Shared\LateAnswer;
use App\Http\Shared\Seen;
use App\Models\AreaRow;
use App\Models\RevisionRow;
use App\Workshop\Studio;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The recipe of one area: looking at it, drafting it, changing it. */
final class RecipeController extends Controller
{
    public function show(Request $request, AreaRow $area): JsonResponse
    {
        return new JsonResponse(RecipeView::of($this->studio($request), $area->among()));
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
        return $this->kept($request, $area, static fn (Studio $studio, AreaRow $area): array => [$studio->drafting->draft(
            $area->company,
            $area,
            $request->draft($studio->painter->way, $studio->shelf),
            $area->recipe === null ? null : Seen::required($request),
        )]);
    }

    public function edit(EditForm $request, AreaRow $area): JsonResponse
    {
        return $this->kept($request, $area, static fn (Studio $studio, AreaRow $area): array => $studio->plans->change(
            $area->company,
            $area,
            $request->change($studio, $area->company, $area),
            Seen::required($request),
        ));
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
        $seen = Seen::required($request);

        return $this->kept($request, $area, static function (Studio $studio, AreaRow $area) use ($request, $aside, $seen): array {
            $studio->plans->decide($area->company, $area->id, $aside, $request->boolean('take'), $seen);

            return [];
        });
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

    public function joins(Request $request, AreaRow $area, string $step): JsonResponse
    {
        return new JsonResponse(JoinsView::of($this->studio($request), $area->among(), $step));
    }

    private function stepped(Request $request, AreaRow $area, int $direction): JsonResponse
    {
        $seen = Seen::required($request);

        return $this->kept($request, $area, static function (Studio $studio, AreaRow $area) use ($direction, $seen): array {
            $studio->plans->step($area->company, $area->id, $direction, $seen);

            return [];
        });
    }

    /**
     * A change of this recipe, and what came of it.
     *
     * @param Closure(Studio, AreaRow): list<RevisionRow|null> $change tells what was kept aside
     */
    private function kept(Request $request, AreaRow $area, Closure $change): LateAnswer
    {
        $area = $area->among();
        $studio = $this->studio($request);

        return self::keeping(
            $request,
            static fn (): array => ['is_aside' => array_filter($change($studio, $area)) !== []],
            static fn (array $outcome): JsonResponse => new JsonResponse(RecipeView::of($studio, $area), $outcome['is_aside'] ? 202 : 200),
        );
    }
}
