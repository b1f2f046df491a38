<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Models\Company;
use App\Models\PotRow;
use App\Workshop\Bench\PassDesk;
use App\Workshop\Bench\PotDesk;
use App\Workshop\Record\BenchStep;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use Kalokroma\Bench\Pot;
use Kalokroma\Recipe\Predict\StepOutcome;

/** What a step has at the bench only: which pass is under way, and what stands in the pot. */
final class StepAtBench
{
    /**
     * @param list<int> $left figures that are looked at and still lack it
     * @param array<string, PotRow> $pots that stand ready, by the key of their mix
     *
     * @return array{pass: array<string, mixed>, pot: array<string, mixed>|null}
     */
    public static function of(Studio $studio, Company $company, BenchStep $step, array $left, array $pots, CarbonImmutable $now): array
    {
        $passes = PassDesk::of($company, $step, $left);
        $isRound = $step->outcome->step->scope->loop !== null;

        return [
            'pass' => [
                'number' => $passes->number,
                'of' => $passes->of,
                'figures' => $passes->figures,
                'word' => match (true) {
                    $isRound => 'round',
                    $passes->panels > 1 => 'panel',
                    default => $step->outcome->step->technique->isPassed() ? 'pass' : 'coat',
                },
            ],
            'pot' => $left === [] ? null : self::pot($studio, $step->outcome, $pots, $now),
        ];
    }

    /**
     * @param array<string, PotRow> $pots
     *
     * @return array<string, mixed>|null null where nothing is mixed for it
     */
    private static function pot(Studio $studio, StepOutcome $outcome, array $pots, CarbonImmutable $now): ?array
    {
        $mix = $outcome->step->load->mix;
        if ($mix === null || Pot::batch($outcome, 1, Pot::PALETTE, 0) === null) {
            return null;
        }
        $row = $pots[$mix->key()] ?? null;
        $pot = $row === null ? null : (new PotDesk($studio))->pot($row);

        return $row === null || $pot === null ? ['id' => null] + self::EMPTY : [
            'id' => $row->id,
            'drops' => $pot->dropsLeft(),
            'enough_for' => $pot->enoughFor(Pot::perFigureUl($outcome)),
            'thin' => $pot->thinning()->ratio(),
            'vessel' => $pot->vessel,
            'until' => CarbonImmutable::createFromTimestampUTC($pot->until())->toIso8601ZuluString(),
            'drying' => $pot->isDrying($now->getTimestamp()),
        ];
    }

    private const EMPTY = ['drops' => 0, 'enough_for' => 0, 'thin' => '', 'vessel' => '', 'until' => '', 'drying' => false];
}
