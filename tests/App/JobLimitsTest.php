<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Format\JobSchema;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What the schema of the job file says of lengths, counts and numbers is what the reader takes: as much is taken, one
 * more is refused where it stands. Looked at wherever a job of the demo has a value.
 */
final class JobLimitsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        foreach ((array) glob(__DIR__ . '/../../demo/*.json') as $file) {
            yield basename((string) $file, '.json') => [(string) $file];
        }
    }

    #[DataProvider('jobs')]
    public function testOneMoreIsRefusedWhereItStands(string $file): void
    {
        $job = json_decode((string) file_get_contents($file), true, 512, \JSON_THROW_ON_ERROR);
        self::assertIsArray($job);
        $schema = (new JobSchema(Yard::catalogue()))->describe();
        $tried = 0;
        $seen = [];
        foreach (self::limits($job, $schema, $schema, []) as [$path, $most, $over]) {
            // Every entry of a list has the same limits.
            $kind = preg_replace('#/\d+#', '/n', implode('/', ['', ...$path])) . gettype($over);
            if (isset($seen[$kind])) {
                continue;
            }
            $seen[$kind] = true;
            $pointer = implode('/', ['', ...$path]);
            self::assertNotSame($pointer, self::refusedAt(self::with($job, $path, $most)), "$pointer takes its most");
            self::assertStringStartsWith(
                $pointer,
                self::refusedAt(self::with($job, $path, $over)),
                "$pointer and more",
            );
            ++$tried;
        }
        self::assertGreaterThan(10, $tried);
    }

    /** @param array<array-key, mixed> $job */
    private static function refusedAt(array $job): string
    {
        try {
            (new JobReader(Yard::catalogue()))->job(Node::root($job));
        } catch (InvalidInput $refused) {
            return $refused->pointer;
        }

        return '';
    }

    /**
     * @param array<array-key, mixed> $schema of the value
     * @param array<array-key, mixed> $root
     * @param list<array-key> $path
     *
     * @return iterable<array{list<array-key>, mixed, mixed}> where it stands, the most it takes, and more
     */
    private static function limits(mixed $value, array $schema, array $root, array $path): iterable
    {
        $schema = self::resolved($schema, $root, $value);
        $number = static fn(string $of): ?int => is_int($schema[$of] ?? null) ? $schema[$of] : null;
        [$long, $many] = [$number('maxLength'), $number('maxItems')];
        if (is_string($value) && null !== $long && !isset($schema['pattern'])) {
            yield [$path, str_repeat('o', $long), str_repeat('o', $long + 1)];
        }
        foreach (is_int($value) ? ['maximum' => 1, 'minimum' => -1] : [] as $limit => $beyond) {
            if (null !== $number($limit)) {
                yield [$path, $number($limit), $number($limit) + $beyond];
            }
        }
        if (is_array($value) && array_is_list($value) && [] !== $value && null !== $many && $many < 999) {
            yield [$path, array_fill(0, $many, $value[0]), array_fill(0, $many + 1, $value[0])];
        }
        foreach (is_array($value) ? $value : [] as $key => $child) {
            $own = self::below(self::below($schema, 'properties'), $key);
            $of = [] === $own ? self::below($schema, 'items') : $own;
            if ([] !== $of) {
                yield from self::limits($child, $of, $root, [...$path, $key]);
            }
        }
    }

    /**
     * @param array<array-key, mixed> $schema
     * @param array<array-key, mixed> $root
     *
     * @return array<array-key, mixed> behind its reference, and of several the one that knows what the value has
     */
    private static function resolved(array $schema, array $root, mixed $value): array
    {
        if (is_string($schema['$ref'] ?? null)) {
            return self::resolved(self::below(self::below($root, '$defs'), basename($schema['$ref'])), $root, $value);
        }
        $kinds = self::below($schema, 'anyOf');
        foreach (array_keys($kinds) as $n) {
            $one = self::below($kinds, $n);
            $kind = self::below(self::below($one, 'properties'), 'kind')['const'] ?? null;
            if (
                is_array($value) &&
                isset($one['properties']) &&
                (null === $kind || $kind === ($value['kind'] ?? null))
            ) {
                return $one;
            }
        }

        return $schema;
    }

    /**
     * @param array<array-key, mixed> $of
     *
     * @return array<array-key, mixed> empty where there is none
     */
    private static function below(array $of, int|string $key): array
    {
        return is_array($of[$key] ?? null) ? $of[$key] : [];
    }

    /**
     * @param array<array-key, mixed> $job
     * @param list<array-key> $path
     *
     * @return array<array-key, mixed>
     */
    private static function with(array $job, array $path, mixed $value): array
    {
        $key = array_shift($path) ?? '';
        $job[$key] = [] === $path ? $value : self::with(self::below($job, $key), $path, $value);

        return $job;
    }
}
