<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Lab;
use Kalokroma\Figure\Weight;

/**
 * Schemes where nothing is kept yet. The leading area takes a colour of the shelf (or the one that was asked for), and the rest is
 * proposed from it: with a colour in every harmony, without one from six colours that lie far apart, each in another harmony.
 */
final readonly class Surprise
{
    private const WANTED = 6;

    /** Degrees of hue that count as one colour to lead with. */
    private const ONE_HUE = 30.0;

    /** Lightness (OKLCh) of colours that a large area is led with: neither black nor white. */
    private const LEADS = [0.24, 0.8];

    /** The lead, which is fixed for as long as the rest is proposed. */
    private Coloured $lead;

    /**
     * @param list<Coloured> $areas
     * @param list<array{0: string, 1: string}> $touching ids of neighbours
     *
     * @throws SchemeProblem where every area is kept already
     */
    public function __construct(private array $areas, private array $touching, private Pool $pool, private Sight $sight)
    {
        $open = array_values(array_filter($areas, static fn (Coloured $c): bool => !$c->fixed));
        usort($open, static fn (Coloured $a, Coloured $b): int => self::place($a) <=> self::place($b));
        $this->lead = $open[0] ?? throw SchemeProblem::nothingFree();
    }

    /**
     * From one colour, which the leading area takes as nearly as the shelf can make it and its material may have it.
     *
     * @return list<Proposal>
     */
    public function from(Lab $colour, ?Harmony $only = null): array
    {
        $choice = $this->pool->nearest($colour, $this->lead->area->material)[0] ?? $this->pool->closest($colour);

        return array_map(
            fn (Proposal $p): Proposal => $p->leading($this->lead->area->id, $choice),
            Proposals::of($this->led($choice), $this->touching, $this->pool, $this->sight, $only),
        );
    }

    /**
     * @param int $turn the same number surprises in the same way, another one otherwise
     *
     * @return list<Proposal> each led by another colour
     */
    public function any(int $turn = 0): array
    {
        $leads = $this->leads($turn);
        $harmonies = self::harmonies($leads, $turn);
        $found = [];
        foreach ($leads as $i => $choice) {
            $found[] = Proposals::best($this->led($choice), $this->touching, $this->pool, $this->sight, $harmonies[$i])
                ->leading($this->lead->area->id, $choice);
        }

        return $found;
    }

    /**
     * A harmony for each, another at each turn; a grey or black has no hue that others could answer, so it carries the spot of colour.
     *
     * @param list<Choice> $leads
     *
     * @return list<Harmony>
     */
    private static function harmonies(array $leads, int $turn): array
    {
        $all = Harmony::cases();
        $given = array_map(static fn (int $i): Harmony => $all[($i + $turn) % count($all)], array_keys($leads));
        foreach ($leads as $i => $choice) {
            if ($choice->oklch->chroma < Candidates::HAS_HUE && $given[$i] !== Harmony::Spot) {
                $other = array_search(Harmony::Spot, $given, true);
                if ($other !== false) {
                    $given[$other] = $given[$i];
                }
                $given[$i] = Harmony::Spot;
            }
        }

        return array_values($given);
    }

    /** @return list<Choice> as far apart in hue as the shelf allows, single paints before mixes */
    private function leads(int $turn): array
    {
        $byHue = [];
        foreach ($this->pool->of($this->lead->area->material) as $choice) {
            $colour = $choice->oklch;
            if ($colour->lightness < self::LEADS[0] || $colour->lightness > self::LEADS[1]) {
                continue;
            }
            $hue = $colour->chroma < Candidates::HAS_HUE ? -1 : (int) floor($colour->hue / self::ONE_HUE);
            $byHue[$hue][] = $choice;
        }
        ksort($byHue);
        $leads = [];
        foreach (array_values($byHue) as $choices) {
            usort($choices, static fn (Choice $a, Choice $b): int => $b->mix->isSingle() <=> $a->mix->isSingle()
                ?: $b->oklch->chroma <=> $a->oklch->chroma ?: $a->key <=> $b->key);
            $singles = max(1, count(array_filter($choices, static fn (Choice $c): bool => $c->mix->isSingle())));
            $leads[] = $choices[$turn % min($singles, count($choices))];
        }
        $most = min(self::WANTED, count($leads));
        $chosen = [];
        for ($i = 0; $i < $most; ++$i) {
            $chosen[] = $leads[((int) round($i * count($leads) / $most) + $turn) % count($leads)];
        }

        return $chosen;
    }

    /** @return list<Coloured> with the lead fixed at this colour */
    private function led(Choice $choice): array
    {
        return array_map(
            fn (Coloured $c): Coloured => $c === $this->lead ? new Coloured($c->area, $choice->lab, true) : $c,
            $this->areas,
        );
    }

    /** @return array{int, int, float, string} what may have any hue first, by weight and size */
    private static function place(Coloured $area): array
    {
        return [
            MaterialRange::isFree($area->area->material) ? 0 : 1,
            (int) array_search($area->area->weight, Weight::cases(), true),
            -$area->area->surfaceCm2,
            $area->area->id,
        ];
    }
}
