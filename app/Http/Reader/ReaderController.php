<?php

declare(strict_types=1);

namespace App\Http\Reader;

use App\Devices\ColourReader;
use App\Devices\ReadingSeries;
use App\Devices\Things;
use App\Formats\Picture\PicturePatch;
use App\Http\Shared\Controller;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** Colours brought in from outside: a thing under the colour reader, a point of a picture. */
final class ReaderController extends Controller
{
    public function things(ColourReader $reader): JsonResponse
    {
        return new JsonResponse([
            'reader' => $reader->name(),
            'things' => Things::list(),
        ]);
    }

    public function read(Request $request, ColourReader $reader): JsonResponse
    {
        return new JsonResponse(ReadingSeries::take($reader, Things::spot($request->input('thing')))->view());
    }

    public function picture(Request $request): JsonResponse
    {
        $patch = self::patch($request, 'patch');
        if ($patch === null) {
            throw new DomainException('The piece of the picture did not arrive: choose the point again.');
        }

        return new JsonResponse(PicturePatch::read($patch, self::patch($request, 'white')));
    }

    private static function patch(Request $request, string $name): ?string
    {
        $file = $request->file($name);

        return $file instanceof UploadedFile && $file->isValid() ? (string) $file->get() : null;
    }
}
