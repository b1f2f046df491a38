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
        $this->open($page, $arrived);
        $this->inLightAndDark(fn (string $surround) => self::assertSame([], $this->barriers(), $surround));
        self::assertSame([], $this->hands->complaints());
    }

    public function testTheSurroundingsAreKept(): void
    {
        foreach (['dark', 'light'] as $surround) {
            $this->hands->ask("localStorage.setItem('kalokroma.surround', '$surround');");
            $this->open('/shelf', 'Coats it takes');

            self::assertSame($surround, $this->hands->ask('return document.documentElement.dataset.surround;'));
        }
    }
}
