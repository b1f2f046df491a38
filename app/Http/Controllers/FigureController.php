<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CompanyForm;
use App\Http\Resources\CompanyView;
use App\Models\Company;
use App\Workshop\CompanyWriter;
use App\Workshop\RecipeDesk;
use Illuminate\Http\JsonResponse;

final class FigureController extends Controller
{
    public function index(): JsonResponse
    {
        return new JsonResponse([
            'companies' => array_values(Company::query()->with('areas.recipe', 'records')->orderBy('id')->get()->map(CompanyView::of(...))->all()),
            'vocabulary' => CompanyView::vocabulary(),
        ]);
    }

    public function store(CompanyForm $request): JsonResponse
    {
        return new JsonResponse(CompanyView::of(CompanyWriter::write($this->painter($request), null, $request->company())), 201);
    }

    public function update(CompanyForm $request, Company $company): JsonResponse
    {
        CompanyWriter::write($this->painter($request), $company, $request->company());
        (new RecipeDesk($this->painter($request)))->refresh();

        return new JsonResponse(CompanyView::of($company->refresh()->load('areas.recipe', 'records')));
    }
}
