<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Harmony;
use Kalokroma\Colour\Oklch;
use Kalokroma\Colour\Srgb;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Figure\Template;
use Kalokroma\Scheme\Coloured;
use Kalokroma\Scheme\MaterialRange;
use Kalokroma\Scheme\Pool;
use Kalokroma\Scheme\Proposal;
use Kalokroma\Scheme\SchemeProblem;
use Kalokroma\Scheme\Sight;
use Kalokroma\Scheme\Surprise;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\OrdinaryShelf;

/** Schemes where nothing is kept yet. */
final class SurpriseTest extends TestCase
{
    /** Six whole schemes, each led by another hue of the shelf, each in another harmony. */
    public function testSixSurprisesEachFromAnotherColour(): void
    {
        $found = $this->surprise()->any();

        self::assertCount(6, $found);
        self::assertCount(6, array_unique(array_map(static fn (Proposal $p): string => $p->harmony->value, $found)));
        $hues = [];
        foreach ($found as $proposal) {
            self::assertSame('Coat', $proposal->lead, 'the largest area that may have any colour leads');
            self::assertCount(count(Template::of(FigureKind::Foot)), $proposal->choices, 'the lead has a colour too');
            $lead = $proposal->choices['Coat'];
            self::assertTrue($lead->mix->isSingle(), 'straight from a pot');
            $hues[] = $lead->oklch->chroma < 0.03 ? -180.0 : $lead->oklch->hue;
            foreach (Template::of(FigureKind::Foot) as $draft) {
                $choice = $proposal->choices[$draft->name];
                self::assertTrue($choice->metallic || MaterialRange::holds($draft->material, $choice->oklch), $draft->name);
            }
        }
        sort($hues);
        for ($i = 1; $i < count($hues); ++$i) {
            self::assertGreaterThan(8.0, $hues[$i] - $hues[$i - 1], 'no two are led by one hue');
        }
    }

    public function testAnotherTurnSurprisesOtherwiseAndTheSameAlike(): void
    {
        $leads = fn (int $turn): array => array_map(
            static fn (Proposal $p): string => $p->choices['Coat']->key.' '.$p->harmony->value,
            $this->surprise()->any($turn),
        );

        self::assertSame($leads(0), $leads(0));
        self::assertNotSame($leads(0), $leads(1));
        self::assertGreaterThan(2, count(array_diff($leads(1), $leads(0))));
    }

    public function testAGreyOrABlackLeadsNoHarmonyOfHues(): void
    {
        $grey = 0;
        for ($turn = 0; $turn < 12; ++$turn) {
            foreach ($this->surprise()->any($turn) as $proposal) {
                if ($proposal->choices['Coat']->oklch->chroma < 0.03) {
                    ++$grey;
                    self::assertSame('spot', $proposal->harmony->value, $proposal->reason);
                }
            }
        }
        self::assertGreaterThan(2, $grey);
    }

    #[DataProvider('colours')]
    public function testFromOneColour(string $hex): void
    {
        $found = $this->surprise()->from(Srgb::fromHex($hex)->toLab());

        self::assertGreaterThanOrEqual(5, count($found));
        foreach ($found as $proposal) {
            $coat = $proposal->choices['Coat'];
            self::assertLessThan(8.0, Ciede2000::difference($coat->lab, Srgb::fromHex($hex)->toLab()));
        }
        $only = $this->surprise()->from(Srgb::fromHex($hex)->toLab(), Harmony::Complement);
        self::assertSame([Harmony::Complement], array_values(array_unique(array_column($only, 'harmony'), SORT_REGULAR)));
    }

    /** @return iterable<string, array{string}> */
    public static function colours(): iterable
    {
        yield 'a blue' => ['#2d5596'];
        yield 'a wine red' => ['#5a2030'];
        yield 'an olive' => ['#5b5c31'];
    }

    /** What is kept leads on: the surprise is for what is left. */
    public function testWhatIsKeptStays(): void
    {
        foreach ($this->surprise(['Coat' => '#4d1626'])->any() as $proposal) {
            self::assertArrayNotHasKey('Coat', $proposal->choices);
            self::assertSame('Trousers', $proposal->lead);
        }
        $all = array_fill_keys(array_map(static fn ($d): string => $d->name, Template::of(FigureKind::Foot)), '#777777');
        $this->expectExceptionObject(SchemeProblem::nothingFree());
        $this->surprise($all);
    }

    /** @param array<string, string> $fixed colours by name */
    private function surprise(array $fixed = []): Surprise
    {
        $areas = $touching = [];
        foreach (Template::of(FigureKind::Foot) as $draft) {
            $hex = $fixed[$draft->name] ?? null;
            $areas[] = new Coloured(
                new Area($draft->name, $draft->name, $draft->material, $draft->relief, 0.16 * $draft->share, $draft->depth, $draft->weight),
                $hex === null ? null : Oklch::fromSrgb(Srgb::fromHex($hex))->toLab(),
                $hex !== null,
            );
            foreach ($draft->touches as $other) {
                $touching[] = [$draft->name, $other];
            }
        }

        return new Surprise($areas, $touching, new Pool(OrdinaryShelf::paints()), new Sight());
    }
}
