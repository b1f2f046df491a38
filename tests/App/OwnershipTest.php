<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\BookRow;
use App\Models\Company;
use App\Models\Entry;
use App\Models\InvitationRow;
use App\Models\LessonRow;
use App\Models\Painter;
use App\Models\PaintRow;
use App\Models\PassRow;
use App\Models\PictureRow;
use App\Models\PlateRow;
use App\Models\PotRow;
use App\Models\RecipeRow;
use App\Models\RevisionRow;
use App\Models\SittingRow;
use App\Models\TrialRow;
use App\Workshop\Account\Accounts;
use Carbon\CarbonImmutable;
use Illuminate\Routing\Route as RouteObject;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Schema;

/** Every row belongs to a painter, and no route leads to another's. */
final class OwnershipTest extends TestCase
{
    private const OPEN = [
        'GET session', 'POST session', 'POST session/sample', 'DELETE session', 'POST session/workshop',
        'GET session/invitations/{secret}',
    ];

    public function testEveryTableOfTheWorkshopNamesItsPainter(): void
    {
        foreach ([
            PaintRow::class,
            Company::class,
            AreaRow::class,
            RecipeRow::class,
            Entry::class,
            PlateRow::class,
            TrialRow::class,
            BookRow::class,
            RevisionRow::class,
            LessonRow::class,
            InvitationRow::class,
            SittingRow::class,
            PassRow::class,
            PotRow::class,
            PictureRow::class,
        ] as $class) {
            $row = new $class();
            self::assertTrue(Schema::hasColumn($row->getTable(), 'painter_id'), $class);
            self::assertArrayHasKey('painter', $row->getGlobalScopes(), $class);
        }
    }

    public function testNoRouteAnswersAStranger(): void
    {
        foreach ($this->routes() as [$method, $uri]) {
            if (!in_array($method.' '.$uri, self::OPEN, true)) {
                $this->assertRefused(
                    401,
                    'Sign in first.',
                    $this->json(
                        $method,
                        '/api/'.str_replace(
                            ['{paint}', '{company}', '{area}', '{record}', '{trial}', '{book}', '{lesson}', '{aside}', '{step}',
                                '{invitation}', '{batch}', '{sitting}', '{pass}', '{pot}', '{picture}', '{what}'],
                            ['1', '1', '1', '1', '1', '1', '1', '1', 'basecoat', '1', 'some-batch', '1', '1', '1', '1', 'start'],
                            $uri,
                        ),
                    ),
                );
            }
        }
    }

    public function testNobodyReachesWhatIsAnothers(): void
    {
        $other = $this->painter('The other one');
        $ids = $this->idsOf($other);
        $this->signIn('Reed cutter');
        $before = $this->rows($other);
        $tried = 0;
        foreach ($this->routes() as [$method, $uri]) {
            preg_match_all('/\{(\w+)\}/', $uri, $names);
            if (array_intersect($names[1], array_keys($ids)) === []) {
                continue;
            }
            ++$tried;
            $address = '/api/'.str_replace(
                ['{paint}', '{company}', '{area}', '{record}', '{trial}', '{book}', '{lesson}', '{aside}', '{step}', '{invitation}',
                    '{batch}', '{sitting}', '{pass}', '{pot}', '{picture}', '{what}'],
                array_map(
                    strval(...),
                    [
                        $ids['paint'],
                        $ids['company'],
                        $ids['area'],
                        $ids['record'],
                        $ids['trial'],
                        $ids['book'],
                        $ids['lesson'],
                        1,
                        'basecoat',
                        $ids['invitation'],
                        'some-batch',
                        $ids['sitting'],
                        $ids['pass'],
                        $ids['pot'],
                        $ids['picture'],
                        'start',
                    ],
                ),
                $uri,
            );
            $this->assertRefused(
                404,
                'There is no such thing in your workshop.',
                $this->json($method, $address, ['name' => 'Stolen', 'behaviour' => 'opaque', 'colour' => '#123456', 'coats' => 3]),
            );
        }

        $named = array_filter(
            $this->routes(),
            static fn (array $r): bool => preg_match('/\{('.implode('|', array_keys($ids)).')\}/', $r[1]) === 1,
        );
        self::assertCount($tried, $named);
        self::assertGreaterThanOrEqual(56, $tried, 'this many addresses name a row of a workshop');
        self::assertSame($before, $this->rows($other));
    }

    public function testAnothersIdInABodyIsRefusedToo(): void
    {
        $ids = $this->idsOf($this->painter('The other one'));
        $this->signIn('Reed cutter');
        $mine = (int) Company::query()->value('id');
        $coat = (int) AreaRow::query()->value('id');

        $this->assertRefused(
            422,
            'is not on this shelf',
            $this->changeStep($coat, 'basecoat', ['mix' => [['paint_id' => $ids['paint'], 'parts' => 1]]]),
        );
        $this->assertRefused(
            404,
            'no such thing',
            $this->postJson(
                "/api/companies/$mine/records",
                ['area_id' => $ids['area'], 'step' => null, 'stage' => 'wash', 'figures' => [1], 'real' => ['mix' => []]],
            ),
        );
        self::assertSame(0, $this->getJson('/api/ledger?company='.$ids['company'])->json('total'));
    }

    public function testListsHoldOnlyOnesOwn(): void
    {
        $other = $this->painter('The other one');
        $this->idsOf($other);
        DB::table('paints')->where('painter_id', $other->id)->update(['notes' => 'a secret']);
        $this->signIn('Reed cutter');
        foreach (['shelf', 'companies', 'ledger'] as $list) {
            $text = (string) $this->getJson('/api/'.$list)->assertOk()->getContent();
            self::assertStringNotContainsString('a secret', $text);
            self::assertStringNotContainsString('The other one', $text);
        }
        self::assertStringNotContainsString('a secret', (string) $this->get('/api/shelf/file')->getContent());
        self::assertCount(1, (array) $this->getJson('/api/companies')->json('companies'));
        self::assertSame([], $this->getJson('/api/ledger')->json('entries'));
    }

    /** @return list<array{string, string}> method and address of every route under /api */
    private function routes(): array
    {
        $found = [];
        /** @var RouteObject $route */
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && !str_contains($route->uri(), '{any}')) {
                $found[] = [$route->methods()[0], substr($route->uri(), 4)];
            }
        }
        self::assertGreaterThan(15, count($found));

        return $found;
    }

    /**
     * @return array{
     *   lesson: int, paint: int, company: int, area: int, record: int, trial: int, book: int, invitation: int, sitting: int, pass: int,
     *   pot: int, picture: int,
     * }
     */
    private function idsOf(Painter $painter): array
    {
        $this->become($painter);
        $company = Company::query()->firstOrFail();
        $this->postJson(
            '/api/companies/'.$company->id.'/records',
            ['step' => 'undercoat', 'stage' => 'undercoat', 'figures' => [1], 'real' => ['mix' => []]],
        )->assertOk();
        $this->postJson('/api/companies/'.$company->id.'/trials', ['name' => 'first try'])->assertOk();
        $this->postJson('/api/book', ['area_id' => (int) AreaRow::query()->value('id'), 'name' => 'Kept'])->assertOk();
        $mixed = PaintRow::query()->whereIn('name', ['Yellow', 'Blue'])->pluck('id');
        $this->postJson('/api/lessons', [
            'mix' => array_map(static fn (int $id): array => ['paint_id' => $id, 'parts' => 1], $mixed->all()),
            'how' => 'words',
        ])->assertCreated();
        Accounts::invite($painter);
        $invitation = (int) InvitationRow::query()->value('id');
        $ids = [
            'lesson' => (int) LessonRow::query()->value('id'),
            'paint' => (int) PaintRow::query()->value('id'),
            'company' => $company->id,
            'area' => (int) AreaRow::query()->value('id'),
            'record' => (int) Entry::query()->value('id'),
            'trial' => (int) TrialRow::query()->value('id'),
            'book' => (int) BookRow::query()->value('id'),
            'invitation' => $invitation,
            ...$this->bench($painter, $company),
        ];
        Auth::logout();

        return $ids;
    }

    /** @return array{sitting: int, pass: int, pot: int, picture: int} rows of an evening at the bench */
    private function bench(Painter $painter, Company $company): array
    {
        $row = ['painter_id' => $painter->id, 'company_id' => $company->id];
        $now = CarbonImmutable::now();

        return [
            'sitting' => SittingRow::query()->create([
                'painter_id' => $painter->id, 'origin' => 'order', 'words' => 'coat', 'steps' => [], 'fetched' => [], 'laid_out_at' => $now,
            ])->id,
            'pass' => PassRow::query()->create([
                ...$row, 'step_key' => 'basecoat', 'figures' => [1], 'number' => 1, 'dry_minutes' => 8, 'done_at' => $now,
            ])->id,
            'pot' => PotRow::query()->create([
                'painter_id' => $painter->id, 'mix' => [['paint' => (string) PaintRow::query()->value('id'), 'parts' => 1]],
                'paint_ul' => 80.0, 'thinner_ul' => 40.0, 'vessel' => 'jar', 'mixed_at' => $now,
            ])->id,
            'picture' => PictureRow::query()->create([...$row, 'width' => 8, 'height' => 8, 'bytes' => 'jpeg', 'taken_at' => $now])->id,
        ];
    }

    /** @return array<string, mixed> every row of a painter, as it lies in the database */
    private function rows(Painter $painter): array
    {
        $rows = [];
        foreach ([
            'paints',
            'companies',
            'areas',
            'recipes',
            'records',
            'movements',
            'lessons',
            'price_lists',
            'plates',
            'trials',
            'book_recipes',
            'revisions',
            'invitations',
            'sittings',
            'passes',
            'pots',
            'pictures',
        ] as $table) {
            $rows[$table] = DB::table($table)->where('painter_id', $painter->id)->orderBy('id')->get()->map(
                static fn (object $r): array => (array) $r,
            )->all();
        }

        return $rows;
    }
}
