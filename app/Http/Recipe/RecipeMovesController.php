<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\RecipeRow;
use App\Workshop\Recipe\Listening;
use App\Workshop\Recipe\RecipeMoves;
use Closure;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Recipe\Change\Replaced;

/** Recipes that come from elsewhere, drafts compared, and mishaps mended. */
final class RecipeMovesController extends Controller
{
    /** How a told recipe is read; nothing is kept. */
    public function listen(Request $request): JsonResponse
    {
        $listening = new Listening($this->studio($request));
        $told = $listening->read(self::text($request));
        $area = $request->filled('area_id') ? AreaRow::query()->with('company')->findOrFail($request->integer('area_id')) : null;

        return new JsonResponse($area === null || $told->steps() === []
            ? ToldView::of($told)
            : ToldView::of($told, $area->toCore($area->company), $listening->look($area->company, $area, $told)));
    }

    /** What a line means is kept for the next time; without a meaning it is asked about again. */
    public function choose(Request $request): JsonResponse
    {
        $said = (string) $request->string('said');
        $means = (string) $request->string('means');
        if (trim($said) === '' || mb_strlen($said) > 600 || mb_strlen($means) > 600) {
            throw new DomainException('Which line is meant? It has one to 600 letters.');
        }
        $listening = new Listening($this->studio($request));
        trim($means) === '' ? $listening->forget($said) : $listening->choose($said, $means);

        return new JsonResponse(['said' => $said]);
    }

    public function told(Request $request, AreaRow $area): JsonResponse
    {
        $text = self::text($request);

        return $this->answer($request, $area, static fn (RecipeMoves $moves, AreaRow $area): array => [
            'notes' => $moves->told($area->company, $area, $text, $request->boolean('add')),
            'changes' => [],
        ]);
    }

    private static function text(Request $request): string
    {
        $text = (string) $request->string('text');
        if (mb_strlen($text) > 8000) {
            throw new DomainException('That is too long: at most 8000 letters are read.');
        }

        return $text;
    }

    public function replace(Request $request, AreaRow $area): JsonResponse
    {
        return $this->answer($request, $area, static fn (RecipeMoves $moves, AreaRow $area): array => [
            'notes' => [],
            'changes' => self::changes($moves->replace($area->company, $area)),
        ]);
    }

    public function fromBook(Request $request, AreaRow $area): JsonResponse
    {
        $book = BookRow::query()->findOrFail($request->integer('book_id'));

        return $this->answer($request, $area, static fn (RecipeMoves $moves, AreaRow $area): array => [
            'notes' => [],
            'changes' => self::changes($moves->fromBook($area->company, $area, $book)),
        ]);
    }

    public function follow(Request $request, AreaRow $area): JsonResponse
    {
        $model = $request->filled('area_id') ? AreaRow::query()->with('recipe')->findOrFail($request->integer('area_id')) : null;
        $as = $request->input('as') === RecipeRow::METHOD ? RecipeRow::METHOD : RecipeRow::EVERYTHING;

        return $this->answer($request, $area, static function (RecipeMoves $moves, AreaRow $area) use ($model, $as): array {
            $moves->follow($area->company, $area, $model, $as);

            return ['notes' => [], 'changes' => []];
        });
    }

    /** The same step in other areas: added, dropped, or done alike. */
    public function elsewhere(ElsewhereForm $request, AreaRow $area, string $step): JsonResponse
    {
        return $this->answer($request, $area, static function (RecipeMoves $moves, AreaRow $area) use ($request, $step): array {
            $without = $moves->elsewhere($area->company, $area, $step, $request->areas(), $request->what());

            return [
                'notes' => $without === [] ? [] : [
                    ['line' => 0, 'words' => sprintf('Nothing was changed on %s: there is no such step.', implode(', ', $without))],
                ],
                'changes' => [],
            ];
        });
    }

    public function mishaps(Request $request, AreaRow $area, string $step): JsonResponse
    {
        $area = $area->among();
        $moves = new RecipeMoves($this->studio($request));

        return new JsonResponse(MendingView::of(
            $moves->mending($area->company, $area, $step, (string) $request->string('mishap'), self::on($request)),
            $moves->neighbours($area->company, $area),
            self::on($request),
        ));
    }

    public function mend(Request $request, AreaRow $area, string $step): JsonResponse
    {
        return $this->answer($request, $area, static function (RecipeMoves $moves, AreaRow $area) use ($request, $step): array {
            $beside = $moves->mend($area->company, $area, $step, (string) $request->string('mishap'), self::on($request));

            return [
                'notes' => $beside === null ? [] : [
                    ['line' => 0, 'words' => sprintf('The repair is in the recipe of %s now.', $beside)],
                ],
                'changes' => [],
            ];
        });
    }

    /**
     * @param list<Replaced> $replaced
     *
     * @return list<array{key: string, step: string, was: string, now: string|null, difference: float|null, words: string}>
     */
    private static function changes(array $replaced): array
    {
        return array_map(static fn (Replaced $r): array => [
            'key' => $r->step->key->value, 'step' =>
                $r->step->technique->words(), 'was' =>
                $r->was, 'now' =>
                $r->now, 'difference' =>
                $r->difference, 'words' =>
                $r->words,
        ], $replaced);
    }

    private static function on(Request $request): ?int
    {
        return $request->filled('on') ? $request->integer('on') : null;
    }

    /** @param Closure(RecipeMoves, AreaRow): array{notes: list<mixed>, changes: list<mixed>} $move */
    private function answer(Request $request, AreaRow $area, Closure $move): JsonResponse
    {
        $area = $area->among();
        $studio = $this->studio($request);
        $seen = $area->recipe === null ? null : Seen::required($request);

        return self::keeping(
            $request,
            static fn (): array => $move(new RecipeMoves($studio, $seen), $area),
            static fn (array $said): JsonResponse => new JsonResponse(['recipe' => RecipeView::of($studio, $area)] + $said),
        );
    }
}
