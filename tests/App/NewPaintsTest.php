<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\PaintRow;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

/** A shelf without a file: typed, ticked, clicked on a picture. */
final class NewPaintsTest extends TestCase
{
    public function testAListIsShownAsUnderstoodBeforeAnythingIsKept(): void
    {
        $this->signIn();
        $count = PaintRow::query()->count();
        $answer = $this->postJson(
            '/api/shelf/typed',
            ['text' => "Deep Navy – opaque – navy blue\nWhite\nDrinking cup\nDeep navy"],
        )->assertOk();

        $this->assertAnswers('typed_shelf', $answer);
        self::assertSame([false, true, false, false], $answer->json('paints.*.known'), 'there is a White on the shelf');
        self::assertSame([false, false, false, true], $answer->json('paints.*.twice'));
        self::assertSame('navy blue', $answer->json('paints.0.from'));
        self::assertEquals(6, $answer->json('paints.0.guess'));
        self::assertStringContainsString('What colour is it?', (string) $answer->json('paints.2.doubt'));
        self::assertSame($count, PaintRow::query()->count());
        $this->assertRefused(422, 'Type or paste your paints first', $this->postJson('/api/shelf/typed', ['text' => ' ']));
    }

    public function testWhatWasUnderstoodIsKeptAndMarkedAsAGuessUntilAColourIsEntered(): void
    {
        $this->signIn();
        $fields = $this->postJson(
            '/api/shelf/typed',
            ['text' => "Deep Navy; opaque; navy blue; 17 ml\nSepia wash"],
        )->json('paints.*.fields');
        $kept = $this->postJson('/api/paints/many', ['paints' => $fields])->assertCreated();

        $this->assertAnswers('paints_added', $kept);
        self::assertSame(2, $kept->json('added'));
        $navy = PaintRow::query()->where('name', 'Deep Navy')->sole();
        $look = fn (): TestResponse => $this->getJson('/api/paints/'.$navy->id)->assertOk();
        self::assertSame(['guessed', 6], [$look()->json('paint.source'), (int) $look()->json('paint.certainty')]);
        self::assertStringContainsString(',"guessed from words",', (string) $this->get('/api/shelf/file')->getContent());

        $same = ['name' => 'Deep Navy', 'behaviour' => 'opaque', 'colour' => $navy->hex, 'colour_source' => 'guessed from words'];
        $this->putJson('/api/paints/'.$navy->id, [...$same, 'place' => 'box 3'])->assertOk();
        self::assertSame('guessed', $look()->json('paint.source'), 'another field says nothing of the colour');
        $this->putJson('/api/paints/'.$navy->id, [...$same, 'colour' => '#1f3050'])->assertOk();
        self::assertSame(['typed', 2], [$look()->json('paint.source'), (int) $look()->json('paint.certainty')]);
    }

    public function testOneBadPaintKeepsAllFromBeingAdded(): void
    {
        $this->signIn();
        $count = PaintRow::query()->count();
        $good = ['name' => 'Good', 'behaviour' => 'opaque', 'colour' => '#808080'];
        $send = fn (array $paints): TestResponse => $this->postJson('/api/paints/many', ['paints' => $paints]);

        $this->assertRefused(422, 'Cup: colour is empty', $send([$good, ['name' => 'Cup', 'behaviour' => 'opaque', 'colour' => '']]));
        $this->assertRefused(422, 'Good: it is in the list twice', $send([$good, $good]));
        $this->assertRefused(422, 'Choose at least one paint', $send([]));
        $this->assertRefused(422, 'is not a behaviour', $send([[...$good, 'behaviour' => 'shiny']]));
        $this->assertRefused(422, 'text of 2000 letters', $send([[...$good, 'name' => ['a']]]));
        self::assertSame($count, PaintRow::query()->count());
    }

    public function testCommonPaintsSayWhichAreThereAlready(): void
    {
        $this->signIn();
        $answer = $this->getJson('/api/shelf/common')->assertOk();

        $this->assertAnswers('common_paints', $answer);
        $all = $answer->json('groups.*.paints');
        self::assertCount(40, array_merge(...$all));
        self::assertTrue(array_column(array_merge(...$all), 'known', 'said')['White']);
    }

    /** A guess that a recipe is painted with is worth measuring; one that nobody paints with is not, nor one that was measured. */
    public function testTheShelfSaysHowMuchIsGuessedAndWhatToMeasureFirst(): void
    {
        $this->signIn();
        self::assertSame([['typed', 20]], $this->known());
        $mixes = array_column(AreaRow::query()->where('name', 'Coat')->sole()->recipe->plan['steps'] ?? [], 'mix');
        $used = (int) (array_values(array_filter($mixes))[0][0]['paint'] ?? 0);
        PaintRow::query()->whereKey($used)->update(['colour_source' => 'guessed from words']);

        $answer = $this->getJson('/api/shelf/doubts')->assertOk();
        $this->assertAnswers('shelf_doubts', $answer);
        self::assertSame($used, $answer->json('worth.0.id'));
        self::assertGreaterThan(2.5, $answer->json('worth.0.most'));
        PaintRow::query()->whereKey($used)->update(['colour_source' => 'read']);
        self::assertNotContains($used, $this->getJson('/api/shelf/doubts')->json('worth.*.id'));
    }

    /** @return list<array{string, int}> */
    private function known(): array
    {
        return array_map(
            static fn (array $k): array => [$k['source'], $k['paints']],
            $this->getJson('/api/shelf/doubts')->assertOk()->json('known'),
        );
    }

    public function testWhitePaperTakesTheLampOutOfAPicture(): void
    {
        $this->signIn();
        $read = fn (?string $white): TestResponse => $this->post('/api/reader/picture', array_filter([
            'patch' => $this->piece(150, 110, 40), 'white' => $white === null ? null : $this->piece(...sscanf($white, '%d %d %d')),
        ]), ['Accept' => 'application/json']);

        $without = $read(null)->assertOk();
        $this->assertAnswers('picture_point', $without);
        self::assertSame(['#966e28', 'from a picture without white', 6], [
            $without->json('hex'), $without->json('source'), (int) $without->json('certainty'),
        ]);
        $with = $read('240 200 120')->assertOk();
        self::assertSame(['from a picture', 4], [$with->json('source'), (int) $with->json('certainty')]);
        self::assertGreaterThan(hexdec('28'), hexdec(substr((string) $with->json('hex'), 5)), 'a yellow lamp hides blue');
        $this->assertRefused(422, 'does not look like white paper', $read('30 20 10'));
        $this->assertRefused(422, 'burnt out', $read('255 255 255'));
    }

    private function piece(int $red, int $green, int $blue): UploadedFile
    {
        $image = imagecreatetruecolor(8, 8);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, $red, $green, $blue));
        ob_start();
        imagepng($image);

        return UploadedFile::fake()->createWithContent('patch.png', (string) ob_get_clean());
    }
}
