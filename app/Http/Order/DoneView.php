<?php

declare(strict_types=1);

namespace App\Http\Order;

use App\Models\Entry;
use App\Workshop\Order\OrderPlan;
use Kalokroma\Order\SoFar;
use Kalokroma\Word\Duration;

/** What was done of a running order, the latest first, with its real times. */
final class DoneView
{
    private const TOLD = 12;

    /** @return list<array<string, mixed>> */
    public static function of(OrderPlan $plan): array
    {
        return array_map(static fn (Entry $entry): array => [
            'id' => $entry->id,
            'what' => $entry->area_name.': '.self::technique($entry),
            'at' => $entry->done_at->toIso8601ZuluString(),
            'minutes_words' => self::minutes($entry),
            'dry_at' => $entry->dryAt() > $plan->now ? $entry->dryAt()->toIso8601ZuluString() : null,
        ], array_slice(self::entries($plan), 0, self::TOLD));
    }

    /** @return array<string, mixed>|null what was painted today, with its real times; null where nothing was */
    public static function today(OrderPlan $plan): ?array
    {
        $midnight = $plan->now->setTimezone($plan->free->zone ?? 'UTC')->startOfDay();
        $entries = array_reverse(array_filter(self::entries($plan), static fn (Entry $e): bool => $e->done_at >= $midnight));
        if ($entries === []) {
            return null;
        }
        $soFar = SoFar::of(array_map(static fn (Entry $entry): array => [
            max(0, (int) $entry->done_at->diffInMinutes($plan->now)),
            $entry->tookMinutes(),
        ], $entries));

        return [
            'words' => Duration::words($soFar->minutes),
            'blocks' => array_map(static fn (Entry $entry, array $span): array => [
                'id' => $entry->id,
                'what' => $entry->area_name.': '.self::technique($entry),
                'words' => self::minutes($entry),
                'hex' => $entry->planned['look']['plane'] ?? null,
                'left' => round(100 * $span[0], 2),
                'wide' => round(100 * $span[1], 2),
            ], $entries, $soFar->spans),
        ];
    }

    /** @return list<Entry> of all companies that are planned, the latest first */
    private static function entries(OrderPlan $plan): array
    {
        $entries = [];
        foreach ($plan->planned as $company) {
            array_push($entries, ...$company->records->all());
        }
        usort($entries, static fn (Entry $a, Entry $b): int => [$b->done_at, $b->id] <=> [$a->done_at, $a->id]);

        return $entries;
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
