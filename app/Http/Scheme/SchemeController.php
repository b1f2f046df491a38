<?php

declare(strict_types=1);

namespace App\Http\Scheme;

use App\Formats\Picture\PictureColours;
use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\Company;
use App\Models\TrialRow;
use App\Workshop\Scheme\SchemeDesk;
use App\Workshop\Scheme\TrialState;
use App\Workshop\State\Conflict;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;
use Kalokroma\Scheme\EdgeTint;
use Kalokroma\Scheme\Parting;

/** A colour for every area. */
final class SchemeController extends Controller
{
    public function show(SchemeQuestion $request, Company $company): JsonResponse
    {
        return $this->answer($request, $company);
    }

    public function choose(SchemeForm $request, Company $company, SchemeQuestion $question): JsonResponse
    {
        (new SchemeDesk($this->painter($request)))->choose(
            $company->load('areas.recipe', 'records'),
            $request->chosen(),
            Seen::of($request),
        );

        return $this->answer($question, $company);
    }

    /** Means two areas alike, or no longer. */
    public function alike(Request $request, Company $company, SchemeQuestion $question): JsonResponse
    {
        $said = $request->validate(['one' => ['required', 'integer'], 'other' => ['required', 'integer'], 'on' => ['required', 'boolean']]);
        (new SchemeDesk($this->painter($request)))->meanAlike(
            $company->load('areas.recipe', 'records'),
            (int) $said['one'],
            (int) $said['other'],
            (bool) $said['on'],
        );

        return $this->answer($question, $company);
    }

    /** Has two areas parted by edges of two tints or a line, or no longer. */
    public function part(Request $request, Company $company, SchemeQuestion $question): JsonResponse
    {
        $said = $request->validate([
            'one' => ['required', 'integer'],
            'other' => ['required', 'integer'],
            'how' => ['present', 'nullable', Rule::enum(Parting::class)],
        ], ['how.*' => 'Two areas are parted by tints or by a line.']);
        (new SchemeDesk($this->painter($request)))->part(
            $company->load('areas.recipe', 'records'),
            (int) $said['one'],
            (int) $said['other'],
            $request->enum('how', Parting::class),
        );

        return $this->answer($question, $company);
    }

    public function proposals(SchemeQuestion $request, Company $company): JsonResponse
    {
        $desk = new SchemeDesk($this->painter($request));
        $company->load('areas');
        $from = $request->filled('from') ? (string) $request->string('from') : null;
        $isSurprise = $from !== null || $request->filled('surprise');

        return new JsonResponse(SchemeView::proposals($isSurprise
            ? $desk->surprises($company, $request->sight(), $request->integer('surprise'), $from, $request->harmony())
            : $desk->proposals($company, $request->sight(), $request->harmony()), $company));
    }

    public function tint(SchemeQuestion $request): JsonResponse
    {
        return new JsonResponse(SchemeView::tint(
            new SchemeDesk($this->painter($request)),
            (string) $request->string('kind', 'white'),
            $request->enum('way', EdgeTint::class) ?? EdgeTint::Warm,
            $request->integer('strength', 2),
            $request->integer('white', 1),
        ));
    }

    /** The colours that rule a reference picture. */
    public function picture(Request $request): JsonResponse
    {
        $file = $request->file('picture');
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            throw new DomainException('The picture did not arrive whole: at most 12 MB are taken. Nothing was taken.');
        }

        return new JsonResponse(['colours' => PictureColours::of((string) $file->get())]);
    }

    public function keep(TrialForm $request, Company $company, SchemeQuestion $question): JsonResponse
    {
        $desk = new SchemeDesk($this->painter($request));
        $there = $desk->state($company->load('areas'))->version();
        if (!in_array(Seen::of($request), [null, $there], true)) {
            throw new Conflict('The scheme', $there, []);
        }
        $desk->keepTrial(
            $company,
            (string) $request->string('name'),
            (string) $request->string('notes'),
        );

        return $this->answer($question, $company);
    }

    public function change(TrialForm $request, TrialRow $trial, SchemeQuestion $question): JsonResponse
    {
        $said = array_map(static fn (mixed $v): string => is_string($v) ? $v : '', $request->validated());
        TrialState::of($trial)->check('The trial', Seen::of($request), TrialState::said(
            $said['name'] ?? $trial->name,
            $said['verdict'] ?? $trial->verdict,
            $said['notes'] ?? $trial->notes,
        ));
        $trial->update($said);

        return $this->answer($question, Company::query()->findOrFail($trial->company_id));
    }

    public function take(Request $request, TrialRow $trial, SchemeQuestion $question): JsonResponse
    {
        $company = Company::query()->with('areas.recipe', 'records')->findOrFail($trial->company_id);
        (new SchemeDesk($this->painter($request)))->takeTrial($company, $trial, Seen::of($request));

        return $this->answer($question, $company);
    }

    public function drop(Request $request, TrialRow $trial, SchemeQuestion $question): JsonResponse
    {
        TrialState::of($trial)->check('The trial', Seen::of($request), TrialState::said('', '', ''));
        $trial->delete();

        return $this->answer($question, Company::query()->findOrFail($trial->company_id));
    }

    private function answer(SchemeQuestion $request, Company $company): JsonResponse
    {
        $company->refresh()->load('areas.recipe', 'records', 'trials');
        $this->studio($request)->predictions->freshen([$company]);

        return new JsonResponse(SchemeView::of(new SchemeDesk($this->painter($request)), $company, $request->sight()));
    }
}
