<?php

declare(strict_types=1);

namespace Tests\App;

use App\Devices\ColourReader;
use App\Devices\ReaderFailed;
use App\Devices\ReadingSeries;
use App\Devices\SimulatedColourReader;
use App\Devices\Spot;
use App\Models\PaintRow;
use App\Workshop\Shelf\ShelfRows;
use Kalokroma\Colour\Lab;
use PHPUnit\Framework\Attributes\DataProvider;

final class SwatchTest extends TestCase
{
    private const GOOD = ['on_black' => '58 14 40', 'on_white' => '70 16 60', 'black' => '25 0 0', 'white' => '94 0 0'];

    public function testATypedSwatchChangesWhatIsPredicted(): void
    {
        $this->signIn();
        $id = $this->id('Yellow');
        $before = $this->getJson("/api/paints/$id")->assertOk();
        $answer = $this->putJson("/api/paints/$id/swatch", self::GOOD)->assertOk();

        $this->assertAnswers('paint_look', $answer);
        self::assertSame(['typed in', 2], [$before->json('source'), $before->json('certainty')]);
        self::assertSame(['measured from a test swatch', 0.8], [$answer->json('source'), $answer->json('certainty')]);
        self::assertSame('typed', $answer->json('swatch.by'));
        self::assertSame($before->json('paint.colour'), $answer->json('paint.colour'), 'what was entered stays');
        self::assertNotSame($before->json('paint.look'), $answer->json('paint.look'));
        self::assertNotSame($before->json('staircases.0.after'), $answer->json('staircases.0.after'));
        self::assertSame($before->json('staircases.0.after.0'), $answer->json('swatch.before.one_coat.0'));
        self::assertSame($answer->json('staircases.0.after.0'), $answer->json('swatch.after.one_coat.0'));
    }

    public function testRecipesAndMatchesUseIt(): void
    {
        $this->signIn();
        $id = $this->id('Ochre');
        $match = fn (): array => (array) $this->getJson('/api/tables/match?colour=%239c7630&paints=1')->json('matches.0');
        self::assertSame('Ochre', $match()['mix_words']);
        $this->putJson("/api/paints/$id/swatch", self::GOOD)->assertOk();

        self::assertNotSame('Ochre', $match()['mix_words']);
    }

    public function testForgettingItPutsBackWhatWas(): void
    {
        $this->signIn();
        $id = $this->id('Yellow');
        $before = $this->getJson("/api/paints/$id")->json();
        $this->putJson("/api/paints/$id/swatch", self::GOOD)->assertOk();
        $this->deleteJson("/api/paints/$id/swatch")->assertOk();

        self::assertSame($before, $this->getJson("/api/paints/$id")->json());
    }

    public function testAThinnedCoatTellsOfMoreBody(): void
    {
        $this->signIn();
        $id = $this->id('Yellow');
        $coats = fn (string $thin): int => (int) $this->putJson(
            "/api/paints/$id/swatch",
            [...self::GOOD, 'thin' => $thin],
        )->assertOk()->json('staircases.0.coats');

        self::assertGreaterThan($coats('1:2'), $coats('undiluted'));
        $this->assertRefused(422, 'both amounts', $this->putJson("/api/paints/$id/swatch", [...self::GOOD, 'thin' => '2 : ?']));
    }

    /** @param array<string, string> $given */
    #[DataProvider('badSwatches')]
    public function testBadReadingsAreRefusedAndNothingIsKept(array $given, string $sentence): void
    {
        $this->signIn();
        $id = $this->id('Yellow');

        $this->assertRefused(422, $sentence, $this->putJson("/api/paints/$id/swatch", [...self::GOOD, ...$given]));
        self::assertNull(PaintRow::query()->findOrFail($id)->swatch);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function badSwatches(): iterable
    {
        yield 'fields taken for each other' => [['on_black' => '70 16 60', 'on_white' => '50 14 40'], 'lighter than over white'];
        yield 'no paint on it' => [['on_black' => '25 0 0', 'on_white' => '94 0 0'], 'look like the bare card'];
        yield 'words' => [['on_black' => 'dark yellow'], '"dark yellow" is not a colour'];
        yield 'a missing one' => [['on_white' => ''], 'The reading over white is missing'];
        yield 'not a surface' => [['on_white' => '170 0 0'], 'lightness runs from 0 to 100'];
        yield 'a card without black' => [['black' => '90 0 0'], 'too alike'];
        yield 'a thinning that is none' => [['thin' => 'milk'], '"milk" is not a thinning'];
    }

    public function testAMetallicCannotBeRead(): void
    {
        $this->signIn();
        $id = $this->id('Brass');

        $this->assertRefused(422, 'changes with the angle', $this->putJson("/api/paints/$id/swatch", self::GOOD));
        self::assertFalse($this->getJson("/api/paints/$id")->json('can_be_read'));
        self::assertCount(3, (array) $this->getJson("/api/paints/$id")->json('staircases'), 'over dark, grey and light');
        self::assertCount(3, (array) $this->getJson("/api/paints/$id")->json('looks.metal'));
    }

    public function testTheReaderReadsACardAndItsReadingsCalibrate(): void
    {
        $this->signIn();
        $this->app->bind(ColourReader::class, static fn (): ColourReader => new SimulatedColourReader(5));
        $id = $this->id('Yellow');
        $given = ['by' => 'reader'];
        foreach ([
            'on_black' => Spot::SWATCH_BLACK,
            'on_white' => Spot::SWATCH_WHITE,
            'black' => Spot::CARD_BLACK,
            'white' => Spot::CARD_WHITE,
        ] as $key => $spot) {
            $series = $this->postJson("/api/paints/$id/reader", ['field' => $spot])->assertOk();
            $this->assertAnswers('reading_series', $series);
            self::assertCount(5, (array) $series->json('readings'));
            $given[$key] = implode(' ', (array) $series->json('lab'));
        }
        $answer = $this->putJson("/api/paints/$id/swatch", $given)->assertOk();

        self::assertSame('reader', $answer->json('swatch.by'));
        self::assertGreaterThan(0, $answer->json('swatch.contrast'));
        $this->assertRefused(422, 'Say which field', $this->postJson("/api/paints/$id/reader", ['field' => 'table']));
    }

    public function testAReaderThatLiesBesideIsCorrectedAndOneThatFailsIsNamed(): void
    {
        $reader = new class () implements ColourReader {
            /** @var list<Lab|null> */
            public array $script = [];

            public function name(): string
            {
                return 'The test reader';
            }

            public function read(Spot $spot): Lab
            {
                return array_shift($this->script) ?? throw ReaderFailed::noReading('Nothing came.');
            }
        };
        $good = new Lab(40, 5, 5);
        $reader->script = [$good, null, $good, new Lab(80, 0, 0), $good, $good];
        $series = ReadingSeries::take($reader, Spot::onThing($good));
        self::assertSame([1, 1], [$series->failures, $series->readings->rejected()]);
        self::assertEqualsWithDelta(40, $series->readings->mean->l, 1e-9);

        $reader->script = [$good, null, null, null];
        $this->expectExceptionMessage('The test reader gave no reading 3 times');
        ReadingSeries::take($reader, Spot::onThing($good));
    }

    public function testTheSimulatedReaderHasNoiseLiesBesideAndFails(): void
    {
        $painter = $this->signIn();
        $paint = ShelfRows::of($painter)->find((string) $this->id('Yellow'));
        self::assertNotNull($paint);
        $reader = new SimulatedColourReader(1);
        $read = [];
        $failures = 0;
        for ($i = 0; $i < 400; ++$i) {
            try {
                $read[] = $reader->read(Spot::onTheCard(Spot::SWATCH_BLACK, $paint, 1.0))->l;
            } catch (ReaderFailed) {
                ++$failures;
            }
        }
        sort($read);
        $middle = $read[intdiv(count($read), 2)];

        self::assertGreaterThan(2, $failures);
        self::assertGreaterThan(5, count(array_filter($read, static fn (float $l): bool => abs($l - $middle) > 2.5)));
        self::assertGreaterThan(300, count(array_filter($read, static fn (float $l): bool => abs($l - $middle) < 1.5)));
        self::assertGreaterThan(0.3, $read[intdiv(3 * count($read), 4)] - $read[intdiv(count($read), 4)]);
    }

    public function testTheCardIsPrintedAsDrawingAndAsPage(): void
    {
        $this->signIn();
        PaintRow::query()->where('name', 'Yellow')->update(['name' => 'Yellow <& "more"']);
        $id = $this->id('Yellow <& "more"');
        $svg = $this->get("/api/test-card?paints=$id,{$this->id('Ochre')}")->assertOk();
        $drawing = simplexml_load_string((string) $svg->getContent());

        self::assertStringContainsString('image/svg+xml', (string) $svg->headers->get('Content-Type'));
        self::assertNotFalse($drawing);
        self::assertStringContainsString(
            'Yellow <& "more"',
            implode(' ', array_map(strval(...), iterator_to_array($drawing->text, false))),
        );
        self::assertCount(5, $drawing->rect, 'paper, and a black and a white field for each of two paints');
        $page = (string) $this->get("/api/test-card?paints=$id&as=html")->assertOk()->getContent();
        self::assertStringContainsString('<svg', $page);
        self::assertStringContainsString('Let it dry', $page);
        self::assertStringNotContainsString('<& "more"', $page);
        $this->assertRefused(422, 'Choose the paints', $this->getJson('/api/test-card?paints='));
    }

    private function id(string $name): int
    {
        return (int) PaintRow::query()->where('name', $name)->value('id');
    }
}
