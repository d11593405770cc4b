<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;
use Symfony\Component\Process\Process;

/** Headless Chromium behind ChromeDriver. */
final class Driver
{
    private function __construct(private readonly Process $process, private readonly int $port)
    {
    }

    public static function start(): self
    {
        $port = FreePort::find();
        // A faked clock of the system (bin/test --days) is for PHP: a browser under it spins and never gets anywhere.
        $process = new Process(['/usr/bin/chromedriver', "--port={$port}"], null, ['LD_PRELOAD' => false], null, null);
        $process->disableOutput();
        $process->start();
        FreePort::await($port, 'ChromeDriver');

        return new self($process, $port);
    }

    /** A browser with nothing in its memory. */
    public function open(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $options = new ChromeOptions;
        $options->setBinary(__DIR__.'/headless');
        // Letters are as wide as on a screen: without a window they would be rounded to whole dots.
        $options->addArguments([
            '--no-sandbox', '--disable-gpu', '--font-render-hinting=none', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-quic', '--disable-dev-shm-usage', '--force-device-scale-factor=1',
            "--window-size={$width},{$height}", '--user-data-dir='.$this->emptyFolder(),
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = RemoteWebDriver::create("http://127.0.0.1:{$this->port}", $capabilities, 30_000, 60_000);
        $this->sizeInside($driver, $width, $height);

        return $driver;
    }

    public function stop(): void
    {
        $this->process->stop(1);
    }

    /** The window is sized so that the page itself has the size asked for. */
    private function sizeInside(RemoteWebDriver $driver, int $width, int $height): void
    {
        [$innerWidth, $innerHeight] = $driver->executeScript('return [window.innerWidth, window.innerHeight]');
        $driver->manage()->window()->setSize(new WebDriverDimension($width + $width - $innerWidth, $height + $height - $innerHeight));
    }

    private function emptyFolder(): string
    {
        $folder = sys_get_temp_dir().'/orthoscope-browser-'.bin2hex(random_bytes(6));
        mkdir($folder);

        return $folder;
    }
}
