<?php

declare(strict_types=1);

namespace App\Http\Compare;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\TrialRow;
use App\Workshop\Recipe\ComparedArea;
use App\Workshop\Recipe\CompareDesk;
use App\Workshop\Recipe\ComparedSide;
use App\Workshop\Studio;
use DomainException;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Faces;
use Kalokroma\Recipe\Change\Applying;
use Kalokroma\Recipe\Ground\GroundLaid;
use Kalokroma\Recipe\Judge\Ending;
use Kalokroma\Recipe\Ladder\Contrast;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Way;

/** Two drafts side by side. */
final class CompareView
{
    /**
     * @param array<mixed> $query `area` for one area alone, `a` and `b` for the two sides
     *
     * @return array<string, mixed>
     */
    public static function of(Studio $studio, Company $company, array $query): array
    {
        $areas = array_values($company->areas->all());
        $one = is_numeric($query['area'] ?? null) ? (int) $query['area'] : null;
        if ($one !== null) {
            $areas = array_values(array_filter($areas, static fn (AreaRow $a): bool => $a->id === $one));
            if ($areas === []) {
                throw new DomainException(sprintf('%s has no such area.', $company->name));
            }
        }
        $compare = new CompareDesk($studio);
        $a = $compare->side($company, $areas, self::side($query['a'] ?? []));
        $b = $compare->side($company, $areas, self::side($query['b'] ?? []));
        $apart = [];
        foreach ($areas as $area) {
            $mine = $a->sum->ends[$area->id];
            $its = $b->sum->ends[$area->id];
            $apart[] = [
                'area' => $area->id,
                'name' => $area->name,
                'difference' => self::rounded(Applying::apart($mine, $its)),
                'words' => DifferenceWords::between($mine->plane->toLab(), $its->plane->toLab()),
            ];
        }

        return [
            'company' => ['id' => $company->id, 'name' => $company->name, 'count' => $company->count],
            'area' => $one,
            'areas' => array_values($company->areas->map(static fn (AreaRow $r): array => ['id' => $r->id, 'words' => $r->name])->all()),
            'ways' => array_map(
                static fn (Way $w): array => ['id' => $w->value, 'words' => $w->words()],
                Way::allowedBy($studio->painter->equipment()),
            ),
            'grounds' => array_map(
                static fn (GroundLaid $l): array => ['id' => $l->ground->id, 'words' => $l->ground->words],
                $studio->undercoats->compared($company)->laid,
            ),
            'contrasts' => array_map(static fn (Contrast $c): array => ['id' => $c->value, 'words' => $c->value], Contrast::cases()),
            'trials' => array_values($company->trials->map(static fn (TrialRow $t): array => ['id' => $t->id, 'words' => $t->name])->all()),
            'a' => self::shown($a),
            'b' => self::shown($b),
            'apart' => $apart,
            'said' => $b->sum->against($a->sum)->sentence(),
        ];
    }

    /** @return array{recess: float, plane: float, ridge: float} */
    private static function rounded(Faces $apart): array
    {
        return ['recess' => round($apart->recess, 1), 'plane' => round($apart->plane, 1), 'ridge' => round($apart->ridge, 1)];
    }

    /** @return array{kind: string, way: string|null, ground: string|null, contrast: string|null, trial: int|null} */
    private static function side(mixed $given): array
    {
        $given = is_array($given) ? $given : [];
        $said = static fn (string $key): ?string => is_string($given[$key] ?? null) && $given[$key] !== '' ? $given[$key] : null;
        $way = $said('way');
        $trial = $said('trial');

        return [
            'kind' => $way === null && $trial === null && $said('contrast') === null ? 'now' : 'draft',
            'way' => $way,
            'ground' => $said('ground'),
            'contrast' => $said('contrast'),
            'trial' => $trial === null ? null : (int) $trial,
        ];
    }

    /** How far the planes of an area end from the colour that is wanted there, CIEDE2000; null where there is none. */
    private static function off(ComparedArea $area, ComparedSide $side): ?float
    {
        $hex = $area->area->recipe->hex ?? $area->area->hex;

        return $hex === null || $area->refused !== null ? null : round(Ending::apart(
            $side->sum->ends[$area->area->id]->plane->toLab(),
            Srgb::fromHex($hex)->toLab(),
        ), 1);
    }

    /** @return array<string, mixed> */
    private static function shown(ComparedSide $side): array
    {
        $sum = $side->sum;

        return [
            'words' => $side->words,
            'steps' => $sum->steps,
            'coats' => $sum->coats,
            'minutes' => (int) round($sum->minutes),
            'waiting' => $sum->waiting,
            'masks' => $sum->masks,
            'mask_minutes' => (int) round($sum->maskMinutes),
            'paints' => $sum->paints,
            'missing' => $sum->missing,
            'lost' => count($side->legibility->findings()),
            'pairs' => count($side->legibility->pairs),
            'ground' => StepView::surface($side->undercoat->surface()),
            'areas' => array_map(static fn (ComparedArea $a): array => [
                'id' => $a->area->id,
                'name' => $a->area->name,
                'refused' => $a->refused,
                'off' => self::off($a, $side),
                'end' => StepView::surface($sum->ends[$a->area->id]),
                'layers' => array_map(StepView::layer(...), array_values(array_filter(
                    $a->outcomes,
                    static fn (StepOutcome $o): bool => !$o->step->handling->omitted,
                ))),
            ], $side->areas),
        ];
    }
}
