<?php

declare(strict_types=1);

/*
 * Changes one token of the core at a time and runs its tests: what no test notices is printed.
 *
 *   php tools/mutate.php [NUMBER=60] [SEED=1] [FILE...]
 *
 * Sites are drawn over core/src by the seed, tests of the same room first. The changed class is loaded in place of the
 * real one (core/tests/bootstrap.php), so that nothing in the tree is touched. The fast tests run, and
 * of the slow ones those of the same room. The last line says how many were caught.
 */

const ROOT = __DIR__ . '/..';
const SWAPS = [
    '===' => '!==',
    '!==' => '===',
    '<' => '<=',
    '<=' => '<',
    '>' => '>=',
    '>=' => '>',
    '&&' => '||',
    '||' => '&&',
    '+' => '-',
    '-' => '+',
    '*' => '/',
    '/' => '*',
    'true' => 'false',
    'false' => 'true',
    'max' => 'min',
    'min' => 'max',
    'ceil' => 'floor',
    'floor' => 'ceil',
];

/** @return list<array{string, int, string, string}> file, token, what stands there, what is put there */
function sites(string $file): array
{
    $sites = [];
    $tokens = PhpToken::tokenize((string) file_get_contents($file));
    $plain = array_values(array_filter($tokens, static fn(PhpToken $t): bool => !$t->isIgnorable()));
    $at = array_flip(array_map(spl_object_id(...), $tokens));
    foreach ($plain as $i => $token) {
        $before = $plain[$i - 1] ?? null;
        $after = $plain[$i + 1] ?? null;
        if ('declare' === ($plain[$i - 3] ?? null)?->text || 'declare' === ($plain[$i - 4] ?? null)?->text) {
            continue;
        }
        $to = SWAPS[$token->text] ?? null;
        $binary =
            null !== $before &&
            ($before->is([T_VARIABLE, T_LNUMBER, T_DNUMBER, T_STRING]) || in_array($before->text, [')', ']'], true));
        if (in_array($token->text, ['+', '-', '*', '/'], true) && !$binary) {
            $to = null;
        }
        if (
            in_array($token->text, ['max', 'min', 'ceil', 'floor'], true) &&
            ('(' !== $after?->text || in_array($before?->text, ['->', '::', 'function', '?->'], true))
        ) {
            $to = null;
        }
        if (
            in_array($token->text, ['true', 'false'], true) &&
            in_array($before?->text, [':', '|', '=>'], true) &&
            ';' !== $after?->text &&
            ',' !== $after->text
        ) {
            $to = null;
        }
        if ($token->is([T_LNUMBER, T_DNUMBER]) && !in_array($before?->text, ['['], true)) {
            $value = str_replace('_', '', $token->text);
            $to = $token->is(T_LNUMBER) ? (string) ((int) $value + 1) : (string) ((float) $value * 1.25 + 0.01);
        }
        if (null !== $to) {
            $sites[] = [$file, $at[spl_object_id($token)], $token->text, $to];
        }
    }

    return $sites;
}

function classIn(string $file): string
{
    $relative = substr((string) realpath($file), strlen((string) realpath(ROOT . '/core/src')) + 1, -4);

    return 'Hull\\' . str_replace('/', '\\', $relative);
}

/** @param list<string> $arguments */
function fails(array $arguments, string $mutant): bool
{
    $command = array_merge(
        [
            PHP_BINARY,
            '-d',
            'memory_limit=1G',
            ROOT . '/vendor/bin/phpunit',
            '-c',
            ROOT . '/core/phpunit.xml',
            '--stop-on-defect',
            '--no-output',
            '--cache-directory',
            sys_get_temp_dir() . '/mutate-' . getmypid(),
        ],
        $arguments,
    );
    $process = proc_open($command, [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, ROOT, [
        ...getenv(),
        'HULL_MUTANT' => $mutant,
    ]);
    if (false === $process) {
        throw new RuntimeException('No process.');
    }
    $began = time();
    do {
        usleep(50_000);
        $is = proc_get_status($process);
        // One that goes on and on is noticed by whoever waits for it.
        if ($is['running'] && time() - $began > 900) {
            proc_terminate($process, 9);

            return true;
        }
    } while ($is['running']);

    return 0 !== $is['exitcode'];
}

$number = (int) ($argv[1] ?? 60);
$seed = (int) ($argv[2] ?? 1);
$files = array_slice($argv, 3);
if ([] === $files) {
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator(ROOT . '/core/src', FilesystemIterator::SKIP_DOTS))
        as $f
    ) {
        $files[] = (string) $f;
    }
    sort($files);
}
$all = array_merge([], ...array_map(sites(...), $files));
$order = new Random\Randomizer(new Random\Engine\Mt19937($seed));
$drawn = array_slice($order->shuffleArray($all), 0, $number);
$alive = [];
$mutant = sys_get_temp_dir() . '/mutant-' . getmypid() . '.php';
foreach ($drawn as $n => [$file, $at, $from, $to]) {
    $tokens = PhpToken::tokenize((string) file_get_contents($file));
    $line = $tokens[$at]->line;
    $tokens[$at]->text = $to;
    file_put_contents($mutant, implode('', array_map(static fn(PhpToken $t): string => $t->text, $tokens)));
    $env = classIn($file) . '=' . $mutant;
    $room = explode('\\', classIn($file))[1];
    $near = is_dir(ROOT . "/core/tests/$room") ? ["core/tests/$room"] : null;
    $caught =
        (null !== $near && fails([...$near, '--exclude-group', 'slow'], $env)) ||
        fails(['--exclude-group', 'slow'], $env) ||
        (null !== $near && fails([...$near, '--group', 'slow'], $env));
    $where = sprintf('%s:%d  %s -> %s', substr($file, strlen(ROOT) + 1), $line, $from, $to);
    printf("%3d %s %s\n", $n + 1, $caught ? 'caught' : 'ALIVE ', $where);
    $alive = $caught ? $alive : [...$alive, $where];
}
@unlink($mutant);
printf(
    "%d of %d caught (%.0f %%), of %d places.\n",
    count($drawn) - count($alive),
    count($drawn),
    100 * (1 - count($alive) / max(1, count($drawn))),
    count($all),
);
exit([] === $alive ? 0 : 1);
