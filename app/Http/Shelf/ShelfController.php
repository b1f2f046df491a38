<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Formats\Shelf\PaletteFile;
use App\Formats\Shelf\ShelfCsv;
use App\Formats\Shelf\ShelfJson;
use App\Formats\Shelf\SwatchSheet;
use App\Formats\UnreadableFile;
use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\PaintRow;
use App\Workshop\Shelf\PaintState;
use App\Workshop\Shelf\ShelfImport;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\Shelf\ShelfUse;
use App\Workshop\Shelf\StockDesk;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Colour\Srgb;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\InTheBottle;
use Kalokroma\Shelf\Purpose;

final class ShelfController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        $rows = ShelfRows::of($this->painter($request));

        return new JsonResponse([
            'paints' => PaintView::shelf(
                PaintRow::query()->get(),
                ShelfUse::count(),
                $request->filled('like') ? ShelfUse::apart($rows, (string) $request->string('like')) : [],
            ),
            'behaviours' => array_map(
                static fn (Behaviour $b): array => [
                    'id' => $b->value, 'colours' => $b->needsColour(), 'over_white' => $b->isTransparent(), 'serves' => $b->serves(),
                ],
                Behaviour::cases(),
            ),
            'forms' => array_map(static fn (Form $f): array => ['id' => $f->value, 'words' => $f->words()], Form::cases()),
            'purposes' => array_values(array_filter(array_column(Purpose::cases(), 'value'))),
        ]);
    }

    public function map(Request $request): JsonResponse
    {
        return new JsonResponse(MapView::of(ShelfRows::of($this->painter($request))));
    }

    /** How much of the shelf is guessed, and what is worth measuring. */
    public function doubts(Request $request): JsonResponse
    {
        return new JsonResponse(DoubtsView::of($this->studio($request)));
    }

    public function show(Request $request, PaintRow $paint): JsonResponse
    {
        $thin = $request->query('thin');

        return new JsonResponse(
            PaintLookView::of(
                $paint,
                ShelfRows::of($this->painter($request)),
                is_string($thin) ? $thin : null,
                ShelfUse::count()[$paint->id] ?? 0,
            ),
        );
    }

    public function store(PaintForm $request): JsonResponse
    {
        $attributes = $request->attributesOfThePaint();
        $away = PaintRow::onlyTrashed()->where('name', $attributes['name'])->where('line', $attributes['line'])->first();
        $away?->restore();
        $paint = $away ?? $this->painter($request)->paints()->create($attributes)->refresh();
        $paint->update($attributes);
        return new JsonResponse(PaintView::of($paint), 201);
    }

    public function update(PaintForm $request, PaintRow $paint): JsonResponse
    {
        DB::transaction(static function () use ($paint, $request): void {
            $before = $paint->left_ml;
            $wanted = $request->attributesOfThePaint();
            PaintState::of($paint)->check($paint->name, Seen::of($request), PaintState::wanted($paint, $wanted));
            $paint->update($wanted);
            StockDesk::entered($paint->refresh(), $before, 'entered by hand', CarbonImmutable::now());
        });
        return new JsonResponse(PaintView::of($paint));
    }

    /** Whether a colour written down for a wash looks like the one in the bottle, and what one coat over white would then be. */
    public function bottle(Request $request): JsonResponse
    {
        $said = $request->validate(['behaviour' => ['required', Rule::enum(Behaviour::class)], 'colour' => ['required', 'string']]);
        $colour = Reflectance::fromSrgb(Srgb::fromHex($said['colour']));

        $behaviour = Behaviour::from($said['behaviour']);

        return new JsonResponse(['over_white' => InTheBottle::looksSo($behaviour, $colour)
            ? Srgb::fromXyz(InTheBottle::overWhite($behaviour, $colour)->toXyz())->clipped()->toHex() : null]);
    }

    public function import(ShelfUpload $request): JsonResponse
    {
        $bytes = $request->file('file')?->get();
        if (!is_string($bytes)) {
            throw UnreadableFile::because('The file did not arrive whole: choose it again.');
        }

        $write = !$request->boolean('look');
        $report = ShelfImport::run($this->painter($request), $bytes, $write, $request->boolean('bottled'));

        return new JsonResponse([
            'taken' => $report->count('taken'),
            'changed' => $report->count('changed'),
            'same' => $report->count('same'),
            'skipped' => $report->count('skipped'),
            'missing' => $report->missing,
            'bottled' => $report->bottled,
            'lines' => $report->lines,
        ]);
    }

    public function export(Request $request): Response
    {
        $as = $request->query('as');
        $paints = $this->painter($request)->paints()->orderBy('id')->get();
        [$body, $type, $name] = match ($as) {
            'gpl' => [PaletteFile::write($paints), 'application/x-gimp-palette', 'shelf.gpl'],
            'json' => [ShelfJson::write($paints), 'application/json', 'shelf.json'],
            'sheet' => [SwatchSheet::html(PaintView::shelf($paints)), 'text/html; charset=UTF-8', 'swatch-sheet.html'],
            'sheet-svg' => [SwatchSheet::svg(PaintView::shelf($paints)), 'image/svg+xml', 'swatch-sheet.svg'],
            default => [ShelfCsv::write($paints), 'text/csv; charset=UTF-8', 'shelf.csv'],
        };

        return new Response($body, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => (in_array($as, ['sheet', 'sheet-svg'], true) ? 'inline' : 'attachment').'; filename="'.$name.'"',
        ]);
    }
}
