<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\Shelf\ShelfCsv;
use App\Formats\UnreadableFile;
use App\Http\Requests\PaintForm;
use App\Http\Requests\ShelfFile;
use App\Http\Resources\PaintLook;
use App\Http\Resources\PaintView;
use App\Models\Paint;
use App\Workshop\RecipeDesk;
use App\Workshop\ShelfImport;
use App\Workshop\ShelfRows;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kalokroma\Shelf\Behaviour;

final class ShelfController extends Controller
{
    public function index(): JsonResponse
    {
        return new JsonResponse([
            'paints' => PaintView::shelf(Paint::query()->get()),
            'behaviours' => array_map(static fn (Behaviour $b): array => ['id' => $b->value, 'colours' => $b->colours(), 'over_white' => $b->isTransparent()], Behaviour::cases()),
        ]);
    }

    public function show(Request $request, Paint $paint): JsonResponse
    {
        return new JsonResponse(PaintLook::of($paint, ShelfRows::of($this->painter($request))));
    }

    public function store(PaintForm $request): JsonResponse
    {
        $paint = $this->painter($request)->paints()->create($request->attributesOfThePaint())->refresh();
        (new RecipeDesk($this->painter($request)))->refresh();

        return new JsonResponse(PaintView::of($paint), 201);
    }

    public function update(PaintForm $request, Paint $paint): JsonResponse
    {
        $paint->update($request->attributesOfThePaint());
        (new RecipeDesk($this->painter($request)))->refresh();

        return new JsonResponse(PaintView::of($paint));
    }

    public function import(ShelfFile $request): JsonResponse
    {
        $bytes = $request->file('file')?->get();
        if (!is_string($bytes)) {
            throw UnreadableFile::because('The file did not arrive whole: choose it again.');
        }

        $report = ShelfImport::run($this->painter($request), $bytes);
        (new RecipeDesk($this->painter($request)))->refresh();

        return new JsonResponse($report);
    }

    public function export(Request $request): Response
    {
        return new Response(ShelfCsv::write($this->painter($request)->paints()->orderBy('id')->get()), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="shelf.csv"',
        ]);
    }
}
