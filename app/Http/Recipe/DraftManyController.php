<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\Controller;
use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Recipe\DraftMany;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kalokroma\Recipe\Judge\Ending;

/** Recipes for every area of a figure with one action, and one undo. */
final class DraftManyController extends Controller
{
    private const BATCH = 'regex:/^[A-Za-z0-9-]{8,40}$/';

    public function draft(Request $request, Company $company): JsonResponse
    {
        $said = $request->validate([
            'batch' => ['required', 'string', self::BATCH],
            'all' => ['sometimes', 'boolean'],
            'versions' => ['present_if:all,true', 'array'],
            'versions.*' => ['integer', 'min:0'],
        ], [
            'batch.*' => 'An action over many areas has a name of 8 to 40 letters, digits and dashes.',
            'versions.*' => 'Say which versions of the recipes are drafted again: reload the page.',
        ]);
        $studio = $this->studio($request);

        return self::keeping($request, static function () use ($studio, $company, $said): array {
            $company->load('areas.recipe', 'records');
            $answer = (new DraftMany($studio))->draft(
                $company,
                $said['batch'],
                (bool) ($said['all'] ?? false),
                array_map(intval(...), $said['versions'] ?? []),
            );

            return [
                'done' => array_map(self::drafted(...), $answer['done']),
                'left' => self::named($answer['left']),
                'uncoloured' => self::named($answer['uncoloured']),
                'changed' => self::named($answer['changed']),
            ];
        }, static fn (array $outcome): JsonResponse => new JsonResponse($outcome));
    }

    public function undo(Request $request, Company $company, string $batch): JsonResponse
    {
        $studio = $this->studio($request);

        return self::keeping($request, static function () use ($studio, $company, $batch): array {
            $answer = (new DraftMany($studio))->undo($company->load('areas.recipe', 'records'), $batch);

            return ['undone' => self::named($answer['undone']), 'kept' => self::named($answer['kept'])];
        }, static fn (array $outcome): JsonResponse => new JsonResponse($outcome));
    }

    /** @return array<string, mixed> */
    private static function drafted(AreaRow $area): array
    {
        $strip = $area->recipe->strip ?? [];

        return [
            'id' => $area->id,
            'name' => $area->name,
            'steps' => count($area->recipe->plan['steps'] ?? []),
            'off' => $area->recipe?->off === null ? null : round($area->recipe->off, 1),
            'far' => Ending::FAR,
            'strip' => $strip,
        ];
    }

    /**
     * @param list<AreaRow> $areas
     *
     * @return list<array{id: int, name: string}>
     */
    private static function named(array $areas): array
    {
        return array_map(static fn (AreaRow $a): array => ['id' => $a->id, 'name' => $a->name], $areas);
    }
}
