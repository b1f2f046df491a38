<?php

declare(strict_types=1);

namespace App\Http\Scheme;

use App\Http\Shared\StepView;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\RecipeRow;
use App\Models\TrialRow;
use App\Workshop\Figure\AreaTones;
use App\Workshop\Scheme\SchemeDesk;
use App\Workshop\Scheme\TrialState;
use Kalokroma\Colour\ColourVision;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\OnScreen;
use Kalokroma\Colour\PlainName;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Technique\Offered;
use Kalokroma\Scheme\Beside;
use Kalokroma\Scheme\Choice;
use Kalokroma\Scheme\EdgeTint;
use Kalokroma\Scheme\Legibility;
use Kalokroma\Scheme\Mend;
use Kalokroma\Scheme\Pair;
use Kalokroma\Scheme\Proposal;
use Kalokroma\Scheme\Sight;
use Kalokroma\Scheme\Tie;
use Kalokroma\Scheme\Tint;
use Kalokroma\Shelf\Behaviour;

/** A company's colours, whether they can be told apart, and what is proposed. */
final class SchemeView
{
    /** Findings for which a mend is looked for. */
    private const MENDED = 6;

    /** @return array<string, mixed> */
    public static function of(SchemeDesk $desk, Company $company, Sight $sight): array
    {
        $legibility = $desk->legibility($company, $sight);
        $pool = $legibility->findings() === [] ? null : $desk->pool();
        $pairs = [];
        foreach ($legibility->pairs as $i => $pair) {
            $mend = $pool === null || $pair->isClear() || $i >= self::MENDED ? null : $legibility->mend($pair, $pool);
            $pairs[] = self::pair($desk, $pair, $company, $sight, $mend, $i < self::MENDED);
        }

        return [
            'version' => $desk->state($company)->version(),
            'metres' => $sight->metres,
            'model' => $sight->model(),
            'blur_mm' => round($sight->blurMm(), 3),
            'areas' => array_values(
                $company->areas->map(static fn (AreaRow $a): array => self::area($desk, $company, $a, $legibility))->all(),
            ),
            'pairs' => $pairs,
            'clear' => count($pairs) - count($legibility->findings()),
            'dulled' => $legibility->dulledByMetal(),
            'together' => self::together($desk, $company),
            'undecided' => $company->areas->whereNull('hex')->count(),
            'trials' => array_values(
                $company->trials->map(static fn (TrialRow $t): array => self::trial($desk, $company, $t, $sight))->all(),
            ),
        ];
    }

    /** @return list<array<string, mixed>> each area beside its counterpart on the companies it is meant to match */
    private static function together(SchemeDesk $desk, Company $company): array
    {
        $ties = $desk->together($company);
        $ids = array_map(static fn (Tie $t): int => (int) $t->there->area->id, $ties);
        $rows = AreaRow::query()->with('recipe')->findMany($ids)->keyBy('id');
        $found = [];
        foreach ($ties as $tie) {
            $there = $rows->get((int) $tie->there->area->id);
            $here = $company->areas->firstWhere('id', (int) $tie->here->area->id);
            if ($there !== null && $here !== null) {
                $mix = $desk->mix($there);
                $found[] = [
                    'bond' => $tie->bond->value,
                    'company' => $tie->company,
                    'area' => $here->id,
                    'other' => $there->id,
                    'other_name' => $there->name,
                    'hex' => $there->hex,
                    'mix' => $mix === null ? [] : StepView::mix($mix),
                    'sentence' => $tie->sentence(),
                    'open' => $tie->bond->isOpen(),
                    'base' => $tie->isOfBases() && $there->recipe !== null && !self::areTied($here->recipe, $there->recipe),
                ];
            }
        }

        return $found;
    }

    /** Whether one of both follows the other already. */
    private static function areTied(?RecipeRow $here, RecipeRow $there): bool
    {
        return $here !== null && ($here->follows_id === $there->id || $there->follows_id === $here->id);
    }

    /**
     * @param list<Proposal> $proposals
     *
     * @return array<string, mixed>
     */
    public static function proposals(array $proposals, Company $company): array
    {
        return ['proposals' => array_map(static fn (Proposal $p): array => [
            'harmony' => $p->harmony->value,
            'words' => ucfirst($p->harmony->words()),
            'lead' => $p->lead === null ? null : sprintf(
                '%s: %s',
                $company->areas->firstWhere('id', (int) $p->lead)->name ?? '',
                $p->choices[$p->lead]->mix->words(),
            ),
            'reason' => $p->reason,
            'pairs' => $p->pairs,
            'clear' => $p->clear,
            'mixes' => $p->mixes,
            'choices' => array_map(
                static fn (string|int $area, Choice $c): array => [
                    'area' => (int) $area,
                    ...self::choice($c),
                    'tones' => AreaTones::suggested($c->hex),
                ],
                array_keys($p->choices),
                $p->choices,
            ),
        ], $proposals)];
    }

    /**
     * A white or a black with its tint, and the paints that come nearest to its three tones.
     *
     * @return array<string, mixed>
     */
    public static function tint(SchemeDesk $desk, string $kind, EdgeTint $way, int $strength, int $white): array
    {
        $tint = Tint::of($kind, $way, $strength, $white);
        $pool = $desk->pool();
        $tones = [];
        foreach ($tint->tones as $tone => $colour) {
            $lab = $colour->toLab();
            $nearest = $pool->closest($lab);
            $tones[] = [
                'tone' => $tone,
                'hex' => $colour->toSrgb()->toHex(),
                'words' => PlainName::of($colour),
                'nearest' => self::choice($nearest),
            ];
        }

        return ['tones' => $tones, 'warning' => $tint->warning];
    }

    /** @return array<string, mixed> */
    public static function choice(Choice $choice): array
    {
        return ['hex' => $choice->hex, 'mix' => StepView::mix($choice->mix), 'mix_words' => $choice->mix->words()];
    }

    /** @return array<string, mixed> */
    private static function area(SchemeDesk $desk, Company $company, AreaRow $area, Legibility $legibility): array
    {
        $tones = AreaTones::of($area);
        $mix = $desk->mix($area);

        return [
            'id' => $area->id,
            'version' => $desk->states->ofArea($area)->version(),
            'name' => $area->name,
            'weight' => $area->weight->value,
            'material' => $area->material->value,
            'coloured_with' => array_map(static fn (Behaviour $b): string => $b->value, Offered::colouredWith($area->material)),
            'hex' => $area->hex,
            'mix' => $mix === null ? [] : StepView::mix($mix),
            'words' => match (true) {
                $area->hex === null => 'undecided',
                $mix !== null => $mix->words(),
                default => PlainName::of(Srgb::fromHex($area->hex)->toOklch()),
            },
            'fixed' => $area->fixed,
            'planned' => $area->recipe !== null,
            'kind' => $area->hex === null ? null : Tint::kind(Srgb::fromHex($area->hex)->toOklch()),
            'tones' => $tones,
            'seen' => $tones === null ? null : self::seen($tones),
            'beside' => $tones === null ? null : self::beside($company, $area, $tones, $legibility),
        ];
    }

    /**
     * The same tones as grey values and as people see them who lack a kind of cone.
     *
     * @param array{recess: string, plane: string, ridge: string} $tones
     *
     * @return array<string, array<string, string>>
     */
    private static function seen(array $tones): array
    {
        $views = [
            'grey' => array_map(
                static fn (string $hex): string => OnScreen::of((new Lab(Srgb::fromHex($hex)->toLab()->l, 0, 0))->toXyz())->toHex(),
                $tones,
            ),
        ];
        foreach (ColourVision::cases() as $vision) {
            $views[$vision->value] = array_map(static fn (string $hex): string => $vision->seen(Srgb::fromHex($hex))->toHex(), $tones);
        }

        return $views;
    }

    /**
     * What would brighten its highlight beside the neighbour it is least clear from.
     *
     * @param array{recess: string, plane: string, ridge: string} $tones
     */
    private static function beside(Company $company, AreaRow $area, array $tones, Legibility $legibility): ?string
    {
        $neighbour = null;
        foreach ($legibility->pairs as $pair) {
            if ($pair->one->area->id === (string) $area->id || $pair->other->area->id === (string) $area->id) {
                $neighbour = $company->areas->firstWhere(
                    'id',
                    (int) ($pair->one->area->id === (string) $area->id ? $pair->other->area->id : $pair->one->area->id),
                );
                break;
            }
        }

        return Beside::of(
            $area->name,
            Srgb::fromHex($tones['ridge'])->toOklch(),
            Srgb::fromHex($tones['recess'])->toOklch(),
            $neighbour?->name,
            $neighbour?->hex === null ? null : Srgb::fromHex($neighbour->hex)->toOklch(),
        )->remark;
    }

    /** @return array<string, mixed> */
    private static function pair(SchemeDesk $desk, Pair $pair, Company $company, Sight $sight, ?Mend $mend, bool $looked): array
    {
        return [
            'one' => (int) $pair->one->area->id,
            'other' => (int) $pair->other->area->id,
            'verdict' => $pair->verdict(),
            'alike' => $pair->alike,
            'instead' => $pair->isClear() ? null : $pair->withoutColour(...$desk->edges($company, $pair)),
            'parted' => $desk->parted($company, $pair)?->value,
            'ratio' => round($pair->ratio, 2),
            'lightness' => round($pair->lightness, 1),
            'needs' => round($pair->needs, 1),
            'sentence' => $pair->sentence($sight->metres),
            'looked' => $looked,
            'mend' => $mend === null ? null : [
                'area' => (int) $mend->area->area->id,
                'words' => $mend->words,
                'apart' => round($mend->apart, 1),
                ...self::choice($mend->to),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function trial(SchemeDesk $desk, Company $company, TrialRow $trial, Sight $sight): array
    {
        $shown = clone $company;
        $areas = $company->areas->map(static function (AreaRow $area) use ($trial): AreaRow {
            $copy = clone $area;
            $copy->hex = $trial->colours[$area->name]['hex'] ?? null;

            return $copy;
        });
        $shown->setRelation('areas', $areas);
        $legibility = $desk->legibility($shown, $sight);

        return [
            'id' => $trial->id,
            'version' => TrialState::of($trial)->version(),
            'name' => $trial->name,
            'verdict' => $trial->verdict,
            'notes' => $trial->notes,
            'pairs' => count($legibility->pairs),
            'clear' => count($legibility->pairs) - count($legibility->findings()),
            'areas' => array_values(
                $areas->map(
                    static fn (AreaRow $a): array => [
                        'id' => $a->id,
                        'hex' => $a->hex,
                        'tones' => $a->hex === null ? null : AreaTones::suggested($a->hex),
                    ],
                )->all(),
            ),
        ];
    }
}
