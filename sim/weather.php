<?php

declare(strict_types=1);

/*
 * A stand-in for a weather service: 14 days by the hour, the same for the same day and seed, over HTTP on its own port.
 * The protocol is in docs/formats/climate.md. Run: php -S 127.0.0.1:8091 sim/weather.php
 */

const DAYS = 14;
const SCENARIOS = ['mild', 'cold-night', 'cold-week', 'wet', 'windy', 'hot'];

$file = (getenv('WEATHER_STATE') ?: sys_get_temp_dir() . '/hull-weather-' . getenv('WEATHER_PORT')) . '.json';
$state = json_decode((string) @file_get_contents($file), true) ?: ['scenario' => 'mild', 'seed' => 7];
$path = parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH);

if ('POST' === $_SERVER['REQUEST_METHOD'] && '/scenario' === $path) {
    $body = json_decode((string) file_get_contents('php://input'), true) ?: [];
    $state = [
        'scenario' => in_array($body['name'] ?? '', SCENARIOS, true) ? $body['name'] : $state['scenario'],
        'seed' => is_int($body['seed'] ?? null) ? $body['seed'] : $state['seed'],
    ];
    file_put_contents($file, json_encode($state), LOCK_EX);
}
if ('GET' === $_SERVER['REQUEST_METHOD'] && '/' === $path) {
    header('Content-Type: text/html; charset=utf-8');
    readfile(__DIR__ . '/weather.html');

    return true;
}
if (!in_array($path, ['/forecast', '/scenario'], true)) {
    http_response_code(404);

    return true;
}

/** A number from 0 to 1 that depends on nothing but its arguments. */
$chance = static fn(int ...$of): float => (crc32(implode('/', [$state['seed'], ...$of])) % 10_000) / 10_000;
$now = (int) floor((strtotime((string) getenv('HULL_CLOCK')) ?: time()) / 3600);
$shines = static function (int $hour): float {
    // Height of the sun at 51 degrees north, and what of it comes through a clear sky; the day's middle is at 12 UTC.
    $year = (2.0 * M_PI * ((int) gmdate('z', $hour * 3600) - 80)) / 365.0;
    $tilt = deg2rad(23.4) * sin($year);
    $turn = (2.0 * M_PI * (($hour % 24) + 0.5 - 12.0)) / 24.0;
    $height = sin(deg2rad(51.0)) * sin($tilt) + cos(deg2rad(51.0)) * cos($tilt) * cos($turn);

    return max(0.0, 990.0 * $height - 30.0);
};
$hours = [];
for ($hour = $now; $hour < $now + 24 * DAYS; ++$hour) {
    $day = intdiv($hour, 24);
    $clock = $hour % 24;
    $ahead = $hour - $now;
    $swing = sin((($clock - 9) / 24) * 2 * M_PI);
    $c = 15.0 + 3.0 * ($chance($day, 1) - 0.5) + 5.0 * $swing + 0.6 * ($chance($hour, 2) - 0.5);
    $rh = 66.0 + 10.0 * ($chance($day, 3) - 0.5) - 17.0 * $swing;
    $wind = 2.2 + 1.6 * $chance($day, 4) + 1.0 * max(0.0, $swing);
    $rain = $chance($day, 5) > 0.8 && $clock >= 13 && $clock < 16 ? 0.4 + $chance($hour, 6) : 0.0;
    $night = $clock >= 20 || $clock < 9;
    if ($ahead < (['cold-night' => 40, 'cold-week' => 168][$state['scenario']] ?? 0)) {
        $c -= $night ? 9.0 : 4.0;
        $rh += $night ? 14.0 : 6.0;
    }
    if ('wet' === $state['scenario'] && $ahead < 72) {
        $rain = max($rain, $clock % 6 < 3 ? 0.8 : 0.0);
        $rh += 14.0;
    }
    if ('windy' === $state['scenario'] && $ahead < 72) {
        $wind += 4.5;
    }
    if ('hot' === $state['scenario'] && $ahead < 96) {
        $c += 9.0 + 4.0 * max(0.0, $swing);
        $rh -= 8.0;
        $rain = 0.0;
    }
    $clear = $rain > 0.0 ? 0.1 : ('hot' === $state['scenario'] && $ahead < 96 ? 1.0 : 0.35 + 0.5 * $chance($day, 7));
    $hours[] = [
        'at' => gmdate('Y-m-d\TH:i:s\Z', $hour * 3600),
        'temperature_c' => round($c, 1),
        'humidity_pct' => round(max(25.0, min(99.0, $rh + ($rain > 0.0 ? 15.0 : 0.0))), 0),
        'wind_ms' => round($wind, 1),
        'rain_mm' => round($rain, 1),
        'sun_w_m2' => round($clear * $shines($hour), 0),
    ];
}
header('Content-Type: application/json');
echo json_encode([
    'protocol' => 'hull-weather',
    'version' => 1,
    'station' => 'Cinder Quay weather',
    'simulated' => true,
    'scenario' => $state['scenario'],
    'issued' => gmdate('Y-m-d\TH:i:s\Z'),
    'hours' => $hours,
]);

return true;
