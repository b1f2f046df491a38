<?php

declare(strict_types=1);

namespace App\Http\Compare;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\TrialRow;
use App\Workshop\Recipe\ComparedArea;
use App\Workshop\Recipe\CompareDesk;
use App\Workshop\Recipe\ComparedSide;
use App\Workshop\Recipe\SideAsked;
use App\Workshop\Studio;
use DomainException;
use Kalokroma\Colour\DifferenceWords;
use Kalokroma\Colour\Srgb;
use Kalokroma\Film\Faces;
use Kalokroma\Recipe\Change\Applying;
use Kalokroma\Recipe\Draft\UsualDraft;
use Kalokroma\Recipe\Ground\GroundLaid;
use Kalokroma\Recipe\Judge\Ending;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Predict\StepOutcome;
use Kalokroma\Recipe\Technique\Way;

/** Two to four drafts side by side. */
final class CompareView
{
    /** Sides beside the first, as they are asked for. */
    private const FURTHER = ['b', 'c', 'd'];

    /** Asks for the way that differs most from what is planned, of those that are not shown yet. */
    private const MOST_DIFFERENT = 'most';

    /**
     * @param array<mixed> $query `area` for one area alone, `a` to `d` for the sides; without `b`, or with `most` for one of them, the
     *   way that differs most
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
        $asked = [SideAsked::read($query['a'] ?? [])];
        foreach (self::FURTHER as $key) {
            $given = $query[$key] ?? ($key === 'b' ? self::MOST_DIFFERENT : null);
            $asked = match ($given) {
                null => $asked,
                self::MOST_DIFFERENT => [...$asked, $compare->mostDifferent($company, $areas, $asked)],
                default => [...$asked, SideAsked::read($given)],
            };
        }
        $sides = $compare->sides($company, $areas, $asked);

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
            'starts' => $one === null ? [] : array_map(
                static fn (array $s): array => ['id' => 'start:'.$s['id'], 'words' => $s['words']],
                UsualDraft::offered($areas[0]->toCore($company)),
            ),
            'sources' => $one === null ? [] : self::sources($areas[0]),
            'sides' => array_map(static fn (ComparedSide $s): array => self::shown($s, $sides[0], $areas, $company), $sides),
        ];
    }

    /** @return array{recess: float, plane: float, ridge: float} */
    private static function rounded(Faces $apart): array
    {
        return ['recess' => round($apart->recess, 1), 'plane' => round($apart->plane, 1), 'ridge' => round($apart->ridge, 1)];
    }

    /** @return list<array{id: string, words: string}> recipes of the book, and of other areas */
    private static function sources(AreaRow $area): array
    {
        $book = BookRow::query()->orderBy('name')->get(['id', 'name'])
            ->map(static fn (BookRow $b): array => ['id' => 'book:'.$b->id, 'words' => 'Book: '.$b->name])->all();
        $others = AreaRow::query()->whereHas('recipe')->where('id', '!=', $area->id)->with('company')->orderBy('company_id')
            ->orderBy('position')->get()
            ->map(static fn (AreaRow $a): array => [
                'id' => 'area:'.$a->id,
                'words' => sprintf('%s: %s', $a->company->name, $a->name),
            ])->all();

        return [...$book, ...$others];
    }

    /**
     * @param list<AreaRow> $areas
     *
     * @return list<array<string, mixed>> how far each area ends from where it ends on the first side
     */
    private static function apart(ComparedSide $side, ComparedSide $first, array $areas): array
    {
        $apart = [];
        foreach ($areas as $area) {
            $mine = $first->sum->ends[$area->id] ?? null;
            $its = $side->sum->ends[$area->id] ?? null;
            $apart[] = [
                'area' => $area->id,
                'name' => $area->name,
                'difference' => $mine === null || $its === null ? null : self::rounded(Applying::apart($mine, $its)),
                'words' => $mine === null || $its === null
                    ? 'not counted' : DifferenceWords::between($mine->plane->toLab(), $its->plane->toLab()),
            ];
        }

        return $apart;
    }

    /** How far the planes of an area end from the colour that is wanted there, CIEDE2000; null where there is none. */
    private static function off(ComparedArea $area, ComparedSide $side, Company $company): ?float
    {
        $hex = $area->area->recipe->drafted_colour ?? $area->area->hex;

        $isCounted = isset($side->sum->ends[$area->area->id]);

        return $hex === null || !$isCounted || $area->outcomes === []
            ? null : round(Ending::of($area->outcomes, $area->area->toCore($company), Srgb::fromHex($hex)->toOklch())->off, 1);
    }

    /**
     * @param list<AreaRow> $areas
     *
     * @return array<string, mixed>
     */
    private static function shown(ComparedSide $side, ComparedSide $first, array $areas, Company $company): array
    {
        $sum = $side->sum;

        return [
            'asked' => $side->asked->asked(),
            'words' => $side->words,
            'said' => $side === $first ? '' : $side->sum->against($first->sum)->sentence(),
            'apart' => $side === $first ? [] : self::apart($side, $first, $areas),
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
                'off' => self::off($a, $side, $company),
                'end' => StepView::surface($sum->ends[$a->area->id] ?? $side->undercoat->surface()),
                'layers' => array_map(StepView::layer(...), array_values(array_filter(
                    $a->outcomes,
                    static fn (StepOutcome $o): bool => !$o->step->handling->omitted,
                ))),
            ], $side->areas),
        ];
    }
}
