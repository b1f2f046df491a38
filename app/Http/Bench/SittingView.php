<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\Company;
use App\Models\SittingRow;
use App\Workshop\Bench\SittingDesk;
use App\Workshop\Bench\SittingEnd;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Kalokroma\Bench\FetchItem;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Word\Duration;

/**
 * A sitting at the bench.
 *
 * @phpstan-import-type StepRow from SittingDesk
 */
final class SittingView
{
    /** @return array<string, mixed> with what is fetched before, and what is to be done after */
    public static function of(Studio $studio, SittingRow $row, CarbonImmutable $now): array
    {
        $desk = new SittingDesk($studio, $now);
        $list = $desk->fetchList($row);

        return [
            ...self::under($desk, $row),
            'fetch' => array_map(static fn (FetchItem $item): array => [
                'key' => $item->key,
                'kind' => $item->kind,
                'words' => $item->words,
                'notes' => $item->notes,
                'hex' => $item->mix?->colour()->toHex(),
                'fetched' => in_array($item->key, $row->fetched, true),
            ], $list->items),
            'cautions' => $list->cautions,
            'wet' => $row->ended_at === null ? self::wet($desk->steps($row), $now) : [],
            'end' => $row->ended_at === null ? null : SittingEndView::of(new SittingEnd($studio, $desk, $row, $now)),
        ];
    }

    /** @return array<string, mixed> what the bench shows of it while it is under way */
    public static function under(SittingDesk $desk, SittingRow $row): array
    {
        $steps = array_map(self::step(...), $desk->steps($row));
        $open = array_values(array_filter($steps, static fn (array $s): bool => $s['left'] !== []));

        return [
            'id' => $row->id,
            'origin' => $row->origin,
            'words' => $row->words,
            'started' => $row->started_at !== null,
            'ended' => $row->ended_at !== null,
            'started_at' => $row->started_at?->toIso8601ZuluString(),
            'steps' => $steps,
            'next' => $open[0] ?? null,
            'left_words' => Duration::words(array_sum(array_column($open, 'minutes'))),
            'all_words' => Duration::words(array_sum(array_column($steps, 'minutes'))),
        ];
    }

    /**
     * @param array{step: StepRow, left: list<int>} $each
     *
     * @return array<string, mixed>
     */
    private static function step(array $each): array
    {
        $step = $each['step'];

        return [
            'id' => (string) StepRef::of($step['area'], $step['key']),
            'company_id' => $step['company'],
            'words' => $step['words'],
            'figures' => $step['figures'],
            'minutes' => $step['minutes'],
            'left' => $each['left'],
        ];
    }

    /**
     * @param list<array{step: StepRow, left: list<int>}> $steps
     *
     * @return list<array{what: string, until: string}> what has to be dry before a step of it is begun, and is not yet
     */
    private static function wet(array $steps, CarbonImmutable $now): array
    {
        $found = [];
        $open = array_filter($steps, static fn (array $s): bool => $s['left'] !== []);
        $ids = array_unique(array_column(array_column($open, 'step'), 'company'));
        foreach (Company::query()->with('areas', 'records', 'passes')->findMany($ids) as $company) {
            foreach (BenchDesk::drying($company, null, $now) as $entry) {
                $its = $entry->drying();
                foreach ($its->isWet($now->getTimestamp()) ? $open : [] as ['step' => $step, 'left' => $left]) {
                    if ($step['company'] === $company->id && $its->isUnder(StepRef::of($step['area'], $step['key']), $left[0])) {
                        $what = DryingView::what($entry, $company);
                        $found[$what] = ['what' => $what, 'until' => DryingView::until($entry)];
                    }
                }
            }
        }

        return array_values($found);
    }
}
