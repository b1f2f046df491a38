<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One figure of a company.
 *
 * @property int $id
 * @property int $painter_id
 * @property int $company_id
 * @property int $number within its company, from 1
 * @property string $name empty where it has none of its own
 * @property int|null $picture_id the photograph that shows it
 * @property int $life 1 until all its paint comes off, then one more each time
 */
final class FigureRow extends Model
{
    use BelongsToPainter;

    protected $table = 'figures';

    protected $guarded = [];

    /** Sees to it that every figure of a company has its row. */
    public static function ensure(Company $company): void
    {
        $there = self::query()->withoutGlobalScope('painter')->where('company_id', $company->id)->pluck('number')->all();
        $missing = array_diff(range(1, $company->count), $there);
        self::query()->insert(array_map(static fn (int $number): array => [
            'painter_id' => $company->painter_id, 'company_id' => $company->id, 'number' => $number,
        ], array_values($missing)));
    }

    /**
     * @param list<int> $numbers figures of the company
     * @param int $by 1 where a new life begins, -1 where that is taken back
     */
    public static function begin(Company $company, array $numbers, int $by): void
    {
        self::ensure($company);
        self::query()->withoutGlobalScope('painter')->where('company_id', $company->id)->whereIn('number', $numbers)
            ->increment('life', $by);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['number' => 'integer', 'life' => 'integer'];
    }
}
