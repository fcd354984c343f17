<?php

declare(strict_types=1);

/*
 * Changes one token of the core at a time and runs its tests: what no test notices is printed.
 *
 *   php tools/mutate.php [--fast|--short] [NUMBER=60] [SEED=1] [FILE...]
 *
 * Sites are drawn over core/src by the seed. The changed class is loaded in place of the real one
 * (core/tests/bootstrap.php), so that nothing in the tree is touched. Which fast tests come to a line is kept in
 * var/mutate/reached.php, made by a first run of all of them with Debian's pcov (php8.2-pcov; it need not be enabled);
 * remove it after the core has changed much. Of a change the tests that reach its line run, then whether descriptions
 * and limits of formats stay, all jobs of demo and practice, the slow tests of its room, the judge's, every tenth job
 * of bin/golden (--short leaves the last two out, --fast all of these). Two are tried at a time.
 * The last line says how many were caught.
 */

const ROOT = __DIR__ . '/..';
const CONSOLE = ['-d', 'auto_prepend_file=' . ROOT . '/core/tests/mutant.php', ROOT . '/bin/console'];
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
        if ('true' === $token->text && ',' === $before?->text && ')' === $after?->text) {
            // The strictness of in_array and array_search: the types of both sides are held by PHPStan.
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

/** @return array<string, array<int, list<string>>> by file and line, what the fast tests that come there are called */
function reached(): array
{
    $kept = ROOT . '/var/mutate/reached.php';
    if (!is_file($kept)) {
        is_dir(dirname($kept)) || mkdir(dirname($kept), 0o777, true);
        passthru(
            'php -d extension=pcov -d memory_limit=3G -d pcov.directory=' .
                escapeshellarg((string) realpath(ROOT . '/core/src')) .
                ' vendor/bin/phpunit -c core/phpunit.xml --exclude-group slow --coverage-php ' .
                escapeshellarg($kept),
        );
    }
    require_once ROOT . '/vendor/autoload.php';
    $coverage = require $kept;
    $reached = [];
    foreach ($coverage->getData(true)->lineCoverage() as $file => $lines) {
        $reached[strstr($file, '/core/src/')] = array_map(
            static fn(?array $tests): array => array_values($tests ?? []),
            $lines,
        );
    }

    return $reached;
}

/**
 * @param list<string> $tests as PHPUnit calls them, with their data sets
 *
 * @return string an expression for --filter that takes all cases of these methods
 */
function filter(array $tests): string
{
    $methods = [];
    foreach ($tests as $test) {
        [$class, $method] = explode('::', (string) preg_replace('/( with data set |#).*/s', '', $test));
        $methods[substr((string) strrchr('\\' . $class, '\\'), 1)][$method] = true;
    }
    $of = static fn(string $class, array $m): string => $class . '::(' . implode('|', array_keys($m)) . ')\\b';

    return '/(' . implode('|', array_map($of, array_keys($methods), $methods)) . ')/';
}

/** @param list<string> $script with its arguments */
function fails(array $script, string $mutant): bool
{
    $command = [PHP_BINARY, '-d', 'memory_limit=1G', ...$script];
    $null = ['file', '/dev/null', 'w'];
    $process = proc_open($command, [1 => $null, 2 => $null], $pipes, ROOT, [
        ...getenv(),
        'HULL_MUTANT' => $mutant,
        'APP_SECRET' => 'test-secret',
        'DATABASE_URL' => 'postgresql://none@127.0.0.1:1/none?serverVersion=15',
    ]);
    if (false === $process) {
        throw new RuntimeException('No process.');
    }
    $began = time();
    do {
        usleep(50_000);
        $is = proc_get_status($process);
        // One that goes on and on is noticed by whoever waits for it.
        if ($is['running'] && time() - $began > 300) {
            proc_terminate($process, 9);

            return true;
        }
    } while ($is['running']);

    return 0 !== $is['exitcode'];
}

/** @param list<string> $tests that come to the line */
function caughtBy(string $file, array $tests, string $mutant): ?string
{
    $core = ['-c', ROOT . '/core/phpunit.xml'];
    $room = 'core/tests/' . explode('\\', classIn($file))[1];
    // The catalogue is read once by whichever test comes first; what is in it all of them ask. No test comes to a
    // constant, and any may use it.
    $all = str_contains($file, '/core/src/Catalog/') || [] === $tests;
    $stages = [
        'near' => is_dir(ROOT . "/$room") ? [...$core, '--exclude-group', 'slow', $room] : null,
        'fast' => match (true) {
            $all => [...$core, '--exclude-group', 'slow'],
            default => [...$core, '--exclude-group', 'slow', '--filter', filter($tests)],
        },
        'formats' => 'hull:formats',
        'limits' => ['--no-extensions', '--testsuite', 'app', '--filter', 'JobLimitsTest'],
        'jobs' => [...$core, 'core/tests/Board'],
        'slow' => is_dir(ROOT . "/$room") ? [...$core, '--group', 'slow', $room] : null,
        'judge' => ['-c', ROOT . '/judge/phpunit.xml'],
        'golden' => ['--no-extensions', '--testsuite', 'app', '--filter', 'GoldenTest'],
    ];
    $cache = ['--cache-directory', sys_get_temp_dir() . '/mutate-' . getmypid(), '--stop-on-defect', '--no-output'];
    foreach (array_slice($stages, 0, STAGES) as $stage => $arguments) {
        $command = is_string($arguments)
            ? [...CONSOLE, $arguments, '--check', '--env=dev']
            : [ROOT . '/vendor/bin/phpunit', ...$cache, ...$arguments ?? []];
        if (null !== $arguments && fails($command, classIn($file) . '=' . $mutant)) {
            return $stage;
        }
    }

    return null;
}

/** @param array{string, int, string, string} $site */
function tried(array $site, array $reached): string
{
    [$file, $at, $from, $to] = $site;
    $tokens = PhpToken::tokenize((string) file_get_contents($file));
    $line = $tokens[$at]->line;
    $tokens[$at]->text = $to;
    $mutant = sys_get_temp_dir() . '/mutant-' . getmypid() . '.php';
    file_put_contents($mutant, implode('', array_map(static fn(PhpToken $t): string => $t->text, $tokens)));
    $known = $reached[strstr($file, '/core/src/')] ?? [];
    // A statement over several lines is counted at one of them, a constant nowhere.
    for ($nearest = $line; $nearest > 0 && !isset($known[$nearest]); --$nearest);
    $tests = $known[$nearest] ?? array_unique(array_merge([], ...array_values($known)));
    $by = caughtBy($file, $tests, $mutant);
    unlink($mutant);
    $where = sprintf('%s:%d  %s -> %s', substr($file, strlen(ROOT) + 1), $line, $from, $to);

    return sprintf("%-6s %s (%d tests come there)\n", $by ?? 'ALIVE', $where, count($tests));
}

define('STAGES', ['--fast' => 2, '--short' => 6][$argv[1] ?? ''] ?? 99);
$argv = STAGES < 99 ? [$argv[0], ...array_slice($argv, 2)] : $argv;
$number = (int) ($argv[1] ?? 60);
$seed = (int) ($argv[2] ?? 1);
$files = array_slice($argv, 3);
if ([] === $files) {
    $all = new RecursiveDirectoryIterator(ROOT . '/core/src', FilesystemIterator::SKIP_DOTS);
    $files = array_values(
        array_filter(
            array_map(strval(...), iterator_to_array(new RecursiveIteratorIterator($all), false)),
            static fn(string $f): bool => str_ends_with($f, '.php'),
        ),
    );
    sort($files);
}
$all = array_merge([], ...array_map(sites(...), $files));
$order = new Random\Randomizer(new Random\Engine\Mt19937($seed));
$drawn = array_slice($order->shuffleArray($all), 0, $number);
$reached = reached();
$lines = [];
foreach ([0, 1] as $half) {
    if (0 === ($children[$half] = pcntl_fork())) {
        $out = fopen(sys_get_temp_dir() . "/mutate-$half-" . posix_getppid(), 'w');
        foreach ($drawn as $n => $site) {
            if ($half === $n % 2) {
                $line = tried($site, $reached);
                printf('%3d %s', $n + 1, $line);
                fwrite($out, $line);
            }
        }
        exit(0);
    }
}
foreach ([0, 1] as $half) {
    pcntl_waitpid($children[$half], $status);
    $lines = [...$lines, ...(array) file($kept = sys_get_temp_dir() . "/mutate-$half-" . getmypid())];
    unlink($kept);
}
$alive = count(array_filter($lines, static fn(string $line): bool => str_starts_with($line, 'ALIVE')));
printf(
    "%d of %d caught (%.0f %%), of %d places.\n",
    count($lines) - $alive,
    count($lines),
    100 * (1 - $alive / max(1, count($lines))),
    count($all),
);
exit(0 === $alive ? 0 : 1);
