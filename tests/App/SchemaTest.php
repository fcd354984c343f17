<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Catalog\CatalogueLoader;
use Hull\Catalog\CatalogueReader;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

final class SchemaTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';

    /** @return iterable<string, array{string}> */
    public static function catalogueFiles(): iterable
    {
        foreach ((new CatalogueLoader(self::ROOT . '/catalog', '', true))->files() as $file) {
            yield basename(dirname($file)) . '/' . basename($file) => [$file];
        }
    }

    #[DataProvider('catalogueFiles')]
    public function testCatalogueFilesKeepTheirSchema(string $file): void
    {
        $this->assertFollows('catalog/schema/catalogue.schema.json', Yaml::parseFile($file));
    }

    public function testTheSchemaKnowsEveryKindTheReaderReads(): void
    {
        $schema = json_decode((string) file_get_contents(self::ROOT . '/catalog/schema/catalogue.schema.json'), true);
        self::assertIsArray($schema);
        self::assertIsArray($schema['properties']);
        $kinds = array_keys($schema['properties']);
        sort($kinds);
        $read = CatalogueReader::KINDS;
        sort($read);
        self::assertSame($read, $kinds);
    }

    /** @return iterable<string, array{string}> */
    public static function jobFiles(): iterable
    {
        $files = glob(self::ROOT . '/demo/*.json');
        foreach ([...false === $files ? [] : $files, self::ROOT . '/docs/formats/job.example.json'] as $file) {
            yield basename($file) => [$file];
        }
    }

    #[DataProvider('jobFiles')]
    public function testJobFilesKeepTheirSchema(string $file): void
    {
        $this->assertFollows('docs/formats/job.schema.json', json_decode((string) file_get_contents($file), true));
    }

    private function assertFollows(string $schema, mixed $data): void
    {
        $result = (new Validator())->validate(
            json_decode((string) json_encode($data)),
            (string) file_get_contents(self::ROOT . '/' . $schema),
        );
        $error = $result->error();
        self::assertTrue(
            $result->isValid(),
            null === $error ? '' : (string) json_encode((new \Opis\JsonSchema\Errors\ErrorFormatter())->format($error)),
        );
    }
}
