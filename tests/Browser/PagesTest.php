<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Hands;
use Tests\Browser\Support\Studio;

/** Every page of the sample workshop: reachable for everyone, in light and dark, wide and narrow. */
final class PagesTest extends TestCase
{
    private static ?Studio $studio = null;

    private Hands $hands;

    public static function tearDownAfterClass(): void
    {
        self::$studio?->close();
        self::$studio = null;
    }

    protected function setUp(): void
    {
        if (self::$studio === null) {
            self::$studio = new Studio();
            $this->hands = new Hands(self::$studio);
            self::$studio->visit('/');
            $this->hands->press('Enter the sample workshop');
            $this->hands->see('Ninety-five paints');
        }
        $this->hands = new Hands(self::$studio);
        $this->fit(1280, 800);
    }

    /** @return iterable<string, array{string, string}> address and a sentence that tells it has arrived */
    public static function pages(): iterable
    {
        yield 'Shelf' => ['/shelf', 'Coats it takes'];
        yield 'Figures' => ['/figures', 'Three questions'];
        yield 'Recipe' => ['/recipe', 'Left out, and why'];
        yield 'Bench' => ['/bench', 'Next after this'];
        yield 'Ledger' => ['/ledger', 'What was really done'];
        yield 'Tables, match' => ['/tables/match', 'What comes nearest of 58 paints'];
        yield 'Tables, coats' => ['/tables/coats', 'Another paint beside it'];
    }

    #[DataProvider('pages')]
    public function testNoBarrierIsFoundInLightOrDark(string $page, string $arrived): void
    {
        foreach (['light', 'dark'] as $surround) {
            $this->hands->ask("localStorage.setItem('kalokroma.surround', '$surround'); localStorage.setItem('kalokroma.surround.bench', '$surround');");
            $this->open($page, $arrived);
            self::assertSame($surround, $this->hands->ask('return document.documentElement.dataset.surround;'));
            self::assertSame([], $this->barriers(), $surround);
        }
        self::assertSame([], $this->hands->complaints());
    }

    /** What opens over a page, or in its place, is as reachable as the page. */
    public function testNoBarrierIsFoundInForms(): void
    {
        foreach ([['/shelf', 'Add a paint', 'Dry colour at full hide'], ['/shelf', 'Bring in a file', 'Bring in a shelf'], ['/figures', 'Change areas', 'is shared out'], ['/bench', 'Different', 'What was really done']] as [$page, $button, $arrived]) {
            foreach (['light', 'dark'] as $surround) {
                $this->hands->ask("localStorage.setItem('kalokroma.surround', '$surround'); localStorage.setItem('kalokroma.surround.bench', '$surround');");
                $this->open($page, '');
                $this->hands->press($button);
                $this->hands->see($arrived);
                usleep(400_000);
                self::assertSame([], $this->barriers(), $page.' '.$button.' '.$surround);
            }
        }
    }

    #[DataProvider('pages')]
    public function testNothingSticksOutOnANarrowScreen(string $page, string $arrived): void
    {
        $this->fit(390, 844);
        $this->open($page, $arrived);

        self::assertLessThanOrEqual(390, $this->hands->ask('return document.documentElement.scrollWidth;'));
    }

    public function testTheTwoColoursOfAMatchFillANarrowScreen(): void
    {
        $this->fit(390, 844);
        $this->open('/tables/match', 'What comes nearest');

        self::assertGreaterThan(150, $this->hands->ask('return Math.min(...[...document.querySelectorAll(".swatch")].map((e) => e.clientWidth));'));
    }

    #[DataProvider('pages')]
    public function testSwatchesStandOnStrictlyNeutralGround(string $page, string $arrived): void
    {
        foreach (['light', 'dark'] as $surround) {
            $this->hands->ask("localStorage.setItem('kalokroma.surround', '$surround'); localStorage.setItem('kalokroma.surround.bench', '$surround');");
            $this->open($page, $arrived);
            $grounds = (array) $this->hands->ask(
                'return [...new Set([document.body, ...document.querySelectorAll("main, aside, .rail, .panel")].map((e) => getComputedStyle(e).backgroundColor))];',
            );
            self::assertNotSame([], $grounds);
            foreach ($grounds as $ground) {
                preg_match_all('/[\d.]+/', (string) $ground, $parts);
                [$red, $green, $blue] = $parts[0];
                self::assertTrue($red === $green && $green === $blue, $page.' '.$surround.' '.$ground);
            }
        }
    }

    public function testThePagesAreReachedFromTheKeyboard(): void
    {
        $this->open('/recipe', 'Left out, and why');
        $this->hands->ask('document.querySelector("ol button").focus();');
        $this->hands->key(WebDriverKeys::ENTER);
        $this->hands->until(fn (): bool => $this->hands->ask('return document.querySelector("ol button").getAttribute("aria-pressed");') === 'true', 'Enter did not choose the step');
        $this->open('/bench', 'Next after this');
        $first = $this->hands->text('h1');
        $this->hands->key(WebDriverKeys::ARROW_RIGHT);
        $this->hands->until(fn (): bool => $this->hands->text('h1') !== $first, 'The arrow did not turn to another step');
        $this->hands->key('d');
        $this->hands->see('What was really done:');
        $this->hands->press('Cancel');
        $this->hands->key('u');
        $this->hands->see('Something not in the plan');
        $this->hands->press('Cancel');
    }

    public function testAnotherGroundChangesEveryArea(): void
    {
        $this->open('/recipe', 'Left out, and why');
        $this->hands->pressBeginning('Undercoat', 'ol');
        $this->hands->see('Grounds on your shelf');
        $this->hands->press('Take Black Ground');
        $this->hands->see('Black Ground is your own choice');
        $this->hands->pressBeginning('Rope', '.rail');
        $this->hands->see('undercoat Black Ground');
    }

    public function testATableAnswersTheQuestionInItsAddress(): void
    {
        $this->open('/tables/match?colour=%233d4b52&paints=1', 'Wet Slate');
        $this->hands->see('nearest, 0.0 apart');
        $this->hands->type('Colour wanted', '#12');
        $this->hands->see('Write # and six hexadecimal digits');
        $this->hands->type('Colour wanted', '#efb439');
        $this->hands->see('Lantern Yellow');
        $this->hands->until(fn (): bool => str_contains((string) $this->hands->ask('return location.hash;'), 'efb439'), 'The address does not hold the question');
        $this->open('/tables/coats?paints=999999', 'Paint 999999 is not on this shelf.');
        $this->open('/tables/coats?over=%231c1b1a&thin=1:1', 'hidden after');
        $before = $this->hands->text('section');
        $this->hands->press('light ivory');
        $this->hands->until(fn (): bool => $this->hands->text('section') !== $before, 'The coats did not follow the ground');
    }

    public function testAPageThatIsNotThereSaysWhereToGo(): void
    {
        $this->open('/no-such-page', 'There is no such page');
        $this->hands->press('your shelf');
        $this->hands->see('Ninety-five paints');
        $this->open('/bench/1/99', 'Lamplighters has figures 1 to 12: there is no figure 99.');
        $this->open('/recipe/424242', 'There is no such thing in your workshop.');
    }

    public function testNothingIsFetchedFromAnotherOrigin(): void
    {
        foreach (self::pages() as [$page, $arrived]) {
            $this->open($page, $arrived);
            $hosts = $this->hands->ask('return [...new Set(performance.getEntriesByType("resource").map((e) => new URL(e.name).origin))];');
            self::assertSame([self::$studio?->address], $hosts);
        }
        self::assertTrue($this->hands->ask('return document.fonts.check("16px Fraunces") && document.fonts.check("16px \'IBM Plex Sans\'");'));
    }

    private function open(string $page, string $arrived): void
    {
        self::$studio?->browser->get('about:blank');
        self::$studio?->visit($page);
        $this->hands->see($arrived);
    }

    private function fit(int $width, int $height): void
    {
        self::$studio?->resize($width, $height);
    }

    /** @return list<string> what axe-core finds, WCAG 2 A and AA */
    private function barriers(): array
    {
        self::$studio?->browser->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));

        return (array) self::$studio?->browser->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, { runOnly: ["wcag2a", "wcag2aa"] }).then((r) => done(r.violations.flatMap((v) => v.nodes.slice(0, 4).map((n) => v.id + ": " + n.target.join(" ") + " " + (n.any[0]?.message ?? "")))));',
        );
    }
}
