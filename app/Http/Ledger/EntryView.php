<?php

declare(strict_types=1);

namespace App\Http\Ledger;

use App\Models\Entry;
use App\Workshop\Record\Did;
use Kalokroma\Recipe\Change\Mishap;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Record\Comparison;

/**
 * One entry of the ledger, what was planned beside what was done.
 *
 * @phpstan-import-type DidRow from Did
 */
final class EntryView
{
    /** @return array<string, mixed> */
    public static function of(Entry $entry): array
    {
        /** @var DidRow $real */
        $real = $entry->real;
        /** @var DidRow|null $planned */
        $planned = $entry->planned;

        return [
            'id' => $entry->id,
            'company' => $entry->company->name,
            'company_id' => $entry->company_id,
            'area' => $entry->area_name,
            'stage' => $entry->stage->value,
            'work' => $planned === null && ($real['technique'] ?? null) !== null ? Technique::from($real['technique'])->words() : null,
            'figures' => $entry->figures,
            'done_at' => $entry->done_at->toIso8601ZuluString(),
            'in_plan' => $planned !== null,
            'planned' => $planned === null ? null : self::did($planned),
            'real' => self::did($real),
            'look' => $entry->planned['look'] ?? null,
            'differences' => $planned === null ? [] : Comparison::of($planned, $real),
            'note' => $entry->note,
            'kind' => $entry->kind->value,
            'mishap' => Mishap::tryFrom($entry->mishap['what'] ?? '')?->words() ?? '',
            'mended_at' => $entry->mended_at?->toIso8601ZuluString(),
        ];
    }

    /**
     * @param DidRow $did
     *
     * @return array<string, mixed>
     */
    private static function did(array $did): array
    {
        return [
            'words' => Comparison::words($did['mix']) ?: null,
            'thin' => $did['thin'] === null ? null : Comparison::thinWords($did['thin']),
            'coats' => $did['coats'],
            'tool' => $did['tool'],
            'minutes' => $did['minutes'],
            'rounds' => $did['rounds'] ?? null,
        ];
    }
}
