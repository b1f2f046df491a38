<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\AreaRow;
use App\Models\Company;
use App\Models\PaintRow;
use App\Models\TrialRow;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** A colour for every area: chosen, judged, proposed, tried. */
final class SchemeTest extends TestCase
{
    public function testTheSchemeJudgesTrueNeighboursFromADistance(): void
    {
        $this->beside();
        $near = $this->getJson($this->url('?metres=0.3'))->assertOk();
        $this->assertAnswers('scheme', $near);
        $far = $this->getJson($this->url('?metres=3'))->assertOk();

        self::assertCount(1, (array) $near->json('pairs'));
        self::assertGreaterThan($far->json('pairs.0.ratio'), $near->json('pairs.0.ratio'));
        self::assertGreaterThan($near->json('blur_mm'), $far->json('blur_mm'));
        $grey = (string) $near->json('areas.0.seen.grey.plane');
        self::assertSame(substr($grey, 1, 2), substr($grey, 3, 2));
        $this->assertRefused(422, 'runs from 0.2 to 5 m', $this->getJson($this->url('?metres=90')));
    }

    /** Meant alike, they may run together; the file of the figure keeps it, and it can be taken back. */
    public function testAreasThatAreMeantAlikeMayRunTogether(): void
    {
        $this->beside();
        [$coat, $lantern] = [$this->area('Coat'), $this->area('Lantern')];
        $colours = [['area' => $coat->id, 'colour' => '#6f4a2e'], ['area' => $lantern->id, 'colour' => '#70502f']];
        $lost = $this->putJson($this->url(), ['areas' => $colours])->assertOk();
        self::assertSame([0, false], [$lost->json('clear'), $lost->json('pairs.0.alike')]);
        self::assertStringContainsString('line between', (string) $lost->json('pairs.0.instead'));

        $said = ['one' => $coat->id, 'other' => $lantern->id, 'on' => true];
        $meant = $this->putJson($this->url('/alike'), $said)->assertOk();
        $this->assertAnswers('scheme', $meant);
        self::assertSame([1, true, 'clear'], [$meant->json('clear'), $meant->json('pairs.0.alike'), $meant->json('pairs.0.verdict')]);
        $this->assertRefused(422, 'has no such two areas', $this->putJson($this->url('/alike'), ['other' => 99999] + $said));

        $file = (string) $this->get('/api/companies/'.$coat->company_id.'/file?as=json')->assertOk()->getContent();
        $this->withHeaders(['Accept' => 'application/json'])
            ->post('/api/recipes/file', ['file' => UploadedFile::fake()->createWithContent('f.json', $file)])->assertSuccessful();
        $copy = Company::query()->latest('id')->firstOrFail();
        self::assertTrue($this->getJson("/api/companies/$copy->id/scheme")->json('pairs.0.alike'), 'kept in the file');

        $apart = $this->putJson($this->url('/alike'), ['on' => false] + $said)->assertOk();
        self::assertSame([0, false], [$apart->json('clear'), $apart->json('pairs.0.alike')]);
    }

    /** What was chosen on Scheme is drafted: edges of two tints on both, or a line on the smaller of them. */
    public function testNeighboursArePartedAsItWasChosen(): void
    {
        $this->beside();
        [$coat, $lantern] = [$this->area('Coat'), $this->area('Lantern')];
        $colours = [['area' => $coat->id, 'colour' => '#6f4a2e'], ['area' => $lantern->id, 'colour' => '#70502f']];
        $this->putJson($this->url(), ['areas' => $colours])->assertOk();
        $said = ['one' => $coat->id, 'other' => $lantern->id];
        $parted = $this->putJson($this->url('/parted'), ['how' => 'line'] + $said)->assertOk();
        $this->assertAnswers('scheme', $parted);
        self::assertSame('line', $parted->json('pairs.0.parted'));
        $this->assertRefused(422, 'by tints or by a line', $this->putJson($this->url('/parted'), ['how' => 'glue'] + $said));

        $techniques = fn (AreaRow $area, string $hex): array => array_column((array) $this->postJson(
            "/api/areas/$area->id/recipe",
            ['colour' => $hex, 'way' => 'layers', 'start' => 'plain'],
        )->assertSuccessful()->json('steps'), 'technique');
        self::assertSame([1, 0], [
            count(array_keys($techniques($lantern, '#70502f'), 'lining', true)),
            count(array_keys($techniques($coat, '#6f4a2e'), 'lining', true)),
        ], 'on the smaller one');

        $file = (string) $this->get('/api/companies/'.$coat->company_id.'/file?as=json')->assertOk()->getContent();
        self::assertStringContainsString('"lined"', $file);
        self::assertSame('tints', $this->putJson($this->url('/parted'), ['how' => 'tints'] + $said)->json('pairs.0.parted'));
        self::assertSame(0, count(array_keys($techniques($lantern, '#70502f'), 'lining', true)));
        self::assertNull($this->putJson($this->url('/parted'), ['how' => null] + $said)->json('pairs.0.parted'));
    }

    /** A company is seen beside those it is meant to match: their colours and the look of their bases can be taken over. */
    public function testCompaniesThatMatchAreLookedAtTogether(): void
    {
        $this->signIn();
        self::assertSame([], $this->getJson($this->url())->assertOk()->json('together'), 'nothing to match');
        $one = $this->based('Reeds', null, '#5b5c31');
        $two = $this->based('Rushes', $one, '#8a8f96');
        [$there, $here] = array_map(
            static fn (int $company): AreaRow => AreaRow::query()->where('company_id', $company)->firstOrFail(),
            [$one, $two],
        );
        $this->postJson("/api/areas/$there->id/recipe", ['way' => 'mixed', 'colour' => '#5b5c31'])->assertOk();

        $seen = $this->getJson("/api/companies/$two/scheme")->assertOk();
        $this->assertAnswers('scheme', $seen);
        self::assertCount(1, (array) $seen->json('together'));
        $tie = (array) $seen->json('together.0');
        self::assertSame(['variant', 'Reeds', $here->id, $there->id, true], [
            $tie['bond'], $tie['company'], $tie['area'], $tie['other'], $tie['base'],
        ]);

        $this->putJson("/api/companies/$two/scheme", ['areas' => [['area' => $here->id, 'colour' => '#5b5c31']]])->assertOk();
        $this->postJson("/api/areas/$here->id/recipe/follow", ['area_id' => $there->id, 'as' => 'everything'])->assertOk();
        $tied = $this->getJson("/api/companies/$two/scheme");
        self::assertSame(['same', false], [$tied->json('together.0.bond'), $tied->json('together.0.base')], 'nothing is left to take over');
        $model = $this->getJson("/api/companies/$one/scheme");
        self::assertSame('Rushes', $model->json('together.0.company'), 'from either side');
        self::assertFalse($model->json('together.0.base'), 'nobody follows in a circle');
    }

    /** @return int a company of which only the base is described */
    private function based(string $name, ?int $matches, string $colour): int
    {
        $base = ['name' => 'Base', 'material' => 'ground', 'relief' => 'texture', 'share' => 100, 'depth' => 1, 'weight' => 'minor'];
        $made = $this->postJson('/api/companies', [
            'name' => $name, 'count' => 3, 'height_mm' => 30, 'matches_id' => $matches, 'areas' => [$base],
        ])->assertCreated();
        $id = (int) $made->json('id');
        $area = AreaRow::query()->where('company_id', $id)->firstOrFail();
        $this->putJson("/api/companies/$id/scheme", ['areas' => [['area' => $area->id, 'colour' => $colour]]])->assertOk();

        return $id;
    }

    public function testAMendIsTakenAndPartsThem(): void
    {
        $this->beside();
        $coat = $this->area('Coat');
        $lantern = $this->area('Lantern');
        $this->putJson(
            $this->url(),
            ['areas' => [['area' => $coat->id, 'colour' => '#6f4a2e', 'fixed' => true], ['area' => $lantern->id, 'colour' => '#70502f']]],
        )->assertOk();
        $pair = $this->getJson($this->url())->json('pairs.0');
        self::assertContains($pair['verdict'], ['lost', 'weak']);
        self::assertSame($lantern->id, $pair['mend']['area'], 'the coat is kept');
        $after = $this->putJson(
            $this->url(),
            [
                'areas' => [
                    [
                        'area' => $lantern->id,
                        'mix' => array_map(
                            static fn (array $p): array => ['paint_id' => $p['paint_id'], 'parts' => $p['parts']],
                            $pair['mend']['mix'],
                        ),
                    ],
                ],
            ],
        )->assertOk();

        self::assertSame('clear', $after->json('pairs.0.verdict'));
        self::assertSame($pair['mend']['mix_words'], collect((array) $after->json('areas'))->firstWhere('id', $lantern->id)['words']);
    }

    public function testOnlyTheWorstPairsAreMendedAtOnceAndTheOthersSaySo(): void
    {
        $this->signIn();
        $areas = array_map(
            static fn (int $i): array => [
                'name' => "Plate $i",
                'material' => 'cloth',
                'relief' => 'tight',
                'share' => 10,
                'depth' => 2,
                'weight' => 'minor',
                'colour' => '#6f4a2e',
                'touches' => $i < 8 ? ['Plate '.($i + 1)] : [],
            ],
            range(0, 8),
        );
        $id = $this->postJson(
            '/api/companies',
            ['name' => 'All brown', 'count' => 1, 'height_mm' => 30, 'areas' => $areas],
        )->assertCreated()->json('id');
        $pairs = (array) $this->getJson("/api/companies/$id/scheme")->json('pairs');

        self::assertCount(8, $pairs);
        self::assertSame(
            [6, 2],
            [
                count(array_filter(array_column($pairs, 'looked'))),
                count(array_filter($pairs, static fn (array $p): bool => !$p['looked'] && $p['mend'] === null)),
            ],
        );
        self::assertNotNull($pairs[0]['mend']);
    }

    public function testProposalsAreTakenAsMixesOfOwnPaints(): void
    {
        $this->beside();
        $this->assertRefused(422, 'Fix one or two colours first', $this->getJson($this->url('/proposals')));
        $this->putJson(
            $this->url(),
            ['areas' => [['area' => $this->area('Coat')->id, 'colour' => '#4b5a32', 'fixed' => true]]],
        )->assertOk();
        $answer = $this->getJson($this->url('/proposals'))->assertOk();
        $this->assertAnswers('proposals', $answer);
        $choice = $answer->json('proposals.0.choices.0');
        $this->putJson(
            $this->url(),
            [
                'areas' => [
                    [
                        'area' => $choice['area'],
                        'mix' => array_map(
                            static fn (array $p): array => ['paint_id' => $p['paint_id'], 'parts' => $p['parts']],
                            $choice['mix'],
                        ),
                    ],
                ],
            ],
        )->assertOk();

        self::assertSame($choice['hex'], AreaRow::query()->find($choice['area'])?->hex);
        $this->assertRefused(422, 'no such harmony', $this->getJson($this->url('/proposals?harmony=noise')));
        $one = $this->getJson($this->url('/proposals?harmony=triad'))->json('proposals');
        self::assertSame(['triad'], array_values(array_unique(array_column((array) $one, 'harmony'))));
    }

    public function testProposalsStartFromNothingOrFromOneColour(): void
    {
        $this->beside();
        $leads = static fn (TestResponse $answer): array => array_column((array) $answer->json('proposals'), 'lead');
        $first = $this->getJson($this->url('/proposals?surprise=0'))->assertOk();
        $this->assertAnswers('proposals', $first);
        self::assertGreaterThan(1, count(array_unique($leads($first))));
        self::assertSame($leads($first), $leads($this->getJson($this->url('/proposals?surprise=0'))), 'the same turn, the same schemes');
        self::assertNotSame($leads($first), $leads($this->getJson($this->url('/proposals?surprise=1'))), 'another turn surprises again');

        $blue = $this->getJson($this->url('/proposals?from=%232f5a7e'))->assertOk();
        $this->assertAnswers('proposals', $blue);
        self::assertCount(1, array_unique($leads($blue)), 'all start from the one colour');
        self::assertNotSame($leads($blue), $leads($this->getJson($this->url('/proposals?from=%23a82a20'))));
        $this->assertRefused(422, 'colour', $this->getJson($this->url('/proposals?from=blue-ish')));
        foreach (['surprise=-7', 'surprise=9223372036854775807', 'surprise[]=1', 'from[]=x'] as $odd) {
            self::assertLessThan(500, $this->getJson($this->url('/proposals?'.$odd))->status(), $odd);
        }
    }

    public function testRefusedColoursChangeNothing(): void
    {
        $this->signIn();
        $coat = $this->area('Coat');
        $before = $coat->hex;
        foreach ([
            'no colour' => [['area' => $coat->id, 'colour' => 'green']],
            'no such area' => [['area' => $coat->id, 'colour' => '#112233'], ['area' => 99999, 'colour' => '#112233']],
            'is not on this shelf' => [['area' => $coat->id, 'mix' => [['paint_id' => 99999, 'parts' => 1]]]],
            '1 to 99 drops' => [['area' => $coat->id, 'mix' => [['paint_id' => 1, 'parts' => -2]]]],
            'which area gets which colour' => [['colour' => '#112233']],
        ] as $sentence => $areas) {
            $this->assertRefused(422, $sentence, $this->putJson($this->url(), ['areas' => $areas]));
        }
        self::assertSame($before, $coat->refresh()->hex, 'all or nothing');
    }

    public function testTheUndercoatAndRecipesFollowAndACompanyFormLetsGoOfTheMix(): void
    {
        $this->signIn();
        $coat = $this->area('Coat');
        $ochre = (int) PaintRow::query()->where('name', 'Ochre')->value('id');
        $this->putJson(
            $this->url(),
            ['areas' => [['area' => $coat->id, 'mix' => [['paint_id' => $ochre, 'parts' => 1]], 'fixed' => true]]],
        )->assertOk();
        self::assertSame([['paint' => $ochre, 'parts' => 1]], $coat->refresh()->mix);
        self::assertStringContainsString('its colour was', (string) $this->getJson("/api/areas/{$coat->id}/recipe")->json('outdated'));

        $company = (array) $this->getJson('/api/companies')->json('companies.0');
        $company['areas'][0]['colour'] = '#123456';
        $this->putJson('/api/companies/'.$company['id'], $company)->assertOk();
        self::assertSame(['#123456', null], [$this->area('Coat')->hex, $this->area('Coat')->mix]);
        $this->putJson($this->url(), ['areas' => [['area' => $coat->id]]])->assertOk();
        self::assertSame([null, false], [$this->area('Coat')->hex, $this->area('Coat')->fixed], 'undecided again, and nothing to keep');
    }

    public function testTrialsAreKeptComparedAndTaken(): void
    {
        $this->beside();
        $kept = $this->area('Coat')->hex;
        $this->assertRefused(422, 'Give the trial a name', $this->postJson('/api/companies/'.$this->company().'/trials', ['name' => '']));
        $answer = $this->postJson('/api/companies/'.$this->company().'/trials', ['name' => 'cold cape', 'notes' => 'too dark'])->assertOk();
        $this->assertAnswers('scheme', $answer);
        $trial = (int) $answer->json('trials.0.id');
        $this->patchJson("/api/trials/$trial", ['verdict' => 'failed'])->assertOk();
        $this->assertRefused(422, 'open, worked or failed', $this->patchJson("/api/trials/$trial", ['verdict' => 'great']));
        $this->putJson($this->url(), ['areas' => [['area' => $this->area('Coat')->id, 'colour' => '#112233']]])->assertOk();

        self::assertSame('failed', $this->getJson($this->url())->json('trials.0.verdict'));
        self::assertSame(
            $kept,
            collect((array) $this->getJson($this->url())->json('trials.0.areas'))->firstWhere('id', $this->area('Coat')->id)['hex'],
            'the trial keeps its colours',
        );
        $this->postJson("/api/trials/$trial/take")->assertOk();
        self::assertSame($kept, $this->area('Coat')->hex);
        $this->deleteJson("/api/trials/$trial")->assertOk();
        self::assertSame(0, TrialRow::query()->count());
    }

    public function testAReferencePictureGivesItsRulingColours(): void
    {
        $this->signIn();
        $image = imagecreatetruecolor(90, 60);
        imagefill($image, 0, 0, 0x9C7D34);
        imagefilledrectangle($image, 0, 0, 29, 59, 0x4A626C);
        ob_start();
        imagepng($image);
        $send = fn (string $bytes): TestResponse => $this->post(
            '/api/scheme/picture',
            ['picture' => UploadedFile::fake()->createWithContent('ref.png', $bytes)],
            ['Accept' => 'application/json'],
        );
        $answer = $send((string) ob_get_clean())->assertOk();

        $this->assertAnswers('picture_colours', $answer);
        self::assertSame(['#9c7d34', '#4a626c'], array_slice(array_column((array) $answer->json('colours'), 'hex'), 0, 2));
        self::assertEqualsWithDelta(66.7, $answer->json('colours.0.share'), 2.0);
        $this->assertRefused(422, 'use PNG or JPEG', $send('not a picture'));
        $this->assertRefused(422, 'did not arrive', $this->postJson('/api/scheme/picture'));
    }

    #[TestWith(['?kind=white&way=warm&strength=4&white=1', true])]
    #[TestWith(['?kind=black&way=cool&strength=1&white=2', false])]
    public function testTintsOfWhiteAndBlack(string $question, bool $warned): void
    {
        $this->signIn();
        $answer = $this->getJson('/api/scheme/tint'.$question)->assertOk();

        $this->assertAnswers('tint', $answer);
        self::assertSame($warned, $answer->json('warning') !== null);
        $this->assertRefused(422, 'warm, cool or greenish', $this->getJson('/api/scheme/tint?way=sour'));
    }

    /** Signs in to a workshop whose coat and belt lie beside each other. */
    private function beside(): void
    {
        $this->signIn();
        $company = (array) $this->getJson('/api/companies')->json('companies.0');
        $company['areas'] = array_map(
            static fn (array $a): array => [...$a, 'touches' => $a['name'] === 'Coat' ? ['Lantern'] : []],
            $company['areas'],
        );
        $this->putJson('/api/companies/'.$company['id'], $company)->assertOk();
    }

    private function area(string $name): AreaRow
    {
        return AreaRow::query()->where('name', $name)->firstOrFail();
    }

    private function company(): int
    {
        return (int) Company::query()->value('id');
    }

    private function url(string $rest = ''): string
    {
        return '/api/companies/'.$this->company().'/scheme'.$rest;
    }
}
