<?php

declare(strict_types=1);

namespace App\Http\Book;

use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\AreaRow;
use App\Models\BookRow;
use App\Workshop\Recipe\BookState;
use App\Workshop\Recipe\RecipeMoves;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The recipe book: named recipes apart from any figure. */
final class BookController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse(BookView::all($this->studio($request), $request));
    }

    public function show(Request $request, BookRow $book): JsonResponse
    {
        return new JsonResponse(BookView::whole($this->studio($request), $book));
    }

    public function store(BookForm $request): JsonResponse
    {
        $area = AreaRow::query()->with('recipe')->findOrFail($request->integer('area_id'));
        (new RecipeMoves($this->studio($request)))->toBook(
            $area,
            trim((string) $request->string('name')),
            $request->tags(),
            (string) $request->string('notes'),
        );

        return $this->index($request);
    }

    public function update(BookForm $request, BookRow $book): JsonResponse
    {
        $name = trim((string) $request->string('name'));
        $notes = (string) $request->string('notes');
        BookState::of($book)->check('The recipe of the book', Seen::of($request), BookState::said($name, $request->tags(), $notes));
        if (BookRow::query()->where('name', $name)->whereKeyNot($book->id)->exists()) {
            throw new DomainException(sprintf('The book has a recipe "%s" already: choose another name.', $name));
        }
        $book->update(['name' => $name, 'tags' => $request->tags(), 'notes' => $notes]);

        return $this->index($request);
    }

    public function destroy(Request $request, BookRow $book): JsonResponse
    {
        BookState::of($book)->check('The recipe of the book', Seen::of($request), BookState::said('', [], ''));
        $book->delete();

        return $this->index($request);
    }
}
