<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;
use Tests\Clock;
use Tests\SampleTemplate;

/** The application, served with a database of its own, and a headless browser in front of it. */
final class Studio
{
    public readonly RemoteWebDriver $browser;

    public string $address;

    private readonly Processes $processes;

    private readonly Processes $server;

    private readonly string $folder;

    public function __construct(bool $sample = true, int $width = 1280, int $height = 800)
    {
        $this->folder = sys_get_temp_dir().'/kalokroma-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->processes = new Processes();
        $this->server = new Processes();
        SampleTemplate::copyTo($this->folder, $sample);
        $this->address = $this->serve();
        $this->browser = $this->open($width, $height);
    }

    public function visit(string $hash): void
    {
        $this->browser->get($this->address.'/#'.$hash);
    }

    /** Another window of the same browser, which is looked at from now on. */
    public function newWindow(): void
    {
        $this->browser->switchTo()->newWindow();
        self::setClock($this->browser);
    }

    public function resize(int $width, int $height): void
    {
        self::fit($this->browser, $width, $height);
    }

    /** @param string ...$arguments command line after `artisan` */
    public function artisan(string ...$arguments): string
    {
        $lines = [];
        $command = implode(' ', array_map(escapeshellarg(...), [PHP_BINARY, dirname(__DIR__, 3).'/artisan', ...$arguments]));
        $environment = implode(
            ' ',
            array_map(
                static fn (string $k, string $v): string => $k.'='.escapeshellarg($v),
                array_keys($this->environment()),
                $this->environment(),
            ),
        );
        exec($environment.' '.$command.' 2>&1', $lines, $code);
        if ($code !== 0) {
            throw new RuntimeException($command.': '.implode("\n", $lines));
        }

        return implode("\n", $lines);
    }

    public function close(): void
    {
        try {
            $this->browser->quit();
        } finally {
            $this->processes->stop();
            $this->server->stop();
            exec('rm -rf '.escapeshellarg($this->folder));
        }
    }

    /**
     * Stops the application and starts it again on the same data, at another address. The page is left first: one that still asks
     * for something when the application stops would complain of that, and rightly.
     */
    public function restart(): void
    {
        $this->browser->get('about:blank');
        $this->server->stop();
        $this->address = $this->serve();
    }

    private function serve(): string
    {
        $port = Processes::freePort();
        $this->server->start(
            [PHP_BINARY, 'artisan', 'serve', '--no-reload', '--host=127.0.0.1', '--port='.$port],
            $port,
            $this->environment(),
            $this->folder.'/serve.log',
        );

        return 'http://127.0.0.1:'.$port;
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'APP_ENV' => 'production',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
            'APP_DEBUG' => 'false',
            'DB_DATABASE' => $this->folder.'/workshop.sqlite',
            'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'file',
            'CACHE_PATH' => $this->folder.'/cache',
            'KALOKROMA_DEVICE_SEED' => '1',
            'KALOKROMA_DEMO' => 'true',
            'PHP_CLI_SERVER_WORKERS' => '3',
        ] + SampleTemplate::compiled() + Clock::environment();
    }

    private function open(int $width, int $height): RemoteWebDriver
    {
        $port = Processes::freePort();
        $this->processes->start(['chromedriver', '--port='.$port], $port, ['TZ' => 'UTC'], $this->folder.'/chromedriver.log');
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-extensions', '--disable-breakpad', '--mute-audio',
            '--force-prefers-reduced-motion',
            '--in-process-gpu', '--hide-scrollbars', '--force-device-scale-factor=1', '--lang=en',
            sprintf('--window-size=%d,%d', $width, $height),
            '--user-data-dir='.$this->folder.'/browser',
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $browser = RemoteWebDriver::create('http://127.0.0.1:'.$port, $capabilities, 20_000, 60_000);
        self::fit($browser, $width, $height);
        self::setClock($browser);

        return $browser;
    }

    private static function setClock(RemoteWebDriver $browser): void
    {
        self::devTools($browser, 'Page.addScriptToEvaluateOnNewDocument', ['source' => Clock::script()]);
    }

    /** Makes the page itself this large, whatever the window's frame takes. */
    private static function fit(RemoteWebDriver $browser, int $width, int $height): void
    {
        $size = ['width' => $width, 'height' => $height];
        self::devTools($browser, 'Emulation.setDeviceMetricsOverride', [...$size, 'deviceScaleFactor' => 1, 'mobile' => false]);
    }

    /** @param array<string, mixed> $given to a command of the browser's own tools, for the window that is open */
    private static function devTools(RemoteWebDriver $browser, string $command, array $given): void
    {
        $browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => $given]);
    }
}
