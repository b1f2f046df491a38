<?php

declare(strict_types=1);

namespace App\Http\Shelf;

use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\PaintRow;
use App\Workshop\Shelf\PaintState;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Many paints at once: changed, taken off the shelf, put back. */
final class ManyPaintsController extends Controller
{
    public function change(ManyPaints $request): JsonResponse
    {
        $changes = $request->changes();
        DB::transaction(static function () use ($request, $changes): void {
            $paints = array_values(PaintRow::query()->whereKey($request->ids())->orderBy('id')->get()->all());
            PaintState::checkAll($paints, $changes, $request->seen(), Seen::of($request));
            foreach ($paints as $paint) {
                $paint->update($changes);
            }
        });

        return $this->answer($request);
    }

    /** They leave the shelf but not the ledger: {@see self::restore()} puts them back with their stock and history. */
    public function remove(ManyPaints $request): JsonResponse
    {
        DB::transaction(static function () use ($request): void {
            foreach (PaintRow::query()->whereKey($request->ids())->get() as $paint) {
                $paint->delete();
            }
        });

        return $this->answer($request);
    }

    public function restore(ManyPaints $request): JsonResponse
    {
        DB::transaction(static function () use ($request): void {
            foreach (PaintRow::onlyTrashed()->whereKey($request->ids())->get() as $paint) {
                $paint->restore();
            }
        });

        return $this->answer($request);
    }

    private function answer(ManyPaints $request): JsonResponse
    {
        return new JsonResponse(['paints' => count($request->ids())]);
    }
}
