<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Input\Node;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Quantity;

/** The inputs of one computation, read and typed. */
final readonly class Inputs
{
    /** @param array<int|string, Quantity|MixRatio|string|list<self>|null> $values */
    private function __construct(public array $values) {}

    /** @param list<Field> $fields */
    public static function read(Node $node, array $fields): self
    {
        $node->only(array_map(static fn(Field $f): string => $f->name, $fields));
        $values = [];
        foreach ($fields as $field) {
            $values[$field->name] = $field->read(
                $field->required ? $node->field($field->name) : $node->optional($field->name),
            );
        }

        return new self($values);
    }

    /**
     * @param list<Field> $fields
     * @param array<int|string, Quantity|MixRatio|string|list<self>|null> $values
     */
    public static function of(array $fields, array $values): self
    {
        $known = [];
        foreach ($fields as $field) {
            $known[$field->name] = $values[$field->name] ?? $field->default;
            if ($field->required && null === $known[$field->name]) {
                throw new \LogicException('Missing input ' . $field->name . '.');
            }
        }

        return new self($known);
    }

    /** @param array<int|string, Quantity|MixRatio|string|null> $values */
    public static function row(array $values): self
    {
        return new self($values);
    }

    /**
     * @template T of Quantity
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function quantity(string $name, string $class): Quantity
    {
        return $this->maybe($name, $class) ?? throw new \LogicException('No input ' . $name . '.');
    }

    /**
     * @template T of Quantity
     *
     * @param class-string<T> $class
     *
     * @return T|null
     */
    public function maybe(string $name, string $class): ?Quantity
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof $class ? $value : null;
    }

    public function ratio(string $name): MixRatio
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof MixRatio ? $value : throw new \LogicException('No ratio ' . $name . '.');
    }

    public function maybeRatio(string $name): ?MixRatio
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof MixRatio ? $value : null;
    }

    public function choice(string $name): string
    {
        $value = $this->values[$name] ?? null;

        return is_string($value) ? $value : throw new \LogicException('No choice ' . $name . '.');
    }

    /** @return non-empty-list<self> */
    public function rows(string $name): array
    {
        $value = $this->values[$name] ?? null;

        return is_array($value) && [] !== $value ? $value : throw new \LogicException('No rows ' . $name . '.');
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<int|string, mixed>
     */
    public static function schema(array $fields): array
    {
        $properties = [];
        $required = [];
        foreach ($fields as $field) {
            $properties[$field->name] = $field->inputSchema();
            if ($field->required) {
                $required[] = $field->name;
            }
        }

        return [
            'type' => 'object',
            'additionalProperties' => false,
            'required' => $required,
            'properties' => $properties,
        ];
    }
}
