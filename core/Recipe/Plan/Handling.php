<?php

declare(strict_types=1);

namespace Kalokroma\Recipe\Plan;

use Kalokroma\Caution\Tool;
use Kalokroma\Word\Duration;

/**
 * How the painter wants a step done, as far as that departs from what would be done without a word.
 *
 * @phpstan-type HandlingMore array{
 *   wait?: int|null, sloppy?: bool, unwashed?: bool, strokes?: string, line?: string, batch?: string, lively?: float|null,
 *   after?: string, before?: string,
 * }
 * @phpstan-type HandlingChange array{
 *   coats?: int|null, omitted?: bool, tool?: Tool|null, note?: string, wait?: int|null, sloppy?: bool, unwashed?: bool,
 *   strokes?: string, line?: string, batch?: string, lively?: float|null, after?: string, before?: string,
 * }
 */
final readonly class Handling
{
    public const MOST_COATS = 20;

    /** Longest note, letters. */
    public const LONGEST_NOTE = 400;

    /** Longest wait, minutes: four weeks. */
    public const MOST_MINUTES = 40_320;

    /** How wide lines are drawn, with the share of the usual width. */
    public const LINES = ['' => 1.0, 'thin' => 0.65, 'thinner' => 0.45, 'hair-thin' => 0.25];

    /** How a mix is kept: one batch for all figures, or mixed again each time. */
    public const BATCHES = ['', 'one batch for all', 'fresh each time'];

    /** Work that may be sloppy takes so much of the usual minutes. */
    public const SLOPPY = 0.7;

    /**
     * @param int|null $coats null leaves the number to the film model
     * @param Tool|null $tool null for the usual one of the technique
     * @param string $note the painter's own words
     * @param int|null $wait minutes before the next step; null for the usual drying
     * @param bool $sloppy whether it is covered later, so that it need not be neat
     * @param bool $unwashed whether the brush still holds some of the tone before, which it takes along
     * @param string $strokes where strokes go and where they end
     * @param string $line one of {@see self::LINES}: how wide
     * @param string $batch one of {@see self::BATCHES}
     * @param string $after what of the figure comes before it, in the painter's words: "steel", "belt and strap"
     * @param string $before what of the figure it comes before
     * @param float|null $lively how far mixes of this step may differ between figures, ± CIEDE2000; 0 for a uniform, null for as it comes
     */
    public function __construct(
        public ?int $coats = null,
        public bool $omitted = false,
        public ?Tool $tool = null,
        public string $note = '',
        public ?int $wait = null,
        public bool $sloppy = false,
        public bool $unwashed = false,
        public string $strokes = '',
        public string $line = '',
        public string $batch = '',
        public ?float $lively = null,
        public string $after = '',
        public string $before = '',
    ) {
        if ($wait !== null && ($wait < 0 || $wait > self::MOST_MINUTES)) {
            throw RecipeProblem::waitOutOfRange($wait);
        }
        if (!isset(self::LINES[$line])) {
            throw RecipeProblem::noSuchPlace($line);
        }
        if (!in_array($batch, self::BATCHES, true)) {
            throw RecipeProblem::noSuchBatch($batch);
        }
        if ($lively !== null && !($lively >= 0.0 && $lively <= 20.0)) {
            throw RecipeProblem::livelyOutOfRange($lively);
        }
    }

    /**
     * The same but for some of it, by the names of its properties.
     *
     * @param HandlingChange $changes
     *
     * @throws RecipeProblem
     */
    public function with(array $changes): self
    {
        /**
         * @var array{
         *   coats: int|null, omitted: bool, tool: Tool|null, note: string, wait: int|null, sloppy: bool, unwashed: bool,
         *   strokes: string, line: string, batch: string, lively: float|null, after: string, before: string,
         * } $all
         */
        $all = [...get_object_vars($this), ...$changes];

        return new self(...$all);
    }

    /**
     * @param int|null $coats 1..20; 0 or null hands the number back to the model
     *
     * @throws RecipeProblem
     */
    public function coated(?int $coats): self
    {
        if ($coats !== null && ($coats < 0 || $coats > self::MOST_COATS)) {
            throw RecipeProblem::coatsOutOfRange($coats);
        }

        return $this->with(['coats' => $coats === 0 ? null : $coats]);
    }

    public function leftOut(bool $omitted): self
    {
        return $this->with(['omitted' => $omitted]);
    }

    public function held(Tool $tool): self
    {
        return $this->with(['tool' => $tool]);
    }

    public function noted(string $note): self
    {
        return $this->with(['note' => $note]);
    }

    /** @return HandlingChange all of it, by the names of its properties */
    public function all(): array
    {
        return [
            'coats' => $this->coats,
            'omitted' => $this->omitted,
            'tool' => $this->tool,
            'note' => $this->note,
            'wait' => $this->wait,
            'sloppy' => $this->sloppy,
            'unwashed' => $this->unwashed,
            'strokes' => $this->strokes,
            'line' => $this->line,
            'batch' => $this->batch,
            'lively' => $this->lively,
            'after' => $this->after,
            'before' => $this->before,
        ];
    }

    /** @return HandlingMore what departs from the usual beside coats, leaving out, tool and note, to be kept */
    public function more(): array
    {
        return array_filter([
            'wait' => $this->wait,
            'sloppy' => $this->sloppy,
            'unwashed' => $this->unwashed,
            'strokes' => $this->strokes,
            'line' => $this->line,
            'batch' => $this->batch,
            'lively' => $this->lively,
            'after' => $this->after,
            'before' => $this->before,
        ], static fn (mixed $v): bool => $v !== null && $v !== false && $v !== '');
    }

    /** The same in words, for page, card and bench: "thin lines, may be sloppy: it is covered later". */
    public function words(): string
    {
        return implode(', ', array_filter([
            $this->after === '' ? '' : 'comes after '.str_replace(', ', ' and ', $this->after),
            $this->before === '' ? '' : 'comes before '.str_replace(', ', ' and ', $this->before),
            $this->line === '' ? '' : $this->line.' lines',
            $this->strokes,
            $this->unwashed ? 'with the unwashed brush' : '',
            $this->sloppy ? 'may be sloppy: it is covered later' : '',
            $this->wait === null ? '' : 'then wait '.Duration::words($this->wait),
            $this->batch,
            match (true) {
                $this->lively === null => '',
                $this->lively === 0.0 => 'the same on every figure',
                default => sprintf('lively: mixes may differ by %s', rtrim(rtrim(sprintf('%.1f', $this->lively), '0'), '.')),
            },
        ]));
    }
}
