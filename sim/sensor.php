<?php

declare(strict_types=1);

/*
 * A stand-in for the sensors that hang in the places of the yard, over HTTP on its own port; see
 * docs/formats/climate.md. They drift slowly, so that a reading is never quite what was reckoned.
 *
 * Run: php -S 127.0.0.1:8092 sim/sensor.php
 */

const PLACES = ['Heated bay' => [17.4, 56.0], 'Long shed' => [13.2, 88.0], 'North slip' => [12.0, 74.0]];

$file = (getenv('SENSOR_STATE') ?: sys_get_temp_dir() . '/hull-sensor-' . getenv('SENSOR_PORT')) . '.json';
$places = json_decode((string) @file_get_contents($file), true) ?: PLACES;
$path = parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH);
if ('POST' === $_SERVER['REQUEST_METHOD'] && '/place' === $path) {
    $body = json_decode((string) file_get_contents('php://input'), true) ?: [];
    if (
        is_string($body['name'] ?? null) &&
        is_numeric($body['temperature_c'] ?? null) &&
        is_numeric($body['humidity_pct'] ?? null)
    ) {
        $places[$body['name']] = [(float) $body['temperature_c'], (float) $body['humidity_pct']];
        file_put_contents($file, json_encode($places), LOCK_EX);
    }
}
if (!in_array($path, ['/readings', '/place'], true)) {
    http_response_code(404);

    return true;
}
$minute = intdiv(strtotime((string) getenv('HULL_CLOCK')) ?: time(), 600) * 600;
$sensors = [];
foreach ($places as $name => [$c, $rh]) {
    $drift = sin(crc32($name . intdiv($minute, 3600)));
    $sensors[] = [
        'name' => 'Sensor ' . (count($sensors) + 1),
        'place' => $name,
        'at' => gmdate('Y-m-d\TH:i:s\Z', $minute),
        'temperature_c' => round($c + 0.3 * $drift, 1),
        'humidity_pct' => round($rh - 2.0 * $drift),
    ];
}
header('Content-Type: application/json');
echo json_encode(['protocol' => 'hull-sensor', 'version' => 1, 'simulated' => true, 'sensors' => $sensors]);

return true;
