<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Models\Painter;
use App\Workshop\Shelf\ShelfRows;
use App\Workshop\State\State;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Undercoat\UndercoatProblem;

/**
 * Undercoats as a company's row keeps them, to plans and back.
 *
 * @phpstan-type SprayRow array{degrees: float, side: string, strength: float}
 * @phpstan-type StepRow array{
 *   key: string, tone: string, paint_id: int|null, kind: string|null, from: SprayRow|null, areas: list<int>, coats: int|null,
 *   thin: string|null,
 * }
 * @phpstan-type UndercoatRow array{
 *   own: bool, reason: string, kind: string|null, given: int, steps: non-empty-list<StepRow>,
 * }
 */
final readonly class UndercoatMapper
{
    public function __construct(private Painter $painter, private ShelfRows $shelf)
    {
    }

    /** @param UndercoatRow $row */
    public function plan(array $row): UndercoatPlan
    {
        $steps = [];
        foreach ($row['steps'] as $step) {
            $paint = $step['paint_id'] === null ? null : $this->shelf->find((string) $step['paint_id']);
            // A light that no longer stands on the shelf is left out; what goes all over is laid as its tone.
            if ($paint === null && $step['from'] !== null) {
                continue;
            }
            $steps[] = new UndercoatStep(
                StepKey::kept($step['key']),
                $paint,
                $paint === null ? Tone::from($step['tone']) : Tone::of($paint),
                $this->kind($row, $step['kind']),
                $step['from'] === null ? null : new Spray($step['from']['degrees'], $step['from']['side'], $step['from']['strength']),
                array_map(strval(...), $step['areas']),
                $step['coats'],
                $step['thin'] === null ? null : Thinning::fromRatio($step['thin']),
            );
        }

        return new UndercoatPlan(
            $steps !== [] ? $steps : throw UndercoatProblem::firstAllOver(),
            $row['reason'],
            $row['own'],
            $row['given'],
        );
    }

    /**
     * @param UndercoatRow|null $before whose way of putting it on is kept where the painter did not choose this one
     *
     * @return UndercoatRow
     */
    public static function row(UndercoatPlan $plan, ?array $before): array
    {
        $kind = $plan->own ? $plan->kind()->value : $before['kind'] ?? null;

        return [
            'own' => $plan->own,
            'reason' => $plan->reason,
            'kind' => $kind,
            'given' => $plan->given,
            'steps' => array_map(static fn (UndercoatStep $step): array => [
                'key' => $step->key->value,
                'tone' => $step->tone->value,
                'paint_id' => $step->paint === null ? null : (int) $step->paint->id,
                'kind' => $step->kind === $plan->kind() ? null : $step->kind->value,
                'from' => $step->from === null ? null : [
                    'degrees' => $step->from->degrees, 'side' => $step->from->side, 'strength' => $step->from->strength,
                ],
                'areas' => array_map(intval(...), $step->areas),
                'coats' => $step->coats,
                'thin' => $step->thinning?->ratio(),
            ], $plan->steps),
        ];
    }

    /**
     * How it is put on: as the painter chose, if the equipment still allows it.
     *
     * @param UndercoatRow|null $row
     * @param string|null $own of one step, where it departs from the others
     */
    public function kind(?array $row, ?string $own = null): Kind
    {
        $chosen = Kind::tryFrom($own ?? $row['kind'] ?? '');

        return $chosen?->isAllowedBy($this->painter->equipment()) === true ? $chosen : Kind::allowedBy($this->painter->equipment());
    }

    /**
     * Whether all its primers still stand on the shelf.
     *
     * @param UndercoatRow $row
     */
    public function isOnShelf(array $row): bool
    {
        foreach ($row['steps'] as $step) {
            if ($step['paint_id'] === null || $this->shelf->find((string) $step['paint_id']) === null) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether figures look the same on both: who chose it, and why, aside.
     *
     * @param UndercoatRow $one
     * @param UndercoatRow $other
     */
    public static function areAlike(array $one, array $other): bool
    {
        return [$one['kind'], $one['steps']] == [$other['kind'], $other['steps']];
    }

    /** In words, as the painter sees it. */
    public static function state(UndercoatPlan $plan): State
    {
        $words = [];
        foreach ($plan->steps as $i => $step) {
            $of = count($plan->steps) === 1 ? '' : ' '.($i + 1);
            $words['Undercoat'.$of] = ucfirst($step->words());
            $words['Put on with'.$of] = $step->kind->words();
            $words['Coats'.$of] = $step->coats === null ? 'as usual' : (string) $step->coats;
            $words['Thinned'.$of] = $step->thinning?->ratio() ?? 'as usual';
            $words += $step->areas === [] ? [] : ['Areas'.$of => count($step->areas) === 1 ? 'one' : (string) count($step->areas)];
        }

        return new State($words);
    }

    /**
     * @param list<array{paint_id: int, degrees: float, side?: string, strength?: float}> $lights sprayed over the primer, in order
     *
     * @throws UndercoatProblem
     */
    public function built(Paint $primer, array $lights): Ground
    {
        return $lights === [] ? Ground::uniform(Tone::of($primer), $primer) : Ground::sketch($primer, array_map(fn (array $l): array => [
            'paint' => $this->paint((string) $l['paint_id']),
            'spray' => new Spray($l['degrees'], $l['side'] ?? '', $l['strength'] ?? Spray::USUAL),
        ], $lights));
    }

    public function paint(string $id): Paint
    {
        return $this->shelf->mix([['paint' => $id, 'parts' => 1]])->first();
    }
}
