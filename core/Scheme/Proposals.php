<?php

declare(strict_types=1);

namespace Kalokroma\Scheme;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Oklch;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Weight;

/**
 * Complete schemes from one or two fixed colours.
 *
 * Every harmony gives the hues; every open area takes, of what its material may have and the shelf can make, the colour
 * with the least cost: far from its hue, no hue where one is wanted, run together with a neighbour, mixed where a single
 * paint would do. Areas are chosen by weight and size, then each once more given all others, twice. What differs between
 * schemes of one harmony is which area takes which hue, and whether the large areas are the lighter or the darker ones.
 */
final class Proposals
{
    private const WANTED = 6;

    /**
     * Two schemes are different from this mean CIEDE2000 over the open areas on, large ones counting more; on a small shelf less will do.
     */
    private const DIFFERENT = [4.0, 2.5, 1.2];
    private const ENOUGH = 5;

    /** Which area takes which hue (turn), and whether large areas are light. */
    private const VARIANTS = [[0, false], [1, true], [1, false], [0, true], [2, false], [2, true]];

    private const ROUNDS = 2;

    /** Hue that schemes start from where no fixed colour has one, degrees: the middle of the warm ones. */
    private const NO_HUE = 65.0;

    /** Cost of running together with a neighbour, for each ratio that is missing. */
    private const RUNS_TOGETHER = 6.0;

    /** Cost of a colour that an area of another material has, and one of the same. */
    private const AGAIN = 0.5;
    private const AGAIN_ALIKE = 0.1;

    /** CIELAB lightness of large areas in a light and a dark key; small ones take the other. */
    private const KEYS = [true => [66.0, 38.0], false => [36.0, 62.0]];

    /** OKLCh lightness by which leather, wood and the like are lighter or darker from scheme to scheme. */
    private const LEANING = 0.12;

    /** Ratio of legibility aimed at: a little more than just enough. */
    private const AIMED = 1.15;

    /** @var array<string, Coloured> */
    private array $byId = [];

    /** @var array<string, list<array{0: string, 1: array{float, float, float}}>> neighbours of each area, and what they need */
    private array $around = [];

    /** @var list<Coloured> */
    private array $open = [];

    /** @var array<string, list<array{Choice, float}>> candidates with their own cost */
    private array $candidates = [];

    /** @var list<float> */
    private array $given = [];

    private readonly Candidates $found;

    /**
     * @param list<Coloured> $areas
     * @param list<array{0: string, 1: string}> $touching ids of neighbours
     */
    private function __construct(private readonly array $areas, private readonly array $touching, Pool $pool, private readonly Sight $sight)
    {
        $this->found = new Candidates($pool);
        foreach ($areas as $area) {
            $this->byId[$area->area->id] = $area;
            $this->around[$area->area->id] = [];
        }
        foreach ($touching as [$a, $b]) {
            if (isset($this->byId[$a], $this->byId[$b])) {
                $needed = Legibility::needed($this->byId[$a], $this->byId[$b], $sight);
                $this->around[$a][] = [$b, $needed];
                $this->around[$b][] = [$a, $needed];
            }
        }
    }

    /**
     * @param list<Coloured> $areas those that are fixed lead; the others are proposed
     * @param list<array{0: string, 1: string}> $touching ids of neighbours
     * @param Harmony|null $only one harmony, or null for all
     *
     * @return list<Proposal> the best first, each different from the others
     *
     * @throws SchemeProblem
     */
    public static function of(array $areas, array $touching, Pool $pool, Sight $sight, ?Harmony $only = null): array
    {
        return (new self($areas, $touching, $pool, $sight))->all($only);
    }

    /**
     * The best scheme of one harmony.
     *
     * @param list<Coloured> $areas those that are fixed lead
     * @param list<array{0: string, 1: string}> $touching ids of neighbours
     *
     * @throws SchemeProblem
     */
    public static function best(array $areas, array $touching, Pool $pool, Sight $sight, Harmony $harmony): Proposal
    {
        $self = new self($areas, $touching, $pool, $sight);
        $self->begin();
        $found = self::promising(array_map(
            static fn (array $v): Proposal => $self->scheme($harmony, $v[0], $v[1]),
            array_slice(self::VARIANTS, 0, 2),
        ));
        usort($found, static fn (Proposal $a, Proposal $b): int => $a->score <=> $b->score);

        return $found[0];
    }

    /** @return list<Proposal> */
    private function all(?Harmony $only): array
    {
        $this->begin();
        $found = $kept = [];
        foreach (self::VARIANTS as $v => [$turn, $light]) {
            foreach ($only === null ? Harmony::cases() : [$only] as $harmony) {
                $found[] = $this->scheme($harmony, $turn, $light);
            }
            $kept = $v === 0 ? [] : $this->different(self::promising($found), $only === null);
            if (count($kept) >= self::WANTED) {
                break;
            }
        }

        return $kept;
    }

    /** @throws SchemeProblem where nothing leads, or nothing is left to propose */
    private function begin(): void
    {
        $fixed = array_values(array_filter($this->areas, static fn (Coloured $c): bool => $c->fixed && $c->lab !== null));
        $this->open = array_values(array_filter($this->areas, static fn (Coloured $c): bool => !$c->fixed));
        if ($fixed === []) {
            throw SchemeProblem::nothingFixed();
        }
        if ($this->open === []) {
            throw SchemeProblem::nothingFree();
        }
        usort(
            $this->open,
            static fn (Coloured $a, Coloured $b): int => self::rank($a->area) <=> self::rank($b->area)
                ?: $b->area->surfaceCm2 <=> $a->area->surfaceCm2
                ?: $a->area->id <=> $b->area->id,
        );
        $this->given = self::hues($fixed);
    }

    /**
     * @param list<Proposal> $found
     *
     * @return list<Proposal> those that are what their title says; where none is, all, which say so
     */
    private static function promising(array $found): array
    {
        return array_values(array_filter($found, static fn (Proposal $p): bool => $p->isKept)) ?: $found;
    }

    /**
     * @param list<Proposal> $found
     *
     * @return list<Proposal>
     */
    private function different(array $found, bool $mixed): array
    {
        usort($found, static fn (Proposal $a, Proposal $b): int => $a->score <=> $b->score ?: $a->reason <=> $b->reason);
        $kept = [];
        foreach (self::DIFFERENT as $least) {
            foreach ([$mixed, false] as $oneEach) {
                foreach ($found as $i => $proposal) {
                    if (count($kept) < self::WANTED && !isset($kept[$i]) && $this->isNew($proposal, $kept, $least, $oneEach)) {
                        $kept[$i] = $proposal;
                    }
                }
            }
            if (count($kept) >= self::ENOUGH) {
                break;
            }
        }
        ksort($kept);

        return array_values($kept);
    }

    /** @param array<int, Proposal> $kept */
    private function isNew(Proposal $proposal, array $kept, float $least, bool $oneEach): bool
    {
        foreach ($kept as $other) {
            if (($oneEach && $other->harmony === $proposal->harmony) || $this->apart($proposal, $other) < $least) {
                return false;
            }
        }

        return true;
    }

    private function apart(Proposal $one, Proposal $other): float
    {
        $sum = $all = 0.0;
        foreach ($one->choices as $id => $choice) {
            $weight = sqrt($this->byId[$id]->area->surfaceCm2);
            $sum += $weight * Ciede2000::difference($choice->lab, $other->choices[$id]->lab);
            $all += $weight;
        }

        return $sum / $all;
    }

    private function scheme(Harmony $harmony, int $turn, bool $light): Proposal
    {
        $hues = $this->harmonious($harmony);
        $spot = $harmony === Harmony::Spot ? $this->spot() : null;
        $this->candidates = [];
        $next = $turn;
        foreach ($this->open as $place => $area) {
            $hue = $hues[MaterialRange::isFree($area->area->material) ? ++$next % count($hues) : 0];
            if ($harmony === Harmony::Spot) {
                $hue = $area->area->id === $spot ? $hues[count($hues) - 1] : $hues[$place % max(1, count($hues) - 1)];
            }
            $this->candidates[$area->area->id] = $this->found->for(
                $area->area->material,
                $hue,
                $harmony === Harmony::Spot,
                $area->area->id === $spot,
                $place < 3 ? self::KEYS[$light][0] : self::KEYS[$light][1],
                self::LEANING * (($place + $turn) % 3 - 1) * ($light ? 1 : -1),
            );
        }
        $labs = [];
        foreach ($this->areas as $area) {
            if ($area->fixed && $area->lab !== null) {
                $labs[$area->area->id] = $area->lab;
            }
        }
        $chosen = [];
        $cost = 0.0;
        for ($round = 0; $round <= self::ROUNDS; ++$round) {
            $cost = 0.0;
            foreach ($this->open as $area) {
                [$chosen[$area->area->id], $least] = $this->cheapest($area->area, $labs, $this->taken($chosen, $area->area));
                $labs[$area->area->id] = $chosen[$area->area->id]->lab;
                $cost += $least;
            }
        }

        return $this->proposal($harmony, $chosen, $cost, $spot);
    }

    /**
     * @param array<string, Choice> $chosen
     *
     * @return array<string, float> what taking each mix again costs
     */
    private function taken(array $chosen, Area $area): array
    {
        $found = [];
        foreach ($chosen as $id => $choice) {
            if ((string) $id !== $area->id) {
                $found[$choice->key] = $this->byId[$id]->area->material === $area->material ? self::AGAIN_ALIKE : self::AGAIN;
            }
        }

        return $found;
    }

    /**
     * @param array<string, Lab> $labs
     * @param array<string, float> $taken
     *
     * @return array{Choice, float}
     */
    private function cheapest(Area $area, array $labs, array $taken): array
    {
        $id = $area->id;
        $around = [];
        foreach ($this->around[$id] as [$other, [$l, $a, $b]]) {
            if (isset($labs[$other])) {
                $around[] = [$labs[$other]->l, $labs[$other]->a, $labs[$other]->b, $l, $a, $b];
            }
        }
        [$best, $least] = [$this->candidates[$id][0][0], INF];
        foreach ($this->candidates[$id] as [$choice, $cost]) {
            $lab = $choice->lab;
            $cost += $taken === [] ? 0.0 : $taken[$choice->key] ?? 0.0;
            foreach ($around as [$l, $a, $b, $nl, $na, $nb]) {
                $ratio = sqrt((($lab->l - $l) / $nl) ** 2 + (($lab->a - $a) / $na) ** 2 + (($lab->b - $b) / $nb) ** 2);
                if ($ratio < self::AIMED) {
                    $cost += self::RUNS_TOGETHER * (self::AIMED - $ratio);
                }
            }
            if ($cost < $least) {
                [$best, $least] = [$choice, $cost];
            }
        }

        return [$best, $least];
    }

    /**
     * Hues of the harmony; where two fixed colours have hues, the second takes the place of the hue it is nearest to.
     *
     * @return non-empty-list<float>
     */
    private function harmonious(Harmony $harmony): array
    {
        $hues = $harmony->hues($this->given[0] ?? self::NO_HUE);
        foreach (array_slice($this->given, 1, 1) as $second) {
            $nearest = 1;
            foreach ($hues as $i => $hue) {
                if ($i > 0 && Oklch::between($hue, $second) < Oklch::between($hues[$nearest], $second)) {
                    $nearest = $i;
                }
            }
            $hues[$nearest] = $second;
        }

        return array_values($hues);
    }

    /** The area for the spot colour: a fixed one that is vivid; else small, round or of free material, and as leading as there is one. */
    private function spot(): string
    {
        $vivid = Candidates::SPOT;
        $fixed = null;
        foreach ($this->areas as $area) {
            $chroma = $area->fixed && $area->lab !== null ? Oklch::fromLab($area->lab)->chroma : 0.0;
            [$vivid, $fixed] = $chroma >= $vivid ? [$chroma, $area->area->id] : [$vivid, $fixed];
        }
        if ($fixed !== null) {
            return $fixed;
        }
        $found = $this->open[0]->area;
        $best = -INF;
        foreach ($this->open as $area) {
            $good = (
                MaterialRange::isFree($area->area->material)
                ? 4 : 0
            ) + ($area->area->relief === Relief::Orb ? 3 : 0) - self::rank($area->area) - log($area->area->surfaceCm2 + 0.1);
            if ($good > $best) {
                [$best, $found] = [$good, $area->area];
            }
        }

        return $found->id;
    }

    /** @param array<string, Choice> $chosen */
    private function proposal(Harmony $harmony, array $chosen, float $cost, ?string $spot): Proposal
    {
        $coloured = array_map(
            static fn (Coloured $c): Coloured => new Coloured($c->area, ($chosen[$c->area->id] ?? null)->lab ?? $c->lab, $c->fixed),
            $this->areas,
        );
        $legibility = new Legibility($coloured, $this->touching, $this->sight);
        $lost = $legibility->findings();
        $mixes = count(array_filter($chosen, static fn (Choice $c): bool => !$c->mix->isSingle()));
        $isKept = (new Promise($harmony, $this->given[0] ?? self::NO_HUE))->isKept($coloured, $spot);

        return new Proposal(
            $harmony,
            $chosen,
            count($legibility->pairs),
            count($legibility->pairs) - count($lost),
            $mixes,
            $cost / count($chosen),
            ProposalReason::of($harmony, $coloured, $legibility, $mixes, count($chosen), $spot, $isKept),
            $isKept,
        );
    }

    /**
     * @param list<Coloured> $fixed
     *
     * @return list<float> hues of the fixed colours that have one, the weightiest first
     */
    private static function hues(array $fixed): array
    {
        usort(
            $fixed,
            static fn (Coloured $a, Coloured $b): int => self::rank($a->area) <=> self::rank($b->area)
                ?: $b->area->surfaceCm2 <=> $a->area->surfaceCm2
                ?: $a->area->id <=> $b->area->id,
        );
        $found = [];
        foreach ($fixed as $area) {
            $colour = $area->lab === null ? null : Oklch::fromLab($area->lab);
            if ($colour !== null && $colour->chroma >= Candidates::HAS_HUE) {
                $found[] = $colour->hue;
            }
        }

        return $found;
    }

    private static function rank(Area $area): int
    {
        return (int) array_search($area->weight, Weight::cases(), true);
    }
}
