<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PaintRow;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Two windows with one thing: the later one is told what is there, loses nothing, and may insist. */
final class OtherWindowTest extends TestCase
{
    public function testTwoColoursForOneArea(): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $url = "/api/companies/$company/scheme";
        $seen = $this->getJson($url)->assertOk();
        $this->assertAnswers('scheme', $seen);
        [$coat, $lantern] = [(array) $seen->json('areas.0'), (array) $seen->json('areas.1')];
        $wish = static fn (array $area, string $colour): array => [
            'areas' => [['area' => $area['id'], 'colour' => $colour, 'version' => $area['version']]],
        ];
        $this->putJson($url, $wish($coat, '#203040'))->assertOk();

        $late = $this->putJson($url, $wish($coat, '#a04030'));
        $this->assertLate($late, 'The scheme', 'Coat', '#203040', '#a04030');
        $this->putJson($url, $wish($lantern, '#a04030'))->assertOk();
        self::assertSame('#203040', AreaRow::query()->whereKey($coat['id'])->value('hex'), 'another area hinders nobody');
        $this->assertRefused(409, 'another window', $this->putJson($url, ['version' => $late->json('version')] + $wish($coat, '#a04030')));
        $newest = $this->getJson($url)->json('version');
        $this->putJson($url, ['version' => $newest] + $wish($coat, '#a04030'))->assertOk();
        self::assertSame('#a04030', AreaRow::query()->whereKey($coat['id'])->value('hex'));
    }

    public function testATrialIsTakenOverAnotherScheme(): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $url = "/api/companies/$company/scheme";
        $kept = $this->postJson("/api/companies/$company/trials", ['name' => 'cold cape'])->assertOk();
        [$trial, $seen] = [(array) $kept->json('trials.0'), $kept->json('version')];
        $this->putJson($url, ['areas' => [['area' => $kept->json('areas.0.id'), 'colour' => '#203040']]])->assertOk();

        $late = $this->postJson('/api/trials/'.$trial['id'].'/take', ['version' => $seen]);
        $this->assertLate($late, 'The scheme', 'Coat', '#203040', (string) $kept->json('areas.0.hex'));
        $this->assertRefused(
            409,
            'The scheme was changed',
            $this->postJson("/api/companies/$company/trials", ['name' => 'another', 'version' => $seen]),
        );
        $this->postJson('/api/trials/'.$trial['id'].'/take', ['version' => $late->json('version')])->assertOk();
        self::assertSame($kept->json('areas.0.hex'), $this->getJson($url)->json('areas.0.hex'));
    }

    public function testTwoVerdictsOnATrial(): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $trial = (array) $this->postJson("/api/companies/$company/trials", ['name' => 'cold cape'])->json('trials.0');
        $url = '/api/trials/'.$trial['id'];
        $this->patchJson($url, ['verdict' => 'worked', 'version' => $trial['version']])->assertOk();

        $late = $this->patchJson($url, ['verdict' => 'failed', 'version' => $trial['version']]);
        $this->assertLate($late, 'The trial', 'Verdict', 'worked', 'failed');
        $this->assertRefused(409, 'another window', $this->deleteJson($url, ['version' => $trial['version']]));
        $this->deleteJson($url, ['version' => $late->json('version')])->assertOk();
    }

    public function testTwoHandsOnOneDrawing(): void
    {
        $this->signIn();
        $company = (int) Company::query()->value('id');
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 20"><path id="a" d="M0 0L5 0L5 5Z"/>'
            .'<path id="b" d="M5 5L9 5L9 9Z"/></svg>';
        $url = "/api/companies/$company/plate";
        $plate = (array) $this->post($url, ['file' => $this->file('p.svg', $svg)])->assertOk()->json('company.plate');
        $area = (int) AreaRow::query()->where('company_id', $company)->value('id');
        $give = static fn (int $shape, mixed $version): array => [
            'given' => [['shape' => $shape, 'area' => $area, 'tone' => 'plane']], 'version' => $version,
        ];
        $this->putJson($url, $give(0, $plate['version']))->assertOk();

        $late = $this->putJson($url, $give(1, $plate['version']));
        $this->assertLate($late, 'The drawing', 'Shape 2, b', 'no area', 'Coat');
        $file = ['file' => $this->file('q.svg', $svg), 'version' => $plate['version']];
        $this->assertRefused(409, 'another window', $this->post($url, $file, ['Accept' => 'application/json']));
        $this->assertRefused(409, 'another window', $this->deleteJson($url, ['version' => $plate['version']]));
        $both = $this->putJson($url, $give(1, $late->json('version')))->assertOk();
        $areas = array_column((array) $both->json('company.plate.shapes'), 'area');
        self::assertSame([$area, $area], $areas, 'the other hand\'s shape stays');
    }

    public function testTwoLabelsOnARecipeOfTheBook(): void
    {
        $this->signIn();
        $area = (int) AreaRow::query()->value('id');
        $entry = (array) $this->postJson('/api/book', ['area_id' => $area, 'name' => 'Oilskin'])->assertOk()->json('recipes.0');
        $url = '/api/book/'.$entry['id'];
        $this->putJson($url, ['name' => 'Oilskin', 'notes' => 'rub it', 'version' => $entry['version']])->assertOk();

        $late = $this->putJson($url, ['name' => 'Oilskin', 'notes' => 'stipple it', 'version' => $entry['version']]);
        $this->assertLate($late, 'The recipe of the book', 'Notes', 'rub it', 'stipple it');
        $this->assertRefused(409, 'another window', $this->deleteJson($url, ['version' => $entry['version']]));
        self::assertSame($late->json('version'), $this->getJson($url)->json('version'));
        $this->deleteJson($url, ['version' => $late->json('version')])->assertOk();
    }

    public function testTwoAnswersToTheFiveQuestions(): void
    {
        $this->signIn();
        $habits = (array) $this->getJson('/api/session')->json('painter');
        $this->putJson('/api/workshop', ['airbrush' => !$habits['airbrush']] + $habits)->assertOk();

        $late = $this->putJson('/api/workshop', ['solvents' => !$habits['solvents']] + $habits);
        $this->assertRefused(409, 'What you own and like was changed', $late);
        $words = static fn (bool $has): string => $has ? 'yes' : 'no';
        self::assertEqualsCanonicalizing([
            ['what' => 'An airbrush', 'there' => $words(!$habits['airbrush']), 'yours' => $words($habits['airbrush'])],
            ['what' => 'Solvents', 'there' => $words($habits['solvents']), 'yours' => $words(!$habits['solvents'])],
        ], (array) $late->json('differences'));
        self::assertSame(!$habits['airbrush'], $this->getJson('/api/session')->json('painter.airbrush'));
    }

    public function testTwoCountsOfOneBottle(): void
    {
        $this->signIn();
        $paint = (int) PaintRow::query()->whereNotNull('left_ml')->value('id');
        $url = "/api/paints/$paint/movements";
        $seen = $this->getJson($url)->assertOk();
        $this->assertAnswers('stock', $seen);
        $this->postJson($url, ['kind' => 'counted', 'ml' => 9, 'version' => $seen->json('version')])->assertOk();

        $late = $this->postJson($url, ['kind' => 'counted', 'ml' => 4, 'version' => $seen->json('version')]);
        $this->assertLate($late, 'What is left of it', 'Left', '9.00 ml', '4.00 ml');
        $used = $this->postJson($url, ['kind' => 'used', 'ml' => 2, 'version' => $seen->json('version')])->assertOk();
        self::assertEqualsWithDelta(7.0, $used->json('left_ml'), 1e-9, 'what is used adds up, whoever wrote last');
    }

    public function testManyPaintsAreMovedWhileOneOfThemIs(): void
    {
        $this->signIn();
        $paints = array_slice((array) $this->getJson('/api/shelf')->json('paints'), 0, 3);
        $ids = array_column($paints, 'id');
        $versions = array_column($paints, 'version', 'id');
        $this->patchJson('/api/paints', ['ids' => [$ids[1]], 'place' => 'drawer 2'])->assertOk();
        $this->patchJson('/api/paints', ['ids' => [$ids[2]], 'state' => 'thick'])->assertOk();

        $late = $this->patchJson('/api/paints', ['ids' => $ids, 'place' => 'box 7', 'versions' => $versions]);
        $this->assertLate($late, 'What you chose', $paints[1]['name'].', place', 'drawer 2', 'box 7');
        self::assertSame(0, PaintRow::query()->where('place', 'box 7')->count(), 'all or none');
        $this->patchJson('/api/paints', ['ids' => $ids, 'place' => 'box 7', 'versions' => $versions, 'version' => $late->json('version')])
            ->assertOk();
        self::assertSame(3, PaintRow::query()->where('place', 'box 7')->count());
        $this->assertRefused(422, 'Versions are told', $this->patchJson('/api/paints', ['ids' => $ids, 'versions' => [[1]]]));
    }

    public function testASwatchIsReadOverAnother(): void
    {
        $this->signIn();
        $paint = (int) PaintRow::query()->where('behaviour', 'opaque')->value('id');
        $seen = $this->getJson("/api/paints/$paint")->json('paint.version');
        $swatch = ['on_black' => '#7a4a2a', 'on_white' => '#8a5a3a', 'thin' => 'undiluted'];
        $read = $this->putJson("/api/paints/$paint/swatch", $swatch + ['version' => $seen])->assertOk();

        $late = $this->putJson("/api/paints/$paint/swatch", ['on_white' => '#8f5f3f', 'version' => $seen] + $swatch);
        $this->assertRefused(409, 'another window', $late);
        self::assertSame(['Test swatch', 'a new reading'], [$late->json('differences.0.what'), $late->json('differences.0.yours')]);
        $this->assertRefused(409, 'another window', $this->deleteJson("/api/paints/$paint/swatch", ['version' => $seen]));
        $this->deleteJson("/api/paints/$paint/swatch", ['version' => $read->json('paint.version')])->assertOk();
    }

    public function testAFigureThatGrewIsNotDeletedUnseen(): void
    {
        $this->signIn();
        $company = (array) $this->getJson('/api/companies')->json('companies.0');
        $this->putJson('/api/companies/'.$company['id'], ['notes' => 'for the winter show'] + $company)->assertOk();

        $late = $this->deleteJson('/api/companies/'.$company['id'], ['version' => $company['version']]);
        $this->assertLate($late, (string) $company['name'], 'Notes', 'for the winter show', '');
        $this->deleteJson('/api/companies/'.$company['id'], ['version' => $late->json('version')])->assertNoContent();
    }

    /** @param TestResponse<Response> $late */
    private function assertLate(TestResponse $late, string $what, string $of, string $there, string $yours): void
    {
        $this->assertRefused(409, $what.' was changed in another window', $late);
        $found = collect((array) $late->json('differences'))->firstWhere('what', $of);
        self::assertNotNull($found, $of.' differs');
        self::assertSame([$there, $yours], [strtok($found['there'].',', ','), (string) strtok($found['yours'], ',')]);
    }

    private function file(string $name, string $bytes): UploadedFile
    {
        return UploadedFile::fake()->createWithContent($name, $bytes);
    }
}
