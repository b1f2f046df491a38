<?php

declare(strict_types=1);

namespace App\Http\Figures;

use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\Company;
use App\Workshop\Figure\CompanyState;
use App\Workshop\Figure\CompanyWriter;
use App\Workshop\Figure\SurveyDesk;
use App\Workshop\State\State;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class FigureController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        $equipment = $this->painter($request)->equipment();

        $companies = Company::query()->with('areas.recipe', 'records', 'plate')->orderBy('id')->get();
        $working = $this->stillWorking($request, $companies);
        if ($working !== null) {
            return $working;
        }
        $this->studio($request)->predictions->freshen($companies);

        return new JsonResponse([
            'companies' => array_values($companies->map(static fn (Company $c): array => CompanyView::whole($c, $equipment))->all()),
            'vocabulary' => CompanyView::vocabulary(),
        ]);
    }

    public function store(CompanyForm $request): JsonResponse
    {
        $painter = $this->painter($request);

        return new JsonResponse(CompanyView::whole(CompanyWriter::write($painter, null, $request->company()), $painter->equipment()), 201);
    }

    public function update(CompanyForm $request, Company $company): JsonResponse
    {
        $wanted = $request->company();
        $company->load('areas');
        CompanyState::of($company)->check($company->name, Seen::of($request), CompanyState::wanted($company, $wanted));
        CompanyWriter::write($this->painter($request), $company, $wanted);

        return $this->answer($request, $company);
    }

    public function destroy(Request $request, Company $company): JsonResponse
    {
        CompanyState::of($company->load('areas'))->check($company->name, Seen::of($request), new State([]));
        SurveyDesk::mayGo($company);
        $company->delete();

        return new JsonResponse(null, 204);
    }

    /** One answer to a question of the survey. */
    public function survey(Request $request, Company $company): JsonResponse
    {
        $text = static fn (string $key): string => is_string($request->input($key)) ? $request->input($key) : '';
        SurveyDesk::answer($this->painter($request), $company->load('areas'), $text('question'), $text('answer'));

        return $this->answer($request, $company);
    }

    private function answer(Request $request, Company $company): JsonResponse
    {
        $company->refresh()->load('areas.recipe', 'records', 'plate');
        $this->studio($request)->predictions->freshen([$company]);

        return new JsonResponse(CompanyView::whole($company, $this->painter($request)->equipment()));
    }
}
