<?php

declare(strict_types=1);

namespace Tests\App;

use App\Formats\Recipe\RecipeJson;
use App\Models\Company;
use App\Models\Painter;
use App\Workshop\Order\FreeHours;
use App\Workshop\Order\OrderDesk;
use App\Workshop\Order\WorkFile;
use App\Workshop\Recipe\RecipeFiles;
use App\Workshop\Studio;
use Carbon\CarbonImmutable;
use DomainException;
use Kalokroma\Order\Job\Grouping;
use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Job\Jobs;
use PHPUnit\Framework\Attributes\DataProvider;

/** Free hours by the clock on the wall, and the running order of a file. */
final class ScheduleTest extends TestCase
{
    use AsksCommands;

    /** @return iterable<string, array{array<string, mixed>, list<array{int, int}>}> the first windows, in minutes from the start */
    public static function hours(): iterable
    {
        $evening = static fn (string ...$days): array => ['days' => $days, 'from' => '19:00', 'to' => '21:00'];
        // From Monday, 30 November 2026, 18:00: an hour later it begins, a day has 1440 minutes.
        yield 'every week' => [
            ['weekly' => [$evening('monday', 'wednesday')]],
            [[60, 180], [60 + 2 * 1440, 180 + 2 * 1440], [60 + 7 * 1440, 180 + 7 * 1440]],
        ];
        yield 'what is over is over' => [
            ['weekly' => [['days' => ['monday'], 'from' => '08:00', 'to' => '18:30']]],
            [[0, 30], [7 * 1440 - 600, 7 * 1440 + 30]],
        ];
        yield 'another day' => [
            ['weekly' => [$evening('monday', 'tuesday')], 'exceptions' => [
                ['date' => '2026-11-30', 'free' => []],
                ['date' => '2026-12-01', 'free' => [['from' => '18:00', 'to' => '18:30'], ['from' => '20:00', 'to' => '20:45']]],
            ]],
            [[1440, 1470], [1440 + 120, 1440 + 165], [60 + 7 * 1440, 180 + 7 * 1440]],
        ];
        yield 'holidays, less what is said of the day itself' => [
            ['weekly' => [$evening('monday', 'tuesday', 'wednesday')], 'holidays' => [
                'dates' => ['2026-12-01', '2026-12-02'], 'free' => [['from' => '10:00', 'to' => '12:00']],
            ], 'exceptions' => [['date' => '2026-12-02', 'free' => []]]],
            [[60, 180], [1440 - 480, 1440 - 360], [60 + 7 * 1440, 180 + 7 * 1440]],
        ];
        yield 'past midnight, joined with the next morning' => [
            ['weekly' => [
                ['days' => ['monday'], 'from' => '22:00', 'to' => '01:00'], ['days' => ['tuesday'], 'from' => '00:30', 'to' => '02:00'],
            ]],
            [[240, 480], [240 + 7 * 1440, 480 + 7 * 1440]],
        ];
        yield 'hours that overlap are one' => [
            ['weekly' => [$evening('monday'), ['days' => ['monday'], 'from' => '20:00', 'to' => '22:00']]],
            [[60, 240]],
        ];
        // Saturday, 27 March 2027, 20:00 in Lisbon; on Sunday at 1:00 it is 2:00. To 19:00 there are 23 hours on the wall, and 22 in truth.
        yield 'spring takes an hour' => [
            ['from' => '2027-03-27T20:00', 'weekly' => [$evening('sunday')]],
            [[22 * 60, 24 * 60], [22 * 60 + 7 * 1440, 24 * 60 + 7 * 1440]],
        ];
        yield 'the hour that is skipped is not free' => [
            ['from' => '2027-03-27T20:00', 'weekly' => [['days' => ['sunday'], 'from' => '00:30', 'to' => '02:30']]],
            [[270, 330]],
        ];
        yield 'what lies in it altogether is none' => [
            ['from' => '2027-03-27T20:00', 'weekly' => [['days' => ['sunday'], 'from' => '01:10', 'to' => '01:50'], $evening('monday')]],
            [[22 * 60 + 1440, 24 * 60 + 1440]],
        ];
        // Saturday, 30 October 2027, 20:00; on Sunday at 2:00 it is 1:00 again: to 19:00 there are 24 hours.
        yield 'autumn gives one back' => [
            ['from' => '2027-10-30T20:00', 'weekly' => [$evening('sunday')]],
            [[24 * 60, 26 * 60]],
        ];
        yield 'a night that has it twice is longer' => [
            ['from' => '2027-10-30T20:00', 'weekly' => [['days' => ['sunday'], 'from' => '00:00', 'to' => '03:00']]],
            [[240, 480]],
        ];
    }

    /**
     * @param array<string, mixed> $hours
     * @param list<array{int, int}> $expected
     */
    #[DataProvider('hours')]
    public function testFreeHoursAreWindowsInMinutes(array $hours, array $expected): void
    {
        $free = FreeHours::of(['zone' => 'Europe/Lisbon', 'from' => '2026-11-30T18:00', ...$hours]);

        self::assertSame($expected, array_slice($free->openings(CarbonImmutable::now())->windows ?? [], 0, count($expected)));
    }

    public function testMinutesAreTheClockOnTheWallAgain(): void
    {
        $free = FreeHours::of(['zone' => 'Europe/Lisbon', 'from' => '2027-03-27T20:00', 'weekly' => []]);
        $now = CarbonImmutable::now();

        self::assertSame('2027-03-28 00:59', $free->at($now, 299)->format('Y-m-d H:i'));
        self::assertSame('2027-03-28 02:00', $free->at($now, 300)->format('Y-m-d H:i'));
        self::assertSame(27 * 60 - 1, $free->endOf('2027-03-28', $now), 'four hours on Saturday and 23 on Sunday, less a minute');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function noHours(): iterable
    {
        yield 'a zone' => [['zone' => 'Marsh/Lamp'], 'At /zone: there is no time zone "Marsh/Lamp"'];
        yield 'a date' => [['exceptions' => [['date' => '2026-02-30', 'free' => []]]], 'At /exceptions/0/date: 2026-02-30 is no date.'];
        yield 'a holiday' => [['holidays' => ['dates' => ['2026-13-01'], 'free' => []]], 'At /holidays/dates/0: 2026-13-01 is no date.'];
        yield 'a time' => [['from' => '2026-11-30T25:10'], 'At /from: 25:10 is no time of the day.'];
    }

    /** @param array<string, mixed> $hours */
    #[DataProvider('noHours')]
    public function testWhatIsNoTimeIsTold(array $hours, string $sentence): void
    {
        $this->expectException(DomainException::class);
        $this->expectExceptionMessage($sentence);

        FreeHours::of(['zone' => 'Europe/Lisbon', ...$hours])->openings(CarbonImmutable::now());
    }

    /** What the sample workshop exports is planned as in the workshop itself, and printed by the command. */
    public function testAFileIsTheSameWorkAsInTheWorkshop(): void
    {
        $studio = $this->sample();
        foreach (Company::query()->with('areas.recipe', 'plate')->orderBy('id')->get() as $company) {
            $company->setRelation('records', $company->newCollection());
            $own = Jobs::of((new OrderDesk($studio, CarbonImmutable::now()))->work($company), Grouping::row())->jobs;
            $file = RecipeJson::write((new RecipeFiles($studio))->figure($company, false));
            $read = Jobs::of(WorkFile::read(RecipeJson::read($file)), Grouping::row())->jobs;
            $told = static fn (Job $j): array => [$j->words(), $j->figures, $j->minutes, $j->drying->minutes, $j->isSprayed()];

            self::assertSame(array_map($told, $own), array_map($told, $read), $company->name);
        }

        // What was painted need not be done again.
        $company = Company::query()->with('areas.recipe', 'records')->where('name', 'Lamplighters')->firstOrFail();
        $steps = array_map(static fn (Job $j): string => $j->step, Jobs::of(
            (new OrderDesk($studio, CarbonImmutable::now()))->work($company),
            Grouping::row(),
        )->jobs);

        self::assertNotContains($company->id.'/all:undercoat', $steps);
        self::assertGreaterThan(20, count($steps));
    }

    public function testTheCommandPrintsTheOrderOfTheSample(): void
    {
        $studio = $this->sample();
        $company = Company::query()->with('areas.recipe', 'plate')->where('name', 'Lamplighters')->firstOrFail();
        $file = $this->file(RecipeJson::write((new RecipeFiles($studio))->figure($company, false)));
        $free = $this->file('{"kind": "kalokroma.free", "version": 1, "zone": "Europe/Lisbon", "from": "2026-11-30T18:00",
            "weekly": [{"days": ["monday", "wednesday"], "from": "19:30", "to": "21:30"}]}');
        [$code, $out, $problem] = $this->performed("kalokroma:schedule $file --free=$free --ways");
        self::assertSame([0, ''], [$code, $problem]);
        /** @var array<string, mixed> $told */
        $told = json_decode($out, true, 64, JSON_THROW_ON_ERROR);

        self::assertSame(['Lamplighters', 12, '2026-11-30T18:00+00:00'], [$told['name'], $told['figures'], $told['from']]);
        self::assertSame('Undercoat: Grey Ground', $told['order'][0]['what']);
        self::assertSame('2026-11-30T19:34+00:00', $told['order'][0]['at'], 'two minutes of laying out, two of loading');
        self::assertSame([7, []], [count($told['ways']), $told['left_over']]);
        self::assertContains($told['advised']['way'], array_column($told['ways'], 'way'));
        foreach ($told['order'] as $i => $job) {
            self::assertNotSame([], $job['why'], $job['what']);
            $day = CarbonImmutable::parse($job['at']);
            self::assertContains($day->englishDayOfWeek, ['Monday', 'Wednesday']);
            self::assertGreaterThanOrEqual('19:30', $day->format('H:i'));
            self::assertLessThanOrEqual('21:30', $day->addMinutes($job['minutes'])->format('H:i'));
            self::assertGreaterThanOrEqual($i === 0 ? 0 : $told['order'][$i - 1]['start'], $job['start']);
        }
    }

    /** Two areas, of which one is drybrushed beside the other's edges: what keeping that rule costs, and what stands by a day. */
    public function testTheCommandTellsPricesAndWhatStandsByADay(): void
    {
        $paint = '[{"paint": {"name": "Tan", "behaviour": "opaque", "colour": "#b79a5a"}, "parts": 1}]';
        $step = static fn (string $key, string $technique, string $stage): string => '{"key": "'.$key.'", "stage": "'.$stage
            .'", "technique": "'.$technique.'", "mix": '.$paint.', "coats": 1}';
        $area = static fn (string $name, string ...$steps): string => '{"name": "'.$name.'", "material": "fur", "relief": "texture", '
            .'"share": 50, "depth": 1, "weight": "minor", "recipe": {"colour": "#b79a5a", "way": "drybrush", "plan": {"steps": ['
            .implode(', ', $steps).'], "left_out": []}}}';
        $file = $this->file('{"kind": "kalokroma.company", "version": 1, "name": "Keepers", "count": 4, "height_mm": 30, "areas": ['
            .$area('Pelt', $step('basecoat', 'basecoat', 'basecoat'), $step('drybrush', 'drybrush', 'drybrush')).', '
            .$area('Coat', $step('basecoat', 'basecoat', 'basecoat'), $step('edge', 'edge-highlight', 'highlight')).']}');
        $free = $this->file('{"kind": "kalokroma.free", "version": 1, "zone": "Europe/Lisbon", "from": "2026-11-30T18:00",
            "weekly": [{"days": ["monday", "wednesday"], "from": "19:30", "to": "21:00"}]}');
        $told = function (string $by) use ($file, $free): array {
            [$code, $out] = $this->performed("kalokroma:schedule $file --free=$free --prices --by=$by --fieldable-first --way=row");
            self::assertSame(0, $code);

            return (array) json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        };

        self::assertContains('messy-first', array_column($told('2026-12-31')['prices'], 'rule'));
        self::assertSame('Everything that is planned is done by then.', $told('2026-12-31')['by']['words']);
        self::assertStringContainsString('Everything takes', $told('2026-11-30')['by']['words']);
        self::assertGreaterThan(0, $told('2026-11-30')['by']['more_minutes']);
    }

    /** @return iterable<string, array{string, string}> arguments, with files in single quotes, and the sentence */
    public static function badQuestions(): iterable
    {
        $figure = '{"kind": "kalokroma.figure", "version": 1, "name": "Keeper", "height_mm": 30, "areas": [{"name": "Coat", '
            .'"material": "cloth", "relief": "broad", "share": 100, "depth": 1, "weight": "leading"}]}';
        yield 'no file' => ['/none.json', '/none.json: It cannot be read: name a JSON file.'];
        yield 'not JSON' => ["'{kind'", 'The file is not JSON'];
        yield 'one recipe' => [
            "'".'{"kind": "kalokroma.recipe", "version": 1, "name": "Coat", "colour": "#8a5a2b", "way": "mixed", "material": "cloth", '
            .'"relief": "broad", "plan": {"steps": [], "left_out": []}}'."'", 'this is one recipe; export the figure or company.',
        ];
        yield 'another kind' => ["'".'{"kind": "kalokroma.shelf"}'."'", 'is no recipe, figure or company'];
        yield 'no areas' => ["'".'{"kind": "kalokroma.figure", "version": 1, "name": "Keeper", "height_mm": 30, "areas": []}'."'",
            'At /areas'];
        yield 'a way' => ["'$figure' --way=sideways", '--way is "sideways": give one of row, bases-first'];
        yield 'a rule' => ["'$figure' --overrule=luck", 'There is no rule "luck".'];
        yield 'physics' => ["'$figure' --overrule=undercoat", 'Nobody can do it the other way round'];
        yield 'a day without hours' => ["'$figure' --by=2026-12-14", '--by needs --free'];
        $free = static fn (string $more): string => "--free='".'{"kind": "kalokroma.free", "version": 1, '.$more."}'";
        yield 'no zone' => ["'$figure' ".$free('"weekly": []'), 'zone'];
        yield 'another zone' => ["'$figure' ".$free('"zone": "Marsh/Lamp"'), 'there is no time zone "Marsh/Lamp"'];
        yield 'a time' => [
            "'$figure' ".$free('"zone": "UTC", "weekly": [{"days": ["monday"], "from": "25:00", "to": "10:05"}]'), 'At /weekly/0/from',
        ];
        yield 'no day' => [
            "'$figure' --by=14.12. ".$free('"zone": "UTC", "weekly": [{"days": ["monday"], "from": "10:00", "to": "12:00"}]'),
            '"14.12." is no day: write it as in 2026-12-14.',
        ];
    }

    /** Whatever the hours are, what does not fit is named with its minutes. */
    public function testWhatDoesNotFitIsLeftOver(): void
    {
        $figure = $this->file('{"kind": "kalokroma.figure", "version": 1, "name": "Keeper", "height_mm": 30, "areas": [{"name": "Coat", '
            .'"material": "cloth", "relief": "broad", "share": 100, "depth": 1, "weight": "leading"}]}');
        foreach ([
            '"zone": "UTC"' => 'You have no free hours.',
            '"zone": "UTC", "weekly": [{"days": ["monday"], "from": "10:00", "to": "10:05"}]' => 'at a stretch; your longest'
                .' sitting is 3 min.',
        ] as $free => $why) {
            $hours = $this->file('{"kind": "kalokroma.free", "version": 1, '.$free.'}');
            [$code, $out] = $this->performed("kalokroma:schedule $figure --free=$hours");
            /** @var array{left_over: list<array{task: string, minutes: int, why: string}>, order: list<mixed>} $told */
            $told = json_decode($out, true, 64, JSON_THROW_ON_ERROR);

            self::assertSame([0, []], [$code, $told['order']]);
            self::assertStringContainsString($why, $told['left_over'][0]['why']);
            self::assertGreaterThan(0, $told['left_over'][0]['minutes']);
        }
    }

    #[DataProvider('badQuestions')]
    public function testABadQuestionIsOneSentence(string $arguments, string $sentence): void
    {
        $arguments = (string) preg_replace_callback("/'([^']*)'/", fn (array $found): string => $this->file($found[1]), $arguments);
        [$code, $out, $problem] = $this->performed('kalokroma:schedule '.$arguments);

        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString($sentence, $problem);
        self::assertSame(1, substr_count(trim($problem), "\n") + 1);
    }

    private function sample(): Studio
    {
        $this->artisan('kalokroma:demo')->assertSuccessful();
        $painter = Painter::query()->firstOrFail();
        $this->become($painter);

        return new Studio($painter);
    }
}
