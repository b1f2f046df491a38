<?php

declare(strict_types=1);

namespace App\Workshop\Order;

use App\Models\Company;
use App\Models\Painter;
use App\Workshop\State\State;

/** What a running order is planned by, as its page shows it. */
final class OrderState
{
    public static function of(Painter $painter): State
    {
        return self::wanted($painter, []);
    }

    /** @param array<string, mixed> $changes free, wishes, pins, busy, and companies with their way and priority */
    public static function wanted(Painter $painter, array $changes): State
    {
        $words = [
            'Free hours' => self::told($changes['free'] ?? $painter->free),
            'Rules' => self::told($changes['wishes'] ?? $painter->wishes),
            'Pins' => self::told($changes['pins'] ?? $painter->pins),
            'Calendar' => ($changes['busy'] ?? $painter->busy)['name'] ?? '',
        ];
        /** @var list<array{id: int, way?: string|null, priority?: int, fieldable_first?: bool}> $said */
        $said = $changes['companies'] ?? [];
        $said = array_column($said, null, 'id');
        foreach ($painter->companies()->orderBy('id')->get() as $company) {
            $words[$company->name] = self::company($company, $said[$company->id] ?? []);
        }

        return new State($words);
    }

    /** @param array{way?: string|null, priority?: int, fieldable_first?: bool} $said */
    private static function company(Company $company, array $said): string
    {
        $way = array_key_exists('way', $said) ? $said['way'] : $company->way?->value;
        $priority = $said['priority'] ?? $company->priority;

        $isFirst = $said['fieldable_first'] ?? $company->fieldable_first;

        return ($way ?? 'usual').($priority === 0 ? '' : ', '.$priority).($isFirst ? ', fieldable first' : '');
    }

    /** @param array<array-key, mixed>|null $value */
    private static function told(?array $value): string
    {
        return $value === null || $value === [] ? '' : json_encode($value, JSON_THROW_ON_ERROR);
    }
}
