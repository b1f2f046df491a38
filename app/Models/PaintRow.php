<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Purpose;

/**
 * @property int $id
 * @property int $painter_id
 * @property string $name
 * @property string $line
 * @property Behaviour $behaviour
 * @property string|null $hex as it was entered
 * @property list<float>|null $lab CIE Lab, D65
 * @property list<float>|null $reflectance 18 bands, derived from the colour
 * @property float|null $bottle_ml
 * @property float|null $left_ml
 * @property int|null $price_minor
 * @property string|null $currency
 * @property bool $owned
 * @property int|null $bottles
 * @property string $place
 * @property CarbonImmutable|null $opened_on
 * @property string $state
 * @property string $set_name
 * @property string $colour_source
 * @property string $notes
 * @property CarbonImmutable|null $deleted_at taken off the shelf, to be put back
 * @property string $sheen matt, satin or gloss; empty for matt
 * @property string $form in what it comes, see {@see Form}
 * @property string $purpose what a medium, thinner, varnish or effect is for, see {@see Purpose}
 * @property array<string, mixed>|null $swatch readings of a test swatch and what was solved from them, see SwatchDesk
 * @property array<string, string>|null $extra columns of an imported file that are kept as they came
 */
final class PaintRow extends Model
{
    use BelongsToPainter;
    use ReadsOnce;
    use SoftDeletes;

    protected $table = 'paints';

    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['form' => 'bottle', 'purpose' => ''];

    /** Paint in this state cannot be used, whatever is left. */
    public function isDriedUp(): bool
    {
        return preg_match('/^(dried|dry|hard)\b/i', trim($this->state)) === 1;
    }

    /** @return HasMany<MovementRow, $this> */
    public function movements(): HasMany
    {
        return $this->hasMany(MovementRow::class, 'paint_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'behaviour' => Behaviour::class,
            'lab' => 'array',
            'reflectance' => 'array',
            'bottle_ml' => 'float',
            'left_ml' => 'float',
            'price_minor' => 'integer',
            'owned' => 'boolean',
            'bottles' => 'integer',
            'opened_on' => 'immutable_date',
            'extra' => 'array',
            'swatch' => 'array',
        ];
    }
}
