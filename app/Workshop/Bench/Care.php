<?php

declare(strict_types=1);

namespace App\Workshop\Bench;

use App\Models\Entry;
use App\Models\Painter;
use Carbon\CarbonImmutable;
use Kalokroma\Bench\AirbrushCare;
use Kalokroma\Bench\Rest;
use Kalokroma\Caution\Tool;

/** Whether eyes, back or airbrush want a break, by what the hands did this evening, on whichever company. */
final readonly class Care
{
    /** What lies further back does not belong to this evening. */
    private const EVENING_H = 6;

    /** @var list<Entry> */
    private array $entries;

    /** @param CarbonImmutable|null $started when the sitting began that is under way; null where none is */
    public function __construct(private Painter $painter, private ?CarbonImmutable $started, private CarbonImmutable $now)
    {
        $since = $now->subHours(self::EVENING_H);
        $this->entries = array_values(Entry::query()->where('painter_id', $painter->id)->whereNull('withdrawn_at')
            ->where('done_at', '>=', $since)->orderBy('done_at')->orderBy('id')->get()->all());
    }

    public function rest(): Rest
    {
        return Rest::of(
            $this->started?->getTimestamp(),
            array_map(self::took(...), $this->entries),
            $this->painter->rested_at?->getTimestamp(),
            $this->now->getTimestamp(),
        );
    }

    /**
     * The instant by which the airbrush has to be cleaned; null where it is not used.
     *
     * @param bool $isInHand whether what comes next is sprayed, in a sitting that is under way
     */
    public function cleaning(bool $isInHand): ?int
    {
        $sprayed = array_values(array_filter(
            $this->entries,
            static fn (Entry $e): bool => ($e->real['tool'] ?? $e->planned['tool'] ?? '') === Tool::Airbrush->words(),
        ));

        return AirbrushCare::due(
            array_map(self::took(...), $sprayed),
            $this->painter->cleaned_at?->getTimestamp(),
            $isInHand && $this->started !== null ? $this->since($this->started) : null,
        );
    }

    /** When what is in the hand now was begun: after what was written down last. */
    private function since(CarbonImmutable $started): int
    {
        $last = $this->entries === [] ? null : $this->entries[count($this->entries) - 1]->done_at;

        return ($last === null ? $started : $started->max($last))->getTimestamp();
    }

    /** @return array{int, int} when it was over, and the minutes it took, or was to take where nobody said so */
    private static function took(Entry $entry): array
    {
        return [$entry->done_at->getTimestamp(), $entry->tookMinutes()];
    }
}
