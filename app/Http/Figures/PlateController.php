<?php

declare(strict_types=1);

namespace App\Http\Figures;

use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\Company;
use App\Workshop\Figure\PlateDesk;
use App\Workshop\Figure\PlateState;
use App\Workshop\State\Conflict;
use App\Workshop\State\State;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** Drawings and photographs of figures. */
final class PlateController extends Controller
{
    public function store(Request $request, Company $company): JsonResponse
    {
        $this->check($request, $company, PlateState::another('the new file'));
        $file = $request->file('file');
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            throw new DomainException('The file did not arrive whole: at most 12 MB are taken. Nothing was taken.');
        }
        $bytes = (string) $file->get();
        $said = '';
        if (str_starts_with($bytes, "\x89PNG") || str_starts_with($bytes, "\xFF\xD8\xFF")) {
            PlateDesk::photograph($company, $bytes);
        } else {
            $said = PlateDesk::drawing($company->load('areas'), $bytes);
        }

        return $this->answer($request, $company, $said);
    }

    public function update(PlateForm $request, Company $company): JsonResponse
    {
        PlateDesk::assign(
            $company->load('areas', 'plate'),
            $request->given(),
            $request->outlines(),
            $request->removed(),
            Seen::of($request),
        );

        return $this->answer($request, $company, '');
    }

    public function destroy(Request $request, Company $company): JsonResponse
    {
        $this->check($request, $company, PlateState::another('none'));
        $company->plate()->delete();

        return $this->answer($request, $company, '');
    }

    public function picture(Company $company): Response
    {
        $picture = $company->plate->picture ?? abort(404);

        return new Response(
            $picture,
            200,
            ['Content-Type' => 'image/jpeg', 'X-Content-Type-Options' => 'nosniff', 'Cache-Control' => 'private, max-age=86400'],
        );
    }

    /** @throws Conflict where the drawing that was seen is no longer the one that is there */
    private function check(Request $request, Company $company, State $wanted): void
    {
        $company->load('areas', 'plate');
        PlateState::of($company, $company->plate)->check('The drawing', Seen::of($request), $wanted);
    }

    private function answer(Request $request, Company $company, string $said): JsonResponse
    {
        $company->refresh()->load('areas.recipe', 'records', 'plate');
        $this->studio($request)->predictions->freshen([$company]);

        return new JsonResponse([
            'company' => CompanyView::whole($company, $this->painter($request)->equipment()),
            'left_out' => $said,
        ]);
    }
}
