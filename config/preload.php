<?php

declare(strict_types=1);

// Read once when PHP-FPM starts: the classes that every request needs.
$classes =
    ($_SERVER['APP_CACHE_DIR'] ?? getenv('APP_CACHE_DIR') ?: dirname(__DIR__) . '/var/cache/prod') .
    '/App_KernelProdContainer.preload.php';
if (is_file($classes)) {
    require $classes;
}
