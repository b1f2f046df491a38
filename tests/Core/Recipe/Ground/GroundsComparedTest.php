<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Ground;

use Kalokroma\Figure\Area;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Relief;
use Kalokroma\Film\Hiding;
use Kalokroma\Film\Thinning;
use Kalokroma\Recipe\Ground\GroundLaid;
use Kalokroma\Recipe\Ground\GroundsCompared;
use Kalokroma\Recipe\Ground\OneForAll;
use Kalokroma\Recipe\Ground\PlannedCoat;
use Kalokroma\Recipe\Predict\Effort;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Undercoat\Ground;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\School;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Tone;
use Kalokroma\Undercoat\UndercoatProblem;
use PHPUnit\Framework\TestCase;
use Tests\Core\Swatches;

final class GroundsComparedTest extends TestCase
{
    public function testYellowAndWhiteAreasWantALightGround(): void
    {
        $compared = $this->compared([$this->coat('Lamp glass', '#f2c21c'), $this->coat('Sail', '#f4f2ec')]);

        self::assertSame('Ivory primer', $compared->laid[0]->ground->words);
        self::assertSame(Tone::Light, $compared->laid[0]->ground->tone);
        self::assertStringContainsString('Lamp glass: ', implode(' ', $this->named($compared, 'Black primer')->risks));
        self::assertSame([], $compared->laid[0]->risks);
    }

    public function testCoatsAndMinutesAreThoseOfTheFilmModel(): void
    {
        $coat = $this->coat('Lamp glass', '#f2c21c');
        foreach ($this->compared([$coat])->laid as $laid) {
            if (!$laid->ground->isSketch()) {
                $hiding = Hiding::of($coat->mix->pigment(), $coat->thinning->load(), $laid->ground->facings->side->plane, 4.0);
                self::assertSame($hiding->planned(), $laid->coats());
                self::assertEqualsWithDelta(
                    $hiding->difference[min(3, count($hiding->difference)) - 1],
                    $laid->apart,
                    1e-9,
                    'after three coats at most',
                );
                // 18 cm² sprayed twice at 0.02 min, 0.4 of handling, then the base coats.
                self::assertEqualsWithDelta(
                    18 * 0.02 * 2 + 0.4 + Effort::minutes(Technique::Basecoat, $coat->area, $laid->coats()),
                    $laid->minutes,
                    1e-9,
                );
            }
        }
    }

    public function testASketchCountsItsDarkestFacing(): void
    {
        $compared = $this->compared([$this->coat('Lamp glass', '#f2c21c')]);
        $sketch = array_values(array_filter($compared->laid, static fn (GroundLaid $l): bool => $l->ground->isSketch()))[0];

        self::assertSame($this->named($compared, 'Black primer')->coats(), $sketch->coats(), 'what faces down was never sprayed light');
        self::assertStringContainsString('Ivory primer from 60° above', $sketch->ground->words);
    }

    public function testTheReasonTellsTheNumbersItWasMadeFrom(): void
    {
        $one = $this->compared([$this->coat('Lamp glass', '#f2c21c')]);
        $two = $this->compared([$this->coat('Lamp glass', '#f2c21c'), $this->coat('Sail', '#f4f2ec')]);

        $told = static fn (GroundsCompared $c): string => sprintf('Ivory primer: %d min a figure', round($c->laid[0]->minutes));
        self::assertStringContainsString($told($one).' for undercoat and base coats over 1 area', $one->reason);
        self::assertStringContainsString($told($two).' for undercoat and base coats over 2 areas', $two->reason);
        $last = $one->laid[count($one->laid) - 1];
        self::assertStringContainsString(
            sprintf('%s costs %d min more', $last->ground->words, round($last->minutes - $one->laid[0]->minutes)),
            $one->reason,
        );
        self::assertStringContainsString('of them on lamp glass', $one->reason);
    }

    /** A lens of 0.3 cm² that needs more coats does not turn a black wolf of 16 cm² grey, and the wolf's base is the ground itself. */
    public function testMinutesAndSurfaceWeighNotACoatForEachAreaAlike(): void
    {
        $wolf = fn (float $lens): GroundsCompared => $this->compared([
            $this->coat('Wolf fur', '#232224', 18.0 - $lens),
            $this->coat('Lens', '#f2c21c', $lens),
        ]);

        $small = $wolf(0.3);
        self::assertSame('Black primer', $small->laid[0]->ground->words);
        self::assertSame(0, $small->laid[0]->byArea['Wolf fur']);
        self::assertSame(0.0, $small->laid[0]->minutesByArea['Wolf fur']);
        self::assertStringContainsString('it is the basecoat of wolf fur already', $small->reason);
        self::assertGreaterThan($small->laid[1]->byArea['Lens'], $small->laid[0]->byArea['Lens'], 'although the lens costs more');
        self::assertSame('Ivory primer', $wolf(14.0)->laid[0]->ground->words);
    }

    /** A coloured undercoat within 4 of an area's colour is its basecoat; one further off is not. */
    public function testAColouredUndercoatIsTheBasecoatOfWhatHasItsColour(): void
    {
        $red = Swatches::paint('Red primer', '#8a2a22', Behaviour::Primer);
        $grounds = Ground::offered([...Swatches::shelf(), $red], new Equipment(true, false));
        $of = fn (string $hex): GroundLaid => array_values(array_filter(
            GroundsCompared::of($grounds, [$this->coat('Cape', $hex, 9.0)], Kind::Airbrush, School::Open, 18.0)->laid,
            static fn (GroundLaid $l): bool => $l->ground->words === 'Red primer',
        ))[0];

        self::assertSame(['Cape'], $of('#8c2c24')->isBaseOf());
        self::assertSame([], $of('#b8453a')->isBaseOf());
    }

    public function testMetalHeavyFiguresGetADarkGround(): void
    {
        $plates = fn (float $cm2): PlannedCoat => $this->coat('Plates', '#b4b8ba', $cm2, Behaviour::Metallic);
        $heavy = $this->compared([$plates(12.6), $this->coat('Sash', '#f2c21c', 5.4)]);

        self::assertSame('Black primer', $heavy->laid[0]->ground->words);
        self::assertStringStartsWith('70 % of the surface is metal', $heavy->reason);
        self::assertNotSame('Black primer', $this->compared([$plates(7.2), $this->coat('Sash', '#f2c21c', 10.8)])->laid[0]->ground->words);
        $sketch = array_values(array_filter($heavy->laid, static fn (GroundLaid $l): bool => $l->ground->isSketch()))[0];
        self::assertStringContainsString('Plates: metal flakes hide the sketch.', implode(' ', $sketch->risks));
    }

    public function testTransparentPaintHardlyShowsOnADarkGround(): void
    {
        $compared = $this->compared([$this->coat('Cape', '#e0a34a', 8.0, Behaviour::Stain)]);

        self::assertStringContainsString(
            'Cape: transparent paint hardly shows here',
            implode(' ', $this->named($compared, 'Black primer')->risks),
        );
        self::assertSame([], $this->named($compared, 'Ivory primer')->risks);
        self::assertGreaterThan(3 * $this->named($compared, 'Ivory primer')->apart, $this->named($compared, 'Black primer')->apart);
    }

    public function testTheSchoolWeighsInButDoesNotDecideAlone(): void
    {
        $browns = [$this->coat('Coat', '#6f4a2e'), $this->coat('Boots', '#4b3524')];
        self::assertSame('Black primer', $this->compared($browns, School::Dark)->laid[0]->ground->words);
        self::assertTrue($this->compared($browns, School::Sketch)->laid[0]->favoured);

        $yellow = [$this->coat('Lamp glass', '#f2c21c'), $this->coat('Sail', '#f4f2ec')];
        self::assertSame('Ivory primer', $this->compared($yellow, School::Dark)->laid[0]->ground->words);
        $stained = [$this->coat('Cape', '#e0a34a', 8.0, Behaviour::Stain)];
        self::assertTrue($this->compared($stained, School::SketchUnderTransparent)->laid[0]->ground->isSketch());
        self::assertFalse($this->compared($browns, School::SketchUnderTransparent)->laid[0]->ground->isSketch());
    }

    public function testWithoutAPrimerTheTonesThemselvesAreComparedAndWithoutAreasGreyIsTaken(): void
    {
        $shelf = array_values(array_filter(Swatches::shelf(), static fn (Paint $p): bool => $p->behaviour !== Behaviour::Primer));
        $bare = GroundsCompared::of(
            Ground::offered($shelf, new Equipment(true, false)),
            [$this->coat('Coat', '#9c7630')],
            Kind::Airbrush,
            School::Open,
            18.0,
        );

        self::assertCount(4, $bare->laid);
        self::assertNull($bare->laid[0]->ground->primer);
        self::assertSame('No area has a colour yet: a middle grey suits mixed subjects.', $this->compared([])->reason);
    }

    public function testABrushCannotSketch(): void
    {
        $found = Ground::offered(Swatches::shelf(), new Equipment(false, false));
        self::assertSame([], array_filter($found, static fn (Ground $g): bool => $g->isSketch()));
        $grey = Swatches::paint('Grey', '#868686', Behaviour::Primer);
        $this->expectException(UndercoatProblem::class);
        $this->expectExceptionMessage('Grey is given for both');
        Ground::sketch($grey, [['paint' => $grey, 'spray' => new Spray(60.0)]]);
    }

    public function testAGlossPrimerIsWarnedOf(): void
    {
        $gloss = Swatches::paint('Black Gloss', '#1b1b1b', Behaviour::Primer);
        $grounds = Ground::offered([...Swatches::shelf(), $gloss], new Equipment(false, false));
        $risks = [];
        foreach (GroundsCompared::of($grounds, [$this->coat('Coat', '#9c7630')], Kind::Brush, School::Open, 18.0)->laid as $laid) {
            $risks[$laid->ground->words] = implode(' ', $laid->risks);
        }

        self::assertStringContainsString('Black Gloss is gloss: paint finds no grip', $risks['Black Gloss']);
        self::assertStringNotContainsString('gloss', $risks['Black primer']);
    }

    /** By hand: each ground's minutes times the figures, added up; what it costs beside each company's own best. */
    public function testCompaniesThatMatchGetTheGroundWithLeastWorkForAll(): void
    {
        $dark = $this->compared([$this->coat('Coat', '#2b2118', 12.0)]);
        $light = $this->compared([$this->coat('Sail', '#f4f2ec', 12.0)]);
        $minutes = fn (GroundsCompared $c, string $words): float => $this->named($c, $words)->minutes;
        foreach ([[9, 1], [1, 9]] as [$darks, $lights]) {
            $one = OneForAll::of([
                'Watch' => ['compared' => $dark, 'figures' => $darks],
                'Crew' => ['compared' => $light, 'figures' => $lights],
            ]);
            self::assertNotNull($one);
            foreach (['Black primer', 'Grey primer', 'Ivory primer'] as $words) {
                self::assertLessThanOrEqual(
                    $darks * $minutes($dark, $words) + $lights * $minutes($light, $words) + 1e-9,
                    $darks * $minutes($dark, $one->ground->words) + $lights * $minutes($light, $one->ground->words),
                );
            }
            self::assertEqualsWithDelta($minutes($light, $one->ground->words) - $light->laid[0]->minutes, $one->more['Crew'], 1e-9);
            self::assertStringStartsWith($one->ground->words.' for all of them: ', $one->sentence());
        }
        self::assertNull(OneForAll::of([]));
    }

    /** A coloured primer goes before the neutral ones where it is the basecoat of much of the figure, or saves a fifth of the minutes. */
    public function testNeutralGroundsComeFirst(): void
    {
        $red = Swatches::paint('Red primer', '#8a2a22', Behaviour::Primer);
        $grounds = Ground::offered([...Swatches::shelf(), $red], new Equipment(true, false));
        $first = static fn (array $coats): string
            => GroundsCompared::of($grounds, $coats, Kind::Airbrush, School::Open, 18.0)->laid[0]->ground->words;

        self::assertSame('Red primer', $first([$this->coat('Cape', '#8c2c24', 9.0), $this->coat('Boots', '#4d3322', 3.0)]));
        $few = $first([
            $this->coat('Cape', '#8c2c24', 1.0), $this->coat('Coat', '#33332f', 6.0), $this->coat('Boots', '#4d3322', 5.0),
            $this->coat('Sash', '#5c6a70', 4.0),
        ]);
        self::assertNotSame('Red primer', $few, 'a thing of one colour does not decide');

        $bone = Ground::uniform(Tone::Light, Swatches::paint('Bone primer', '#d7caa6', Behaviour::Primer));
        self::assertTrue($bone->isNeutral());
        self::assertTrue(Ground::uniform(Tone::Dark, Swatches::paint('Brown primer', '#4a3626', Behaviour::Primer))->isNeutral());
        self::assertFalse(Ground::uniform(Tone::Coloured, Swatches::paint('Flesh primer', '#d6a17d', Behaviour::Primer))->isNeutral());
        self::assertFalse(Ground::uniform(Tone::Coloured, Swatches::paint('Brass', '#93753b', Behaviour::Metallic))->isNeutral());
    }

    /** @param list<PlannedCoat> $coats */
    private function compared(array $coats, School $school = School::Open): GroundsCompared
    {
        return GroundsCompared::of(Ground::offered(Swatches::shelf(), new Equipment(true, false)), $coats, Kind::Airbrush, $school, 18.0);
    }

    private function named(GroundsCompared $compared, string $words): GroundLaid
    {
        foreach ($compared->laid as $laid) {
            if ($laid->ground->words === $words) {
                return $laid;
            }
        }
        self::fail($words);
    }

    private function coat(string $area, string $hex, float $cm2 = 2.0, Behaviour $behaviour = Behaviour::Opaque): PlannedCoat
    {
        return new PlannedCoat(
            new Area($area, $area, Material::Cloth, Relief::Tight, $cm2),
            Mix::single(Swatches::paint($area, $hex, $behaviour)),
            Thinning::fromRatio($behaviour === Behaviour::Stain ? '1:0' : '2:1'),
        );
    }
}
