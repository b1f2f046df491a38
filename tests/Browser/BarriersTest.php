<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Browser\Support\SamplePages;
use Tests\Browser\Support\SampleWorkshop;

/** Every page of the sample workshop is reachable for everyone, in light and dark. */
final class BarriersTest extends SampleWorkshop
{
    #[DataProviderExternal(SamplePages::class, 'all')]
    public function testNoBarrierIsFoundInLightOrDark(string $page, string $arrived): void
    {
        foreach (['light', 'dark'] as $surround) {
            $this->hands->ask(
                "localStorage.setItem('kalokroma.surround', '$surround'); localStorage.setItem('kalokroma.surround.bench', '$surround');",
            );
            $this->open($page, $arrived);
            self::assertSame($surround, $this->hands->ask('return document.documentElement.dataset.surround;'));
            self::assertSame([], $this->barriers(), $surround);
        }
        self::assertSame([], $this->hands->complaints());
    }

    /** What opens over a page, or in its place, is as reachable as the page. */
}
