<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\Company;
use App\Models\Entry;
use App\Models\PassRow;
use App\Models\SittingRow;
use App\Workshop\Record\BenchDesk;
use App\Workshop\Record\BenchStep;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Bench\Washing;
use Kalokroma\Caution\Tool;
use Kalokroma\Order\Sheet;

/** How a sitting ended: what was done, what dries overnight, what is washed, what comes next. */
final readonly class SittingEnd
{
    /** @var list<Entry> */
    public array $entries;

    public function __construct(
        private Studio $studio,
        private SittingDesk $desk,
        public SittingRow $row,
        public CarbonImmutable $now,
    ) {
        $this->entries = $desk->entries($row);
    }

    /** Minutes from its start to its end. */
    public function minutes(): int
    {
        return (int) round(($this->row->started_at ?? $this->now)->diffInMinutes($this->row->ended_at ?? $this->now));
    }

    /** How many figures something was painted on. */
    public function figures(): int
    {
        $found = [];
        foreach ($this->entries as $entry) {
            foreach ($entry->kind->isPainted() ? $entry->figures : [] as $figure) {
                $found[$entry->company_id.' '.$figure] = true;
            }
        }

        return count($found);
    }

    /** @return list<string> */
    public function washing(): array
    {
        $words = $behaviours = [];
        foreach ($this->entries as $entry) {
            $words[] = $entry->real['tool'] ?? $entry->planned['tool'] ?? '';
            foreach ($entry->real['mix'] ?? [] as $part) {
                $paint = $this->studio->shelf->planned((string) ($part['id'] ?? ''));
                $behaviours = $paint === null ? $behaviours : [...$behaviours, $paint->behaviour];
            }
        }
        $tools = array_values(array_filter(Tool::cases(), static fn (Tool $t): bool => in_array($t->words(), $words, true)));

        return $tools === [] ? [] : Washing::after(
            $tools,
            array_values(array_unique($behaviours, SORT_REGULAR)),
            $this->studio->painter->equipment(),
        );
    }

    /** @return list<array{Company, Entry|PassRow, BenchStep|null}> what is still wet,
        with what follows on it */
    public function drying(): array
    {
        $bench = new BenchDesk($this->studio);
        $found = [];
        foreach (Company::query()->with('areas.recipe', 'records', 'passes')->get() as $company) {
            $steps = $bench->steps($company);
            foreach (BenchDesk::drying($company, null, $this->now) as $entry) {
                $found[] = [$company, $entry, BenchDesk::after($entry, $company, $steps)];
            }
        }
        return $found;
    }

    /** The sitting after it; null where nothing is left, or none can be planned. */
    public function next(): ?Sheet
    {
        $company = Company::query()->find($this->row->steps[0]['company'] ?? 0);
        try {
            return $company === null ? null : $this->desk->next($company);
        } catch (DomainException) {
            return null;
        }
    }
}
