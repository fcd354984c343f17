<?php

declare(strict_types=1);

/*
 * How long a first visit takes to show what wants you today, over 4 Mbit/s and with a processor slowed four times, and
 * how much is sent for it; then the same again with what the browser kept. Run: php bench/first.php [ADDRESS] [TIMES]
 */

use App\Command\DemoCommand;
use App\Tests\Browser\Browser;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

require dirname(__DIR__) . '/vendor/autoload.php';

$address = $argv[1] ?? 'http://127.0.0.1:8080';
$times = (int) ($argv[2] ?? 5);
putenv('HULL_ADDRESS=' . $address);
$browser = Browser::open();
$tools = new ChromeDevToolsDriver($browser);
$browser->get($address . '/');
$browser->executeAsyncScript(
    'const done = arguments[arguments.length - 1]; fetch("/api/session").then(r => r.json()).then(s => fetch(' .
        '"/api/sign-in", {method: "POST", headers: {"Content-Type": "application/json", "X-Hull-Token": s.token}, ' .
        'body: JSON.stringify({email: arguments[0], password: arguments[1]})})).then(() => done())',
    [DemoCommand::EMAIL, DemoCommand::PASSWORD],
);
$tools->execute('Network.enable', []);
$tools->execute('Network.emulateNetworkConditions', [
    'offline' => false,
    'latency' => 20,
    'downloadThroughput' => 500_000,
    'uploadThroughput' => 125_000,
]);
$tools->execute('Emulation.setCPUThrottlingRate', ['rate' => 4]);
// When the words and the first part are there, by the page's own clock.
$tools->execute('Page.addScriptToEvaluateOnNewDocument', [
    'source' =>
        'window.seen = {}; new MutationObserver(() => { const is = (name, there) => { ' .
        'if (there && !(name in window.seen)) ' .
        'requestAnimationFrame(() => { window.seen[name] ??= performance.now(); }); };' .
        'is("words", document.querySelector("h1")); is("parts", document.querySelector("main li"));' .
        '}).observe(document, {childList: true, subtree: true});',
]);
$visit = static function () use ($browser, $address): array {
    $browser->get('about:blank');
    $browser->get($address . '/');
    for ($n = 0; $n < 200; ++$n) {
        usleep(50_000);
        if (true === $browser->executeScript('return "parts" in (window.seen ?? {})')) {
            break;
        }
    }
    usleep(1_500_000);

    return (array) $browser->executeScript(
        'const all = [...performance.getEntriesByType("resource"), ...performance.getEntriesByType("navigation")];' .
            'const before = all.filter(e => e.responseEnd <= window.seen.parts);' .
            'const bytes = of => of.reduce((n, e) => n + e.transferSize, 0);' .
            'return [window.seen.words, window.seen.parts, bytes(before), bytes(all),' .
            'all.map(e => [Math.round(e.startTime), Math.round(e.responseEnd), e.transferSize, ' .
            'e.name.split("/").pop()].join(" ")).join("\n")]',
    );
};
$median = static function (array $of): float {
    sort($of);

    return (float) $of[intdiv(count($of), 2)];
};
foreach (['cold' => true, 'again' => false] as $name => $isCold) {
    $seen = [];
    for ($n = 0; $n < $times; ++$n) {
        if ($isCold) {
            $tools->execute('Network.clearBrowserCache', []);
        }
        $seen[] = $visit();
    }
    printf(
        "%-5s words after %4.0f ms, parts after %4.0f ms, %4.0f kB until then, %4.0f kB in all\n",
        $name,
        $median(array_column($seen, 0)),
        $median(array_column($seen, 1)),
        $median(array_column($seen, 2)) / 1000,
        $median(array_column($seen, 3)) / 1000,
    );
    if (in_array('--list', $argv, true)) {
        echo $seen[0][4], "\n";
    }
}
$browser->quit();
