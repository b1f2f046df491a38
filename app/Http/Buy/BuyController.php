<?php

declare(strict_types=1);

namespace App\Http\Buy;

use App\Devices\PriceList;
use App\Formats\Shelf\ShoppingList;
use App\Http\Shared\Controller;
use App\Models\Company;
use App\Workshop\Buy\BuyDesk;
use App\Workshop\Buy\PriceDesk;
use App\Workshop\Shelf\ShelfRows;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Sets, the shop's prices, and the cheapest purchase. */
final class BuyController extends Controller
{
    public function sets(Request $request): JsonResponse
    {
        return new JsonResponse(SetsView::of($this->painter($request), ShelfRows::of($this->painter($request))));
    }

    public function fit(Request $request, Company $company): JsonResponse
    {
        return new JsonResponse(SetsView::fit($this->painter($request), $company));
    }

    public function prices(Request $request): JsonResponse
    {
        return new JsonResponse(PriceListView::of($this->painter($request), null, CarbonImmutable::now()));
    }

    /** Asks the shop again. */
    public function refresh(Request $request, PriceList $shop): JsonResponse
    {
        $problem = PriceDesk::refresh($this->painter($request), $shop, CarbonImmutable::now());

        return new JsonResponse(PriceListView::of($this->painter($request), $problem, CarbonImmutable::now()));
    }

    public function plan(BuyQuestion $request): JsonResponse
    {
        return $this->stillWorking($request, $request->companies()) ?? new JsonResponse($this->planned($request));
    }

    public function list(BuyQuestion $request): Response
    {
        $csv = $request->query('as') === 'csv';
        $list = $csv ? ShoppingList::csv($this->planned($request)) : ShoppingList::text($this->planned($request));

        return new Response($list, 200, [
            'Content-Type' => $csv ? 'text/csv; charset=UTF-8' : 'text/plain; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="shopping-list.'.($csv ? 'csv' : 'txt').'"',
        ]);
    }

    public function bought(Request $request): JsonResponse
    {
        $ids = static fn (string $key): array => array_values(array_filter((array) $request->input($key), is_string(...)));
        (new BuyDesk($this->painter($request), $this->studio($request)))->bought($ids('singles'), $ids('sets'), CarbonImmutable::now());

        return new JsonResponse(['singles' => count($ids('singles')), 'sets' => count($ids('sets'))]);
    }

    /** @return array<string, mixed> */
    private function planned(BuyQuestion $request): array
    {
        $desk = new BuyDesk($this->painter($request), $this->studio($request));

        return PurchaseView::of($desk->plan($desk->lacks($request->companies()), $request->within()));
    }
}
