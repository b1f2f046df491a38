<?php

declare(strict_types=1);

namespace App\Http\Compare;

use App\Http\Shared\Controller;
use App\Models\Company;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class CompareController extends Controller
{
    public function __invoke(Request $request, Company $company): JsonResponse
    {
        $company->load('areas.recipe', 'records', 'trials');

        return new JsonResponse(CompareView::of($this->studio($request), $company, $request->query()));
    }
}
