<?php

declare(strict_types=1);

namespace Kalokroma\Bench;

use Kalokroma\Caution\Tool;
use Kalokroma\Recipe\Plan\Load;
use Kalokroma\Recipe\Predict\Amount;
use Kalokroma\Recipe\Predict\Taken;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Word\Counted;

/** What to fetch before a sitting, so that nobody gets up with wet hands: paints, mixes in drops, brushes, solvents, safety gear. */
final readonly class FetchList
{
    /** @var list<FetchItem> each once, in the order they are needed in, kind by kind */
    public array $items;

    /** @var list<string> cautions of the sitting, each once: the ones that are said before every step come last */
    public array $cautions;

    /**
     * @param list<SittingStep> $steps in their order
     * @param array<array-key, ShelfPlace> $places by id of the paint
     */
    public function __construct(private array $steps, private Equipment $owned, private array $places)
    {
        $this->items = [
            ...$this->paints(),
            ...$this->mixes(),
            ...$this->brushes(),
            ...$this->besides(),
        ];
        $seen = [];
        foreach ($steps as $step) {
            foreach ($step->outcome->cautions as $caution) {
                $seen[$caution] = ($seen[$caution] ?? 0) + 1;
            }
        }
        asort($seen);
        $this->cautions = array_keys($seen);
    }

    /** @return list<FetchItem> */
    private function paints(): array
    {
        $need = $paints = $alone = [];
        foreach ($this->steps as $step) {
            foreach ($step->outcome->step->load->paints() as $paint) {
                $paints[$paint->id] ??= $paint;
            }
            foreach (Taken::by($step->outcome)->ml(count($step->figures)) as $id => $ml) {
                $need[$id] = ($need[$id] ?? 0.0) + $ml * $step->share();
            }
            $load = $step->outcome->step->load;
            if ($load->mix?->isSingle() === true) {
                $alone[$load->mix->first()->id][] = $step;
            }
        }

        return array_values(array_map(fn (Paint $paint): FetchItem => new FetchItem(
            'paint/'.$paint->id,
            FetchItem::PAINT,
            $paint->name,
            $this->notes($paint, $need[$paint->id] ?? 0.0, $alone[$paint->id] ?? []),
            $paint->colour === null ? null : Mix::single($paint),
            $this->short($paint, $need[$paint->id] ?? 0.0),
        ), $paints));
    }

    /**
     * @param list<SittingStep> $alone steps that take it unmixed
     *
     * @return list<string>
     */
    private function notes(Paint $paint, float $needMl, array $alone): array
    {
        $place = $this->places[$paint->id] ?? new ShelfPlace();
        $state = mb_strtolower(trim($place->state));

        return array_values(array_filter([
            $paint->owned ? $place->place : $this->short($paint, $needMl),
            self::shaken($paint),
            str_contains($state, 'thick') ? 'thick: let it down with a drop of thinner' : $state,
            $paint->owned ? $this->short($paint, $needMl) : '',
            $alone === [] ? '' : $this->drops($alone),
        ]));
    }

    /** What is missing of a paint; empty for nothing. */
    private function short(Paint $paint, float $needMl): string
    {
        return $paint->owned ? ($this->places[$paint->id] ?? new ShelfPlace())->short($needMl) : 'not on your shelf';
    }

    /**
     * How many drops of a paint that is not mixed go on the palette; empty where they are not counted.
     *
     * @param non-empty-list<SittingStep> $steps
     */
    private function drops(array $steps): string
    {
        $applied = array_sum(array_map(static fn (SittingStep $s): float => $s->appliedUl(), $steps));
        $load = $steps[0]->outcome->step->load;
        if ($applied <= 0.0 || $load->mix === null) {
            return '';
        }
        $amount = Amount::of($load->mix, $load->thinning, $applied);

        return 'about '.Counted::Drops->of($amount->drops[0]['drops']);
    }

    /** How a pot is used: what settles in the bottle is shaken, what is a paste is stirred, a can is a can. */
    private static function shaken(Paint $paint): string
    {
        return match (true) {
            $paint->form === Form::SprayCan => 'spray can: shake for two minutes',
            $paint->form === Form::AirbrushReady => 'goes through the airbrush: shake',
            $paint->form === Form::Tube => 'out of the tube',
            $paint->form->isAsItComes() => $paint->form->words(),
            $paint->behaviour === Behaviour::Metallic => 'shake well: flakes settle',
            $paint->behaviour === Behaviour::Varnish => 'shake well: what makes it matt settles',
            in_array($paint->behaviour, [Behaviour::Wash, Behaviour::Stain, Behaviour::Primer, Behaviour::Enamel], true) => 'shake',
            $paint->behaviour === Behaviour::Texture => 'stir',
            default => '',
        };
    }

    /** @return list<FetchItem> each mix once, for all the work of the sitting that takes it */
    private function mixes(): array
    {
        $found = [];
        foreach ($this->steps as $step) {
            $load = $step->outcome->step->load;
            $each = $step->appliedUl() / max(1, count($load->mixes()));
            foreach ($load->mixes() as $mix) {
                $key = $mix->key().'@'.$load->thinning->ratio();
                $found[$key] ??= ['mix' => $mix, 'load' => $load, 'ul' => 0.0];
                $found[$key]['ul'] += $each;
            }
        }
        $items = [];
        foreach ($found as $key => ['mix' => $mix, 'load' => $load, 'ul' => $ul]) {
            if (!$mix->isSingle()) {
                $items[] = new FetchItem('mix/'.$key, FetchItem::MIX, self::batch($mix, $load, $ul), [], $mix);
            }
        }

        return $items;
    }

    /** "6 drops Mustard Reed, 3 drops Bone, 9 drops water". */
    private static function batch(Mix $mix, Load $load, float $appliedUl): string
    {
        if ($appliedUl <= 0.0) {
            return $mix->words();
        }
        $amount = Amount::of($mix, $load->thinning, $appliedUl);

        return implode(', ', array_filter([
            ...array_map(static fn (array $d): string => Counted::Drops->of($d['drops']).' '.$d['paint'], $amount->drops),
            $amount->thinnerDrops === 0 ? '' : Counted::Drops->of($amount->thinnerDrops).' '.$load->thinnerWords(),
        ]));
    }

    /** @return list<FetchItem> brushes and tools, the brush for metal apart */
    private function brushes(): array
    {
        $found = [];
        foreach ($this->steps as $step) {
            $tool = $step->outcome->labour->tool;
            $found[$tool->value] = match (true) {
                $tool === Tool::MetalBrush => new FetchItem('tool/'.$tool->value, FetchItem::METAL, $tool->words(), [
                    'in water of its own: flakes travel',
                ]),
                $tool === Tool::Hands => null,
                str_ends_with($tool->value, 'brush') && $tool !== Tool::Airbrush
                    => new FetchItem('tool/'.$tool->value, FetchItem::BRUSH, $tool->words()),
                default => new FetchItem('tool/'.$tool->value, FetchItem::TOOL, $tool->words()),
            };
        }
        $brushes = array_values(array_filter($found));
        usort($brushes, static fn (FetchItem $a, FetchItem $b): int => ($a->kind === FetchItem::METAL) <=> ($b->kind === FetchItem::METAL));

        return $brushes;
    }

    /** @return list<FetchItem> water, palette, solvents and what protects */
    private function besides(): array
    {
        $tools = array_map(static fn (SittingStep $s): Tool => $s->outcome->labour->tool, $this->steps);
        $behaviours = self::behaviours($this->steps);
        $isSolvent = array_filter($behaviours, static fn (Behaviour $b): bool => $b->isSolventBased()) !== [];
        $isWater = array_filter($behaviours, static fn (Behaviour $b): bool => !$b->isSolventBased()) !== [];
        $isBrushed = array_filter($tools, static fn (Tool $t): bool => !in_array($t, [Tool::Airbrush, Tool::SprayCan, Tool::Hands], true))
            !== [];
        $isSprayed = in_array(Tool::Airbrush, $tools, true);
        $found = [];
        foreach ([
            ['water', FetchItem::TOOL, 'pot of clean water, cloth', $isWater && $isBrushed],
            ['palette', FetchItem::TOOL, $this->owned->wetPalette ? 'wet palette' : 'palette', $isWater && $isBrushed],
            ['solvent', FetchItem::SOLVENT, 'thinner that the label names, in a jar with a lid', $isSolvent],
            ['tin', FetchItem::SOLVENT, 'closed metal tin for the rags', $isSolvent],
            ['gloves', FetchItem::GEAR, 'gloves, and a window open', $isSolvent],
            ['extraction', FetchItem::GEAR, 'extraction, running', $isSprayed],
            ['mask', FetchItem::GEAR, 'particle mask', $isSprayed || in_array(Behaviour::Pigment, $behaviours, true)],
            ['vapours', FetchItem::GEAR, 'mask for organic vapours, and a place outdoors', in_array(Tool::SprayCan, $tools, true)],
        ] as [$key, $kind, $words, $isWanted]) {
            if ($isWanted) {
                $found[] = new FetchItem('besides/'.$key, $kind, $words);
            }
        }

        return $found;
    }

    /**
     * @param list<SittingStep> $steps
     *
     * @return list<Behaviour> of what is loaded, each once
     */
    public static function behaviours(array $steps): array
    {
        $found = [];
        foreach ($steps as $step) {
            foreach ($step->outcome->step->load->paints() as $paint) {
                $found[$paint->behaviour->value] = $paint->behaviour;
            }
        }

        return array_values($found);
    }
}
