<?php

declare(strict_types=1);

use Symfony\Component\Dotenv\Dotenv;

require dirname(__DIR__) . '/vendor/autoload.php';
require dirname(__DIR__) . '/core/tests/mutant.php';
(new Dotenv())->usePutenv(false)->bootEnv(dirname(__DIR__) . '/.env');

// No test reads the time of day: the clock stands, in what tests start as well. ./test --at moves it.
$instant = getenv('HULL_CLOCK');
$instant = false === $instant || '' === $instant ? '2026-05-13T10:10:00Z' : $instant;
putenv('HULL_CLOCK=' . $instant);
$_SERVER['HULL_CLOCK'] = $_ENV['HULL_CLOCK'] = $instant;
