<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Workshop\Record\BenchStep;
use Carbon\CarbonImmutable;
use Kalokroma\Order\Job\StillDrying;
use Kalokroma\Recipe\Technique\Technique;

/** One wait: what is wet until when, and by when what belongs to it has to follow. */
final class DryingView
{
    /**
     * @param BenchStep|null $after what follows on it; null for nothing
     *
     * @return array<string, mixed>
     */
    public static function of(Entry|PassRow $entry, Company $company, CarbonImmutable $now, ?BenchStep $after): array
    {
        $drying = $entry->drying();

        return [
            'id' => $entry->id,
            'pass' => $entry instanceof PassRow,
            'company_id' => $company->id,
            'company' => $company->name,
            'what' => self::what($entry, $company),
            'figures' => $entry->figures,
            'all' => count($entry->figures) === $company->count,
            'then' => $drying->then?->words() ?? '',
            'latest' => $drying->latest === null ? null : self::instant($drying->latest),
            'soon' => $drying->soon() === null ? null : self::instant($drying->soon()),
            'urgent' => $drying->isUrgent($now->getTimestamp()),
            'blown' => $entry instanceof PassRow || StillDrying::mayBeBlown($entry->technique()),
            'since' => $entry->done_at->toIso8601ZuluString(),
            'until' => self::until($entry),
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
