<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Caution\Tool;
use Kalokroma\Colour\Oklch;
use Kalokroma\Film\Thinner;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Plan\Contrast;
use Kalokroma\Recipe\Plan\Handling;
use Kalokroma\Recipe\Plan\LadderWish;
use Kalokroma\Recipe\Plan\LeftOut;
use Kalokroma\Recipe\Plan\LightToward;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\Scope;
use Kalokroma\Recipe\Plan\ShadeToward;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Technique\Defaults;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Word\Finding;
use Kalokroma\Word\Reason;

/**
 * A recipe's plan as it is kept in its row, and back.
 *
 * @phpstan-type FindingRow array{code: string, template: string, facts: array<string, string|int|float>, about?: string}
 * @phpstan-type DescribedRow array{name: string, behaviour: string, hex: string|null}
 * @phpstan-type PaintOfPlan array{paint: string, described?: DescribedRow}
 * @phpstan-type PartRow array{paint: string, parts: int, described?: DescribedRow}
 * @phpstan-type PlaceRow array{face: string|null, part: string, light: string, share: float}
 * @phpstan-import-type HandlingMore from Handling
 *
 * @phpstan-type LoopRow array{from: string, rounds: int, exit: string, shares?: list<float>}
 * @phpstan-type StepRow array{
 *   key: string, stage: string, technique: string, target: list<float>|null, mix: list<PartRow>|null,
 *   meets?: list<PartRow>|null, original?: list<PartRow>|null, thin: string, with: string, coats: int|null, omitted: bool,
 *   why: list<FindingRow>,
 *   place?: PlaceRow|null, loop?: LoopRow|null, who?: string, level?: string|null,
 *   product?: PaintOfPlan, open?: list<string>, thin_open?: bool, tool?: string|null, note?: string, handling?: HandlingMore,
 * }
 * @phpstan-type PlanRow array{
 *   steps: list<StepRow>, left_out: list<array{stage: string, reason: FindingRow}>, findings?: list<FindingRow>,
 *   overruled?: list<string>,
 * }
 */
final class PlanMapper
{
    /** @return PlanRow */
    public static function toRow(Plan $plan): array
    {
        return [
            'steps' => array_map(self::stepRow(...), $plan->steps),
            'left_out' => array_map(
                static fn (LeftOut $l): array => ['stage' => $l->stage->value, 'reason' => self::finding($l->reason)],
                $plan->leftOut,
            ),
            'findings' => array_map(self::finding(...), $plan->findings),
            'overruled' => $plan->overruled,
        ];
    }

    /**
     * A paint that was taken off the shelf stays in the plan as one that is not in stock; a step whose paint is not known at
     * all is left out of the plan that comes back.
     *
     * @param PlanRow $row
     */
    public static function toPlan(array $row, ShelfRows $shelf): Plan
    {
        $steps = [];
        foreach ($row['steps'] as $step) {
            $mix = $step['mix'] === null ? null : self::mixOf($step['mix'], $shelf);
            if ($mix === null && $step['mix'] !== null) {
                continue;
            }
            $steps[] = new PlannedStep(
                StepKey::kept($step['key']),
                Technique::from($step['technique']),
                $step['target'] === null ? null : new Oklch(...array_map(floatval(...), $step['target'])),
                new Load(
                    $mix,
                    Thinning::fromRatio($step['thin']),
                    Thinner::from($step['with']),
                    $step['open'] ?? [],
                    $step['thin_open'] ?? false,
                    isset($step['original']) ? self::mixOf($step['original'], $shelf) : null,
                    isset($step['product']) ? self::paintOf($step['product'], $shelf) : null,
                    isset($step['meets']) ? self::mixOf($step['meets'], $shelf) : null,
                ),
                self::scope($step),
                self::handling($step),
                array_map(self::toFinding(...), $step['why']),
                Stage::from($step['stage']),
            );
        }

        return new Plan(
            $steps,
            array_map(
                static fn (array $l): LeftOut => new LeftOut(Stage::from($l['stage']), self::toFinding($l['reason'])),
                $row['left_out'],
            ),
            array_map(self::toFinding(...), $row['findings'] ?? []),
            $row['overruled'] ?? [],
        );
    }

    /** @param StepRow $step */
    private static function handling(array $step): Handling
    {
        $tool = isset($step['tool']) ? Tool::from($step['tool']) : null;
        $more = $step['handling'] ?? [];
        if (isset($more['lively'])) {
            $more['lively'] = (float) $more['lively'];
        }

        return (new Handling($step['coats'], $step['omitted'], $tool, $step['note'] ?? ''))->with($more);
    }

    /** @param StepRow $step */
    private static function scope(array $step): Scope
    {
        $loop = $step['loop'] ?? null;
        $place = $step['place'] ?? null;

        return new Scope(
            $place === null ? new Place() : Place::said(
                $place['face'] ?? '',
                $place['part'],
                $place['light'],
                $place['share'],
            ),
            Who::from($step['who'] ?? 'all'),
            isset($step['level']) ? Level::from($step['level']) : null,
            $loop === null ? null : new Loop($loop['from'], $loop['rounds'], $loop['exit'], $loop['shares'] ?? []),
        );
    }

    /** @param array<string, mixed>|null $options */
    public static function wish(?array $options): LadderWish
    {
        $said = static fn (string $key): string => is_string($options[$key] ?? null) ? $options[$key] : '';

        return new LadderWish(
            Contrast::tryFrom($said('contrast')) ?? Contrast::Clear,
            LightToward::tryFrom($said('light')) ?? LightToward::Neighbour,
            ShadeToward::tryFrom($said('shade')) ?? ShadeToward::Neighbour,
            (bool) ($options['mixed'] ?? false),
            (bool) ($options['insist'] ?? false),
            is_numeric($options['shades'] ?? null) ? (int) $options['shades'] : null,
            is_numeric($options['highlights'] ?? null) ? (int) $options['highlights'] : null,
            Level::tryFrom($said('finish')) ?? Level::Finished,
            glazedLights: (bool) ($options['glazed'] ?? false),
        );
    }

    /**
     * @return array{
     *   contrast: string, light: string, shade: string, mixed: bool, insist: bool, shades: int|null, highlights: int|null, finish: string,
     *   glazed: bool,
     * }
     */
    public static function options(LadderWish $wish): array
    {
        return [
            'contrast' => $wish->contrast->value,
            'light' => $wish->light->value,
            'shade' => $wish->shade->value,
            'mixed' => $wish->mixed,
            'insist' => $wish->insist,
            'shades' => $wish->shades,
            'highlights' => $wish->highlights,
            'finish' => $wish->finish->value,
            'glazed' => $wish->glazedLights,
        ];
    }

    /** @return StepRow */
    private static function stepRow(PlannedStep $step): array
    {
        return [
            'key' => $step->key->value,
            'stage' => $step->stage->value,
            'technique' => $step->technique->value,
            'target' => $step->target === null ? null : [$step->target->lightness, $step->target->chroma, $step->target->hue],
            'mix' => $step->load->mix === null ? null : self::mix($step->load->mix),
            'original' => $step->load->original === null ? null : self::mix($step->load->original),
            ...$step->load->meets === null ? [] : ['meets' => self::mix($step->load->meets)],
            'thin' => $step->load->thinning->ratio(),
            'with' => $step->load->thinner->value,
            ...$step->load->product === null ? [] : ['product' => self::paint($step->load->product)],
            'coats' => $step->handling->coats,
            'omitted' => $step->handling->omitted,
            'why' => array_map(self::finding(...), $step->why),
            'place' => $step->scope->place->isUsual() ? null : [
                'face' => $step->scope->place->faceId() ?: null,
                'part' => $step->scope->place->part,
                'light' => $step->scope->place->light,
                'share' => $step->scope->place->share,
            ],
            'loop' => $step->scope->loop === null ? null : [
                'from' => $step->scope->loop->from,
                'rounds' => $step->scope->loop->rounds,
                'exit' => $step->scope->loop->exit,
                'shares' => $step->scope->loop->shares,
            ],
            'who' => $step->scope->who->value(),
            'level' => $step->scope->level?->value,
            'open' => $step->load->open,
            'thin_open' => $step->load->thinOpen,
            'tool' => $step->handling->tool?->value,
            'note' => $step->handling->note,
            ...$step->handling->more() === [] ? [] : ['handling' => $step->handling->more()],
        ];
    }

    /** @return list<PartRow> */
    private static function mix(Mix $mix): array
    {
        return array_map(static fn (Part $p): array => [
            ...self::paint($p->paint),
            'parts' => $p->parts,
        ], $mix->parts);
    }

    /** @return PaintOfPlan */
    private static function paint(Paint $paint): array
    {
        $described = ['name' => $paint->name, 'behaviour' => $paint->behaviour->value, 'hex' => $paint->colour?->toHex()];

        return ['paint' => $paint->id, ...$paint->isDescribed() ? ['described' => $described] : []];
    }

    /**
     * @param PaintOfPlan $row
     *
     * @return Paint|null null where it is not known at all
     */
    private static function paintOf(array $row, ShelfRows $shelf): ?Paint
    {
        $said = $row['described'] ?? null;

        return $said === null
            ? $shelf->planned($row['paint'])
            : Paint::described($said['name'], Behaviour::from($said['behaviour']), $said['hex']);
    }

    /**
     * @param list<PartRow> $parts
     *
     * @return Mix|null null where a paint of it is not known at all
     */
    private static function mixOf(array $parts, ShelfRows $shelf): ?Mix
    {
        $found = [];
        foreach ($parts as $part) {
            $paint = self::paintOf($part, $shelf);
            if ($paint === null || ($paint->colour === null && $paint->behaviour->needsColour())) {
                return null;
            }
            $found[] = new Part($paint, $part['parts']);
        }

        return Mix::of($found);
    }

    /** @return FindingRow */
    private static function finding(Finding $finding): array
    {
        return ['code' => $finding->code, 'template' => $finding->template, 'facts' => $finding->facts, 'about' => $finding->about->value];
    }

    /** @param FindingRow $row */
    private static function toFinding(array $row): Finding
    {
        $row = isset($row['about']) ? $row : self::older($row);

        return new Finding($row['code'], $row['template'], $row['facts'], Reason::from($row['about'] ?? Reason::Other->value));
    }

    /**
     * A finding that was written before it told what it is a reason for: then only its code did.
     *
     * @param FindingRow $row
     *
     * @return FindingRow
     */
    private static function older(array $row): array
    {
        [$about, $use] = [...explode('.', $row['code'], 2), ''];
        $row['about'] = Reason::tryFrom($about)->value ?? Reason::Other->value;
        if ($about === Reason::Thinning->value && isset(Defaults::THINNING[$use])) {
            $row['facts'] += ['use' => $use];
        }

        return $row;
    }
}
