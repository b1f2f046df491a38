<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Http\Shared\Controller;
use App\Workshop\Shelf\ShelfImport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Typed\CommonPaints;
use Kalokroma\Shelf\Typed\TypedShelf;

/** A shelf without a file: typed lines, common colours, points of a picture. What is understood is shown before anything is kept. */
final class TypedShelfController extends Controller
{
    private const LONGEST = 60_000;

    public function read(Request $request): JsonResponse
    {
        $said = $request->validate(
            [
                'text' => ['required', 'string', 'max:'.self::LONGEST],
                'put' => ['array', 'max:'.TypedShelf::MOST_LINES],
                'put.*.said' => ['required', 'string', 'max:2000'],
                'put.*.behaviour' => ['nullable', Rule::enum(Behaviour::class)],
                'put.*.form' => ['nullable', Rule::enum(Form::class)],
                'put.*.colour' => ['nullable', 'string', 'max:80'],
            ],
            ['text.required' => 'Type or paste your paints first, one a line.', 'text.max' => sprintf(
                'That is more than %d 000 letters: paste it in two parts.',
                self::LONGEST / 1000,
            )],
        );
        $view = new TypedPaintView($this->painter($request));

        return new JsonResponse([
            'paints' => $view->all(TypedShelf::read((string) $said['text'], self::put((array) ($said['put'] ?? [])))),
            'most' => TypedShelf::MOST_LINES,
        ]);
    }

    /**
     * @param array<mixed> $put
     *
     * @return array<string, array{behaviour?: string, form?: string, colour?: string}> by the line
     */
    private static function put(array $put): array
    {
        $found = [];
        foreach ($put as $each) {
            /** @var array{said: string, behaviour?: string|null, form?: string|null, colour?: string|null} $each */
            $found[$each['said']] = array_filter(
                ['behaviour' => $each['behaviour'] ?? '', 'form' => $each['form'] ?? '', 'colour' => $each['colour'] ?? ''],
                static fn (string $v): bool => $v !== '',
            );
        }

        return $found;
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
