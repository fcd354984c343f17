<?php

declare(strict_types=1);

/*
 * A stand-in for the bench scale: speaks the protocol of docs/formats/scale.md over HTTP on its own port.
 * It has noise, drift and a settling time, as a real one does. Run: php -S 127.0.0.1:8090 sim/scale.php
 */

const STEP_G = 1.0;
const CAPACITY_G = 6000.0;
const NOISE_G = 0.45;
const DRIFT_G_PER_HOUR = 2.0;
const SETTLES_S = 1.2;

$file = (getenv('SCALE_STATE') ?: sys_get_temp_dir() . '/hull-scale-' . getenv('SCALE_PORT')) . '.json';
$handle = fopen($file, 'c+');
flock($handle, LOCK_EX);
$state = json_decode((string) stream_get_contents($handle), true) ?: [
    'on' => 0.0,
    'zero' => 0.0,
    'since' => microtime(true),
    'pours' => [],
];

/** What has reached the pan by now: every pour runs for its own seconds. */
$load = static function (float $now) use (&$state): float {
    $grams = $state['on'];
    foreach ($state['pours'] as [$g, $from, $for]) {
        $grams += $g * min(1.0, max(0.0, ($now - $from) / max(0.01, $for)));
    }

    return $grams;
};
$quiet = static function (float $now) use (&$state): bool {
    $last = 0.0;
    foreach ($state['pours'] as [, $from, $for]) {
        $last = max($last, $from + $for);
    }

    return $now - $last > SETTLES_S;
};

$now = microtime(true);
$path = parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH);
$body = json_decode((string) file_get_contents('php://input'), true) ?: [];
$number = static fn(string $name, float $else): float => is_numeric($body[$name] ?? null)
    ? (float) $body[$name]
    : $else;
if ('POST' === $_SERVER['REQUEST_METHOD']) {
    match ($path) {
        '/pour' => ($state['pours'][] = [
            max(-CAPACITY_G, min(CAPACITY_G, $number('grams', 0.0))),
            $now,
            max(0.0, min(60.0, $number('seconds', 1.0))),
        ]),
        '/zero' => ($state['zero'] = $load($now) + (DRIFT_G_PER_HOUR * ($now - $state['since'])) / 3600.0),
        '/clear' => ($state = ['on' => 0.0, 'zero' => 0.0, 'since' => $now, 'pours' => []]),
        default => http_response_code(404),
    };
    ftruncate($handle, 0);
    rewind($handle);
    fwrite($handle, (string) json_encode($state));
}
flock($handle, LOCK_UN);

if ('GET' === $_SERVER['REQUEST_METHOD'] && '/' === $path) {
    header('Content-Type: text/html; charset=utf-8');
    readfile(__DIR__ . '/scale.html');

    return true;
}
if ('GET' === $_SERVER['REQUEST_METHOD'] && '/reading' !== $path) {
    http_response_code(404);

    return true;
}
$true = $load($now) - $state['zero'] + (DRIFT_G_PER_HOUR * ($now - $state['since'])) / 3600.0;
$noise = NOISE_G * sin(crc32((string) floor($now * 5)));
$over = $load($now) > CAPACITY_G;
header('Content-Type: application/json');
echo json_encode([
    'protocol' => 'hull-scale',
    'version' => 1,
    'device' => 'Simulated bench scale',
    'simulated' => true,
    'unit' => 'g',
    'step' => STEP_G,
    'capacity' => CAPACITY_G,
    'value' => $over ? null : round(($true + $noise) / STEP_G) * STEP_G,
    'stable' => !$over && $quiet($now),
    'overload' => $over,
]);

return true;
