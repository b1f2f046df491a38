<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Studio;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

abstract class Controller
{
    protected function painter(Request $request): Painter
    {
        $painter = $request->user();
        assert($painter instanceof Painter);

        return $painter;
    }

    /** What a field says as a word; empty where it says none, or something else than a word. */
    protected static function said(Request $request, string $field): string
    {
        $said = $request->input($field);

        return is_string($said) || is_int($said) ? trim((string) $said) : '';
    }

    /**
     * For a page that needs all recipes: works out what is stale of these companies, and where that takes longer than an answer
     * should, tells how many recipes are left to whoever said that they can ask again ("Prefer: respond-async", RFC 7240).
     *
     * @param iterable<Company> $companies with areas.recipe and records loaded
     */
    protected function stillWorking(Request $request, iterable $companies): ?JsonResponse
    {
        if (!str_contains((string) $request->header('Prefer'), 'respond-async')) {
            return null;
        }
        $left = $this->studio($request)->predictions->freshen($companies, (float) config('kalokroma.answers_within_s'));

        return $left === 0 ? null : new JsonResponse(['recipes_left' => $left], 202);
    }

    /**
     * A change and, once it is kept, the answer to it. Where the same change is sent again it is not done again.
     *
     * @param Closure(): array<array-key, mixed> $change tells what came of it, as JSON can keep it
     * @param Closure(array<array-key, mixed>): JsonResponse $answer made of what came of it, by somebody who only looks
     */
    protected static function keeping(Request $request, Closure $change, Closure $answer): LateAnswer
    {
        $known = $request->attributes->get(Writing::OUTCOME);

        return new LateAnswer(is_array($known) ? $known : $change(), $answer);
    }

    /** What the painter works with, read once for this request: ask for it after all writing to the shelf. */
    protected function studio(Request $request): Studio
    {
        $known = $request->attributes->get(Studio::class);
        if (!$known instanceof Studio) {
            $known = new Studio($this->painter($request));
            $request->attributes->set(Studio::class, $known);
        }

        return $known;
    }
}
