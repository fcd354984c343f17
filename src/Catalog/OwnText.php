<?php

declare(strict_types=1);

namespace App\Catalog;

use Hull\Catalog\Catalogue;
use Hull\Catalog\CatalogueReader;
use Hull\Catalog\OwnCatalogue;
use Hull\Catalog\ProductSheet;
use Hull\Input\InvalidInput;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Exception\ParseException;

/** Reads the text of a workshop's own catalogue: YAML, then the schema of the catalogue files, then the reader. */
final readonly class OwnText
{
    private const MOST_ERRORS = 20;

    public function __construct(private CatalogueLoader $loader, private string $schema) {}

    /** @return list<LineError> empty when it can be used */
    public function errors(string $text): array
    {
        try {
            $own = PlainYaml::parse($text);
        } catch (ParseException $e) {
            return [new LineError(max(1, $e->getParsedLine()), '', rtrim($e->getMessage(), '.') . '.', 'YAML')];
        }
        if (null === $own) {
            return [];
        }
        try {
            $merged = OwnCatalogue::over($this->loader->data(), $own);
        } catch (InvalidInput $e) {
            return [$this->at($text, $e)];
        }
        $errors = $this->misshapen($text, $own);
        if ([] !== $errors) {
            return $errors;
        }
        try {
            $merged->read();
        } catch (InvalidInput $e) {
            return [$this->at($text, $e)];
        }

        return [];
    }

    /** @param list<mixed> $sheets of the workshop's own tins */
    public function catalogue(string $text, array $sheets = []): Catalogue
    {
        $own = OwnCatalogue::over($this->loader->data(), PlainYaml::parse($text));

        return [] === $sheets ? $own->read() : CatalogueReader::read($this->withSheets($own->data, $sheets));
    }

    /**
     * A sheet as text, held against the catalogue it is meant for.
     *
     * @throws InvalidInput with the line of what is wrong
     */
    public function sheet(string $text, string $own): ProductSheet
    {
        try {
            $given = PlainYaml::parse($text);
        } catch (ParseException $e) {
            throw new InvalidInput(
                '/text',
                sprintf('Line %d: %s', max(1, $e->getParsedLine()), $e->getMessage()),
                'YAML or JSON',
            );
        }
        $data = OwnCatalogue::over($this->loader->data(), PlainYaml::parse($own))->data;
        try {
            $sheet = ProductSheet::read($given, self::productIds($data));
            CatalogueReader::read($this->withSheets($data, [$sheet->written()]));
        } catch (InvalidInput $e) {
            $pointer = (string) preg_replace('#^/products/\d+#', '', $e->pointer);
            throw new InvalidInput(
                '/text',
                sprintf('Line %d: %s', YamlLines::of($text, $pointer), $e->getMessage()),
                $e->accepted,
            );
        }

        return $sheet;
    }

    /**
     * @param array<int|string, list<mixed>> $data
     * @param list<mixed> $sheets
     *
     * @return array<int|string, list<mixed>>
     */
    private function withSheets(array $data, array $sheets): array
    {
        $ids = self::productIds($data);
        $products = $data['products'] ?? [];
        foreach ($sheets as $given) {
            $at = array_search(is_array($given) ? $given['class'] ?? '' : '', $ids, true);
            if (false === $at) {
                continue;
            }
            $sheet = ProductSheet::read($given, $ids);
            $entry = $products[$at];
            $products[$at] = is_array($entry) ? $sheet->over($entry) : $entry;
        }

        return [...$data, 'products' => $products];
    }

    /**
     * @param array<int|string, list<mixed>> $data
     *
     * @return list<string>
     */
    private static function productIds(array $data): array
    {
        return array_map(
            static fn(mixed $p): string => is_array($p) && is_string($p['id'] ?? null) ? $p['id'] : '',
            $data['products'] ?? [],
        );
    }

    /** @return list<string> ids of own entries, which routes, surveys, places and tins may name */
    public function ids(string $text): array
    {
        $own = OwnCatalogue::over($this->loader->data(), PlainYaml::parse($text));

        return array_values(array_unique(array_merge([], ...array_values($own->ids))));
    }

    private function at(string $text, InvalidInput $e): LineError
    {
        return new LineError(YamlLines::of($text, $e->pointer), $e->pointer, $e->getMessage(), $e->accepted);
    }

    /** @return list<LineError> */
    private function misshapen(string $text, mixed $own): array
    {
        $schema = json_decode((string) file_get_contents($this->schema), false, 512, \JSON_THROW_ON_ERROR);
        $result = (new Validator(null, self::MOST_ERRORS, false))->validate(
            json_decode((string) json_encode($own)),
            is_object($schema) ? $schema : new \stdClass(),
        );
        $error = $result->error();

        return null === $error ? [] : $this->leaves($text, $error);
    }

    /** @return list<LineError> */
    private function leaves(string $text, ValidationError $error): array
    {
        $leaves = [];
        foreach ($error->subErrors() as $sub) {
            if ($sub instanceof ValidationError) {
                $leaves = [...$leaves, ...$this->leaves($text, $sub)];
            }
        }
        if ([] !== $leaves) {
            return array_slice($leaves, 0, self::MOST_ERRORS);
        }
        $path = $error->data()->fullPath();
        $args = $error->args();
        $named = $args['properties'] ?? ($args['missing'] ?? null);
        $named = is_array($named) ? array_values(array_filter($named, is_string(...))) : [];
        if ('additionalProperties' === $error->keyword()) {
            $named = array_values(array_diff($named, self::fields($error)));
            if ([] === $named) {
                return [];
            }
            $path[] = $named[0];
        }
        $names = implode(', ', $named);
        [$detail, $accepted] = match ($error->keyword()) {
            'additionalProperties' => [
                sprintf('The field "%s" is not known here.', $names),
                'the fields the example shows',
            ],
            'required' => [sprintf('"%s" is missing.', $names), 'every field that the form asks for'],
            'type' => ['The value is of the wrong kind.', self::words($args['expected'] ?? '')],
            'enum' => ['The value is not one of the list.', 'a value the schema lists'],
            'pattern' => ['The text does not have the right form.', 'for an id: small letters, digits and hyphens'],
            default => [ucfirst(str_replace(['{', '}'], '', $error->message())) . '.', 'what the example shows'],
        };
        $pointer = implode('', array_map(static fn(int|string $p): string => '/' . $p, $path));

        return [new LineError(YamlLines::of($text, $pointer), $pointer, $detail, $accepted)];
    }

    /** @return list<string> fields the schema has at the place of an error */
    private static function fields(ValidationError $error): array
    {
        $schema = $error->schema()->info()->data();
        $fields =
            is_object($schema) && isset($schema->properties) && is_object($schema->properties)
                ? array_keys(get_object_vars($schema->properties))
                : [];

        return array_map(strval(...), $fields);
    }

    private static function words(mixed $expected): string
    {
        return is_string($expected)
            ? $expected
            : implode(' or ', is_array($expected) ? array_filter($expected, is_string(...)) : []);
    }
}
