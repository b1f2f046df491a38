<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Undercoat\Spray;

/**
 * Reads what documents say of a plan: recipes, the undercoat, what is done to the whole figure. Documents come from another workshop, from
 * the sample, or are looked at without any workshop.
 *
 * @phpstan-type GivenPaint array{name: string, line?: string, behaviour: string, colour: string|null}
 * @phpstan-type GivenFrom array{degrees: float|int, side?: string, strength?: float|int}
 * @phpstan-type GivenSpray array{
 *   paint: GivenPaint, kind?: string, from?: GivenFrom, areas?: list<string>, coats?: int|null, thin?: string|null,
 * }
 * @phpstan-type GivenUndercoat array{
 *   steps?: non-empty-list<GivenSpray>,
 *   paint?: GivenPaint, kind?: string, coats?: int|null, thin?: string|null, lights?: list<array{paint: GivenPaint, degrees: float}>,
 * }
 * @phpstan-type GivenWhole array{step: array<string, mixed>, without?: list<string>, late?: bool}
 */
final readonly class PlanReader
{
    /** @param bool $match whether a paint of the same name and range on this shelf is taken for one that is described */
    public function __construct(private ShelfRows $shelf, private bool $match = true)
    {
    }

    /** @param array<string, mixed>|null $portable */
    public function plan(?array $portable): Plan
    {
        return $portable === null
            ? new Plan([], [])
            : PlanMapper::toPlan(PortablePlan::row($portable, $this->shelf, $this->match), $this->shelf);
    }

    /**
     * @param list<GivenWhole> $given
     * @param callable(string): string $area id of the area of this name; empty where there is none
     *
     * @return list<WholeStep>
     */
    public function whole(array $given, callable $area): array
    {
        $found = [];
        foreach ($given as $said) {
            foreach ($this->plan(['steps' => [$said['step']]])->steps as $step) {
                $found[] = new WholeStep(
                    $step,
                    array_values(array_filter(array_map($area, $said['without'] ?? []))),
                    $said['late'] ?? false,
                );
            }
        }

        return $found;
    }

    /**
     * @param GivenUndercoat $said
     *
     * @return non-empty-list<GivenSpray> also of a document from times when an undercoat was one paint with its lights
     */
    public static function sprays(array $said): array
    {
        if (isset($said['steps'])) {
            return $said['steps'];
        }
        /** @var GivenSpray $first */
        $first = array_diff_key($said, ['lights' => 0]);
        $kind = isset($said['kind']) ? ['kind' => $said['kind']] : [];
        $lights = array_map(
            static fn (array $l): array => ['paint' => $l['paint'], 'from' => ['degrees' => (float) $l['degrees']], ...$kind],
            $said['lights'] ?? [],
        );

        return [$first, ...$lights];
    }

    /** @param GivenFrom|null $from null for all over */
    public static function from(?array $from): ?Spray
    {
        return $from === null ? null : new Spray(
            (float) $from['degrees'],
            $from['side'] ?? '',
            (float) ($from['strength'] ?? Spray::USUAL),
        );
    }
}
