<?php

declare(strict_types=1);

// Alone after `composer install` in this folder, or with the application's packages.
require is_file(__DIR__ . '/../vendor/autoload.php')
    ? __DIR__ . '/../vendor/autoload.php'
    : __DIR__ . '/../../vendor/autoload.php';

require __DIR__ . '/mutant.php';
