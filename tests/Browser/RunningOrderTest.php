<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\SampleWorkshop;

/** Evenings planned: hours said, ways compared, rules set aside, a day asked. */
final class RunningOrderTest extends SampleWorkshop
{
    public function testTheCompanyIsPlannedOverItsEvenings(): void
    {
        $this->open('/order', 'sittings: Lamplighters, 12 figures');
        $this->hands->see('What to do, step by step');
        $this->hands->type('Minutes you have now', '40');
        $this->hands->press('What fits?');
        $this->hands->see('In 40 min: ');
        $this->hands->press('Compare 7 ways');
        $this->hands->see('Comparing');
        $this->compared();
        $this->hands->press('in groups of three');
        $this->hands->see('Now: in groups of three.');
        $this->hands->seeNot('First try');
        $this->hands->press('Compare 7 ways');
        $this->compared();
        $this->hands->pressBeginning('Use all base coats first');
        $this->hands->see('Now: all base coats first.');
        $this->hands->seeNot('First try');

        $this->hands->press('What do they cost?');
        $this->hands->see('Keeping it costs');
        $this->hands->choose('Messy work comes before careful work beside it.', 'leave aside');
        $this->hands->until(
            fn (): bool => $this->hands->ask('return [...document.querySelectorAll("aside select")].some((s) => s.value === "overruled");')
                === true && !str_contains($this->hands->text(), 'Keeping it costs'),
            'The rule is not left aside',
        );
        self::assertSame([], $this->hands->complaints());
    }

    public function testHoursAreSaidAndADayIsAsked(): void
    {
        $this->open('/order/3', 'Signal barge');
        $this->hands->press('Change your free hours');
        $this->hands->see('Single days that are otherwise');
        $this->hands->type('Time zone', 'Marsh/Lamp');
        $this->hands->press('Save hours');
        $this->hands->see('there is no time zone "Marsh/Lamp"');
        $this->hands->type('Time zone', 'UTC');
        $this->hands->press('Save hours');
        $this->hands->seeNot('Single days that are otherwise');
        $this->hands->ask('const day = document.querySelector("aside input[type=date]"); day.value = "2035-01-31"; '
            .'day.dispatchEvent(new Event("input", { bubbles: true })); return 1;');
        $this->hands->press('Work it out');
        $this->hands->see('Everything that is planned is done by then.');
        $this->hands->press('Change your free hours');
        $this->hands->press('Plan without hours');
        $this->hands->see('Planned as if you were always free.');
        self::assertSame([], $this->hands->complaints());
    }

    /** Seven ways one after the other: each has its time. */
    private function compared(): void
    {
        foreach (range(2, 7) as $way) {
            $this->hands->until(
                fn (): bool => preg_match("/Comparing [$way-7] of 7|at the table in/", $this->hands->text()) === 1,
                "Way $way is not compared",
            );
        }
        $this->hands->see('at the table in');
    }
}
