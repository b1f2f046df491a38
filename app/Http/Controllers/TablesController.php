<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CoatsQuestion;
use App\Http\Requests\MatchQuestion;
use App\Http\Resources\TablesView;
use App\Workshop\ShelfRows;
use Illuminate\Http\JsonResponse;

/** The small calculators: a question in the address, the answer from the painter's own shelf. */
final class TablesController extends Controller
{
    public function match(MatchQuestion $request): JsonResponse
    {
        return new JsonResponse(TablesView::match(ShelfRows::of($this->painter($request)), $request->colour(), $request->integer('paints', 2)));
    }

    public function coats(CoatsQuestion $request): JsonResponse
    {
        return new JsonResponse(TablesView::coats(ShelfRows::of($this->painter($request)), $request->paintIds(), $request->ground(), $request->thin()));
    }
}
