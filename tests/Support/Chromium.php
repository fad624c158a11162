<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Headless Chromium as a person would use it: by the words on the screen. */
final class Chromium
{
    private const WAIT_S = 15.0;

    private const FIRST_PAUSE_US = 40_000;

    private const LONGEST_PAUSE_US = 300_000;

    /** @param  resource  $service */
    private function __construct(public readonly RemoteWebDriver $driver, private $service, private readonly string $profile) {}

    public static function open(int $width = 1280, int $height = 800): self
    {
        $port = RunningSatchel::freePort();
        $profile = sys_get_temp_dir().'/satchel-chromium-'.bin2hex(random_bytes(5));
        $pipes = [];
        $null = ['file', '/dev/null', 'w'];
        $service = proc_open(['chromedriver', "--port={$port}", '--log-level=OFF'], [['file', '/dev/null', 'r'], $null, $null], $pipes);
        if (! is_resource($service)) {
            throw new \RuntimeException('chromedriver did not start.');
        }
        $options = (new ChromeOptions())
            ->setBinary('/usr/bin/chromium')
            ->addArguments([
                '--headless=new',
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
                '--disable-dev-shm-usage',
                '--hide-scrollbars',
                '--lang=en-GB',
                "--user-data-dir={$profile}",
            ]);
        // Whatever happens to the tests, the driver ends with them.
        register_shutdown_function(static fn () => is_resource($service) && proc_terminate($service, SIGKILL));
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        for ($try = 0; ; $try++) {
            try {
                $driver = RemoteWebDriver::create("http://127.0.0.1:{$port}", $capabilities, 20_000, 90_000);
                break;
            } catch (\Exception $e) {
                if ($try > 40) {
                    throw $e;
                }
                usleep(250_000);
            }
        }
        $browser = new self($driver, $service, $profile);
        $browser->size($width, $height);

        return $browser;
    }

    public function size(int $width, int $height): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => $width < 600,
        ]);
    }

    public function quit(): void
    {
        try {
            $this->driver->quit();
        } finally {
            proc_terminate($this->service);
            proc_close($this->service);
            exec('rm -rf '.escapeshellarg($this->profile));
        }
    }

    public function visit(string $url): void
    {
        $this->driver->get($url);
    }

    public function text(): string
    {
        return (string) $this->driver->executeScript('return document.body ? document.body.innerText : ""');
    }

    /** Waits until the page shows a text. */
    public function see(string $text): void
    {
        $this->until(fn (): bool => str_contains($this->text(), $text), fn (): string => "“{$text}” was not seen. The page:\n".$this->text());
    }

    public function notSee(string $text): void
    {
        $this->until(fn (): bool => ! str_contains($this->text(), $text), "“{$text}” is still there.");
    }

    /** Presses what bears this name: its text, or its label for screen readers. */
    public function press(string $name): void
    {
        $quoted = '"'.$name.'"';
        $path = "//*[self::button or self::a or self::summary][normalize-space()={$quoted} or @aria-label={$quoted}]";
        $this->until(function () use ($path): bool {
            $found = array_values(
                array_filter(
                    $this->driver->findElements(WebDriverBy::xpath($path)),
                    static fn (RemoteWebElement $e): bool => $e->isDisplayed(),
                ),
            );
            if ($found === []) {
                return false;
            }
            $this->driver->executeScript('arguments[0].scrollIntoView({block: "center"})', [$found[0]]);
            $found[0]->click();

            return true;
        }, fn (): string => "There is no “{$name}” to press. The page:\n".$this->text());
        $this->settle();
    }

    public function type(string $id, string $text): void
    {
        $field = $this->driver->findElement(WebDriverBy::id($id));
        if ($field->getTagName() !== 'select') {
            $field->clear();
        }
        $field->sendKeys($text);
    }

    /** Gives a file field a file of this machine. */
    public function attach(string $id, string $file): void
    {
        $this->driver->findElement(WebDriverBy::id($id))->sendKeys($file);
    }

    /** The page as it would be printed on paper of that size, in millimetres. */
    public function pdf(int $widthMm, int $heightMm): string
    {
        $printed = $this->driver->executeCustomCommand('/session/:sessionId/print', 'POST', [
            'page' => ['width' => $widthMm / 10, 'height' => $heightMm / 10],
            'background' => false,
            'shrinkToFit' => false,
        ]);

        return (string) base64_decode((string) $printed, true);
    }

    public function key(string $key): void
    {
        $this->driver->executeScript('document.activeElement && document.activeElement.blur()');
        $this->driver->getKeyboard()->sendKeys($key === 'Enter' ? WebDriverKeys::ENTER : $key);
        $this->settle();
    }

    /** Takes what a selector finds first, and lets it go over the upper edge of what another finds, or so many pixels further down. */
    public function drag(string $what, string $over, int $downPx = 0): void
    {
        [$from, $to] = array_map(fn (string $css): RemoteWebElement => $this->driver->findElement(WebDriverBy::cssSelector($css)), [$what, $over]);
        $this->driver->executeScript('arguments[0].scrollIntoView({block: "start"})', [$from]);
        // By its left edge: what stands in the middle may be a button.
        [$x, $y] = [8 - intdiv($from->getSize()->getWidth(), 2), 8 - intdiv($from->getSize()->getHeight(), 2)];
        $this->driver
            ->action()
            ->moveToElement($from, $x, $y)
            ->clickAndHold()
            ->moveByOffset(0, -6)
            ->moveToElement($to, $x, 4 - intdiv($to->getSize()->getHeight(), 2))
            ->moveByOffset(0, $downPx - 2)
            ->moveByOffset(0, 1)
            ->release()
            ->perform();
        $this->settle();
    }

    public function script(string $script): mixed
    {
        return $this->driver->executeScript($script);
    }

    /** Waits until no request of htmx is under way. */
    public function settle(): void
    {
        usleep(60_000);
        $this->until(
            fn (): bool => $this->driver->executeScript(
                'return document.readyState === "complete" && document.querySelectorAll(".htmx-request").length === 0',
            ) === true,
            'The page did not settle.',
        );
        usleep(60_000);
    }

    /** @return list<string> what the console complains of, refused scripts and styles among it */
    public function complaints(): array
    {
        $lines = array_filter($this->driver->manage()->getLog('browser'), static fn (array $line): bool => $line['level'] === 'SEVERE');

        return array_values(array_map(static fn (array $line): string => $line['message'], $lines));
    }

    /**
     * Looks often at first, and then less: to look costs the page time, too.
     *
     * @param  \Closure(): bool  $condition
     * @param  string|\Closure(): string  $otherwise
     */
    public function until(\Closure $condition, string|\Closure $otherwise): void
    {
        $end = microtime(true) + self::WAIT_S;
        $pause = self::FIRST_PAUSE_US;
        do {
            try {
                if ($condition()) {
                    return;
                }
            } catch (WebDriverException) {
                // The element was swapped away under our hands; look again.
            }
            usleep($pause);
            $pause = min(self::LONGEST_PAUSE_US, intdiv($pause * 13, 10));
        } while (microtime(true) < $end);
        throw new \RuntimeException(is_string($otherwise) ? $otherwise : $otherwise());
    }
}
