<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PHPUnit\Framework\TestCase;

/** One browser in the sample workshop for all tests of a class. */
abstract class SampleWorkshop extends TestCase
{
    protected static ?Studio $studio = null;

    protected Hands $hands;

    public static function tearDownAfterClass(): void
    {
        self::$studio?->close();
        self::$studio = null;
    }

    protected function setUp(): void
    {
        $begin = self::$studio === null;
        self::$studio ??= new Studio();
        $this->hands = new Hands(self::$studio);
        if ($begin) {
            self::$studio->visit('/');
            $this->hands->press('Enter the sample workshop');
            $this->hands->see('Drying');
        }
        $this->fit(1280, 800);
    }

    protected function open(string $page, string $arrived): void
    {
        self::$studio?->browser->get('about:blank');
        self::$studio?->visit($page);
        $this->hands->see($arrived);
    }

    protected function fit(int $width, int $height): void
    {
        self::$studio?->resize($width, $height);
    }

    /** Has a simulated device pretend something, as on the page for that. */
    protected function pretends(string $device, string $choice): void
    {
        self::$studio?->browser->executeAsyncScript(
            'const done = arguments[2]; const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]); '
                .'fetch("/api/devices", { method: "PUT", headers: { "Content-Type": "application/json", Accept: "application/json", '
                .'"X-XSRF-TOKEN": token }, body: JSON.stringify({ [arguments[0]]: arguments[1] }) }).then((r) => done(r.status));',
            [$device, $choice],
        );
    }

    /**
     * Looks at the page as it stands in light and in dark surroundings, turned over as a painter does.
     *
     * @param callable(string): void $look
     */
    protected function inLightAndDark(callable $look): void
    {
        foreach (['light', 'dark'] as $surround) {
            $this->hands->until(
                fn (): bool => $this->hands->ask(
                    "const now = document.documentElement.dataset.surround; if (now !== '$surround') "
                        ."document.querySelector('header button[aria-label^=\"Background\"]').click(); return now === '$surround';",
                ) === true,
                'The surroundings do not turn '.$surround,
            );
            usleep(250_000); // colours change over a tenth of a second, and longer where the machine is busy
            $this->hands->until(
                fn (): bool => $this->hands->ask('return document.getAnimations().length;') === 0,
                'Colours are still changing',
            );
            $look($surround);
        }
    }

    /**
     * What axe-core finds, WCAG 2 A and AA. In dark surroundings nothing is otherwise but the colours, so only those are looked at again.
     *
     * @return list<string>
     */
    protected function barriers(): array
    {
        if ($this->hands->ask('return typeof axe;') === 'undefined') {
            $this->hands->ask((string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'));
        }

        return (array) self::$studio?->browser->executeAsyncScript(
            'const done = arguments[0]; const isDark = document.documentElement.dataset.surround === "dark"; '
                .'const only = isDark ? { type: "rule", values: ["color-contrast", "link-in-text-block"] } : ["wcag2a", "wcag2aa"]; '
                .'const rules = { runOnly: only, resultTypes: ["violations"], '
                .'reporter: "no-passes" }; axe.run(document, rules).then((r) => '
                .'done(r.violations.flatMap((v) => v.nodes.slice(0, 4).map((n) => v.id + ": " + n.target.join(" ") + '
                    .'" " + (n.any[0]?.message ?? "")))));',
        );
    }
}
