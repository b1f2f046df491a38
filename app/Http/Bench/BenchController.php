<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\Controller;
use App\Models\Company;
use App\Models\Entry;
use App\Workshop\Order\OrderPlan;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Shelf\StockDesk;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Kalokroma\Order\RunningOrder;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Record\Instant;

final class BenchController extends Controller
{
    public function show(Request $request, Company $company): JsonResponse
    {
        return $this->answer($request, $company, $request->integer('figure', 1));
    }

    public function record(RecordForm $request, Company $company): JsonResponse
    {
        $bench = new BenchDesk($this->studio($request));
        $bench->record(
            $company,
            $request->area($company),
            $request->stepKey(),
            $request->stage(),
            $request->figures(),
            $request->real(),
            (string) $request->string('note'),
            Instant::of($request->at(), CarbonImmutable::now()->getTimestamp()),
            $request->as(),
        );

        return $this->answer($request, $company, $request->figures()[0]);
    }

    /** Takes an entry back: it no longer counts, but it is not erased. */
    public function withdraw(Request $request, Entry $record): JsonResponse
    {
        if ($record->withdrawn_at === null) {
            DB::transaction(static function () use ($record): void {
                $record->update(['withdrawn_at' => CarbonImmutable::now()]);
                StockDesk::giveBack($record, CarbonImmutable::now());
            });
        }

        return $this->answer($request, $record->company()->firstOrFail(), $record->figures[0]);
    }

    /** Dry already: of itself, or by a hairdryer. */
    public function dry(Request $request, Entry $record): JsonResponse
    {
        BenchDesk::dried($record, $request->boolean('hairdryer'), CarbonImmutable::now());

        return $this->answer($request, $record->company()->firstOrFail(), $request->integer('figure', $record->figures[0]));
    }

    /** The running order as it was planned last, or close to it; null where none can be kept. */
    private function order(Request $request, Company $company): ?RunningOrder
    {
        try {
            return OrderPlan::of($this->studio($request), $company)->order(true);
        } catch (DomainException) {
            return null;
        }
    }

    private function answer(Request $request, Company $company, int $figure): JsonResponse
    {
        $company->load('areas.recipe', 'records');
        $level = $request->query('level');
        $goal = is_string($level) ? Level::tryFrom($level) : null;

        return new JsonResponse(
            BenchView::of(
                new BenchDesk($this->studio($request)),
                $company,
                $figure,
                CarbonImmutable::now(),
                $goal,
                $this->order($request, $company),
            ),
        );
    }
}
