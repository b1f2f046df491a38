<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Formats\Picture\Photograph;
use App\Formats\UnreadableFile;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PictureRow;
use Carbon\CarbonImmutable;
use DomainException;

/** Photographs taken at the bench, bound to a step and a figure. */
final class PictureDesk
{
    /** The longer side of what is kept, pixels. */
    private const SIDE = 1600;

    /** So many are kept of one company. */
    private const MOST = 400;

    /**
     * @param int|null $figure null for the whole company
     *
     * @throws UnreadableFile|DomainException
     */
    public static function keep(
        Company $company,
        string $bytes,
        ?AreaRow $area,
        ?string $step,
        ?int $figure,
        bool $ofLight,
        CarbonImmutable $now,
    ): PictureRow {
        if ($figure !== null && ($figure < 1 || $figure > $company->count)) {
            throw new DomainException(sprintf('%s has figures 1 to %d: there is no figure %d.', $company->name, $company->count, $figure));
        }
        if (PictureRow::query()->where('company_id', $company->id)->count() >= self::MOST) {
            throw new DomainException(sprintf('%d pictures of %s are kept: delete one first.', self::MOST, $company->name));
        }
        $photo = Photograph::read($bytes, self::SIDE);

        return PictureRow::query()->create([
            'painter_id' => $company->painter_id,
            'company_id' => $company->id,
            'area_id' => $area?->id,
            'step_key' => $step,
            'figure' => $figure,
            'of_light' => $ofLight,
            'width' => $photo->width,
            'height' => $photo->height,
            'bytes' => $photo->jpeg(),
            'taken_at' => $now,
        ]);
    }
}
