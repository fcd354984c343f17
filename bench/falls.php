<?php

declare(strict_types=1);

/*
 * Mixed traffic while a PHP process, the worker, the database, the sensors and the object store for photos are killed
 * in turn: is every line and photo that was acknowledged there, once, and how long is anything away.
 * Run: php bench/falls.php [SECONDS] [SECONDS BETWEEN]
 */

use App\Tests\App\WorkshopTest;
use App\Tests\Server\Instance;
use App\Tests\Server\Visitor;

require dirname(__DIR__) . '/vendor/autoload.php';

$seconds = (float) ($argv[1] ?? 1800);
$between = (float) ($argv[2] ?? 30);
Instance::start();
register_shutdown_function(Instance::stop(...));
$visitor = Visitor::signedIn();
$visitor->get('/api/jobs');
$part = $visitor->node()->field('jobs')->items()[0]->field('parts')->items()[0]->field('id')->text(60);
$visitor->get('/api/session');
$token = $visitor->node()->field('token')->text(500);
$reads = ['/api/today', '/api/plan', '/api/store', "/api/parts/$part/record", "/api/parts/$part/windows"];

$kills = [
    'a PHP process' => Instance::killPhpProcess(...),
    'worker' => static fn() => Instance::kill('worker'),
    'database' => static fn() => Instance::kill('database'),
    'sensor' => static fn() => Instance::kill('sensor'),
    'objects' => static fn() => Instance::kill('objects'),
];
$photo = ['moment' => 'during', 'caption' => '', 'image' => WorkshopTest::PICTURE];
// A part has room for 200 photos.
$betweenPhotos = max(1.0, $seconds / 180.0);
$nextPhoto = $begun = microtime(true);
$next = $begun + $between;
$turn = -1;
$kept = $faults = $photos = [];
$asked = 0;
$away = $down = $longest = 0.0;
while (microtime(true) - $begun < $seconds) {
    if (microtime(true) > $next) {
        $next += $between;
        $name = array_keys($kills)[++$turn % count($kills)];
        $kills[$name]();
        $down = microtime(true);
        $away = 'database' === $name ? $down : 0.0;
        // Photos are refused while their place is away.
        $nextPhoto = 'objects' === $name ? $down : $nextPhoto;
    }
    if (microtime(true) > $nextPhoto) {
        $nextPhoto += $betweenPhotos;
        $code = $visitor->write("/api/parts/$part/photos", $photo, $token);
        ++$asked;
        if (201 === $code) {
            $photos[] = $visitor->node()->field('url')->text(200);
        } elseif (microtime(true) - $down > 10.0 || !in_array($name ?? '', ['objects', 'database'], true)) {
            $faults[] = sprintf('photo %d %.2f s after %s', $code, microtime(true) - $down, $name ?? 'nothing');
        }
    }
    $note = 'line ' . bin2hex(random_bytes(6));
    $code = $visitor->write(
        "/api/parts/$part/log",
        ['kind' => 'note', 'note' => $note, 'at' => gmdate('Y-m-d\TH:i:s\Z')],
        $token,
    );
    if (201 === $code) {
        $kept[] = $note;
    }
    $codes = [$code, $visitor->get($reads[$asked % count($reads)])];
    $asked += 2;
    foreach ($codes as $code) {
        if (0 === $code || $code >= 500) {
            $since = microtime(true) - $down;
            $longest = max($longest, $since);
            if (0.0 === $away || $since > 10.0) {
                $faults[] = sprintf('%d %.2f s after %s', $code, $since, $name ?? 'nothing');
            }
        }
    }
    usleep(20_000);
}
Instance::until(static fn(): bool => 200 === $visitor->get('/api/health'), 20.0);
$visitor->get("/api/parts/$part/record");
$record = $visitor->said;
$lost = array_filter($kept, static fn(string $n): bool => !str_contains($record, $n));
$gone = array_filter($photos, static fn(string $url): bool => 200 !== $visitor->get($url));
$twice = array_filter($kept, static fn(string $n): bool => substr_count($record, '"' . $n . '"') > 1);
printf(
    '%.0f s, %d kills, %d requests; %d lines acknowledged, %d lost, %d twice; %d photos, %d lost; ' .
        'away for %.1f s at most; ' .
        "%d faults outside the database's seconds: %s\n",
    $seconds,
    $turn + 1,
    $asked,
    count($kept),
    count($lost),
    count($twice),
    count($photos),
    count($gone),
    $longest,
    count($faults),
    implode('; ', array_slice($faults, 0, 6)),
);
exit([] === $lost && [] === $gone && [] === $twice ? 0 : 1);
