<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Devices\ColourReader;
use App\Devices\ReadingSeries;
use App\Devices\Spot;
use App\Formats\TestCard\TestCard;
use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\PaintRow;
use App\Workshop\Shelf\PaintState;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\Shelf\SwatchDesk;
use App\Workshop\State\Conflict;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The test swatch: the card to print, reading it, and keeping what it tells. */
final class SwatchController extends Controller
{
    public function card(Request $request): Response
    {
        $ids = explode(',', is_string($request->query('paints')) ? $request->query('paints') : '');
        $paints = array_values(PaintRow::query()->whereIn('id', array_slice($ids, 0, TestCard::MOST))->orderBy('id')->get()->all());
        if ($paints === []) {
            throw new DomainException('Choose the paints whose swatches the card is for, six at most.');
        }
        $html = $request->query('as') === 'html';

        return new Response($html ? TestCard::html($paints) : TestCard::svg($paints), 200, [
            'Content-Type' => $html ? 'text/html; charset=UTF-8' : 'image/svg+xml',
            'Content-Disposition' => 'inline; filename="test-swatch.'.($html ? 'html' : 'svg').'"',
        ]);
    }

    public function read(Request $request, PaintRow $paint, ColourReader $reader): JsonResponse
    {
        $field = $request->input('field');
        if (!in_array($field, Spot::FIELDS, true)) {
            throw new DomainException('Say which field the reader is on: '.implode(', ', Spot::FIELDS).'.');
        }

        return new JsonResponse(
            ReadingSeries::take(
                $reader,
                Spot::onTheCard($field, ShelfRows::toCore($paint), SwatchDesk::thinning($request->input('thin'))->load()),
            )->view(),
        );
    }

    public function store(SwatchForm $request, PaintRow $paint): JsonResponse
    {
        self::check($request, $paint, ['swatch' => ['at' => null]]);
        SwatchDesk::calibrate(
            $paint,
            $request->reading('on_black'),
            $request->reading('on_white'),
            $request->reading('black'),
            $request->reading('white'),
            SwatchDesk::thinning($request->input('thin')),
            $request->input('by') === 'reader' ? 'reader' : 'typed',
            CarbonImmutable::now('UTC'),
        );

        return $this->changed($request, $paint);
    }

    public function destroy(Request $request, PaintRow $paint): JsonResponse
    {
        self::check($request, $paint, ['swatch' => null]);
        $paint->update(['swatch' => null]);

        return $this->changed($request, $paint);
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @throws Conflict where the paint was changed in the meantime
     */
    private static function check(Request $request, PaintRow $paint, array $changes): void
    {
        PaintState::of($paint)->check($paint->name, Seen::of($request), PaintState::wanted($paint, $changes));
    }

    private function changed(Request $request, PaintRow $paint): JsonResponse
    {
        return new JsonResponse(PaintLookView::of($paint, ShelfRows::of($this->painter($request))));
    }
}
