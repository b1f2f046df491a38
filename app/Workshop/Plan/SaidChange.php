<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Workshop\Shelf\ShelfRows;
use DomainException;
use Kalokroma\Caution\Tool;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Change\StepChange;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Shelf\Mix;
use Kalokroma\Word\Duration;

/**
 * A change of a step as a page or a bench says it, read with the paints of the shelf and the figures of the company.
 *
 * @phpstan-import-type HandlingChange from Handling
 *
 * @phpstan-type SaidPart array{paint_id: int|string, parts?: int|string|null}
 */
final readonly class SaidChange
{
    /** @param int $figures of the company */
    public function __construct(private ShelfRows $shelf, private int $figures)
    {
    }

    /**
     * @param array<string, mixed> $said checked as far as its shape goes; what is missing is not changed
     *
     * @throws DomainException
     */
    public function of(string $key, array $said): StepChange
    {
        /** @var list<SaidPart>|null $mix */
        $mix = $said['mix'] ?? null;
        /** @var list<SaidPart>|null $meets */
        $meets = $said['meets'] ?? null;

        return new StepChange(
            $key,
            $mix === null ? null : $this->mix($mix),
            $mix === null ? [] : self::open($mix),
            $meets === null ? null : ($meets === [] ? false : $this->mix($meets)),
            isset($said['thin']) ? $this->shelf->thinning(self::words($said['thin'])) : null,
            isset($said['with']) ? Thinner::from(self::words($said['with'])) : null,
            is_array($said['place'] ?? null) ? self::place($said['place']) : null,
            isset($said['who']) ? $this->who(self::words($said['who'])) : null,
            isset($said['level']) ? Level::from(self::words($said['level'])) : null,
            self::handling($said),
        );
    }

    /** @throws DomainException where it names figures that this company does not have */
    public function who(string $said): Who
    {
        return Who::from($said)->among($this->figures);
    }

    /** @param list<SaidPart> $said */
    private function mix(array $said): Mix
    {
        return $this->shelf->mix(
            array_map(static fn (array $p): array => ['paint' => (int) $p['paint_id'], 'parts' => (int) ($p['parts'] ?? 1)], $said),
        );
    }

    /**
     * @param list<SaidPart> $said
     *
     * @return list<string> ids of the paints whose amount is left open
     */
    private static function open(array $said): array
    {
        $open = array_filter($said, static fn (array $p): bool => array_key_exists('parts', $p) && $p['parts'] === null);

        return array_values(array_map(static fn (array $p): string => (string) $p['paint_id'], $open));
    }

    /** @param array<array-key, mixed> $said */
    private static function place(array $said): Place
    {
        $number = static fn (string $of): ?float => is_numeric($said[$of] ?? null) ? (float) $said[$of] : null;
        $percent = $number('percent');

        return Place::said(
            self::words($said['face'] ?? ''),
            self::words($said['part'] ?? ''),
            self::words($said['light'] ?? ''),
            $percent === null ? $number('share') ?? 1.0 : Place::shareOf($percent),
        );
    }

    /**
     * @param array<string, mixed> $said an empty wait or variation is as usual again
     *
     * @return HandlingChange
     *
     * @throws DomainException
     */
    private static function handling(array $said): array
    {
        $more = [];
        if (isset($said['coats']) && is_numeric($said['coats'])) {
            $more['coats'] = (int) $said['coats'];
        }
        foreach (['omitted', 'sloppy', 'unwashed'] as $flag) {
            if (isset($said[$flag])) {
                $more[$flag] = (bool) $said[$flag];
            }
        }
        if (isset($said['tool'])) {
            $more['tool'] = Tool::from(self::words($said['tool']));
        }
        foreach (['note', 'strokes', 'line', 'batch', 'after' => 'comes_after', 'before' => 'comes_before'] as $name => $words) {
            if (array_key_exists($words, $said)) {
                $more[is_int($name) ? $words : $name] = trim(self::words($said[$words] ?? ''));
            }
        }
        if (array_key_exists('wait', $said)) {
            $more['wait'] = self::wait(trim(self::words($said['wait'] ?? '')));
        }
        if (array_key_exists('lively', $said)) {
            $more['lively'] = is_numeric($said['lively']) ? (float) $said['lively'] : null;
        }

        return $more;
    }

    private static function wait(string $said): ?int
    {
        return $said === '' ? null : Duration::read($said) ?? throw new DomainException(sprintf(
            '"%s" is no span of time: write it as 30 min, 2 h, overnight or 3 days.',
            $said,
        ));
    }

    private static function words(mixed $said): string
    {
        return is_string($said) || is_int($said) ? (string) $said : '';
    }
}
