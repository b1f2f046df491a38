<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A scheme or a test figure that was tried, kept beside the chosen one.
 *
 * @property int $id
 * @property int $painter_id
 * @property int $company_id
 * @property string $name
 * @property string $verdict open, worked or failed
 * @property string $notes
 * @property array<string, array{hex: string, mix: list<array{paint: int, parts: int}>|null}> $colours by name of the area
 * @property array<string, mixed>|null $undercoat as the company had it
 */
final class TrialRow extends Model
{
    use BelongsToPainter;

    protected $table = 'trials';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['colours' => 'array', 'undercoat' => 'array'];
    }
}
