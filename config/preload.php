<?php

declare(strict_types=1);

/*
 * Read once when PHP-FPM starts: the classes that requests need. Each that is not here costs a request a tenth of a
 * millisecond or two (docs/performance.md): the container's, all of our own, and of the packages what the container
 * does not name since it is reached by name only.
 */
$root = dirname(__DIR__);
$classes =
    ($_SERVER['APP_CACHE_DIR'] ?? getenv('APP_CACHE_DIR') ?: $root . '/var/cache/prod') .
    '/App_KernelProdContainer.preload.php';
if (!is_file($classes)) {
    return;
}
require $classes;
$folders = [
    'Hull' => 'core/src',
    'App' => 'src',
    'Doctrine\DBAL\Types' => 'vendor/doctrine/dbal/src/Types',
    'Doctrine\DBAL\Driver\PDO' => 'vendor/doctrine/dbal/src/Driver/PDO',
    'Doctrine\ORM\Internal' => 'vendor/doctrine/orm/src/Internal',
    'Doctrine\ORM\Mapping\PropertyAccessors' => 'vendor/doctrine/orm/src/Mapping/PropertyAccessors',
    'Doctrine\ORM\Persisters' => 'vendor/doctrine/orm/src/Persisters',
    'Doctrine\ORM\Query' => 'vendor/doctrine/orm/src/Query',
    'Symfony\Bridge\Doctrine\Types' => 'vendor/symfony/doctrine-bridge/Types',
    'Symfony\Component\TypeInfo\TypeResolver' => 'vendor/symfony/type-info/TypeResolver',
];
foreach ($folders as $namespace => $folder) {
    $files = new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS),
    );
    foreach ($files as $file) {
        $class = $namespace . '\\' . strtr(substr($file->getPathname(), strlen("$root/$folder/"), -4), '/', '\\');
        try {
            // Those that stand on a package that is not here are not needed either.
            'php' === $file->getExtension() && ctype_upper($file->getFilename()[0]) && class_exists($class);
        } catch (Throwable) {
        }
    }
}
foreach (
    [
        Doctrine\DBAL\DriverManager::class,
        Doctrine\DBAL\Platforms\PostgreSQLPlatform::class,
        Doctrine\DBAL\Platforms\PostgreSQL\PostgreSQLMetadataProvider::class,
        Doctrine\DBAL\Schema\PostgreSQLSchemaManager::class,
        Doctrine\ORM\Proxy\DefaultProxyClassNameResolver::class,
        Doctrine\ORM\Utility\IdentifierFlattener::class,
        Doctrine\Instantiator\Instantiator::class,
        Doctrine\Persistence\Mapping\RuntimeReflectionService::class,
        Doctrine\Persistence\Reflection\RuntimeReflectionProperty::class,
        Symfony\Component\Clock\DatePoint::class,
        Symfony\Component\Security\Core\Authentication\Token\UsernamePasswordToken::class,
        Symfony\Component\VarExporter\Hydrator::class,
    ]
    as $class
) {
    class_exists($class);
}
