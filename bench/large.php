<?php

declare(strict_types=1);

/*
 * Makes a large yard out of the demo's, in the database of an instance that is running for it alone:
 *
 *   HULL_INSTANCE=large ./run
 *   HULL_INSTANCE=large php bench/large.php [JOBS] [OPEN] [PARTS] [LINES OF OTHER YARDS]
 *
 * Jobs are copies of the demo's hovercraft with its record; the closed ones carry what closing writes down. The yard
 * has three years of hourly readings and of emptied tins; the lines of other yards lie in the same table.
 */

require dirname(__DIR__) . '/vendor/autoload.php';
require dirname(__DIR__) . '/config/instance.php';

[$jobs, $open, $parts, $lines] = array_map(intval(...), array_slice($argv, 1)) + [500, 20, 6000, 1_000_000];
$url = parse_url((string) $_SERVER['DATABASE_URL']);
$db = new PDO(
    sprintf('pgsql:host=%s;port=%d;dbname=%s', $url['host'] ?? '', $url['port'] ?? 0, trim($url['path'] ?? '', '/')),
    $url['user'] ?? '',
    $url['pass'] ?? '',
    [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
);
$all = static fn(string $sql): array => $db->query($sql)->fetchAll(PDO::FETCH_ASSOC);
$pattern = $all("SELECT * FROM job WHERE name = 'Hovercraft' ORDER BY created_at LIMIT 1")[0];
$yard = $pattern['workshop_id'];
$like = $all("SELECT * FROM part WHERE job_id = '{$pattern['id']}' ORDER BY position");
$free = array_values(
    array_filter($like, static function (array $part): bool {
        $survey = json_decode($part['survey'], true);

        return !isset($survey['zone_of'], $survey['mounted_on']) && [] === ($survey['links'] ?? []);
    }),
);
$copies = $jobs - (int) $all("SELECT count(*) FROM job WHERE workshop_id = '$yard'")[0]['count'];
$opened = $open - (int) $all("SELECT count(*) FROM job WHERE workshop_id = '$yard' AND closed_at IS NULL")[0]['count'];
$each = (int) ceil(($parts - (int) $all('SELECT count(*) FROM part')[0]['count']) / max(1, $copies));
$db->beginTransaction();
$write = static function (string $table, array $row) use ($db): void {
    static $known = [];
    $names = array_keys($row);
    $key = $table . implode(',', $names);
    $known[$key] ??= $db->prepare(
        sprintf('INSERT INTO %s (%s) VALUES (:%s)', $table, implode(', ', $names), implode(', :', $names)),
    );
    $known[$key]->execute(array_map(static fn(mixed $v): mixed => is_bool($v) ? (int) $v : $v, $row));
};
$uuid = static fn(): string => (string) Symfony\Component\Uid\Uuid::v4();
for ($n = 1; $n <= $copies; ++$n) {
    $isOpen = $n <= $opened;
    $job = ['id' => $uuid(), 'name' => 'Hovercraft ' . ($n + 1)] + $pattern;
    $chosen = array_slice($like, 0, $each);
    for ($more = 0; count($chosen) < $each; ++$more) {
        $from = $free[$more % count($free)];
        $survey = json_decode($from['survey'], true);
        $survey['id'] .= '-' . (2 + intdiv($more, count($free)));
        $survey['name'] .= ' ' . (2 + intdiv($more, count($free)));
        $chosen[] = ['survey' => json_encode($survey), 'position' => 100 + $more] + $from;
    }
    $book = $ids = [];
    foreach ($chosen as $part) {
        $ids[] = $id = $uuid();
        $survey = json_decode($part['survey'], true);
        $book[] =
            ['id' => $id, 'done' => 20, 'all' => 20] + array_intersect_key($survey, ['name' => 0, 'substrate' => 0]);
    }
    $ago = $isOpen ? 0 : $n * 2;
    $write(
        'job',
        [
            'book' => json_encode($isOpen ? [] : $book),
            'closed_at' => $isOpen ? null : gmdate('Y-m-d H:i:s\Z', time() - $ago * 43200 - 864000),
        ] + $job,
    );
    foreach ($chosen as $at => $part) {
        $write('part', ['id' => $ids[$at], 'job_id' => $job['id']] + $part);
        $db->exec(
            "INSERT INTO route_version (id, workshop_id, part_id, number, steps, because, created_at)
            SELECT gen_random_uuid(), workshop_id, '{$ids[$at]}', number, steps, because, created_at FROM route_version
            WHERE part_id = '{$part['id']}'",
        );
        $db->exec(
            "INSERT INTO work_log (id, workshop_id, part_id, number, entry_id, kind, step_key, at, temperature_c,
            humidity_ratio, note, corrects, withdrawn, written_at, rule, taken_by, used_l, film_um, hand)
            SELECT gen_random_uuid(), workshop_id, '{$ids[$at]}', number, entry_id, kind, step_key,
            at - interval '$ago days', temperature_c, humidity_ratio, note, corrects, withdrawn, written_at, rule,
            taken_by, used_l, film_um, hand FROM work_log WHERE part_id = '{$part['id']}'",
        );
    }
}
$db->exec(
    "INSERT INTO place_reading (id, workshop_id, place, at, temperature_c, humidity_ratio, source)
    SELECT gen_random_uuid(), '$yard', p.place, now() - n * interval '1 hour' - interval '1 day',
    12 + 6 * sin(n / 24.0), 0.6, 'bench' FROM generate_series(1, 26280) n, (SELECT DISTINCT place FROM place_reading)
    p",
);
$db->exec(
    "WITH tins AS (INSERT INTO tin (id, workshop_id, material, batch, measure, size, received, label, cabinet, price,
    colour, gone_at) SELECT gen_random_uuid(), workshop_id, material, batch || n, measure, size,
    received - n * interval '10 days', NULL, cabinet, price, colour, now() - n * interval '9 days' - interval '40 days'
    FROM tin, generate_series(1, 100) n WHERE workshop_id = '$yard' RETURNING id, workshop_id, size, gone_at)
    INSERT INTO tin_movement (id, workshop_id, tin_id, number, kind, amount, at, entry_id, note)
    SELECT gen_random_uuid(), workshop_id, id, m, 'used', size / 5, gone_at, NULL, ''
    FROM tins, generate_series(1, 5) m",
);
$others = 20;
for ($n = 1; $n <= $others && $lines > 0; ++$n) {
    $write('workshop', ['id' => ($other = $uuid())] + $all("SELECT * FROM workshop WHERE id = '$yard'")[0]);
    $write('job', ['id' => ($job = $uuid()), 'workshop_id' => $other] + $pattern);
    foreach (array_slice($like, 0, 10) as $part) {
        $write('part', ['id' => ($id = $uuid()), 'workshop_id' => $other, 'job_id' => $job] + $part);
        $db->exec(
            sprintf(
                "INSERT INTO work_log (id, workshop_id, part_id, number, entry_id, kind, at, note, withdrawn,
                written_at, temperature_c, humidity_ratio) SELECT gen_random_uuid(), '%s', '%s', n, n::text, 'note',
                now() - n * interval '1 hour', 'of another yard', false, now(), 15, 0.6 FROM generate_series(1, %d) n",
                $other,
                $id,
                intdiv($lines, $others * min(10, count($like))),
            ),
        );
    }
}
$db->commit();
$db->exec('ANALYZE');
foreach (['job', 'part', 'work_log', 'place_reading', 'tin'] as $table) {
    printf("%-14s %9d\n", $table, $all("SELECT count(*) FROM $table")[0]['count']);
}
