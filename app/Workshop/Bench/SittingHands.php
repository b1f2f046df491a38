<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\Entry;
use App\Models\SittingRow;
use Carbon\CarbonImmutable;
use Kalokroma\Bench\AirbrushCare;
use Kalokroma\Bench\Rest;
use Kalokroma\Caution\Tool;

/** What the hands did in a sitting, and whether eyes, back or airbrush want a break. */
final readonly class SittingHands
{
    /** @param list<Entry> $entries of the sitting, in their order */
    public function __construct(private SittingRow $row, private array $entries, private CarbonImmutable $now)
    {
    }

    public function rest(): Rest
    {
        return Rest::of(
            ($this->row->started_at ?? $this->now)->getTimestamp(),
            array_map(self::took(...), $this->entries),
            $this->row->rested_at?->getTimestamp(),
            $this->now->getTimestamp(),
        );
    }

    /** The instant by which the airbrush has to be cleaned; null where it is not used. */
    public function cleaning(SittingDesk $desk): ?int
    {
        $sprayed = array_values(array_filter(
            $this->entries,
            static fn (Entry $e): bool => ($e->real['tool'] ?? $e->planned['tool'] ?? '') === Tool::Airbrush->words(),
        ));

        return AirbrushCare::due(
            array_map(self::took(...), $sprayed),
            $this->row->cleaned_at?->getTimestamp(),
            $this->isSprayingNext($desk) ? $this->since() : null,
        );
    }

    private function isSprayingNext(SittingDesk $desk): bool
    {
        if ($this->row->started_at === null || $this->row->ended_at !== null) {
            return false;
        }
        foreach ($desk->steps($this->row) as ['step' => $step, 'left' => $left]) {
            if ($left !== []) {
                return $step['tool'] === Tool::Airbrush->value;
            }
        }

        return false;
    }

    /** When what is in the hand now was begun: after what was written down last. */
    private function since(): int
    {
        $last = $this->entries === [] ? null : $this->entries[count($this->entries) - 1]->done_at;
        $started = $this->row->started_at ?? $this->now;

        return ($last === null ? $started : $started->max($last))->getTimestamp();
    }

    /** @return array{int, int} when it was over, and the minutes it took, or was to take where nobody said so */
    public static function took(Entry $entry): array
    {
        return [$entry->done_at->getTimestamp(), $entry->tookMinutes()];
    }
}
