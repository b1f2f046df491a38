<?php

declare(strict_types=1);

namespace App\Http\Tables;

use App\Http\Shared\Controller;
use App\Workshop\Shelf\ShelfRows;
use Illuminate\Http\JsonResponse;

/** The small calculators: a question in the address, the answer from the painter's own shelf. */
final class TablesController extends Controller
{
    public function match(MatchQuestion $request): JsonResponse
    {
        return new JsonResponse(
            TablesView::match(
                ShelfRows::of($this->painter($request)),
                $request->colour(),
                $request->integer('paints', 2),
                $request->selection(),
                $request->onPaper(),
            ),
        );
    }

    public function thin(ThinQuestion $request): JsonResponse
    {
        return new JsonResponse(ThinView::of(ShelfRows::of($this->painter($request)), $request));
    }

    public function glaze(GlazeQuestion $request): JsonResponse
    {
        $text = static fn (string $field): ?string => $request->filled($field) ? (string) $request->string($field) : null;

        return new JsonResponse(
            GlazeView::of(
                ShelfRows::of($this->painter($request)),
                (string) $text('from'),
                (string) $text('to'),
                $text('paint'),
                $text('thin'),
            ),
        );
    }

    public function between(LadderQuestion $request): JsonResponse
    {
        return new JsonResponse(LadderView::of(
            ShelfRows::of($this->painter($request)),
            (string) $request->string('from'),
            (string) $request->string('to'),
            $request->integer('count', 5),
            $request->integer('drops', 12),
        ));
    }

    public function coats(CoatsQuestion $request): JsonResponse
    {
        return new JsonResponse(
            TablesView::coats(ShelfRows::of($this->painter($request)), $request->paintIds(), $request->ground(), $request->thin()),
        );
    }
}
