<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\Company;
use App\Models\PictureRow;
use App\Workshop\Bench\PictureDesk;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** Photographs taken at the bench. */
final class PictureController extends BenchAnswers
{
    public function store(Request $request, Company $company): JsonResponse
    {
        $file = $request->file('file');
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            throw new DomainException('The picture did not arrive whole: at most 12 MB are taken. Nothing was kept.');
        }

        return $this->ticked($request, $company, static function () use ($request, $company, $file): Ticked {
            PictureDesk::keep(
                $company,
                (string) $file->get(),
                $request->filled('area_id') ? $company->areas()->findOrFail($request->integer('area_id')) : null,
                $request->filled('step') ? mb_strimwidth(self::said($request, 'step'), 0, 40) : null,
                $request->filled('of_figure') ? $request->integer('of_figure') : null,
                $request->boolean('of_light'),
                CarbonImmutable::now(),
            );

            return new Ticked(pictures: true);
        });
    }

    public function show(PictureRow $picture): Response
    {
        return new Response(
            $picture->bytes,
            200,
            ['Content-Type' => 'image/jpeg', 'X-Content-Type-Options' => 'nosniff', 'Cache-Control' => 'private, max-age=86400'],
        );
    }

    public function destroy(Request $request, PictureRow $picture): JsonResponse
    {
        return $this->ticked($request, Company::query()->findOrFail($picture->company_id), static function () use ($picture): Ticked {
            $picture->delete();

            return new Ticked(pictures: true);
        });
    }
}
