<?php

declare(strict_types=1);

namespace App\Http\Cards;

use App\Formats\Recipe\RecipeJson;
use App\Formats\UnreadableFile;
use App\Http\Shared\Controller;
use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Workshop\Recipe\RecipeFiles;
use App\Workshop\Recipe\RecipeImport;
use App\Workshop\Studio;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Kalokroma\Recipe\Technique\Level;

/** Recipes, figures and companies as files and on paper. */
final class CardController extends Controller
{
    public function area(Request $request, AreaRow $area): Response
    {
        $studio = $this->studio($request);
        $area->load('company.areas.recipe', 'company.records', 'recipe');
        $document = (new RecipeFiles($studio))->recipe($area);

        return $request->query('as') === 'md'
            ? self::file(CardMarkdown::write($area->name, [CardView::of($studio, $area)]), 'md', $area->name)
            : self::file(RecipeJson::write($document), 'json', $area->name);
    }

    public function company(Request $request, Company $company): Response
    {
        $studio = $this->studio($request);
        $company->load('areas.recipe', 'records', 'plate');

        return match ($request->query('as')) {
            'md' => self::file(CardMarkdown::write($company->name, $this->cards($studio, $company)), 'md', $company->name),
            'figure' => self::file(
                RecipeJson::write((new RecipeFiles($studio))->figure($company, true)),
                'json',
                $company->name.' one figure',
            ),
            default => self::file(RecipeJson::write((new RecipeFiles($studio))->figure($company, false)), 'json', $company->name),
        };
    }

    public function book(Request $request, BookRow $book): Response
    {
        return self::file(RecipeJson::write((new RecipeFiles($this->studio($request)))->bookRecipe($book)), 'json', $book->name);
    }

    public function import(RecipeUpload $request): JsonResponse
    {
        $bytes = $request->file('file')?->get();
        if (!is_string($bytes)) {
            throw UnreadableFile::because('The file did not arrive whole: choose it again.');
        }

        $imported = (new RecipeImport($this->studio($request)))->run($bytes);

        return new JsonResponse([
            'words' => $imported->words,
            'notes' => $imported->notes,
            'book_id' => $imported->bookId,
            'company_id' => $imported->companyId,
        ]);
    }

    /** One page for the area. */
    public function areaCard(Request $request, AreaRow $area): View
    {
        $area->load('company.areas.recipe', 'company.records', 'recipe');

        $card = CardView::of($this->studio($request), $area, self::goal($request));

        return view('card', ['title' => $area->name, 'cards' => [$card], 'table' => false]);
    }

    /** One page for each area with a recipe, or one table for the figure. */
    public function companyCard(Request $request, Company $company): View
    {
        $company->load('areas.recipe', 'records');

        return view(
            'card',
            [
                'title' => $company->name,
                'cards' => $this->cards($this->studio($request), $company, self::goal($request)),
                'table' => $request->query('as') === 'table',
            ],
        );
    }

    /** Level a card is asked for; null for all of it. */
    private static function goal(Request $request): ?Level
    {
        $level = $request->query('level');

        return is_string($level) ? Level::tryFrom($level) : null;
    }

    /** @return list<array<string, mixed>> */
    private function cards(Studio $studio, Company $company, ?Level $goal = null): array
    {
        $cards = [];
        foreach ($company->areas as $area) {
            if ($area->recipe !== null) {
                $area->setRelation('company', $company);
                $cards[] = CardView::of($studio, $area, $goal);
            }
        }

        return $cards;
    }

    private static function file(string $body, string $ending, string $name): Response
    {
        return new Response($body, 200, [
            'Content-Type' => $ending === 'md' ? 'text/markdown; charset=UTF-8' : 'application/json',
            'Content-Disposition' => sprintf('attachment; filename="%s.%s"', Str::slug($name) ?: 'recipe', $ending),
        ]);
    }
}
