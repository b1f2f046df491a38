<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Http\Shared\Controller;
use App\Workshop\Shelf\ShelfImport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Shelf\CommonPaints;
use Kalokroma\Shelf\TypedShelf;

/** A shelf without a file: typed lines, common colours, points of a picture. What is understood is shown before anything is kept. */
final class TypedShelfController extends Controller
{
    private const LONGEST = 60_000;

    public function read(Request $request): JsonResponse
    {
        $said = $request->validate(
            ['text' => ['required', 'string', 'max:'.self::LONGEST]],
            ['text.required' => 'Type or paste your paints first, one a line.', 'text.max' => sprintf(
                'That is more than %d 000 letters: paste it in two parts.',
                self::LONGEST / 1000,
            )],
        );
        $view = new TypedPaintView($this->painter($request));

        return new JsonResponse([
            'paints' => $view->all(TypedShelf::read((string) $said['text'])),
            'most' => TypedShelf::MOST_LINES,
        ]);
    }

    public function common(Request $request): JsonResponse
    {
        $view = new TypedPaintView($this->painter($request));
        $groups = [];
        foreach (CommonPaints::all() as $name => $paints) {
            $groups[] = ['name' => $name, 'paints' => $view->all($paints)];
        }

        return new JsonResponse(['groups' => $groups]);
    }

    public function keep(NewPaints $request): JsonResponse
    {
        $report = ShelfImport::bring($this->painter($request), $request->rows());

        return new JsonResponse(['added' => $report->count('taken'), 'changed' => $report->count('changed')], 201);
    }
}
