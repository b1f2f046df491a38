<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Http\Shared\Controller;
use App\Models\LessonRow;
use App\Models\PaintRow;
use App\Workshop\Shelf\LessonDesk;
use App\Workshop\Shelf\ShelfRows;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Shelf\Learning;
use Kalokroma\Word\Message;

/** "How did it come out?": what mixes came to, and what was learned from it. Lessons add up, whoever wrote last. */
final class LessonController extends Controller
{
    public function show(PaintRow $paint): JsonResponse
    {
        return new JsonResponse(LessonsView::of($paint, LessonDesk::known($this->painter(request()))));
    }

    public function store(LessonForm $request): JsonResponse
    {
        $painter = $this->painter($request);
        $mix = $request->mix(ShelfRows::of($painter));
        [$seen, $certainty, $said] = $request->seen($mix);
        $off = Ciede2000::difference($mix->lab(), $seen);
        if (Learning::contradicts($mix, $off) && !$request->boolean('sure')) {
            throw ValidationException::withMessages(['sure' => Message::said(
                'That is {off} from what was predicted, where ±{sure} was expected: look at it again when it is dry, or say that it is so.',
                ['off' => $off, 'sure' => $mix->certainty()],
            )]);
        }
        $told = ['how' => (string) $request->string('how'), 'said' => $said, 'place' => (string) $request->string('place')];
        LessonDesk::learn($painter, $mix, $seen, $certainty, $told, CarbonImmutable::now('UTC'));

        return new JsonResponse(LessonsView::learned($mix, $request->mix(ShelfRows::of($painter)), $seen), 201);
    }

    public function destroy(Request $request, LessonRow $lesson): JsonResponse
    {
        LessonDesk::takeBack($this->painter($request), $lesson);

        return new JsonResponse(null, 204);
    }
}
