<?php

declare(strict_types=1);

use Symfony\Component\Dotenv\Dotenv;

/*
 * Which instance this process belongs to: what the environment says, else the one that ./run started in this checkout,
 * else .env. So console and server mean the same database. A console that root called goes on as the user the instance
 * belongs to: PHP does not work on it as root.
 */
$_SERVER += getenv();
$instance = basename($_SERVER['HULL_INSTANCE'] ?? 'main');
$written = dirname(__DIR__) . '/var/run/' . $instance . '/instance.env';
$dotenv = (new Dotenv())->usePutenv(false);
if (!isset($_SERVER['DATABASE_URL']) && !isset($_SERVER['APP_ENV']) && is_file($written)) {
    if (0 === posix_geteuid() && 0 !== fileowner($written)) {
        $owner = posix_getpwuid((int) fileowner($written));
        if (false !== $owner && posix_initgroups($owner['name'], $owner['gid'])) {
            posix_setgid($owner['gid']);
            posix_setuid($owner['uid']);
        }
    }
    if (!is_readable($written)) {
        fwrite(\STDERR, "The running instance belongs to somebody else: $written cannot be read.\n");
        exit(1);
    }
    $dotenv->populate(
        array_filter(
            $dotenv->parse((string) file_get_contents($written), $written),
            static fn(string $name): bool => !isset($_SERVER[$name]),
            \ARRAY_FILTER_USE_KEY,
        ),
    );
}
foreach (['PGTARGETSESSIONATTRS', 'PGCONNECT_TIMEOUT'] as $name) {
    // These the library of the database reads itself.
    if (isset($_SERVER[$name]) && is_string($_SERVER[$name])) {
        putenv($name . '=' . $_SERVER[$name]);
    }
}
if (!isset($_SERVER['APP_ENV'], $_SERVER['DATABASE_URL'])) {
    $dotenv->bootEnv(dirname(__DIR__) . '/.env');
}
$debug = $_SERVER['APP_DEBUG'] ?? 'prod' !== $_SERVER['APP_ENV'];
$_SERVER['APP_DEBUG'] = filter_var($debug, \FILTER_VALIDATE_BOOL) ? '1' : '0';
foreach (['APP_ENV', 'APP_DEBUG'] as $name) {
    $_ENV[$name] = $_SERVER[$name];
}
