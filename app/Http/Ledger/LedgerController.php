<?php

declare(strict_types=1);

namespace App\Http\Ledger;

use App\Http\Shared\Controller;
use App\Models\Company;
use App\Models\Entry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class LedgerController extends Controller
{
    /** Most entries one page of the ledger holds. */
    private const PAGE = 200;

    public function __invoke(Request $request): JsonResponse
    {
        $entries = Entry::query()->whereNull('withdrawn_at')->with('company')
            ->when($request->filled('company'), static fn ($query) => $query->where('company_id', $request->integer('company')))
            ->orderByDesc('done_at')->orderByDesc('id');

        return new JsonResponse([
            'companies' => array_values(Company::query()->with('records')->orderBy('id')->get()->map(static fn (Company $c): array => [
                'id' => $c->id,
                'name' => $c->name,
                'count' => $c->count,
                'entries' => $c->records->count(),
            ])->all()),
            'total' => (clone $entries)->count(),
            'entries' => array_values($entries->limit(self::PAGE)->get()->map(EntryView::of(...))->all()),
        ]);
    }
}
