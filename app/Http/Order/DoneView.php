<?php

declare(strict_types=1);

namespace App\Http\Order;

use App\Models\Entry;
use App\Workshop\Order\OrderPlan;
use Kalokroma\Word\Duration;

/** What was done of a running order, the latest first, with its real times. */
final class DoneView
{
    private const TOLD = 12;

    /** @return list<array<string, mixed>> */
    public static function of(OrderPlan $plan): array
    {
        $entries = [];
        foreach ($plan->planned as $company) {
            array_push($entries, ...$company->records->all());
        }
        usort($entries, static fn (Entry $a, Entry $b): int => [$b->done_at, $b->id] <=> [$a->done_at, $a->id]);

        return array_map(static fn (Entry $entry): array => [
            'id' => $entry->id,
            'what' => $entry->area_name.': '.self::technique($entry),
            'at' => $entry->done_at->toIso8601ZuluString(),
            'minutes_words' => self::minutes($entry),
            'dry_at' => $entry->dryAt() > $plan->now ? $entry->dryAt()->toIso8601ZuluString() : null,
        ], array_slice($entries, 0, self::TOLD));
    }

    private static function technique(Entry $entry): string
    {
        $said = $entry->planned['technique'] ?? '';

        return is_string($said) && $said !== '' ? $said : $entry->stage->value;
    }

    private static function minutes(Entry $entry): string
    {
        $planned = $entry->planned['minutes'] ?? null;
        $planned = is_numeric($planned) ? Duration::words(count($entry->figures) * (int) $planned) : null;
        $real = $entry->real['minutes'] ?? null;

        return match (true) {
            !is_numeric($real) => $planned === null ? '' : 'planned '.$planned,
            $planned === null => Duration::words((int) $real),
            default => Duration::words((int) $real).', planned '.$planned,
        };
    }
}
