<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Hands;
use Tests\Browser\Support\Studio;

/** A painter says how mixes came out, sees what was learned from it, and takes it back. */
final class LessonTest extends TestCase
{
    private Studio $studio;

    private Hands $hands;

    protected function setUp(): void
    {
        $this->studio = new Studio();
        $this->hands = new Hands($this->studio);
        $this->studio->visit('/');
        $this->hands->press('Enter the sample workshop');
        $this->hands->see('Drying');
    }

    protected function tearDown(): void
    {
        $this->studio->close();
    }

    public function testWordsAndReadingsAreLearnedFromAndTakenBack(): void
    {
        $this->studio->visit('/tables/thin');
        $this->hands->press('How did it come out?');
        $this->hands->choose('It is', 'clearly');
        $this->hands->choose('Which way', 'darker');
        $this->hands->press('Learn from it');
        $this->hands->see('Learned: it was');
        $this->hands->see('Shore Flesh counts');

        $this->hands->press('How did it come out?');
        $this->hands->choose('Told by', 'the reader');
        $this->hands->type('What was seen', '#204080');
        $this->hands->press('Learn from it');
        $this->hands->see('look at it again when it is dry, or say that it is so');
        $this->hands->press('It is so, learn from it');
        $this->hands->see('after 2 lessons');

        $this->studio->visit('/shelf/'.$this->paint('Shore Flesh'));
        $this->hands->see('told by the reader');
        $this->hands->see('clearly darker');
        $this->hands->press('take back');
        $this->hands->see('after 1 lesson.');
        $this->hands->press('take back');
        $this->hands->see('Nothing yet.');
        self::assertSame([], $this->hands->complaints());
    }

    public function testAStepAndTheBenchAskToo(): void
    {
        $this->studio->visit('/recipe/4');
        $this->hands->see('Add a step');
        $this->hands->pressBeginning('Layer', 'main ol');
        $this->hands->see('Load the mix');
        $this->hands->pressTab('Why', 'aside');
        $this->hands->press('How did it come out?');
        $this->hands->press('Learn from it');
        $this->hands->see('Learned: it was 0.0 off');
        $this->studio->visit('/bench/1/4');
        $this->hands->see('Next after this');
        for ($turned = 0; $turned < 47 && !$this->isAsked(); ++$turned) {
            $this->hands->key(WebDriverKeys::ARROW_RIGHT);
        }
        $step = (string) $this->hands->ask('return document.querySelector("main h1").innerText;');
        $this->hands->press('How did it come out?');
        $this->hands->choose('It is', 'a little');
        $this->hands->press('Learn from it');
        $this->hands->see('Learned: it was');
        self::assertSame($step, (string) $this->hands->ask('return document.querySelector("main h1").innerText;'), 'and nothing was done');
        self::assertSame([], $this->hands->complaints());
    }

    private function isAsked(): bool
    {
        return str_contains((string) $this->hands->ask('return document.querySelector("main").innerText;'), 'How did it come out?');
    }

    private function paint(string $name): int
    {
        return (int) $this->studio->browser->executeAsyncScript(
            "fetch('/api/shelf').then((r) => r.json()).then((j) => arguments[1](j.paints.find((p) => p.name === arguments[0]).id));",
            [$name],
        );
    }
}
