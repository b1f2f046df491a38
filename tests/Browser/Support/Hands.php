<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;

/** What a person does at the page: finds things by what is written on them, presses, types, reads. */
final readonly class Hands
{
    private const PATIENCE_SECONDS = 20;

    public function __construct(private Studio $studio)
    {
    }

    public function press(string $text, string $within = 'body'): void
    {
        $this->tap(
            sprintf('//*[self::button or self::a][normalize-space(.)=%1$s or @aria-label=%1$s][not(@disabled)]', $this->quoted($text)),
            $within,
        );
    }

    /** Turns to the view of this name. */
    public function pressTab(string $text, string $within = 'main'): void
    {
        $this->tap(sprintf('//button[@role="tab"][normalize-space(.)=%s]', $this->quoted($text)), $within);
    }

    /** Presses the first button whose words begin so. */
    public function pressBeginning(string $text, string $within = 'body'): void
    {
        $this->tap(
            sprintf('//*[self::button or self::a][starts-with(normalize-space(.), %s)][not(@disabled)]', $this->quoted($text)),
            $within,
        );
    }

    /** Replaces what stands in the field under this label. */
    public function type(string $label, string $text): void
    {
        $field = $this->field($label);
        $field->sendKeys(WebDriverKeys::CONTROL.'a');
        $field->sendKeys(WebDriverKeys::BACKSPACE);
        $field->sendKeys($text);
    }

    /** Takes an option of the list under this label, as soon as the list holds it. */
    public function choose(string $label, string $option): void
    {
        $among = WebDriverBy::xpath(sprintf('.//option[normalize-space(.)=%1$s or @value=%1$s]', $this->quoted($option)));
        $this->until(function () use ($label, $among): bool {
            $this->field($label)->findElement($among)->click();

            return true;
        }, sprintf('"%s" is not offered under "%s"', $option, $label));
    }

    public function upload(string $bytes, string $name = 'shelf.csv'): void
    {
        $file = sys_get_temp_dir().'/'.bin2hex(random_bytes(4)).'-'.$name;
        file_put_contents($file, $bytes);
        $this->until(function () use ($file): bool {
            $this->element('//input[@type="file"]', visible: false)->sendKeys($file);

            return true;
        }, 'There is no giving '.$name);
    }

    public function key(string $key): void
    {
        $this->studio->browser->getKeyboard()->sendKeys($key);
    }

    /** Waits until this stands on the page. */
    public function see(string $text): void
    {
        $this->until(fn (): bool => str_contains($this->text(), $text), sprintf('"%s" is not on the page', $text));
    }

    public function seeNot(string $text): void
    {
        $this->until(fn (): bool => !str_contains($this->text(), $text), sprintf('"%s" still stands on the page', $text));
    }

    public function text(string $selector = 'body'): string
    {
        return (string) $this->studio->browser->executeScript('return document.querySelector(arguments[0])?.innerText ?? "";', [$selector]);
    }

    /** What a script in the page answers. */
    public function ask(string $script): mixed
    {
        return $this->studio->browser->executeScript($script);
    }

    /** @return list<string> errors the page wrote to the browser's console */
    public function complaints(): array
    {
        $lines = [];
        foreach ($this->studio->browser->manage()->getLog('browser') as $entry) {
            if ($entry['level'] === 'SEVERE' && !preg_match('/status of 4\d\d/', (string) $entry['message'])) {
                $lines[] = (string) $entry['message'];
            }
        }

        return $lines;
    }

    /** @param callable(): bool $condition */
    public function until(callable $condition, string $otherwise): void
    {
        $deadline = microtime(true) + self::PATIENCE_SECONDS;
        [$atMost, $before] = [$deadline + 2 * self::PATIENCE_SECONDS, ''];
        $times = 0;
        while (true) {
            try {
                if ($condition()) {
                    Assert::assertNotSame('', $otherwise);

                    return;
                }
                $before = $times === 10 ? $this->text() : $before;
            } catch (WebDriverException) {
                // The page was being drawn again: look again.
            }
            if (microtime(true) > $deadline && $deadline < $atMost && $this->text() !== $before) {
                // It gets on, if slowly: a busy machine.
                [$deadline, $before] = [$deadline + self::PATIENCE_SECONDS, $this->text()];
            }
            if (microtime(true) > $deadline) {
                Assert::fail($otherwise."\n--- the page says:\n".$this->text());
            }
            // Reading a large page keeps it from getting on: often at first, then less.
            usleep(min(200_000, 40_000 * ++$times));
        }
    }

    public function element(string $xpath, string $within = 'body', bool $visible = true): RemoteWebElement
    {
        $found = null;
        $this->until(function () use ($xpath, $within, $visible, &$found): bool {
            foreach ($this->studio->browser->findElements(WebDriverBy::cssSelector($within)) as $root) {
                foreach ($root->findElements(WebDriverBy::xpath('.'.$xpath)) as $element) {
                    if (!$visible || $element->isDisplayed()) {
                        $found = $element;

                        return true;
                    }
                }
            }

            return false;
        }, 'There is no '.$xpath);
        assert($found instanceof RemoteWebElement);

        return $found;
    }

    /** Clicks what is no button, as soon as nothing lies over it. */
    public function click(string $xpath, string $within = 'body'): void
    {
        $this->until(function () use ($xpath, $within): bool {
            $element = $this->element($xpath, $within);
            $this->studio->browser->executeScript('arguments[0].scrollIntoView({block: "center"});', [$element]);
            $element->click();

            return true;
        }, 'There is no clicking '.$xpath);
    }

    private function tap(string $xpath, string $within): void
    {
        $this->until(function () use ($xpath, $within): bool {
            $element = $this->element($xpath, $within);
            // Whether the press arrives: a button may be switched off between being found and being pressed.
            $this->studio->browser->executeScript(
                'arguments[0].scrollIntoView({block: "center"}); window.arrived = false;'
                    .'arguments[0].addEventListener("click", () => { window.arrived = true; }, {capture: true, once: true});',
                [$element],
            );
            $element->click();

            return $this->ask('return window.arrived;') !== false;
        }, 'Cannot press '.$xpath);
    }

    private function field(string $label): RemoteWebElement
    {
        $quoted = $this->quoted($label);

        return $this->element(sprintf(
            '//*[self::input or self::select or self::textarea][@aria-label=%1$s or @placeholder=%1$s or '
                .'@id=//label[normalize-space(.)=%1$s]/@for or ancestor::label[normalize-space(span)=%1$s]]',
            $quoted,
        ));
    }

    private function quoted(string $text): string
    {
        return str_contains($text, '"') ? "'".$text."'" : '"'.$text.'"';
    }
}
