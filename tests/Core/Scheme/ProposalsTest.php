<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Figure\Template;
use Kalokroma\Scheme\Choice;
use Kalokroma\Scheme\Coloured;
use Kalokroma\Scheme\Legibility;
use Kalokroma\Scheme\MaterialRange;
use Kalokroma\Scheme\Pool;
use Kalokroma\Scheme\Proposal;
use Kalokroma\Scheme\Proposals;
use Kalokroma\Scheme\SchemeProblem;
use Kalokroma\Scheme\Sight;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Paint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;
use Tests\Core\Swatches;

final class ProposalsTest extends TestCase
{
    public function testAtLeastFiveDifferentCompleteSchemes(): void
    {
        [$areas, $touching] = $this->figure(['Coat' => '#9c7d34']);
        $found = $this->propose(['Coat' => '#9c7d34']);

        self::assertGreaterThanOrEqual(5, count($found));
        foreach ($found as $i => $proposal) {
            self::assertCount(count($areas) - 1, $proposal->choices, 'every open area has a colour');
            foreach (array_slice($found, $i + 1) as $other) {
                $apart = array_map(
                    static fn (string $id): float => Ciede2000::difference($proposal->choices[$id]->lab, $other->choices[$id]->lab),
                    array_keys($proposal->choices),
                );
                self::assertGreaterThan(1.0, array_sum($apart) / count($apart));
            }
            $coloured = array_map(
                static fn (Coloured $c): Coloured => new Coloured($c->area, ($proposal->choices[$c->area->id] ?? null)->lab ?? $c->lab),
                $areas,
            );
            $lost = (new Legibility($coloured, $touching, new Sight()))->findings();
            self::assertSame(count($lost), $proposal->pairs - $proposal->clear);
            self::assertLessThanOrEqual(1, count($lost), 'neighbours stay legible');
        }
        self::assertEquals($found, $this->propose(['Coat' => '#9c7d34']), 'same input, same answer');
    }

    public function testOnlyOwnedPaintsAndWholeDropsOfThem(): void
    {
        foreach ($this->propose(['Coat' => '#9c7d34']) as $proposal) {
            foreach ($proposal->choices as $choice) {
                foreach ($choice->mix->parts as $part) {
                    self::assertTrue($part->paint->isAtHand());
                    self::assertGreaterThanOrEqual(1, $part->parts);
                }
            }
        }
    }

    public function testMaterialsReadAsThemselves(): void
    {
        [$areas] = $this->figure([]);
        foreach ($this->propose(['Coat' => '#2f5a7e']) as $proposal) {
            foreach ($areas as $area) {
                $choice = $proposal->choices[$area->area->id] ?? null;
                if ($choice !== null) {
                    self::assertTrue(
                        $choice->metallic || MaterialRange::holds($area->area->material, $choice->oklch),
                        $area->area->name.' '.$choice->hex,
                    );
                    self::assertSame(
                        $area->area->material->value === 'metal',
                        $choice->metallic,
                        'metal takes metallics, nothing else does',
                    );
                }
            }
        }
    }

    public function testTheHarmonyIsFollowedAndItsReasonTold(): void
    {
        $kept = Srgb::fromHex('#9c7d34')->toOklch();
        foreach ($this->propose(['Coat' => '#9c7d34'], Harmony::Complement) as $proposal) {
            self::assertSame(Harmony::Complement, $proposal->harmony);
            self::assertStringStartsWith('Opposite hues: coat (', $proposal->reason);
        }
        $turns = array_map(
            static fn (Proposal $p): float => abs($kept->hueTurnTo($p->choices['Trousers']->oklch->hue)),
            $this->propose(['Coat' => '#9c7d34'], Harmony::Complement),
        );
        self::assertGreaterThan(140, max($turns), 'a free area takes the opposite hue');
        $spot = $this->propose(['Coat' => '#9c7d34'], Harmony::Spot)[0];
        $strong = array_filter($spot->choices, static fn ($c): bool => $c->oklch->chroma > 0.1);
        self::assertLessThanOrEqual(2, count($strong), 'all is muted but the spot');
    }

    /** @return iterable<string, array{string}> */
    public static function leads(): iterable
    {
        yield 'ochre' => ['#9c7d34'];
        yield 'blue' => ['#2d5596'];
        yield 'red' => ['#b3221e'];
        yield 'green' => ['#3c7a3e'];
    }

    /**
     * Hues are told from the painter's own: opposite is 145° and more away, beside it 115 to 185°, neighbours 50° at most.
     * Without looking at promises, "opposite hues" came with an ochre coat beside ochre trousers.
     */
    #[DataProvider('leads')]
    public function testWhatATitlePromisesIsThere(string $hex): void
    {
        $lead = Srgb::fromHex($hex)->toOklch();
        foreach ([OrdinaryShelf::paints(), Swatches::shelf()] as $shelf) {
            [$areas, $touching] = $this->figure(['Trousers' => $hex]);
            $found = Proposals::of($areas, $touching, new Pool($shelf), new Sight());
            self::assertGreaterThanOrEqual(5, count($found));
            foreach ($found as $proposal) {
                $all = array_filter($proposal->choices, static fn (Choice $c): bool => $c->oklch->chroma >= 0.03);
                $turns = array_map(static fn (Choice $c): float => abs($lead->hueTurnTo($c->oklch->hue)), $all);
                $coat = $proposal->choices['Coat']->oklch;
                self::assertTrue(match ($proposal->harmony) {
                    Harmony::Complement => max($turns) >= 145,
                    Harmony::NearComplement => array_filter($turns, static fn (float $t): bool => $t >= 115) !== [],
                    Harmony::Analogous => $coat->chroma < 0.03 || $turns['Coat'] <= 50,
                    Harmony::Triad => count(array_filter($turns, static fn (float $t): bool => $t >= 85 && $t <= 155)) > 0,
                    Harmony::WarmCold => count(array_unique(array_map(
                        static fn (float $hue): bool => Harmony::isWarm($hue),
                        [$lead->hue, ...array_map(static fn (Choice $c): float => $c->oklch->hue, array_values($all))],
                    ))) === 2,
                    Harmony::Spot => ($lead->chroma >= 0.11) === str_contains($proposal->reason, 'spot of colour: the trousers')
                        && ($lead->chroma >= 0.11 ? $coat->chroma < $lead->chroma : $coat->chroma >= 0.11),
                }, $proposal->reason);
            }
        }
    }

    /** A title and the hues told beside it agree, also where all that is free to choose is brown. */
    public function testNoReasonContradictsItsTitle(): void
    {
        $kept = [['Trousers' => '#b3221e'], ['Coat' => '#9c7d34', 'Trousers' => '#4a626b'], ['Coat' => '#f0b42c', 'Trousers' => '#9c7d34']];
        $told = $made = 0;
        foreach ($kept as $colours) {
            foreach ($this->propose($colours) as $proposal) {
                $made += (int) str_contains($proposal->reason, 'what you kept makes it, coat (ochre-brown) and trousers');
                if (preg_match('/hues (\d+)° apart/', $proposal->reason, $found) !== 1) {
                    continue;
                }
                ++$told;
                [$least, $most] = match ($proposal->harmony) {
                    Harmony::Complement => [145, 180],
                    Harmony::NearComplement => [115, 180],
                    Harmony::Triad => [85, 155],
                    Harmony::Analogous => [0, 50],
                    Harmony::WarmCold, Harmony::Spot => [0, 180],
                };
                self::assertGreaterThanOrEqual($least, (int) $found[1], $proposal->reason);
                self::assertLessThanOrEqual($most, (int) $found[1], $proposal->reason);
            }
        }
        self::assertGreaterThan(3, $told);
        self::assertGreaterThan(0, $made);
    }

    public function testTheReasonFollowsItsInput(): void
    {
        $near = $this->propose(['Coat' => '#9c7d34'])[0]->reason;
        $far = $this->propose(['Coat' => '#9c7d34'], null, new Sight(2))[0]->reason;

        self::assertStringContainsString('read from 0.8 m', $near);
        self::assertStringContainsString('read from 2 m', $far);
        self::assertMatchesRegularExpression('/\d+ of \d+ pairs of neighbours/', $near);
    }

    public function testWhereAllThatIsFreeIsKeptTheRestStillDiffers(): void
    {
        self::assertGreaterThanOrEqual(
            5,
            count($this->propose(['Coat' => '#9c7d34', 'Trousers' => '#4a626c', 'Weapon or tool' => '#5f6265'])),
        );
    }

    public function testTwoFixedColoursBothLead(): void
    {
        foreach ($this->propose(['Coat' => '#9c7d34', 'Trousers' => '#4a626c']) as $proposal) {
            self::assertArrayNotHasKey('Coat', $proposal->choices);
            self::assertArrayNotHasKey('Trousers', $proposal->choices);
        }
    }

    public function testNothingFixedNothingOpenNothingOwned(): void
    {
        [$areas, $touching] = $this->figure([]);
        $ask = static fn (array $areas): array => Proposals::of($areas, $touching, new Pool(Swatches::shelf()), new Sight());
        foreach ([
            'Fix one or two colours first' => $areas,
            'Every area is fixed already' => array_map(
                static fn (Coloured $c): Coloured => new Coloured($c->area, Srgb::fromHex('#808080')->toLab(), true),
                $areas,
            ),
        ] as $sentence => $given) {
            try {
                $ask($given);
                self::fail($sentence);
            } catch (SchemeProblem $problem) {
                self::assertStringContainsString($sentence, $problem->getMessage());
            }
        }
    }

    public function testASmallShelfStillProposes(): void
    {
        [$areas, $touching] = $this->figure(['Coat' => '#9c7d34']);
        $few = array_values(
            array_filter(
                Swatches::shelf(),
                static fn (Paint $p): bool => in_array($p->name, ['Black', 'White', 'Ochre'], true) && $p->behaviour === Behaviour::Opaque,
            ),
        );
        $found = Proposals::of($areas, $touching, new Pool($few), new Sight());

        self::assertNotSame([], $found);
        self::assertCount(count($areas) - 1, $found[0]->choices);
    }

    /**
     * @param array<string, string> $fixed
     *
     * @return list<Proposal>
     */
    private function propose(array $fixed, ?Harmony $harmony = null, Sight $sight = new Sight()): array
    {
        [$areas, $touching] = $this->figure($fixed);

        return Proposals::of($areas, $touching, new Pool(Swatches::shelf()), $sight, $harmony);
    }

    /**
     * @param array<string, string> $fixed colours by name
     *
     * @return array{list<Coloured>, list<array{0: string, 1: string}>}
     */
    private function figure(array $fixed): array
    {
        $areas = $touching = [];
        foreach (Template::of(FigureKind::Foot) as $draft) {
            $hex = $fixed[$draft->name] ?? null;
            $areas[] = new Coloured(
                new Area($draft->name, $draft->name, $draft->material, $draft->relief, 0.16 * $draft->share, $draft->depth, $draft->weight),
                $hex === null ? null : Srgb::fromHex($hex)->toLab(),
                $hex !== null,
            );
            foreach ($draft->touches as $other) {
                $pair = [$draft->name, $other];
                sort($pair);
                $touching[implode('|', $pair)] = [$pair[0], $pair[1]];
            }
        }

        return [$areas, array_values($touching)];
    }
}
