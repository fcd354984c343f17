<?php

declare(strict_types=1);

namespace App\Catalog;

/**
 * The same values, each there once: of a catalogue's nine thousand objects more than half say what another one says.
 * They cannot be changed, so that nobody can tell; packed they take two thirds of the room, unpacked half of the time.
 */
final class Shared
{
    /** @var array<string, object> by what they say */
    private array $once = [];
    /** @var \SplObjectStorage<object, object> */
    private \SplObjectStorage $done;

    private function __construct()
    {
        $this->done = new \SplObjectStorage();
    }

    /**
     * @template T of object
     *
     * @param T $value readonly all the way down
     *
     * @return T
     */
    public static function of(object $value): object
    {
        return (new self())->object($value);
    }

    private function value(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map($this->value(...), $value),
            is_object($value) => $this->object($value),
            default => $value,
        };
    }

    /**
     * @template T of object
     *
     * @param T $value
     *
     * @return T
     */
    private function object(object $value): object
    {
        if ($value instanceof \UnitEnum) {
            return $value;
        }
        if (!isset($this->done[$value])) {
            $class = new \ReflectionClass($value);
            $fields = [];
            $says = $class->name;
            foreach (self::fields($class) as $field) {
                if ($field->isInitialized($value)) {
                    $fields[] = [$field, ($is = $this->value($field->getValue($value)))];
                    $says .= "\0$field->class::$field->name=" . self::key($is);
                }
            }
            $this->done[$value] = $this->once[hash('xxh128', $says)] ??= self::made($class, $fields);
        }

        /** @var T */
        return $this->done[$value];
    }

    /**
     * Each of the class that says so: nobody else may set what is readonly, or sees what is private.
     *
     * @param \ReflectionClass<object> $class
     *
     * @return list<\ReflectionProperty>
     */
    private static function fields(\ReflectionClass $class): array
    {
        $fields = [];
        for ($of = $class; false !== $of; $of = $of->getParentClass()) {
            foreach ($of->getProperties() as $field) {
                if (!$field->isStatic() && $field->class === $of->name) {
                    $fields[] = $field;
                }
            }
        }

        return $fields;
    }

    /**
     * @param \ReflectionClass<object> $class
     * @param list<array{\ReflectionProperty, mixed}> $fields
     */
    private static function made(\ReflectionClass $class, array $fields): object
    {
        $object = $class->newInstanceWithoutConstructor();
        foreach ($fields as [$field, $is]) {
            $field->setValue($object, $is);
        }

        return $object;
    }

    /** Of what is shared already: the same for the same. */
    private static function key(mixed $value): string
    {
        return match (true) {
            $value instanceof \UnitEnum => $value::class . '::' . $value->name,
            is_object($value) => '#' . spl_object_id($value),
            is_array($value) => '[' .
                implode(
                    ',',
                    array_map(
                        static fn(int|string $k, mixed $v): string => serialize($k) . self::key($v),
                        array_keys($value),
                        $value,
                    ),
                ) .
                ']',
            default => serialize($value),
        };
    }
}
