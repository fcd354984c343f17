<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** One chromedriver process per PHPUnit process, one fresh browser per open(). */
final class Browser
{
    /** @var resource|null */
    private static $proc;
    private static string $base = '';
    private static string $log = '';
    /** @var list<string> */
    private static array $profiles = [];

    /** @return list<string> */
    public static function flags(string $profile, int $w = 1280, int $h = 800): array
    {
        return [
            '--headless=new',
            '--no-sandbox',
            '--disable-dev-shm-usage',
            '--disable-gpu',
            "--window-size=$w,$h",
            '--force-device-scale-factor=1',
            '--hide-scrollbars',
            '--font-render-hinting=none',
            '--force-color-profile=srgb',
            "--user-data-dir=$profile",
            '--no-first-run',
            '--no-default-browser-check',
            '--lang=en-US',
            '--mute-audio',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-default-apps',
            '--disable-extensions',
            '--disable-domain-reliability',
            '--disable-client-side-phishing-detection',
            '--disable-quic',
            '--no-pings',
            '--metrics-recording-only',
            '--disable-breakpad',
            '--no-proxy-server',
            '--password-store=basic',
            '--use-mock-keychain',
            '--disable-search-engine-choice-screen',
            '--disable-background-timer-throttling',
            '--disable-renderer-backgrounding',
            '--disable-backgrounding-occluded-windows',
            '--disable-features=' .
            implode(',', [
                // A page that was left would go on to be slowed down by what measures, and take the processor with it.
                'BackForwardCache',
                'Translate',
                'OptimizationHints',
                'MediaRouter',
                'DialMediaRouteProvider',
                'AutofillServerCommunication',
                'CertificateTransparencyComponentUpdater',
                'NetworkTimeServiceQuerying',
                'InterestFeedContentSuggestions',
                'PasswordLeakDetection',
            ]),
            '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
        ];
    }

    public static function start(): string
    {
        if (null !== self::$proc) {
            return self::$base;
        }
        $log = self::$log = (string) tempnam(sys_get_temp_dir(), 'cd');
        $proc = proc_open(
            ['/usr/bin/chromedriver', '--port=0', '--allowed-ips=', '--log-level=WARNING'],
            [['file', '/dev/null', 'r'], ['file', $log, 'w'], ['file', $log, 'a']],
            $pipes,
        );
        if (!is_resource($proc)) {
            throw new \RuntimeException('no chromedriver');
        }
        self::$proc = $proc;
        register_shutdown_function(self::stop(...));
        for ($i = 0; $i < 200; ++$i) {
            if (1 === preg_match('/started successfully on port (\d+)/', (string) file_get_contents($log), $m)) {
                return self::$base = "http://127.0.0.1:$m[1]";
            }
            usleep(25_000);
        }
        throw new \RuntimeException('chromedriver did not start: ' . file_get_contents($log));
    }

    public static function stop(): void
    {
        if (null !== self::$proc) {
            proc_terminate(self::$proc);
            proc_close(self::$proc);
            self::$proc = null;
            @unlink(self::$log);
        }
        if ([] !== self::$profiles) {
            (new \Symfony\Component\Filesystem\Filesystem())->remove(self::$profiles);
            self::$profiles = [];
        }
    }

    public static function open(int $w = 1280, int $h = 800): RemoteWebDriver
    {
        $profile = sys_get_temp_dir() . '/hull-chrome-' . bin2hex(random_bytes(6));
        self::$profiles[] = $profile;
        $o = (new ChromeOptions())
            ->setBinary('/usr/bin/chromium')
            ->addArguments(self::flags($profile, $w, $h))
            ->setExperimentalOption('prefs', [
                'credentials_enable_service' => false,
                'profile.password_manager_enabled' => false,
                'profile.password_manager_leak_detection' => false,
                'intl.accept_languages' => 'en-US',
            ])
            ->setExperimentalOption('excludeSwitches', ['enable-automation']);
        $caps = DesiredCapabilities::chrome();
        $caps->setCapability(ChromeOptions::CAPABILITY, $o);
        $caps->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $d = RemoteWebDriver::create(self::start(), $caps, 20_000, 60_000);
        $tools = new ChromeDevToolsDriver($d);
        $tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => self::standingClock()]);
        $tools->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $w,
            'height' => $h,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);

        return $d;
    }

    /** The page's clock stands where the server's does. */
    private static function standingClock(): string
    {
        return sprintf(
            '{ const at = %d, Real = Date; globalThis.Date = class extends Real { constructor(...a) { if ' .
                '(a.length) super(...a); else super(at); } static now() { return at; } }; }',
            1000 * (int) strtotime((string) getenv('HULL_CLOCK')),
        );
    }
}
