<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\PaintRow;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;

final class ShelfTest extends TestCase
{
    private const HEADER = 'name,line,behaviour,colour,bottle_ml,left_ml,price,currency,owned,bottles,place,opened,'
        .'state,set,colour_source,notes';

    /** A wash as dark as in the bottle is asked about, in the form and in a file, and taken as what it is. */
    public function testAWashThatLooksLikeTheBottleIsAskedAbout(): void
    {
        $this->signIn();
        $asked = $this->getJson('/api/shelf/bottle?behaviour=wash&colour=%233a2416')->assertOk();
        $this->assertAnswers('bottle', $asked);
        $overWhite = (string) $asked->json('over_white');
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $overWhite);
        self::assertNull($this->getJson('/api/shelf/bottle?behaviour=opaque&colour=%233a2416')->json('over_white'));
        $this->assertRefused(422, 'is not a colour', $this->getJson('/api/shelf/bottle?behaviour=wash&colour=brown'));

        $csv = "name,behaviour,colour\nDeep Wash,wash,#3a2416\nPale Wash,wash,#8b6a49\nDark Earth,opaque,#3a2416\n";
        $send = fn (array $more): TestResponse => $this->withHeaders(['Accept' => 'application/json'])
            ->post('/api/shelf/file', ['file' => UploadedFile::fake()->createWithContent('s.csv', $csv)] + $more);
        self::assertSame(['Deep Wash'], $send(['look' => '1'])->assertOk()->json('bottled'));
        $send(['bottled' => '1'])->assertOk();
        $hex = static fn (string $name): ?string => PaintRow::query()->where('name', $name)->value('hex');
        self::assertSame([$overWhite, '#8b6a49', '#3a2416'], [$hex('Deep Wash'), $hex('Pale Wash'), $hex('Dark Earth')]);
        $send([])->assertOk();
        self::assertSame('#3a2416', $hex('Deep Wash'), 'or as it was written');
    }

    public function testTheShelfStandsByFamilyAndLightness(): void
    {
        $this->signIn();
        $answer = $this->getJson('/api/shelf')->assertOk();

        $this->assertAnswers('shelf', $answer);
        self::assertCount(21, $answer->json('paints'));
        self::assertSame('White', $answer->json('paints.0.name'));
        self::assertSame('Matt varnish', $answer->json('paints.20.name'));
        self::assertSame('without colour', $answer->json('paints.20.family'));
    }

    public function testAPaintIsAddedAndChanged(): void
    {
        $this->signIn();
        $added = $this->postJson(
            '/api/paints',
            [
                'name' => 'Wet Slate',
                'line' => 'Quayside',
                'behaviour' => 'opaque',
                'colour' => '#3D4B52',
                'left_ml' => '6,4',
                'price' => '2.90',
                'currency' => 'eur',
            ],
        )->assertCreated();

        $this->assertAnswers('paint', $added);
        self::assertSame(
            ['#3d4b52', 6.4, '2.90', 'EUR'],
            [$added->json('colour'), $added->json('left_ml'), $added->json('price'), $added->json('currency')],
        );
        $changed = $this->putJson(
            '/api/paints/'.$added->json('id'),
            [
                'name' => 'Wet Slate',
                'line' => 'Quayside',
                'behaviour' => 'opaque',
                'colour' => '#3d4b52',
                'left_ml' => '0',
                'owned' => 'yes',
            ],
        )->assertOk();
        self::assertFalse($changed->json('at_hand'));
        self::assertNull($changed->json('price'));
    }

    public function testAPaintFormOpenedBeforeSomethingWasUsedDoesNotPutItBack(): void
    {
        $this->signIn();
        $paint = array_values(array_filter(
            (array) $this->getJson('/api/shelf')->json('paints'),
            static fn (array $p): bool => ($p['left_ml'] ?? 0) > 3,
        ))[0];
        $url = '/api/paints/'.$paint['id'];
        $form = [
            'name' => $paint['name'], 'line' => $paint['line'], 'behaviour' => $paint['behaviour'], 'colour' => $paint['colour'],
            'bottle_ml' => (string) $paint['bottle_ml'], 'left_ml' => (string) $paint['left_ml'], 'place' => 'top drawer',
        ];
        $this->postJson($url.'/movements', ['kind' => 'used', 'ml' => '1'])->assertOk();
        $refused = $this->putJson($url, [...$form, 'version' => $paint['version']]);

        $this->assertRefused(409, 'was changed in another window', $refused);
        $told = array_column((array) $refused->json('differences'), null, 'what');
        self::assertEquals($paint['left_ml'] - 1, (float) $told['Left, ml']['there']);
        self::assertEquals($paint['left_ml'], (float) $told['Left, ml']['yours']);
        self::assertSame('top drawer', $told['Place']['yours']);
        self::assertEquals($paint['left_ml'] - 1, PaintRow::query()->findOrFail($paint['id'])->left_ml, 'nothing was written');

        $this->putJson($url, [...$form, 'version' => $refused->json('version')])->assertOk();
        $this->putJson($url, [...$form, 'place' => 'without a version'])->assertOk();
    }

    public function testAPaintTellsItsCoatsAndItsRelatives(): void
    {
        $this->signIn();
        $answer = $this->getJson('/api/paints/'.PaintRow::query()->where('name', 'Yellow')->value('id'))->assertOk();

        $this->assertAnswers('paint_look', $answer);
        self::assertGreaterThan($answer->json('staircases.2.coats'), $answer->json('staircases.0.coats'));
        self::assertCount(6, $answer->json('staircases.0.after'));
        self::assertSame('Ochre', $answer->json('relatives.0.name') === 'Mustard' ? 'Ochre' : $answer->json('relatives.0.name'));
        $varnish = $this->getJson('/api/paints/'.PaintRow::query()->where('name', 'Matt varnish')->value('id'))->assertOk();
        self::assertSame([], $varnish->json('staircases'));
    }

    /** @param array<string, string> $change */
    #[DataProvider('badPaints')]
    public function testABadPaintIsRefusedAtItsField(array $change, string $field, string $sentence): void
    {
        $this->signIn();
        $before = PaintRow::query()->count();
        $answer = $this->postJson('/api/paints', [...['name' => 'New', 'behaviour' => 'opaque', 'colour' => '#8a5a2b'], ...$change]);

        $this->assertRefused(422, $sentence, $answer);
        self::assertArrayHasKey($field, (array) $answer->json('errors'));
        self::assertSame($before, PaintRow::query()->count());
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function badPaints(): iterable
    {
        yield 'no name' => [['name' => '  '], 'name', 'every paint needs a name'];
        yield 'name too long' => [['name' => str_repeat('a', 81)], 'name', '81 characters'];
        yield 'short colour' => [['colour' => '#12'], 'colour', '"#12" is not a colour'];
        yield 'no colour' => [['colour' => ''], 'colour', 'opaque paint needs its colour'];
        yield 'unknown behaviour' => [['behaviour' => 'shiny'], 'behaviour', '"shiny" is not a behaviour'];
        yield 'negative millilitres' => [['left_ml' => '-3'], 'left_ml', 'cannot hold less than 0 ml'];
        yield 'an empty bottle' => [['bottle_ml' => '0'], 'bottle_ml', 'cannot hold less than a little over 0 ml'];
        yield 'words for millilitres' => [['left_ml' => 'half'], 'left_ml', 'write what is left as a number of millilitres'];
        yield 'too many millilitres' => [['left_ml' => '90000'], 'left_ml', 'more than 5000 ml'];
        yield 'price' => [['price' => '-2'], 'price', 'write it as 2.90'];
        yield 'currency' => [['currency' => 'euros'], 'currency', 'three letters'];
        yield 'owned' => [['owned' => 'perhaps'], 'owned', 'write yes or no'];
        yield 'bottles' => [['bottles' => '1.5'], 'bottles', 'whole number'];
        yield 'opened' => [['opened' => '2026-02-31'], 'opened', 'write the day as'];
        yield 'a twin' => [['name' => 'Ochre', 'line' => 'Test range'], 'name', 'is on your shelf already in Test range'];
    }

    public function testAFileIsTakenLineByLine(): void
    {
        $this->signIn();
        $answer = $this->send(implode("\r\n", [
            'name,line,behaviour,colour,left_ml,own code',
            'Wet Slate,Quayside,opaque,#3d4b52,6.4,A7',
            'Ochre,Test range,opaque,#9c7631,9,',
            'Bone,Test range,opaque,#d9cca6,10,',
            'Bad One,Quayside,opaque,#12,1,',
            'Bad Two,Quayside,glittery,#123456,1,',
            'Bad Three,Quayside,opaque,#123456,-1,',
            '"Wet Slate","Quayside",opaque,#000000,1,',
            'One, two,Quayside,opaque,#123456,1,x',
            '',
        ]))->assertOk();

        $this->assertAnswers('import_report', $answer);
        self::assertSame([1, 1, 1, 5], [$answer->json('taken'), $answer->json('changed'), $answer->json('same'), $answer->json('skipped')]);
        $why = array_column((array) $answer->json('lines'), 'why', 'line');
        self::assertStringContainsString('"#12" is not a colour', $why[5]);
        self::assertStringContainsString('"glittery" is not a behaviour', $why[6]);
        self::assertStringContainsString('cannot hold less than 0 ml', $why[7]);
        self::assertSame('The same paint is on line 2 already.', $why[8]);
        self::assertStringContainsString('7 cells for 6 columns', $why[9]);
        self::assertSame(['own code' => 'A7'], PaintRow::query()->where('name', 'Wet Slate')->firstOrFail()->extra);
        self::assertSame('#9c7631', PaintRow::query()->where('name', 'Ochre')->value('hex'));
    }

    public function testColumnsThatAFileDoesNotNameStayAsTheyWere(): void
    {
        $this->signIn();
        $this->send("name,line,behaviour,place\nOchre,Test range,opaque,drawer 2\n")->assertOk()->assertJson(['skipped' => 1]);
        $this->send("name,line,behaviour,colour,place\nOchre,Test range,opaque,#9c7630,drawer 2\n")
            ->assertOk()->assertJson(['changed' => 1]);
        $paint = PaintRow::query()->where('name', 'Ochre')->firstOrFail();

        self::assertSame(['drawer 2', 10.0, 15.0], [$paint->place, $paint->left_ml, $paint->bottle_ml]);
    }

    /** Another way of writing the same two paints. */
    #[DataProvider('dialects')]
    public function testDialectsOfSpreadsheetsAreRead(string $bytes): void
    {
        $this->signIn();
        $this->send($bytes)->assertOk()->assertJson(['taken' => 2, 'skipped' => 0]);
        $paint = PaintRow::query()->where('name', 'Reed, "tall"')->firstOrFail();

        self::assertSame(['#a8842a', 7.5, "two\nlines"], [$paint->hex, $paint->left_ml, $paint->notes]);
    }

    /** @return iterable<string, array{string}> */
    public static function dialects(): iterable
    {
        $rows = "name,behaviour,colour,left_ml,notes\n\"Reed, \"\"tall\"\"\",opaque,#A8842A,7.5,\"two\nlines\"\nWäsche,wash,#8b6a49,,\n";
        yield 'plain' => [$rows];
        yield 'byte-order mark' => ["\u{FEFF}".$rows];
        yield 'CRLF' => [str_replace("\n", "\r\n", $rows)];
        yield 'no last line end' => [rtrim($rows)];
        yield 'semicolons and decimal commas' =>
            ["name;behaviour;colour;left_ml;notes\n\"Reed, \"\"tall\"\"\";opaque;#A8842A;7,5;\"two\nlines\"\nWäsche;wash;#8b6a49;;\n"];
        yield 'columns in another order, capitals, blank lines' =>
            ["Notes,COLOUR,Left_ml,behaviour,Name\n\n\"two\nlines\",#A8842A,7.5,Opaque,\"Reed, \"\"tall\"\"\"\n,#8b6a49,,wash,Wäsche\n\n"];
    }

    #[DataProvider('brokenFiles')]
    public function testABrokenFileChangesNothing(string $bytes, string $sentence): void
    {
        $this->signIn();
        $before = PaintRow::query()->get()->toArray();
        $this->assertRefused(422, $sentence, $this->send($bytes));

        self::assertSame($before, PaintRow::query()->get()->toArray());
    }

    /** @return iterable<string, array{string, string}> */
    public static function brokenFiles(): iterable
    {
        $good = "name,behaviour,colour\nNew,opaque,#8a5a2b\n";
        yield 'empty' => ['', 'is empty'];
        yield 'blank' => ["\n \n", 'is empty'];
        yield 'only a header' => ["name,behaviour\n", 'holds no paint'];
        yield 'no header' => ["New,opaque,#8a5a2b\n", 'Line 1 names no column'];
        yield 'no behaviour' => ["name,colour\nNew,#8a5a2b\n", 'Line 1 names no column "behaviour"'];
        yield 'a column twice' => ["name,behaviour,Name\nNew,opaque,x\n", 'names the column "name" twice'];
        yield 'an open quote' => [$good."\"Open,opaque,#8a5a2b\nNext,opaque,#8a5a2b\n", 'A quote opened on line 3 is never closed'];
        yield 'Latin-1' => [$good."W\xE4sche,wash,#8b6a49\n", 'Line 3 is not written in UTF-8'];
        yield 'UTF-16' => [(string) mb_convert_encoding($good, 'UTF-16LE', 'UTF-8'), 'zero bytes'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 'zero bytes'];
        yield 'too many lines' => ["name,behaviour,colour\n".str_repeat("New,opaque,#8a5a2b\n", 5001), 'at most 5000'];
    }

    public function testNoFileAndTooLargeAFile(): void
    {
        $this->signIn();
        $this->assertRefused(422, 'Choose a CSV file first.', $this->postJson('/api/shelf/file'));
        $this->assertRefused(
            422,
            'larger than 2 MB',
            $this->post('/api/shelf/file', ['file' => UploadedFile::fake()->create('shelf.csv', 2100)], ['Accept' => 'application/json']),
        );
    }

    public function testExportNamesEveryColumn(): void
    {
        $this->signIn();
        $answer = $this->get('/api/shelf/file')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=UTF-8');

        self::assertStringStartsWith(self::HEADER.",finish\r\n", (string) $answer->getContent(), 'a varnish tells its finish');
        self::assertStringContainsString('Ochre,"Test range",opaque,#9c7630,15,10,,,yes,', (string) $answer->getContent());
    }

    /** What a paint comes in and what it is for is read, guessed where nothing is said, shown, and written again. */
    public function testFormsAndPurposesComeInAndGoOut(): void
    {
        $this->signIn();
        $csv = "name,behaviour,colour,form,for\n"
            ."Deep Kelp,opaque,#2f6d3a,pen,\n"
            ."Black Ground can,primer,#1b1b1b,,\n"
            ."Chipping fluid,effect,,,\n"
            ."Tide softener,effect,,,softening markings\n"
            ."Slow medium,medium,,,\n"
            ."Salt crust,effect,#cfd2cc,bucket,\n";
        $this->post('/api/shelf/file', ['file' => UploadedFile::fake()->createWithContent('s.csv', $csv)], [
            'Accept' => 'application/json',
        ])->assertOk()->assertJsonPath('taken', 6);
        $this->assertRefused(422, 'form is "bucket"', $this->postJson('/api/paints', [
            'name' => 'Tube red', 'behaviour' => 'opaque', 'colour' => '#a82a20', 'form' => 'bucket',
        ]));
        $this->assertRefused(422, 'for is "cooking"', $this->postJson('/api/paints', [
            'name' => 'Odd medium', 'behaviour' => 'medium', 'for' => 'cooking',
        ]));
        $paints = collect((array) $this->getJson('/api/shelf')->json('paints'))->keyBy('name');

        self::assertSame(['pen', 'spray can', 'bottle'], [
            $paints['Deep Kelp']['form'], $paints['Black Ground can']['form'], $paints['Chipping fluid']['form'],
        ]);
        self::assertSame(['chipping', 'softening markings', 'slowing'], [
            $paints['Chipping fluid']['purpose'], $paints['Tide softener']['purpose'], $paints['Slow medium']['purpose'],
        ]);
        $out = (string) $this->get('/api/shelf/file')->getContent();
        self::assertMatchesRegularExpression('/notes,(?:finish,form|form,finish),for/', $out);
        self::assertStringContainsString('"Tide softener"', $out);
        self::assertStringContainsString(',bucket', $out, 'what another program calls its form is kept as it came');
        $json = json_decode((string) $this->get('/api/shelf/file?as=json')->getContent(), true);
        $rows = array_column($json['paints'], null, 'name');
        self::assertSame('spray can', $rows['Black Ground can']['form']);
        self::assertSame('chipping', $rows['Chipping fluid']['for']);
    }

    /** Made shelves with awkward contents go out and come in again into an empty workshop without loss. */
    #[DataProvider('seeds')]
    public function testRoundTripLosesNothing(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $this->signIn();
        PaintRow::query()->delete();
        $this->send(self::madeShelf($dice))->assertOk()->assertJson(['skipped' => 0]);
        $first = (string) $this->get('/api/shelf/file')->getContent();
        PaintRow::query()->delete();
        $this->send($first)->assertOk()->assertJson(['skipped' => 0, 'changed' => 0]);

        self::assertSame($first, (string) $this->get('/api/shelf/file')->getContent());
        $this->send($first)->assertOk()->assertJson(['taken' => 0, 'changed' => 0, 'skipped' => 0]);
    }

    /** @return iterable<array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 8) as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    private static function madeShelf(Randomizer $dice): string
    {
        $awkward = ['plain', 'with, comma', 'with "quotes"', "two\nlines", 'semi;colon', 'Ümläute', '=1+1', '’“”', 'tab	here', '0'];
        $pick = static fn (): string => $awkward[$dice->getInt(0, 9)];
        $stream = fopen('php://memory', 'r+');
        self::assertIsResource($stream);
        fputcsv($stream, [...explode(',', self::HEADER), 'shelf code', 'x;y'], ',', '"', '');
        for ($i = 0; $i < 25; ++$i) {
            fputcsv($stream, [
                $i.' '.$pick(), $pick(), [
                    'opaque',
                    'wash',
                    'varnish',
                    'metallic',
                ][$dice->getInt(0, 3)], sprintf('#%06x', $dice->getInt(0, 0xFFFFFF)),
                ['', '15', '17.5'][$dice->getInt(0, 2)], [
                    '',
                    '0',
                    '3.25',
                    '14.999',
                ][$dice->getInt(0, 3)], ['', '0', '2.9', '12'][$dice->getInt(0, 3)],
                ['', 'EUR', 'jpy'][$dice->getInt(0, 2)], ['', 'yes', 'no'][$dice->getInt(0, 2)], ['', '0', '3'][$dice->getInt(0, 2)],
                $pick(), ['', '2026-03-08', '1999-12-31'][$dice->getInt(0, 2)], $pick(), $pick(), $pick(), $pick(), $pick(), $pick(),
            ], ',', '"', '');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** @return TestResponse<Response> */
    private function send(string $bytes): TestResponse
    {
        return $this->post(
            '/api/shelf/file',
            ['file' => UploadedFile::fake()->createWithContent('shelf.csv', $bytes)],
            ['Accept' => 'application/json'],
        );
    }
}
