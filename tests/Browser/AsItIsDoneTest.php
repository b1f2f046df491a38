<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Hands;
use Tests\Browser\Support\Studio;

/** What painters really do, planned as it is done: sprays one by one, loops in rounds, a wash over everything. */
final class AsItIsDoneTest extends TestCase
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

    /** Planned on the undercoat page, sprayed at the bench, and all three in the ledger. */
    public function testALightSketchOfThreeSpraysGoesFromPlanToLedger(): void
    {
        $this->studio->visit('/undercoat/3');
        $this->hands->press('Spray by spray');
        $this->hands->press('Add a spray');
        $this->hands->see('2. ');
        $this->hands->choose('height of spray 2', 'from below, 35°');
        $this->hands->see('from 35° below');
        $this->hands->choose('side of spray 2', 'from the left');
        $this->hands->see('from 35° below, from the left');
        $this->hands->press('Add a spray');
        $this->hands->see('3. ');
        $this->hands->choose('height of spray 3', 'from above, 60°');
        $this->hands->see('3. Ivory Ground from 60° above');

        $this->studio->visit('/bench/3/1');
        $this->hands->see('Undercoat, all over');
        $this->hands->pressBeginning('Done on figure 1');
        $this->hands->see('Undercoat, from 35° below, from the left');
        $this->hands->pressBeginning('Done on figure 1');
        $this->hands->see('Undercoat, from 60° above');
        $this->hands->pressBeginning('Done on figure 1');
        $this->hands->seeNot('Undercoat, from 60° above');
        $this->studio->visit('/ledger');
        $this->hands->see('Signal barge');
        self::assertGreaterThanOrEqual(3, substr_count($this->hands->text('main'), 'Whole figure'));
        self::assertSame([], $this->hands->complaints());
    }

    /** "Round 2 of 3: dark enough?", again, enough; what was done is two rounds. */
    public function testALoopIsCountedAtTheBench(): void
    {
        $this->studio->visit('/recipe/13');
        $this->hands->see('fieldable to here');
        $this->hands->pressTab('Change', 'aside');
        $this->hands->click('//summary[.="Go through steps again"]', 'aside');
        $this->hands->type('Enough when', 'dark enough');
        $this->hands->click('//label[contains(., "a smaller patch every round")]/input', 'aside');
        $this->hands->press('Loop', 'aside');
        $this->hands->see('3 rounds, smaller every time: dark enough');

        $this->studio->visit('/bench/2/1');
        foreach (['all over', 'from 35° below', 'from 60° above'] as $spray) {
            $this->hands->see('Undercoat, '.$spray);
            $this->hands->pressBeginning('Done on figure 1');
        }
        $this->goesOnTo('Round 1 of 3: dark enough?');
        $this->hands->press('Again');
        $this->hands->see('Round 2 of 3: dark enough?');
        $this->hands->press('Enough');
        $this->hands->seeNot('dark enough?');
        $this->studio->visit('/ledger');
        $this->hands->see('2 rounds');
        self::assertSame([], $this->hands->complaints());
    }

    /** Which of the steps that are ready comes next hangs on the minute: the step that is meant is turned to. */
    private function goesOnTo(string $text): void
    {
        $this->hands->seeNot('Undercoat, from 60° above');
        $this->studio->browser->executeScript('document.activeElement.blur();');
        for ($turns = 0; $turns < 80 && !str_contains($this->hands->text(), $text); ++$turns) {
            $this->hands->key(WebDriverKeys::ARROW_RIGHT);
        }
        $this->hands->see($text);
    }

    /** Entered once on one area's page, it stands in the recipe of another; dirt twice is asked about. */
    public function testAWashOverEverythingStandsInEveryRecipe(): void
    {
        $this->studio->visit('/recipe/4');
        $this->hands->choose('Add over the whole figure', 'Pigment powder');
        $this->hands->press('Add it');
        $this->hands->see('Pigment powder · whole figure');
        $this->studio->visit('/recipe/5');
        $this->hands->see('Pigment powder · whole figure');
        $this->hands->choose('Add over the whole figure', 'Weathering, from gloss to dust');
        $this->hands->press('Add it');
        $this->hands->see('weathered already: pigment powder over the whole figure');
        $this->hands->press('Remove pigment powder over the whole figure');
        $this->hands->seeNot('Pigment powder · whole figure');
        self::assertSame([], array_filter($this->hands->complaints(), static fn (string $c): bool => !str_contains($c, '422')));
    }
}
