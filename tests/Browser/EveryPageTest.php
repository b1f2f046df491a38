<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Browser\Support\SamplePages;
use Tests\Browser\Support\SampleWorkshop;

/** What holds on every page of the sample workshop; each is opened once, since opening it takes longer than looking. */
final class EveryPageTest extends SampleWorkshop
{
    #[DataProviderExternal(SamplePages::class, 'all')]
    public function testAPageIsWholeForEveryone(string $page, string $arrived): void
    {
        $this->fit(390, 844);
        $this->open($page, $arrived);
        self::assertLessThanOrEqual(390, $this->hands->ask('return document.documentElement.scrollWidth;'), 'on a narrow screen');
        $this->fit(1280, 800);
        $this->inLightAndDark(function (string $surround) use ($page): void {
            $this->assertGroundIsNeutral($page.' '.$surround);
            self::assertSame([], $this->barriers(), $surround);
        });

        $hosts = $this->hands->ask('return [...new Set(performance.getEntriesByType("resource").map((e) => new URL(e.name).origin))];');
        self::assertSame([self::$studio?->address], $hosts, 'nothing is fetched from another origin');
        self::assertSame([], $this->hands->complaints());
    }

    public function testItsOwnFontsAreThere(): void
    {
        $this->open('/shelf', 'Coats it takes');

        self::assertTrue(
            $this->hands->ask('return document.fonts.check("16px Fraunces") && document.fonts.check("16px \'IBM Plex Sans\'");'),
        );
    }

    public function testTheSurroundingsAreKept(): void
    {
        foreach (['dark', 'light'] as $surround) {
            $this->hands->ask("localStorage.setItem('kalokroma.surround', '$surround');");
            $this->open('/shelf', 'Coats it takes');

            self::assertSame($surround, $this->hands->ask('return document.documentElement.dataset.surround;'));
        }
    }

    /** Swatches stand on equal red, green and blue. */
    private function assertGroundIsNeutral(string $where): void
    {
        $grounds = (array) $this->hands->ask(
            'return [...new Set([document.body, ...document.querySelectorAll("main, aside, .rail, '
                .'.panel")].map((e) => getComputedStyle(e).backgroundColor))];',
        );
        self::assertNotSame([], $grounds);
        foreach ($grounds as $ground) {
            preg_match_all('/[\d.]+/', (string) $ground, $parts);
            [$red, $green, $blue] = $parts[0];
            self::assertTrue($red === $green && $green === $blue, $where.' '.$ground);
        }
    }
}
