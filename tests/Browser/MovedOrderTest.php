<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\SampleWorkshop;

/** The running order moved by mouse and by keys, shown from weeks to minutes, handed out and fitted round a calendar. */
final class MovedOrderTest extends SampleWorkshop
{
    public function testABlockIsMovedByMouseAndTakenBack(): void
    {
        $this->open('/order/1', 'Lamplighters, 12 figures');
        $browser = self::$studio->browser ?? self::fail('no browser');
        $this->hands->until(fn (): bool => $this->many('.block') > 20, 'There are no blocks');
        $block = $browser->findElement(WebDriverBy::cssSelector('button[aria-label^="Move Marsh base: basecoat"]'));
        (new WebDriverActions($browser))->clickAndHold($block)->moveByOffset(12, 0)->perform();
        $this->hands->until(fn (): bool => $this->many('.slot.free') > 3, 'No place lights up');
        $places = $browser->findElements(WebDriverBy::cssSelector('.slot.free'));
        (new WebDriverActions($browser))->moveToElement($places[2])->release()->perform();
        $this->hands->see('one step stays where you put it');
        $this->hands->until(fn (): bool => $this->many('.block.pinned') === 1, 'Nothing is pinned');
        self::assertSame(0, $this->many('.slot'));

        $this->better();
        $this->hands->press('Undo the last move');
        $this->hands->seeNot('one step stays where you put it');
        $this->better();
        self::assertSame(0, $this->many('.block.pinned'));
        self::assertSame([], $this->hands->complaints());
    }

    public function testABlockIsMovedByKeysAndPinned(): void
    {
        $this->open('/order/2', ': Heron rider');
        $this->hands->until(fn (): bool => $this->many('.block') > 20, 'There are no blocks');
        $this->hands->ask('document.querySelectorAll(".block")[4].focus(); return 1;');
        $this->hands->key(WebDriverKeys::ENTER);
        $this->hands->see('places are open to it');
        $before = $this->hands->ask('return document.querySelector(".bar [role=status]").textContent;');
        $this->hands->key(WebDriverKeys::ARROW_RIGHT);
        $this->hands->until(
            fn (): bool => $this->hands->ask('return document.querySelector(".bar [role=status]").textContent;') !== $before,
            'The next place is not looked at',
        );
        $this->hands->key(WebDriverKeys::ESCAPE);
        $this->hands->seeNot('places are open to it');
        $this->hands->key(WebDriverKeys::ENTER);
        $this->hands->see('places are open to it');
        $this->hands->press('Keep it where it is');
        $this->hands->see('one step stays where you put it');
        $this->better();

        $this->hands->ask('document.querySelectorAll(".block")[8].focus(); return 1;');
        $this->hands->key(WebDriverKeys::ENTER);
        $this->hands->see('places are open to it');
        $this->hands->until(function (): bool {
            $this->hands->key(WebDriverKeys::ARROW_RIGHT);

            return $this->hands->ask('return document.querySelector(".slot.chosen.free") !== null;') === true;
        }, 'There is no place');
        $this->hands->key(WebDriverKeys::ENTER);
        $this->hands->see('2 steps stay where you put it');
        self::assertSame([], $this->hands->complaints());
    }

    public function testWeeksMinutesAndTheOpenPot(): void
    {
        $this->open('/order/1', 'Lamplighters, 12 figures');
        $this->hands->ask('document.querySelector("input[value=minutes]").click(); return 1;');
        $this->hands->until(fn (): bool => $this->many('.ticks span') > 8, 'There is no clock');
        $this->hands->ask('document.querySelector("input[value=weeks]").click(); return 1;');
        $this->hands->until(fn (): bool => $this->many('.day') % 7 === 0 && $this->many('.day button') > 2, 'There are no weeks');
        $this->hands->ask('document.querySelectorAll(".day button")[1].click(); return 1;');
        $this->hands->until(fn (): bool => $this->many('.sheet') > 2, 'The sitting is not shown');

        $this->hands->ask('const pot = document.querySelector("select[aria-label=\"Paint that is open\"]"); pot.selectedIndex = 1; '
            .'pot.dispatchEvent(new Event("change", { bubbles: true })); return 1;');
        $this->hands->see('this paint.');
        $this->hands->see('Done so far, as it really went');
        self::assertSame([], $this->hands->complaints());
    }

    public function testTimesOfACalendarAreKeptFree(): void
    {
        $this->open('/order/1', 'Lamplighters, 12 figures');
        $this->hands->upload(implode("\r\n", [
            'BEGIN:VCALENDAR', 'VERSION:2.0', 'BEGIN:VEVENT', 'UID:choir', 'SUMMARY:Choir', 'DTSTART:20261208T190000Z',
            'DTEND:20261208T230000Z', 'RRULE:FREQ=WEEKLY', 'END:VEVENT', 'END:VCALENDAR', '',
        ]), 'evenings.ics');
        $this->hands->see('of your free hours');
        $this->hands->press('Keep this time free of painting');
        $this->hands->see('are kept free of painting.');
        $this->better();
        self::assertStringNotContainsString('Tue ', implode(' ', (array) $this->hands->ask(
            'return [...document.querySelectorAll(".sheet h2")].map((h) => h.textContent);',
        )));
        $this->hands->press('Forget them');
        $this->hands->seeNot('are kept free of painting.');
        self::assertSame([], $this->hands->complaints());
    }

    /** What is painted at the bench is gone from the order, and what is written for a calendar is read again. */
    public function testTheOrderIsPlannedAgainAndReadBack(): void
    {
        $this->open('/order/1', 'Lamplighters, 12 figures');
        $this->hands->until(fn (): bool => $this->many('.block') > 20, 'There are no blocks');
        $this->open('/bench/1/9', 'Next after this');
        $step = $this->hands->text('h1');
        $this->hands->pressBeginning('Done on all');
        $this->hands->until(fn (): bool => $this->hands->text('h1') !== $step, 'it is not written down');
        $this->open('/order/1', 'Changed: ');
        $this->better();

        $own = $this->hands->ask('const asked = new XMLHttpRequest(); asked.open("GET", "/api/companies/1/order/file/ics", false); '
            .'asked.send(); return asked.responseText;');
        self::assertIsString($own);
        self::assertStringContainsString('SUMMARY:Painting: Lamplighters', $own);
        $this->hands->upload($own, 'own.ics');
        $this->hands->see('Nothing that is still to come stands in this calendar.');
        self::assertSame([], $this->hands->complaints());
    }

    /** On a telephone a step is moved from the list, and the bar stays in sight. */
    public function testOnATelephone(): void
    {
        $this->open('/order/1', 'Lamplighters, 12 figures');
        $this->fit(390, 844);
        $this->hands->press('Move');
        $this->hands->see('places are open to it');
        self::assertTrue($this->hands->ask('const bar = document.querySelector(".bar").getBoundingClientRect(); '
            .'return bar.bottom <= innerHeight + 1 && bar.width <= innerWidth;'), 'the bar is in sight');
        self::assertSame(390, $this->hands->ask('return document.documentElement.scrollWidth;'));
        $this->hands->press('Cancel');
        $this->hands->seeNot('places are open to it');
        $this->fit(1280, 800);
        self::assertSame([], $this->hands->complaints());
    }

    private function better(): void
    {
        $this->hands->seeNot('First try');
    }

    private function many(string $selector): int
    {
        $found = $this->hands->ask('return document.querySelectorAll('.json_encode($selector, JSON_THROW_ON_ERROR).').length;');

        return is_int($found) ? $found : 0;
    }
}
