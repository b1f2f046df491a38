<?php

declare(strict_types=1);

namespace App\Workshop\Plan;

use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Film\Thinner;
use Kalokroma\Recipe\Plan\Plan;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;

/**
 * A plan that means the same in another workshop: every paint by name, range, behaviour and colour instead of a number of
 * this one. An amount that was left open is null.
 *
 * @phpstan-import-type PlanRow from PlanMapper
 * @phpstan-import-type PartRow from PlanMapper
 *
 * @phpstan-type SaidPart array{paint: array{name: string, line?: string, behaviour: string, colour: string|null}, parts: int|null}
 */
final class PortablePlan
{
    /** What a step is that does not say otherwise. */
    private const USUAL = ['target' => null, 'thin' => '1:0', 'with' => 'water', 'coats' => null, 'omitted' => false, 'why' => []];

    /** @return array<string, mixed> */
    public static function of(Plan $plan): array
    {
        $row = PlanMapper::toRow($plan);
        $steps = [];
        foreach ($plan->steps as $i => $step) {
            $kept = $row['steps'][$i];
            unset($kept['original'], $kept['open'], $kept['product']);
            $steps[] = [
                ...$kept,
                'mix' => $step->load->mix === null ? null : self::mix($step->load->mix, $step->load->open),
                ...$step->load->meets === null ? [] : ['meets' => self::mix($step->load->meets, [])],
                ...$step->load->product === null ? [] : ['product' => $step->load->product->name],
            ];
        }

        return [
            'steps' => $steps,
            'left_out' => $row['left_out'],
            'findings' => $row['findings'] ?? [],
            'overruled' => $row['overruled'] ?? [],
        ];
    }

    /**
     * @param array<string, mixed> $portable checked against its schema
     * @param bool $match whether a paint of the same name and range on this shelf is taken for it
     *
     * @return PlanRow
     */
    public static function row(array $portable, ShelfRows $shelf, bool $match = true): array
    {
        $byName = [];
        foreach ($match ? $shelf->paints() : [] as $paint) {
            $byName[mb_strtolower($paint->line.'/'.$paint->name)] ??= $paint->id;
        }
        $pots = $match ? $shelf->thinners() : [];
        /** @var list<array<string, mixed>> $given */
        $given = $portable['steps'];
        $steps = [];
        foreach ($given as $step) {
            /** @var list<SaidPart>|null $mix */
            $mix = $step['mix'];
            [$parts, $open] = self::parts($mix ?? [], $byName);
            /** @var list<SaidPart>|null $meets */
            $meets = $step['meets'] ?? null;
            $steps[] = [
                ...self::USUAL,
                ...$step,
                'mix' => $mix === null ? null : $parts,
                ...$meets === null ? [] : ['meets' => self::parts($meets, $byName)[0]],
                'open' => $open,
                ...isset($step['product']) ? ['product' => self::product($step, $pots)] : [],
            ];
        }

        /** @var PlanRow $row */
        $row = ['left_out' => [], ...$portable, 'steps' => $steps];

        return $row;
    }

    /**
     * What it is thinned with: the pot of that name, else what is known of it.
     *
     * @param array<string, mixed> $step
     * @param array<string, Paint> $pots of this shelf, by name
     *
     * @return array{paint: string, described?: array{name: string, behaviour: string, hex: null}}
     */
    private static function product(array $step, array $pots): array
    {
        $name = (string) $step['product'];
        if (isset($pots[$name])) {
            return ['paint' => $pots[$name]->id];
        }
        $isMedium = in_array($step['with'] ?? '', [Thinner::Medium->value, Thinner::Retarder->value], true);
        $described = Paint::described($name, $isMedium ? Behaviour::Medium : Behaviour::Thinner, null);

        return [
            'paint' => $described->id,
            'described' => ['name' => $name, 'behaviour' => $described->behaviour->value, 'hex' => null],
        ];
    }

    /**
     * @param list<SaidPart> $said
     * @param array<string, string> $byName ids of the shelf, by range and name
     *
     * @return array{list<PartRow>, list<string>} the parts, and ids of those whose amount is open
     */
    private static function parts(array $said, array $byName): array
    {
        $parts = $open = [];
        foreach ($said as $part) {
            $paint = $part['paint'];
            $described = Paint::described(
                $paint['name'],
                Behaviour::from($paint['behaviour']),
                $paint['colour'] === null ? null : strtolower($paint['colour']),
            );
            $id = $byName[mb_strtolower(($paint['line'] ?? '').'/'.$paint['name'])] ?? null;
            $parts[] = [
                'paint' => $id ?? $described->id,
                'parts' => $part['parts'] ?? 1,
                ...($id !== null ? [] : [
                    'described' => ['name' => $paint['name'], 'behaviour' => $paint['behaviour'], 'hex' => $paint['colour']],
                ]),
            ];
            if ($part['parts'] === null) {
                $open[] = $id ?? $described->id;
            }
        }

        return [$parts, $open];
    }

    /** @return array{name: string, line: string, behaviour: string, colour: string|null} a paint as another workshop can know it */
    public static function paint(Paint $paint): array
    {
        return [
            'name' => $paint->name,
            'line' => $paint->line,
            'behaviour' => $paint->behaviour->value,
            'colour' => $paint->colour?->toHex(),
        ];
    }

    /** @return list<string> names of all paints of a plan, each once */
    public static function paints(Plan $plan): array
    {
        $names = [];
        foreach ($plan->steps as $step) {
            foreach ($step->load->paints() as $paint) {
                $names[$paint->name] = true;
            }
        }

        return array_map(strval(...), array_keys($names));
    }

    /**
     * @param list<string> $open
     *
     * @return list<array{paint: array{name: string, line: string, behaviour: string, colour: string|null}, parts: int|null}>
     */
    private static function mix(Mix $mix, array $open): array
    {
        return array_map(static fn (Part $p): array => [
            'paint' => self::paint($p->paint),
            'parts' => in_array($p->paint->id, $open, true) ? null : $p->parts,
        ], $mix->parts);
    }
}
