<?php

declare(strict_types=1);

/*
 * How fast a running instance answers: each read alone, then clients in a closed loop over all of them, then the read
 * after a line of the log. Run: php bench/served.php [ADDRESS] [CLIENTS] [SECONDS]
 */

use App\Command\DemoCommand;

require dirname(__DIR__) . '/vendor/autoload.php';

const LINES = 5;

$address = $argv[1] ?? 'http://127.0.0.1:8080';
$clients = (int) ($argv[2] ?? 20);
$seconds = (float) ($argv[3] ?? 10);
$jar = (string) tempnam(sys_get_temp_dir(), 'hull');

$handle = static function (string $path, string $verb = 'GET', ?string $body = null, string $token = '') use (
    $address,
    $jar,
): CurlHandle {
    $curl = curl_init($address . $path);
    curl_setopt_array(
        $curl,
        (null === $body ? [] : [CURLOPT_POSTFIELDS => $body]) + [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => $jar,
            CURLOPT_COOKIEJAR => $jar,
            CURLOPT_CUSTOMREQUEST => $verb,
            CURLOPT_ENCODING => 'gzip',
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'X-Hull-Token: ' . $token],
        ],
    );

    return $curl;
};
/** @return array{float, string} ms and what was said */
$once = static function (CurlHandle $curl): array {
    $said = curl_exec($curl);
    $code = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    if (!is_string($said) || $code >= 400) {
        fprintf(STDERR, "%s: %d %s\n", curl_getinfo($curl, CURLINFO_EFFECTIVE_URL), $code, (string) $said);
        exit(1);
    }

    return [1000.0 * curl_getinfo($curl, CURLINFO_TOTAL_TIME), $said];
};
$json = static fn(string $path): array => (array) json_decode($once($handle($path))[1], true);
$at = static function (array $sorted, float $share): float {
    sort($sorted);

    return $sorted[(int) floor($share * (count($sorted) - 1))] ?? 0.0;
};

$anonymous = array_map(static fn(): float => $once($handle('/api/session'))[0], range(1, 40));
$credentials = json_encode(['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD]);
$once($handle('/api/sign-in', 'POST', (string) $credentials, $json('/api/session')['token']));
$token = $json('/api/session')['token'];
$signed = array_map(static fn(): float => $once($handle('/api/session'))[0], range(1, 40));
printf("empty call, anonymous %.1f ms, signed in %.1f ms\n", $at($anonymous, 0.5), $at($signed, 0.5));

$job = $json('/api/jobs')['jobs'][0];
$part = $job['parts'][0]['id'];
$reads = [
    'Today' => '/api/today',
    'Route' => "/api/parts/$part/route",
    'Windows' => "/api/parts/$part/windows",
    'Schedule' => '/api/plan',
    'Store' => '/api/store',
    'Quantities' => "/api/jobs/{$job['id']}/quantities",
];
foreach ($reads as $name => $path) {
    $line = ['kind' => 'note', 'note' => 'bench', 'at' => gmdate('Y-m-d\TH:i:s\Z')];
    $first = [];
    for ($n = 0; $n < LINES; ++$n) {
        $once($handle("/api/parts/$part/log", 'POST', (string) json_encode($line), $token));
        $first[] = $once($handle($path))[0];
    }
    $times = array_map(static fn(): float => $once($handle($path))[0], range(1, 30));
    printf(
        "%-11s after a line %6.1f ms (%.0f to %.0f), again p50 %6.1f ms\n",
        $name,
        $at($first, 0.5),
        min($first),
        max($first),
        $at($times, 0.5),
    );
}

$multi = curl_multi_init();
$times = [];
$failed = 0;
$paths = array_values($reads);
$next = static fn(int $n): CurlHandle => $handle($paths[$n % count($paths)]);
$sent = 0;
for (; $sent < $clients; ++$sent) {
    curl_multi_add_handle($multi, $next($sent));
}
$begun = microtime(true);
do {
    curl_multi_exec($multi, $running);
    while (false !== ($done = curl_multi_info_read($multi))) {
        $curl = $done['handle'];
        $times[] = 1000.0 * curl_getinfo($curl, CURLINFO_TOTAL_TIME);
        $failed += 200 === curl_getinfo($curl, CURLINFO_RESPONSE_CODE) ? 0 : 1;
        curl_multi_remove_handle($multi, $curl);
        if (microtime(true) - $begun < $seconds) {
            curl_multi_add_handle($multi, $next($sent++));
            $running = 1;
        }
    }
    curl_multi_select($multi, 0.05);
} while ($running > 0);
$took = microtime(true) - $begun;
printf(
    "%d clients, %.0f s: %d answers, %.0f a second, p50 %.0f ms, p95 %.0f ms, %d failed\n",
    $clients,
    $took,
    count($times),
    count($times) / $took,
    $at($times, 0.5),
    $at($times, 0.95),
    $failed,
);
unlink($jar);
