<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Workshop\Record\BenchStep;
use Carbon\CarbonImmutable;
use Kalokroma\Bench\RowDrying;
use Kalokroma\Order\Job\StillDrying;
use Kalokroma\Recipe\Technique\Technique;

/** One wait: what is wet until when, and by when what belongs to it has to follow. */
final class DryingView
{
    /**
     * Rows that were ticked off figure by figure stand as one.
     *
     * @param list<array{0: Company, 1: Entry|PassRow, 2: BenchStep|null}> $wet with what follows on each
     *
     * @return list<array<string, mixed>> what is dry first comes first
     */
    public static function all(array $wet, CarbonImmutable $now): array
    {
        $rows = RowDrying::of(array_map(static fn (array $each): array => [
            $each[0]->id.': '.self::what($each[1], $each[0]).($each[1] instanceof PassRow ? '' : ', done'),
            $each[1]->drying(),
        ], $wet));

        return array_map(
            static fn (RowDrying $row): array => self::row($row, array_map(static fn (int $at): array => $wet[$at], $row->of), $now),
            $rows,
        );
    }

    /**
     * @param non-empty-list<array{0: Company, 1: Entry|PassRow, 2: BenchStep|null}> $of
     *
     * @return array<string, mixed>
     */
    private static function row(RowDrying $row, array $of, CarbonImmutable $now): array
    {
        [$company, $entry, $after] = $of[0];
        $drying = $entry->drying();

        return [
            'ids' => array_map(static fn (array $each): int => $each[1]->id, $of),
            'pass' => $entry instanceof PassRow,
            'company_id' => $company->id,
            'company' => $company->name,
            'what' => self::what($entry, $company),
            'figures' => $row->figures,
            'all' => count($row->figures) === $company->count,
            'then' => $drying->then?->words() ?? '',
            'latest' => $drying->latest === null ? null : self::instant($drying->latest),
            'soon' => $drying->soon() === null ? null : self::instant($drying->soon()),
            'urgent' => $drying->isUrgent($now->getTimestamp()),
            'blown' => $entry instanceof PassRow || StillDrying::mayBeBlown($entry->technique()),
            'since' => self::instant($row->since),
            'first' => $row->first === $row->until ? null : self::instant($row->first),
            'until' => self::instant($row->until),
            'after' => match (true) {
                $entry instanceof PassRow => 'coat '.($entry->number + 1),
                default => $after === null ? '' : $after->outcome->step->technique->words(),
            },
            'hex' => $entry instanceof Entry && is_string($entry->planned['look']['plane'] ?? null)
                ? $entry->planned['look']['plane'] : null,
        ];
    }

    public static function until(Entry|PassRow $entry): string
    {
        return self::instant($entry->drying()->until);
    }

    /** "Oilskin coat, wash"; "Oilskin coat, coat 1". */
    public static function what(Entry|PassRow $entry, Company $company): string
    {
        if ($entry instanceof Entry) {
            $technique = $entry->planned['technique'] ?? Technique::tryFrom((string) ($entry->real['technique'] ?? ''))?->words() ?? '';

            return $entry->area_name.', '.(is_string($technique) && $technique !== '' ? $technique : $entry->stage->value);
        }
        /** @var AreaRow|null $area */
        $area = $company->areas->firstWhere('id', $entry->area_id);

        return ($area->name ?? 'Whole figure').', coat '.$entry->number;
    }

    private static function instant(int $at): string
    {
        return CarbonImmutable::createFromTimestampUTC($at)->toIso8601ZuluString();
    }
}
