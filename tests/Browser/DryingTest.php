<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\SampleWorkshop;

/** What dries at the bench: kept through a reload, said where it lies below a step, and ended by a word. */
final class DryingTest extends SampleWorkshop
{
    public function testWhatIsWetIsSaidUntilItIsDry(): void
    {
        $this->open('/bench/2', 'Next after this');
        $this->hands->press('Done on figure 1');
        $this->hands->see('Still wet below: whole figure, undercoat');
        $this->open('/bench/2', 'Still wet below: whole figure, undercoat');
        $this->hands->press('It is dry');
        $this->hands->see('Nothing is drying on this figure.');
        $this->hands->seeNot('Still wet below');

        $this->hands->press('Done on figure 1');
        $this->hands->see('Still wet below');
        $this->hands->press('Hairdryer used');
        $this->hands->until(
            fn (): bool => preg_match('/\b0?0:[0-5]\d\b|\b1:00\b/', $this->hands->text('aside')) === 1,
            'It does not cool for a minute',
        );
        self::assertSame([], $this->hands->complaints());
    }

    /** On a telephone the large action is within reach of the thumb, wherever the page is. */
    public function testTheLargeActionIsAlwaysInReach(): void
    {
        $this->open('/bench/1/5', 'Next after this');
        foreach ([[390, 844], [1280, 800]] as [$width, $height]) {
            $this->fit($width, $height);
            foreach ([0, 150] as $from) {
                $isInReach = $this->hands->ask("scrollTo(0, $from); "
                    ."const at = document.querySelector('.actions .first').getBoundingClientRect(); "
                    .'return at.top > 0 && at.bottom <= innerHeight;');
                self::assertTrue($isInReach, "at $width, scrolled by $from");
            }
        }
        self::assertSame([], $this->hands->complaints());
    }
}
