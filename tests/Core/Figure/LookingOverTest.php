<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Kalokroma\Caution\Cautions;
use Kalokroma\Caution\Tool;
use Kalokroma\Figure\Area;
use Kalokroma\Figure\Draft;
use Kalokroma\Figure\FigureKind;
use Kalokroma\Figure\FigureProblem;
use Kalokroma\Figure\Material;
use Kalokroma\Figure\Patchwork;
use Kalokroma\Figure\Relief;
use Kalokroma\Figure\Remarks;
use Kalokroma\Figure\Shares;
use Kalokroma\Figure\Size;
use Kalokroma\Figure\Survey;
use Kalokroma\Figure\Template;
use Kalokroma\Shelf\Equipment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Survey, templates, remarks and patchwork. */
final class LookingOverTest extends TestCase
{
    #[DataProvider('kinds')]
    public function testTemplatesAreWhole(FigureKind $kind): void
    {
        $areas = Template::of($kind);
        $names = array_map(static fn (Draft $d): string => $d->name, $areas);

        self::assertEqualsWithDelta(100.0, array_sum(array_map(static fn (Draft $d): float => $d->share, $areas)), 1e-9);
        self::assertSame($names, array_unique($names));
        foreach ($areas as $area) {
            self::assertSame([], array_diff($area->touches, $names), $area->name.' lies beside what is there');
            self::assertNotContains($area->name, $area->touches);
        }
        self::assertNotSame('', $kind->words());
    }

    #[DataProvider('kinds')]
    public function testTheSurveyAsksAndFindsWhatIsThere(FigureKind $kind): void
    {
        $questions = Survey::of($kind);

        self::assertGreaterThanOrEqual(5, count($questions));
        foreach ($questions as $question) {
            self::assertStringEndsWith('?', $question->ask);
            self::assertNull($question->answeredBy(['Coat', 'Wall', 'Hull', 'Hide']), $question->id);
            self::assertSame($question->area->name, $question->answeredBy(['Coat', $question->area->name]), 'what it proposes answers it');
        }
    }

    /** @return iterable<string, array{FigureKind}> */
    public static function kinds(): iterable
    {
        foreach (FigureKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    public function testSignsAreWholeWordBeginnings(): void
    {
        $byId = [];
        foreach (Survey::of(FigureKind::Foot) as $question) {
            $byId[$question->id] = $question;
        }

        self::assertSame('Belt and strap', $byId['straps']->answeredBy(['Coat', 'Belt and strap']));
        self::assertSame('Tide lamp brass', $byId['glow']->answeredBy(['Tide lamp brass']));
        self::assertNull($byId['rims']->answeredBy(['Grim face']), '"rim" inside another word is none');
    }

    /** By hand: 2 : 3 : 5 of 40 % become 20, 30 and 50; what rounding leaves goes to the largest. */
    public function testSharesAreBroughtToTheWhole(): void
    {
        self::assertSame(['a' => 20.0, 'b' => 30.0, 'c' => 50.0], Shares::normalised(['a' => 8.0, 'b' => 12.0, 'c' => 20.0]));
        $thirds = Shares::normalised(['a' => 1.0, 'b' => 1.0, 'c' => 1.0]);
        self::assertEqualsWithDelta(100.0, array_sum($thirds), 1e-9);
        self::assertSame([33.4, 33.3, 33.3], array_values($thirds));
        $this->expectException(FigureProblem::class);
        Shares::normalised(['a' => 1.0, 'b' => -1.0]);
    }

    /** By hand: a rider 50 mm high has 18 · (50 / 30)² = 50 cm²; a strap of 0.72 cm² is √(36 / 4) = 3 mm wide as seen. */
    public function testSizes(): void
    {
        self::assertSame(50.0, Size::surfaceCm2(50, FigureKind::Rider));
        self::assertSame(200.0, Size::surfaceCm2(100, FigureKind::Beast));
        self::assertEqualsWithDelta(3.0, Size::seenMm(0.72, Relief::Trim), 1e-9);
        self::assertEqualsWithDelta(6.0, Size::seenMm(0.72, Relief::Tight), 1e-9);
    }

    public function testRemarksWithTheirReasons(): void
    {
        $areas = [
            new Area('deck', 'Deck', Material::Wood, Relief::Plate, 40, 1),
            new Area('hull', 'Hull', Material::Wood, Relief::Plate, 70, 2),
            new Area('inside', 'Inside', Material::Wood, Relief::Plate, 10, 1, reachable: false),
            new Area('mast', 'Mast', Material::Wood, Relief::Texture, 8, 6, fragile: true),
            new Area('cape', 'Cape', Material::Cloth, Relief::Broad, 20, 6),
            new Area('back', 'Back', Material::Cloth, Relief::Tight, 4, 2),
        ];
        $codes = static fn (bool $airbrush, array $areas): array => array_map(
            static fn (array $r): string => $r['code'].' '.$r['area'],
            Remarks::of($areas, [['deck', 'hull'], ['back', 'cape'], ['hull', 'gone']], new Equipment($airbrush, false)),
        );

        self::assertSame(['apart inside', 'weak mast', 'mask hull', 'behind cape'], $codes(true, $areas));
        self::assertSame(['apart inside', 'weak mast', 'behind cape'], $codes(false, $areas), 'without an airbrush nothing is masked');
        $areas[2] = new Area('inside', 'Inside', Material::Wood, Relief::Plate, 10, 1, reachable: false, part: 'boat');
        self::assertNotContains('apart inside', $codes(true, $areas), 'it is a part already');
        $text = Remarks::of($areas, [['back', 'cape']], new Equipment(false, false));
        self::assertStringContainsString('Cape (20.0 cm²) is 4 layers in front of back (4.0 cm²)', $text[1]['text']);
    }

    public function testWeakJointsAreCarriedToTheSteps(): void
    {
        self::assertStringContainsString('only graze it', Cautions::before(Tool::Drybrush, ['opaque'], true)[0]);
        self::assertStringContainsString('weak joint', Cautions::before(Tool::DetailBrush, ['opaque'], true)[0]);
        self::assertStringNotContainsString('joint', implode(' ', Cautions::before(Tool::Drybrush, ['opaque'])));
    }

    public function testThePatchworkFillsThePlaneAndNeighboursTouch(): void
    {
        $shares = $touching = [];
        foreach (Template::of(FigureKind::Foot) as $area) {
            $shares[$area->name] = $area->share;
            foreach ($area->touches as $other) {
                $touching[] = [$area->name, $other];
            }
        }
        $found = Patchwork::of($shares, $touching);
        $all = 0.0;
        foreach ($found->fields as $name => $field) {
            self::assertEqualsWithDelta(1.6 * $shares[$name] / 100, $field['width'] * $field['height'], 1e-9, 'sized by share');
            $all += $field['width'] * $field['height'];
            foreach ($found->fields as $other => $b) {
                if ($other !== $name) {
                    $across = min($field['x'] + $field['width'], $b['x'] + $b['width']) - max($field['x'], $b['x']);
                    $down = min($field['y'] + $field['height'], $b['y'] + $b['height']) - max($field['y'], $b['y']);
                    self::assertFalse($across > 1e-9 && $down > 1e-9, "$name lies over $other");
                }
            }
        }
        self::assertEqualsWithDelta(1.6, $all, 1e-9);
        self::assertLessThanOrEqual(0.25 * count($touching), count($found->parted));
        self::assertEquals($found, Patchwork::of($shares, $touching));
    }

    public function testInAChainAllNeighboursTouchAndByChanceFew(): void
    {
        $dice = new Randomizer(new Mt19937(3));
        $shares = $chain = [];
        for ($i = 0; $i < 14; ++$i) {
            $shares['a'.$i] = (float) $dice->getInt(2, 12);
            if ($i > 0) {
                $chain[] = ['a'.($i - 1), 'a'.$i];
            }
        }

        self::assertLessThanOrEqual(1, count(Patchwork::of($shares, $chain)->parted));
        self::assertSame([], Patchwork::of(['a' => 1.0], [])->parted);
        self::assertSame([], Patchwork::of([], [])->fields);
    }
}
