<?php

declare(strict_types=1);

namespace Tests\Core\Order\Job;

use Kalokroma\Order\Job\CompanyWork;
use Kalokroma\Order\Job\Goal;
use Kalokroma\Order\Job\Grouping;
use Kalokroma\Order\Job\Job;
use Kalokroma\Order\Job\Jobs;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\PlannedStep;
use Kalokroma\Recipe\Plan\StepKey;
use Kalokroma\Recipe\Plan\StepRef;
use Kalokroma\Recipe\Plan\UndercoatPlan;
use Kalokroma\Recipe\Plan\UndercoatStep;
use Kalokroma\Recipe\Plan\Who;
use Kalokroma\Recipe\Plan\WholeStep;
use Kalokroma\Recipe\Predict\Undercoating;
use Kalokroma\Recipe\Technique\Level;
use Kalokroma\Recipe\Technique\Technique;
use Kalokroma\Undercoat\Kind;
use Kalokroma\Undercoat\Spray;
use Kalokroma\Undercoat\Tone;
use PHPUnit\Framework\TestCase;
use Tests\Core\Order\Works;
use Tests\Core\Recipe\Steps;

final class JobsTest extends TestCase
{
    /** One figure: a basecoat of 4 cm² takes 4 min without its loading; twelve take twelve times as long. */
    public function testOneTaskForAStepWhoseMinutesGrowWithTheFigures(): void
    {
        $recipe = ['coat' => ['basecoat', 'wash-all-over']];
        $one = self::jobs(Works::company($recipe), Grouping::row());
        $twelve = self::jobs(Works::company($recipe, 12), Grouping::row());

        self::assertSame(['Undercoat: any middle grey primer', 'Coat: basecoat', 'Coat: wash all over'], self::words($one));
        self::assertSame(self::words($one), self::words($twelve));
        self::assertSame([4, 48], [$one[1]->minutes, $twelve[1]->minutes]);
        self::assertSame(range(1, 12), $twelve[1]->figures);
        self::assertStringEndsWith(': #6f4a2e', $twelve[1]->setUp, 'the loading is the set-up, and is paid where paint or tool changes');
    }

    public function testFiguresAreTakenSinglyInGroupsOrLeadersFirstWhereThatIsChosen(): void
    {
        $work = Works::company(['coat' => ['basecoat']], 7, leaders: 2);
        $figures = static fn (Grouping $by): array => array_map(
            static fn (Job $j): array => $j->figures,
            array_slice(self::jobs($work, $by), 1),
        );

        self::assertSame([[1], [2], [3], [4], [5], [6], [7]], $figures(Grouping::of(1)));
        self::assertSame([[1, 2, 3], [4, 5, 6], [7]], $figures(Grouping::of(3)));
        self::assertSame([[1, 2], [3, 4, 5, 6, 7]], $figures(Grouping::leadersFirst()));
        self::assertSame(range(1, 7), self::jobs($work, Grouping::of(1))[0]->figures, 'a spray goes over all of them');
    }

    public function testSpraysAreOneTaskForEachTone(): void
    {
        $light = static fn (int $n, Tone $tone): UndercoatStep => new UndercoatStep(
            StepKey::ofUndercoat($n),
            null,
            $tone,
            Kind::Airbrush,
            $n === 1 ? null : new Spray(45.0),
        );
        $plan = new UndercoatPlan([$light(1, Tone::Dark), $light(2, Tone::Grey), $light(3, Tone::Light)]);
        $jobs = self::jobs(Works::company([], 10, undercoat: Undercoating::of($plan, 16.0)->steps), Grouping::of(1));

        self::assertCount(3, $jobs);
        // Ten figures of 16 cm²: two coats of 0.02 min/cm² and 0.4 of handling are 10.4, and 12 for the airbrush, once.
        self::assertSame([22, 7, 7], array_map(static fn (Job $j): int => $j->minutes, $jobs));
    }

    public function testCoatsAreTasksOfTheirOwnWhereTheRowDoesNotDryThem(): void
    {
        $recipe = ['coat' => [Steps::step('basecoat', coats: 3)]];
        $single = array_slice(self::jobs(Works::company($recipe), Grouping::row()), 1);
        $row = array_slice(self::jobs(Works::company($recipe, 12), Grouping::row()), 1);

        self::assertSame(
            ['Coat: basecoat, coat 1 of 3', 'Coat: basecoat, coat 2 of 3', 'Coat: basecoat, coat 3 of 3'],
            self::words($single),
        );
        // First coat 1.0, further ones 0.7 min/cm²: 4.0 and 2.8 each on 4 cm².
        self::assertSame([4, 3, 3], array_map(static fn (Job $j): int => $j->minutes, $single));
        self::assertEqualsWithDelta([4.0, 2.8], [$single[0]->first, $single[2]->last], 1e-9);
        self::assertSame(['Coat: basecoat'], self::words($row), 'with twelve figures each is dry when its turn comes again');
        self::assertSame(115, $row[0]->minutes, '12 · (4.0 + 2.8 + 2.8)');
    }

    /** By hand: three coats on two figures; one is on both, two are on the first. What is left is what both still lack. */
    public function testCoatsThatAreOnAlreadyAreNoTasks(): void
    {
        $recipe = ['coat' => [Steps::step('basecoat', coats: 3)]];
        $coats = static fn (int $had): array => array_map(
            static fn (Job $j): array => [$j->words(), $j->id],
            array_slice(self::jobs(Works::company($recipe, 2, had: static fn (): int => $had), Grouping::row()), 1),
        );
        [$first, $second, $third] = $coats(0);

        self::assertSame(['Coat: basecoat, coat 2 of 3', 'c/coat:basecoat/2#1'], $second);
        self::assertSame([$second, $third], $coats(1), 'under the names they had, so that nothing pinned is let go');
        self::assertSame([$third], $coats(2));
        self::assertSame([$third], $coats(7), 'while it is not written down as done, the last one is to be done');
        self::assertNotSame($first, $second);
    }

    /** By hand: a hull of 1,200 cm² is washed in 60 min and wiped in 120, in two panels of an evening of 2 h 58; one panel is washed. */
    public function testPanelsThatArePaintedAreNoTasks(): void
    {
        $washed = static fn (float $had): array => self::words(array_slice(Jobs::of(
            Works::company(
                ['hull' => ['gloss-varnish', 'oil-wash', 'wiping']],
                more: ['hull' => ['cm2' => 1200.0]],
                had: static fn (StepRef $ref, PlannedStep $step): float => $step->technique === Technique::OilWash ? $had : 0.0,
            ),
            Grouping::row(),
            longest: 178,
        )->jobs, 1));
        $all = $washed(0.0);
        self::assertContains('Hull: oil wash, panel 1 of 2', $all);

        self::assertSame(['Hull: oil wash, panel 1 of 2'], array_values(array_diff($all, $washed(0.5))));
        self::assertContains('Hull: oil wash, panel 2 of 2', $washed(1.0), 'until it is written down as done, the last one is to be');
    }

    public function testLoopsAreTasksForEachRound(): void
    {
        $loop = Steps::step('drybrush')->looped(Loop::smaller('wash-all-over', 3, 'bright enough'));
        $jobs = array_slice(self::jobs(Works::company(['coat' => ['metal-coat', 'wash-all-over', $loop]]), Grouping::row()), 2);

        self::assertSame([
            'Coat: wash all over, round 1 of 3', 'Coat: drybrush, round 1 of 3',
            'Coat: wash all over, round 2 of 3', 'Coat: drybrush, round 2 of 3',
            'Coat: wash all over, round 3 of 3', 'Coat: drybrush, round 3 of 3',
        ], self::words($jobs));
        self::assertGreaterThan($jobs[4]->last, $jobs[0]->last, 'each round is smaller than the one before');
    }

    public function testWhatIsLeftOutDoneOrForOthersMakesNoTask(): void
    {
        $steps = [Steps::step('basecoat'), Steps::step('layer')->leftOut(), Steps::step('edge-highlight')->for(Who::leaders())];
        $left = static fn (StepRef $ref, PlannedStep $step, array $for): array => $step->technique->value === 'basecoat'
            ? array_values(array_diff($for, [1, 2])) : $for;
        $jobs = array_slice(self::jobs(Works::company(['coat' => $steps], 5, leaders: 1, left: $left), Grouping::row()), 1);

        self::assertSame(['Coat: basecoat', 'Coat: edge highlight'], self::words($jobs));
        self::assertSame([[3, 4, 5], [1]], array_map(static fn (Job $j): array => $j->figures, $jobs));
    }

    public function testAGoalEndsWhereItsLevelEnds(): void
    {
        $work = Works::company(['coat' => ['basecoat', 'wash-all-over', 'layer', 'edge-highlight']], 4);
        $of = static fn (Goal $goal): array => array_map(
            static fn (Job $j): string => $j->words().' '.implode(',', $j->figures),
            array_slice(self::jobs($work->upTo($goal), Grouping::row()), 1),
        );

        self::assertSame(['Coat: basecoat 1,2,3,4', 'Coat: wash all over 1,2,3,4'], $of(new Goal(Level::Fieldable)));
        self::assertSame([
            'Coat: basecoat 1,2,3,4', 'Coat: wash all over 1,2,3,4', 'Coat: layer 1,2', 'Coat: edge highlight 1,2',
        ], $of(new Goal(Level::Fieldable, Level::Finished, [1, 2])));
        self::assertSame(['Coat: basecoat 1', 'Coat: wash all over 1'], $of(new Goal(Level::Fieldable, none: [2, 3, 4])));
        self::assertSame(
            ['Coat: basecoat 1,2,3,4', 'Coat: wash all over 1,2,3,4', 'Coat: edge highlight 1,2,3,4'],
            $of((new Goal(Level::Showpiece))->without('coat:layer')),
        );
    }

    public function testWhatIsDoneToTheWholeFigureIsDoneOnce(): void
    {
        $varnish = new WholeStep(Steps::step('matt-varnish', null));
        $jobs = Jobs::of(Works::company(['coat' => ['basecoat'], 'boots' => ['basecoat']], whole: [$varnish]), Grouping::row());

        self::assertSame(
            ['Undercoat: any middle grey primer', 'Boots: basecoat', 'Whole figure: matt varnish', 'Coat: basecoat'],
            self::words($jobs->jobs),
        );
        $last = static fn (string $area): array => end($jobs->chains[$area])->jobs ?? [];
        self::assertSame([2], $last('coat'));
        self::assertSame([2], $last('boots'));
    }

    public function testAPaintedWaitIsNoTaskButKeepsItsMinutes(): void
    {
        $jobs = Jobs::of(Works::company(['coat' => ['basecoat', 'waiting', 'layer']]), Grouping::row());

        self::assertSame(['Undercoat: any middle grey primer', 'Coat: basecoat', 'Coat: layer'], self::words($jobs->jobs));
        self::assertSame(60, $jobs->chains['coat'][1]->rest);
    }

    public function testBlottingIsDoneFigureByFigureWhileTheWashIsWet(): void
    {
        $jobs = array_slice(self::jobs(Works::company(['coat' => ['basecoat', 'wash-all-over', 'blotting']], 3), Grouping::row()), 2);

        self::assertSame(['Coat: wash all over'], self::words($jobs));
        // 4 cm²: 0.4 for the wash and 0.2 for lifting it again, on three figures: 7.2.
        self::assertSame(7, $jobs[0]->minutes);
    }

    public function testARowIsNoLongerThanASitting(): void
    {
        $jobs = Jobs::of(Works::company(['coat' => ['basecoat']], 12), Grouping::row(), longest: 20)->jobs;

        self::assertSame(
            [4, 4, 4],
            array_map(static fn (Job $j): int => count($j->figures), array_slice($jobs, 1)),
            '4 min each: five would do, even parts are nicer',
        );
    }

    /** Twelve figures of 160 cm²: wiping takes 16 min each, so the last would be 176 min late; what is wiped in time is wiped together. */
    public function testWhatHasToBeWipedInTimeIsSplit(): void
    {
        $work = Works::company(['hull' => ['gloss-varnish', 'oil-wash', 'wiping']], 12, ['hull' => ['cm2' => 160.0]]);
        $sizes = static fn (string $technique): array => array_values(array_map(
            static fn (Job $j): int => count($j->figures),
            array_filter(self::jobs($work, Grouping::row()), static fn (Job $j): bool => $j->planned()->technique->value === $technique),
        ));

        self::assertSame($sizes('oil-wash'), $sizes('wiping'));
        self::assertSame([6, 6], $sizes('oil-wash'), '(n − 1) · 16 ≤ 120: no more than eight');
        self::assertSame([12], $sizes('gloss-varnish'));
    }

    /** @return list<Job> */
    private static function jobs(CompanyWork $work, Grouping $by): array
    {
        return Jobs::of($work, $by)->jobs;
    }

    /**
     * @param list<Job> $jobs
     *
     * @return list<string>
     */
    private static function words(array $jobs): array
    {
        return array_map(static fn (Job $j): string => $j->words(), $jobs);
    }
}
