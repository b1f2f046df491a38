<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Workshop\Recipe\RecipeMoves;
use App\Workshop\Record\Did;
use App\Workshop\Record\Doing;
use App\Workshop\Record\Recording;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Recipe\Change\Mending;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Record\Instant;
use Kalokroma\Record\Occasion;

/** What went wrong stays on the list until it is mended: later it is forgotten. */
final readonly class SlipDesk
{
    public function __construct(private Studio $studio)
    {
    }

    /**
     * @param iterable<Company> $companies with their records loaded
     *
     * @return list<Entry> what went wrong and is not mended yet, the latest first
     */
    public static function open(iterable $companies): array
    {
        $found = [];
        foreach ($companies as $company) {
            foreach ($company->records as $entry) {
                if ($entry->kind === Occasion::Slip && $entry->mended_at === null) {
                    $found[] = $entry->setRelation('company', $company);
                }
            }
        }
        usort($found, static fn (Entry $a, Entry $b): int => $b->id <=> $a->id);

        return $found;
    }

    /** What to do about it; null where that cannot be told: nothing is planned there, or it happened to the whole figure. */
    public function answer(Entry $slip): ?Mending
    {
        $area = $this->area($slip);
        $key = $slip->mishap['step'] ?? null;
        if ($area === null || $key === null) {
            return null;
        }
        try {
            return (new RecipeMoves($this->studio))
                ->mending($area->company, $area, $key, $slip->mishap['what'] ?? '', $slip->mishap['on'] ?? null);
        } catch (DomainException) {
            return null;
        }
    }

    /** Where it landed: the area that was painted, or the one beside it. */
    public function where(Entry $slip): string
    {
        $on = $slip->mishap['on'] ?? null;
        $area = $on === null || $on === 0 ? null : AreaRow::query()->find($on);

        return $area->name ?? $slip->area_name;
    }

    /** It is put right: that is written down as a repair, with the paint that was to be taken for it. */
    public function mend(Entry $slip, CarbonImmutable $now): void
    {
        if ($slip->kind !== Occasion::Slip || $slip->mended_at !== null) {
            throw new DomainException('That is mended already.');
        }
        $remedy = $this->answer($slip)->remedy->steps ?? [];
        $on = $slip->mishap['on'] ?? 0;
        $area = $on === 0 ? $this->area($slip) : AreaRow::query()->find($on);
        $with = $remedy[0] ?? null;
        (new Recording($this->studio))->write($slip->company, new Doing(
            $area,
            null,
            $with->stage ?? $slip->stage,
            $slip->figures,
            self::painted($with),
            '',
            Instant::of($now->getTimestamp(), $now->getTimestamp()),
            kind: Occasion::Repair,
            mishap: ['mends' => $slip->id],
        ));
        $slip->update(['mended_at' => $now]);
    }

    /** @return array{mix: list<array{id: string, name: string, parts: int}>, thin: string|null, coats: null, tool: null, minutes: null} */
    private static function painted(?PlannedStep $with): array
    {
        return [
            ...Did::NOTHING,
            'mix' => $with === null ? [] : Did::mix($with->load->mix),
            'thin' => $with?->load->thinning->ratio(),
        ];
    }

    private function area(Entry $slip): ?AreaRow
    {
        return $slip->area_id === null ? null : AreaRow::query()->find($slip->area_id)?->among();
    }
}
