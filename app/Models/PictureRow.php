<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A photograph taken at the bench, written again so that only pixels are left.
 *
 * @property int $id
 * @property int $painter_id
 * @property int $company_id
 * @property int|null $area_id null for the whole figure, or an area removed since
 * @property string|null $step_key
 * @property int|null $figure
 * @property bool $of_light whether it shows the light sketch, and stays beside every area as its map of lights
 * @property int $width pixels
 * @property int $height
 * @property string $bytes JPEG
 * @property CarbonImmutable $taken_at
 */
final class PictureRow extends Model
{
    use BelongsToPainter;

    protected $table = 'pictures';

    protected $guarded = [];

    protected $hidden = ['bytes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'figure' => 'integer',
            'of_light' => 'boolean',
            'width' => 'integer',
            'height' => 'integer',
            'taken_at' => 'immutable_datetime',
        ];
    }
}
