<?php

declare(strict_types=1);

namespace Tests\App;

use App\Formats\UnreadableFile;
use App\Models\AreaRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\Painter;
use App\Models\PaintRow;
use App\Models\RecipeRow;
use App\Workshop\WorkshopImport;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

/** The database, the sample workshop, and how the house answers when something is wrong. */
final class HouseTest extends TestCase
{
    public function testTheSampleWorkshopIsTheLamplighters(): void
    {
        $this->artisan('kalokroma:demo')->assertSuccessful();

        self::assertSame(95, PaintRow::query()->count());
        self::assertSame('Lamplighters', Company::query()->firstOrFail()->name);
        self::assertSame(12, Company::query()->firstOrFail()->count);
        self::assertSame(['Lamplighters', 'Heron rider', 'Signal barge'], Company::query()->orderBy('id')->pluck('name')->all());
        self::assertSame([12, 16, 11], Company::query()->withCount('areas')->orderBy('id')->pluck('areas_count')->all());
        self::assertSame(28, RecipeRow::query()->count(), 'the company and the rider are planned, the barge is only looked over');
        self::assertEqualsWithDelta(300.0, (float) AreaRow::query()->sum('share'), 1e-6);
        self::assertSame(6, PaintRow::query()->where('set_name', '!=', '')->distinct()->count('set_name'));
        self::assertGreaterThan(5, Entry::query()->count());
    }

    public function testTheSampleKeepsWhatWasDoneUntilItIsMadeFresh(): void
    {
        $this->artisan('kalokroma:demo')->assertSuccessful();
        PaintRow::query()->where('name', 'Hemp')->delete();
        $mine = $this->painter();
        $this->artisan('kalokroma:demo')->assertSuccessful();
        self::assertSame(0, PaintRow::query()->where('name', 'Hemp')->count());

        $this->artisan('kalokroma:demo', ['--fresh' => true])->assertSuccessful();
        self::assertSame(1, PaintRow::query()->where('name', 'Hemp')->count());
        self::assertSame(21, $mine->paints()->count(), 'nobody else loses anything');
    }

    /** @param callable(array<string, mixed>): array<string, mixed> $break */
    #[DataProvider('brokenWorkshops')]
    public function testABrokenWorkshopFileChangesNothing(callable $break, string $sentence): void
    {
        $painter = Painter::query()->create(['name' => 'Newcomer']);
        /** @var array<string, mixed> $good */
        $good = json_decode((string) file_get_contents(__DIR__.'/data/small-workshop.json'), true, 64, JSON_THROW_ON_ERROR);
        try {
            WorkshopImport::run($painter, json_encode($break($good), JSON_THROW_ON_ERROR));
            self::fail('It was taken.');
        } catch (UnreadableFile $problem) {
            self::assertStringContainsString($sentence, $problem->getMessage());
            self::assertStringContainsString('Nothing was taken.', $problem->getMessage());
        }
        self::assertSame([0, 0], [PaintRow::query()->count(), Company::query()->count()]);
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function brokenWorkshops(): iterable
    {
        yield 'another kind of file' => [static fn (array $w): array => ['kind' => 'something'] + $w, 'At /kind'];
        yield 'a missing part' => [static fn (array $w): array => array_diff_key($w, ['paints' => 0]), 'At /'];
        yield 'a bad colour' => [static function (array $w): array {
            $w['paints'][2]['colour'] = '#12';

            return $w;
        }, 'At /paints/2/colour'];
        yield 'a paint without its colour' => [static function (array $w): array {
            unset($w['paints'][3]['colour']);

            return $w;
        }, 'At /paints/3: colour is empty'];
        yield 'an unknown relief' => [static function (array $w): array {
            $w['companies'][0]['areas'][1]['relief'] = 'bumpy';

            return $w;
        }, 'At /companies/0/areas/1/relief'];
    }

    public function testAWorkshopFileThatIsNotJson(): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessage('The file is not JSON');
        WorkshopImport::run(Painter::query()->create(['name' => 'Newcomer']), '{"kind": ');
    }

    public function testTheDatabaseGuardsItsKeys(): void
    {
        self::assertEquals(1, DB::selectOne('PRAGMA foreign_keys')->foreign_keys);
        self::assertSame('WAL', config('database.connections.sqlite.journal_mode'));
        self::assertGreaterThanOrEqual(1000, config('database.connections.sqlite.busy_timeout'));
    }

    public function testAFileDatabaseIsReallyInWalMode(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'kalokroma');
        config(['database.connections.file' => ['database' => $file] + (array) config('database.connections.sqlite')]);

        self::assertSame('wal', DB::connection('file')->selectOne('PRAGMA journal_mode')->journal_mode);
        self::assertEquals(1, DB::connection('file')->selectOne('PRAGMA synchronous')->synchronous);
        DB::purge('file');
        unlink($file);
    }

    public function testUnknownAddressesAndMethods(): void
    {
        $this->signIn();
        $this->assertRefused(404, 'There is no such thing', $this->getJson('/api/nothing/here'));
        $this->assertRefused(404, 'There is no such thing', $this->getJson('/api/areas/999999/recipe'));
        $this->assertRefused(404, 'There is no such thing', $this->getJson('/api/areas/abc/recipe'));
        $this->assertRefused(404, 'There is no such thing', $this->deleteJson('/api/shelf'));
    }

    public function testAFaultInsideIsNotShownOutside(): void
    {
        $request = Request::create('/api/broken', server: ['HTTP_ACCEPT' => 'application/json']);
        $answer = app(ExceptionHandler::class)->render($request, new RuntimeException('SQLSTATE secret at /var/inside.php'));

        self::assertSame(500, $answer->getStatusCode());
        self::assertStringContainsString('Something went wrong here. Nothing was changed.', (string) $answer->getContent());
        self::assertDoesNotMatchRegularExpression('/SQLSTATE|secret|inside|trace/', (string) $answer->getContent());
    }

    /** Whatever shape a body has, the answer is a refusal with a sentence. */
    public function testOddBodiesAreRefused(): void
    {
        $this->signIn();
        $company = Company::query()->value('id');
        $area = AreaRow::query()->value('id');
        $odd = [[], ['a' => ['b' => 1]], 'words', 1e300, true, null, [[[]]], '', str_repeat('x', 3000)];
        $addresses = [
            ['POST', '/api/session', ['name', 'password']],
            ['PUT', '/api/workshop', ['airbrush', 'spray_cans', 'way']],
            ['POST', '/api/paints', ['name', 'behaviour', 'colour', 'left_ml']],
            ['POST', '/api/companies', ['name', 'count', 'height_mm', 'areas']],
            ['POST', "/api/areas/$area/recipe", ['colour', 'way']],
            ['POST', "/api/areas/$area/recipe/edits", ['kind', 'key', 'mix', 'thin', 'coats']],
            ['POST', "/api/companies/$company/undercoat/edits", ['key', 'mix', 'thin', 'coats']],
            ['POST', "/api/companies/$company/records", ['stage', 'figures', 'real', 'note']],
        ];
        foreach ($addresses as [$method, $address, $fields]) {
            foreach ($odd as $i => $value) {
                $answer = $this->json($method, $address, array_fill_keys($fields, $value));
                self::assertContains($answer->getStatusCode(), [422, 429], "$method $address with value $i");
                $this->assertAnswers('problem', $answer);
            }
        }
        $areas = [
            ['name' => ['x'], 'material' => [], 'relief' => 3, 'share' => 'all', 'depth' => 1e9, 'weight' => null, 'colour' => []],
            7,
            null,
        ];
        $this->assertRefused(
            422,
            'areas',
            $this->postJson('/api/companies', ['name' => 'Odd', 'count' => 1, 'height_mm' => 30, 'areas' => $areas]),
        );
    }

    public function testThePageLetsTheBrowserLoadNothingFromElsewhere(): void
    {
        $policy = (string) $this->get('/')->assertOk()->headers->get('Content-Security-Policy');

        self::assertStringContainsString("default-src 'self'", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
        self::assertStringNotContainsString('http', $policy);
    }
}
