<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Film\Pigment;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Learned;
use Kalokroma\Shelf\Learning;
use Kalokroma\Shelf\Lesson;
use Kalokroma\Shelf\Matcher;
use Kalokroma\Shelf\Mix;
use Kalokroma\Shelf\Paint;
use Kalokroma\Shelf\Part;
use Kalokroma\Shelf\SeenMix;
use PHPUnit\Framework\TestCase;
use Tests\Core\MadePaints;
use Tests\Core\Swatches;

/** What mixes that were seen tell of the paints that took part. */
final class LearningTest extends TestCase
{
    private const RATIOS = [[1, 1], [1, 2], [2, 1], [1, 3], [3, 1]];
    private const TRIED = 40;

    /**
     * Paints made outside the model's own formulas, four at a time, typed and read with noise: five mixes are read, all others of the same
     * paints predicted before and after.
     */
    public function testUnseenMixesComeNearerAndSeldomWorse(): void
    {
        $before = $after = $worse = $narrower = [];
        $within = 0;
        for ($n = 0; $n < self::TRIED; ++$n) {
            foreach ($this->unseen(new MadePaints(2000 + $n)) as [$was, $is, $wasSure, $isSure]) {
                $before[] = $was;
                $after[] = $is;
                $worse[] = $is - $was;
                $narrower[] = $isSure / $wasSure;
                $within += $is <= $isSure ? 1 : 0;
            }
        }

        self::assertLessThan(0.6 * self::at($before, 0.5), self::at($after, 0.5), 'nearer by 40 % at the median');
        self::assertLessThan(self::at($before, 0.9), self::at($after, 0.9));
        $worse = array_filter($worse, static fn (float $by): bool => $by > 0);
        self::assertLessThan(0.06 * count($after), count($worse), 'few get worse at all');
        self::assertLessThan(0.5, self::at($worse, 0.95), 'and of those 95 % by less than that');
        self::assertLessThan(0.9, self::at($narrower, 0.5), 'the printed ± narrows');
        self::assertGreaterThan(0.68 * count($after), $within, 'and stays honest');
    }

    /** A blue that counts twice as strongly as its colour tells: two mixes read without noise tell most of it, and whose it is. */
    public function testAStrongPaintIsFound(): void
    {
        [$blue, $yellow, $white] = self::pots();
        [$again] = self::pots();
        $learned = Learning::from([self::lesson($blue, 1, $yellow, 1, 2.0), self::lesson($again, 1, $white, 2, 2.0)]);

        self::assertGreaterThan(1.2, $learned['blue']->strength);
        self::assertLessThan(sqrt(2.0), $learned['blue']->strength, 'half of it is believed, and what was known before counts too');
        self::assertLessThan(1.0, $learned['yellow']->strength, 'it may as well be that the other is weak');
        self::assertSame([2, 1], [$learned['blue']->lessons, $learned['white']->lessons]);
        self::assertLessThan($blue->doubt(), $learned['blue']->doubt);
    }

    /** A mix that was read is predicted as it was read, all but; one of like shares nearly so, a far one less, the pots not at all. */
    public function testTheMixThatWasSeenIsKnown(): void
    {
        [$blue, $yellow, $white] = self::pots();
        $seen = new Lab(44.0, -12.0, 14.0);
        $known = Learning::from([new Lesson('one', Mix::of([new Part($blue, 1), new Part($yellow, 2)]), $seen, 1.0)]);
        [$b, $y] = [$blue->taught($known['blue']), $yellow->taught($known['yellow'])];
        $mix = static fn (Paint $one, int $a, Paint $other, int $n): Mix => Mix::of([new Part($one, $a), new Part($other, $n)]);
        $moved = static fn (int $a, int $n): float =>
            Ciede2000::difference($mix($blue, $a, $yellow, $n)->lab(), $mix($b, $a, $y, $n)->lab());

        $off = Ciede2000::difference($mix($blue, 1, $yellow, 2)->lab(), $seen);
        self::assertGreaterThan(4.0, $off);
        self::assertLessThan(0.3 * $off, Ciede2000::difference($mix($b, 1, $y, 2)->lab(), $seen));
        self::assertGreaterThan(0.5 * $moved(1, 2), $moved(1, 3));
        self::assertLessThan(0.5 * $moved(1, 2), $moved(9, 1));
        self::assertEquals($blue->lab(), $b->lab());
        self::assertLessThan(0.75 * $mix($blue, 1, $yellow, 2)->spread(), $mix($b, 1, $y, 2)->spread());
        $three = static fn (Paint $p, Paint $q): Lab => Mix::of([new Part($p, 1), new Part($q, 2), new Part($white, 1)])->lab();
        self::assertGreaterThan(1.0, Ciede2000::difference($three($blue, $yellow), $three($b, $y)), 'and part of it with a third paint');
    }

    /** The search goes by what was seen, also where the paints alone would not have been looked at closely. */
    public function testMatchingGoesByWhatWasSeen(): void
    {
        [$blue, $yellow, $white] = self::pots();
        $seen = new Lab(44.0, -12.0, 14.0);
        $known = Learning::from([new Lesson('one', Mix::of([new Part($blue, 1), new Part($yellow, 2)]), $seen, 1.0)]);
        $paints = array_map(static fn (Paint $p): Paint => $p->taught($known[$p->id] ?? null), [$blue, $yellow, $white]);
        $first = (new Matcher())->pairs($seen, $paints)[0];

        self::assertSame('blue*1+yellow*2', $first->mix->key());
        self::assertEqualsWithDelta(Ciede2000::difference($first->mix->lab(), $seen), $first->difference, 1e-9);
        self::assertSame('blue*1+yellow*2', (new Matcher())->sure($seen, $paints)[0]->mix->key());
    }

    /**
     * By hand, for 1 : 1 seen and 1 : 3 asked: evenness 2 · ¼ · 2 · ¾ = 0.75; apart 2 · 0.25² = 0.125, e^(−0.125 / (2 · 0.1225)) = 0.600;
     * together 0.450. Of the doubt, with a sight sure to ±2.5: 0.600² · 1 / (1 + 1) = 0.180.
     */
    public function testHowNearAMixLiesToOneThatWasSeen(): void
    {
        $grey = static fn (string $id): Paint => new Paint($id, $id, '', Behaviour::Opaque, Swatches::reflectance('#7a7a7a'));
        $even = Mix::of([new Part($grey('a'), 1), new Part($grey('b'), 1)]);
        [$seen] = SeenMix::all([new Lesson('l', $even, $even->lab(), 2.5)]);

        self::assertEqualsWithDelta(1.0, $seen->nearness(['a' => 0.5, 'b' => 0.5]), 1e-9);
        self::assertEqualsWithDelta(0.450, $seen->nearness(['a' => 0.25, 'b' => 0.75]), 1e-3);
        self::assertEqualsWithDelta(0.180, $seen->tells(['a' => 0.25, 'b' => 0.75]), 1e-3);
        self::assertSame(0.0, $seen->nearness(['a' => 0.5, 'c' => 0.5]));
        self::assertSame(0.0, $seen->tells(['a' => 1.0]));
        self::assertEquals($seen, SeenMix::kept($seen->toKeep()));
    }

    /** Colours out of all reach bring no infinite numbers. */
    public function testWhateverWasSeenTheNumbersStayFinite(): void
    {
        [$blue, $yellow] = self::pots();
        foreach ([new Lab(0, 0, 0), new Lab(100, 0, 0), new Lab(50, 120, -120), new Lab(90, -100, 100)] as $seen) {
            $known = Learning::from([new Lesson('x', Mix::of([new Part($blue, 1), new Part($yellow, 1)]), $seen, 0.01)]);
            $mix = Mix::of([new Part($blue->taught($known['blue']), 1), new Part($yellow->taught($known['yellow']), 1)]);
            $was = Mix::of([new Part($blue, 1), new Part($yellow, 1)])->lab();

            self::assertTrue(is_finite($mix->lab()->l) && is_finite($mix->certainty()));
            self::assertLessThan(Ciede2000::difference($was, $seen), Ciede2000::difference($mix->lab(), $seen));
        }
    }

    public function testNothingSeenIsNothingLearned(): void
    {
        [$blue, $yellow] = self::pots();

        self::assertSame([], Learning::from([]));
        self::assertSame([], Learning::from([new Lesson('l', Mix::single($blue), new Lab(10, 0, 0), 1.0)]), 'a pot has the colour it has');
        $as = Learning::from([self::lesson($blue, 1, $yellow, 1, 1.0)]);
        self::assertEqualsWithDelta(1.0, $as['blue']->strength, 1e-3, 'it came out as predicted');
        self::assertLessThan($blue->doubt(), $as['blue']->doubt, 'and is surer for that');
    }

    public function testTheOrderOfLessonsDoesNotCountAndOneTakenBackIsForgotten(): void
    {
        [$blue, $yellow, $white] = self::pots();
        $one = self::lesson($blue, 1, $yellow, 1, 2.0);
        $other = self::lesson($yellow, 1, $white, 3, 0.6);
        $strengths = static fn (Lesson ...$of): array => array_map(
            static fn (Learned $l): float => round($l->strength, 6),
            Learning::from(array_values($of)),
        );
        $both = $strengths($one, $other);
        $turned = $strengths($other, $one);
        ksort($both);
        ksort($turned);

        self::assertEqualsWithDelta($both, $turned, 1e-4);
        self::assertNotEquals($both['blue'], $strengths($one)['blue']);
    }

    public function testASureSightTellsMoreThanAWord(): void
    {
        [$blue, $yellow] = self::pots();
        $read = Learning::from([self::lesson($blue, 1, $yellow, 1, 2.0, 1.0)])['blue'];
        $said = Learning::from([self::lesson($blue, 1, $yellow, 1, 2.0, 6.0)])['blue'];

        self::assertGreaterThan($said->strength, $read->strength);
        self::assertLessThan($said->doubt, $read->doubt);
    }

    public function testATaughtPaintKeepsItsColour(): void
    {
        [$blue, $yellow] = self::pots();
        $taught = $blue->taught(new Learned(2.0, 1.2, 3));

        self::assertEquals($blue->lab(), $taught->lab());
        self::assertSame(1.2, $taught->doubt());
        self::assertSame(3, $taught->learned()?->lessons);
        self::assertNull($blue->learned());
        $mix = static fn (Paint $p): Mix => Mix::of([new Part($p, 1), new Part($yellow, 1)]);
        self::assertLessThan($mix($blue)->lab()->l, $mix($taught)->lab()->l, 'the dark one pulls more');
        self::assertLessThan($mix($blue)->spread(), $mix($taught)->spread());
    }

    /** By hand: 12 off is questioned whatever the ±; two browns, sure to ±2.5, are already at more than 5. */
    public function testWhatContradictsIsQuestioned(): void
    {
        $browns = Mix::of([new Part(Swatches::paint('A', '#6f4a2e'), 1), new Part(Swatches::paint('B', '#7a5134'), 1)]);
        [$blue, $yellow] = self::pots();
        $green = Mix::of([new Part($blue, 1), new Part($yellow, 1)]);

        self::assertFalse(Learning::contradicts($browns, 4.9));
        self::assertTrue(Learning::contradicts($browns, 5.1));
        self::assertFalse(Learning::contradicts($green, 5.1));
        self::assertTrue(Learning::contradicts($green, 12.0));
    }

    /** @return array{Paint, Paint, Paint} */
    private static function pots(): array
    {
        $pot = static fn (string $id, string $hex): Paint =>
            new Paint($id, ucfirst($id), '', Behaviour::Opaque, Swatches::reflectance($hex));

        return [$pot('blue', '#1f3050'), $pot('yellow', '#f0c42c'), $pot('white', '#f3f1ea')];
    }

    /** What a mix comes to where the first counts so many times as strongly as its colour tells. */
    private static function lesson(Paint $first, int $a, Paint $other, int $b, float $times, float $certainty = 1.0): Lesson
    {
        $seen = Pigment::mix([[$first->pigment()->stronger($times), $a], [$other->pigment(), $b]])->fullHide()->toLab();

        return new Lesson($first->id.$a.$other->id.$b, Mix::of([new Part($first, $a), new Part($other, $b)]), $seen, $certainty);
    }

    /**
     * @return list<array{float, float, float, float}> of each unseen mix: how far off it was and is, and what ± was and is printed
     */
    private function unseen(MadePaints $made): array
    {
        $true = array_map(static fn (): Pigment => $made->bottled(), range(0, 3));
        $typed = array_map(
            static fn (Pigment $p, int $i): Paint =>
                new Paint((string) $i, 'Paint '.$i, '', Behaviour::Opaque, Reflectance::fromLab($made->read($p->fullHide()->toLab(), 0.6))),
            $true,
            array_keys($true),
        );
        $all = [];
        foreach ([[0, 1], [0, 2], [0, 3], [1, 2], [1, 3], [2, 3]] as [$i, $j]) {
            foreach (self::RATIOS as [$a, $b]) {
                $all[] = [$made->share(), $i, $a, $j, $b];
            }
        }
        sort($all);
        $came = static fn (array $m): Lab => Pigment::mix([[$true[$m[1]], $m[2]], [$true[$m[3]], $m[4]]])->fullHide()->toLab();
        $mix = static fn (array $paints, array $m): Mix => Mix::of([new Part($paints[$m[1]], $m[2]), new Part($paints[$m[3]], $m[4])]);
        $lessons = array_map(
            static fn (array $m): Lesson => new Lesson(implode(' ', $m), $mix($typed, $m), $made->read($came($m), 0.5), 1.0),
            $read = self::ofDifferentPairs($all, 5),
        );
        $learned = Learning::from($lessons);
        $taught = array_map(static fn (Paint $p): Paint => $p->taught($learned[$p->id] ?? null), $typed);

        return array_map(static function (array $m) use ($mix, $typed, $taught, $came): array {
            [$was, $is, $seen] = [$mix($typed, $m), $mix($taught, $m), $came($m)];

            return [
                Ciede2000::difference($was->lab(), $seen),
                Ciede2000::difference($is->lab(), $seen),
                $was->certainty(),
                $is->certainty(),
            ];
        }, array_values(array_filter($all, static fn (array $m): bool => !in_array($m, $read, true))));
    }

    /**
     * @param list<array{float, int, int, int, int}> $mixes
     *
     * @return list<array{float, int, int, int, int}>
     */
    private static function ofDifferentPairs(array $mixes, int $most): array
    {
        $found = [];
        foreach ($mixes as $mix) {
            $found[$mix[1].'+'.$mix[3]] ??= $mix;
        }

        return array_values(array_slice($found, 0, $most));
    }

    /** @param list<float> $values */
    private static function at(array $values, float $share): float
    {
        sort($values);

        return $values[(int) round($share * (count($values) - 1))];
    }
}
