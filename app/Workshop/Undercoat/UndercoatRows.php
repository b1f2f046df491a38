<?php

declare(strict_types=1);

namespace App\Workshop\Undercoat;

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
use Kalokroma\Undercoat\Tone;
use Kalokroma\Undercoat\UndercoatProblem;

/**
 * Undercoats as a company's row keeps them, to plans and back.
 *
 * @phpstan-type StepRow array{
 *   key: string, tone: string, paint_id: int|null, lights: list<array{paint_id: int, degrees: float}>, coats: int|null, thin: string|null,
 * }
 * @phpstan-type UndercoatRow array{own: bool, reason: string, kind: string|null, steps: non-empty-list<StepRow>}
 */
final readonly class UndercoatRows
{
    public function __construct(private Painter $painter, private ShelfRows $shelf)
    {
    }

    /** @param UndercoatRow $row */
    public function plan(array $row): UndercoatPlan
    {
        return new UndercoatPlan(array_map(fn (array $step): UndercoatStep => new UndercoatStep(
            StepKey::kept($step['key']),
            $this->ground($step),
            $this->kind($row),
            $step['coats'],
            $step['thin'] === null ? null : Thinning::fromRatio($step['thin']),
        ), $row['steps']), $row['reason'], $row['own']);
    }

    /**
     * @param UndercoatRow|null $before whose way of putting it on is kept where the painter did not choose this one
     *
     * @return UndercoatRow
     */
    public static function row(UndercoatPlan $plan, ?array $before): array
    {
        return [
            'own' => $plan->own,
            'reason' => $plan->reason,
            'kind' => $plan->own ? $plan->kind()->value : $before['kind'] ?? null,
            'steps' => array_map(static fn (UndercoatStep $step): array => [
                'key' => $step->key->value,
                'tone' => $step->ground->tone->value,
                'paint_id' => $step->ground->primer === null ? null : (int) $step->ground->primer->id,
                'lights' => array_map(
                    static fn (array $l): array => ['paint_id' => (int) ($l['paint']->id ?? 0), 'degrees' => (float) $l['degrees']],
                    $step->ground->lights,
                ),
                'coats' => $step->coats,
                'thin' => $step->thinning?->ratio(),
            ], $plan->steps),
        ];
    }

    /**
     * How it is put on: as the painter chose, if the equipment still allows it.
     *
     * @param UndercoatRow|null $row
     */
    public function kind(?array $row): Kind
    {
        $chosen = Kind::tryFrom($row['kind'] ?? '');

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
            $words['Undercoat'.$of] = ucfirst($step->ground->words);
            $words['Put on with'.$of] = $step->kind->words();
            $words['Coats'.$of] = $step->coats === null ? 'as usual' : (string) $step->coats;
            $words['Thinned'.$of] = $step->thinning?->ratio() ?? 'as usual';
        }

        return new State($words);
    }

    /**
     * @param list<array{paint_id: int, degrees: float}> $lights sprayed over the primer, in order
     *
     * @throws UndercoatProblem
     */
    public function built(Paint $primer, array $lights): Ground
    {
        $tone = Tone::ofColour(($primer->colour ?? Tone::Grey->assumed())->toLab());

        return $lights === [] ? Ground::uniform($tone, $primer)
            : Ground::sketch(
                $primer,
                array_map(fn (array $l): array => ['paint' => $this->paint((string) $l['paint_id']), 'degrees' => $l['degrees']], $lights),
            );
    }

    public function paint(string $id): Paint
    {
        return $this->shelf->mix([['paint' => $id, 'parts' => 1]])->first();
    }

    /** @param StepRow $step what no longer stands on the shelf is laid as its tone, and lights of it are left out */
    private function ground(array $step): Ground
    {
        $primer = $step['paint_id'] === null ? null : $this->shelf->find((string) $step['paint_id']);
        $lights = array_values(
            array_filter($step['lights'], fn (array $l): bool => $this->shelf->find((string) $l['paint_id']) !== null),
        );

        return $primer === null ? Ground::uniform(Tone::from($step['tone']), null) : $this->built($primer, $lights);
    }
}
