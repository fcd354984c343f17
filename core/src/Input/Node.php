<?php

declare(strict_types=1);

namespace Hull\Input;

use Hull\Quantity\Gallon;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Money;
use Hull\Quantity\Quantity;

/** A decoded JSON or YAML value that knows its own JSON pointer, so that every refusal can name the place. */
final readonly class Node
{
    private function __construct(public mixed $value, public string $pointer, private Gallon $gallon = Gallon::Us) {}

    /** @param Gallon $gallon the one meant where nobody says which */
    public static function root(mixed $value, Gallon $gallon = Gallon::Us): self
    {
        return new self($value, '', $gallon);
    }

    /** A value from elsewhere that stands at a place people know: refusals point there. */
    public static function at(string $pointer, mixed $value, Gallon $gallon = Gallon::Us): self
    {
        return new self($value, $pointer, $gallon);
    }

    /** @param list<string> $allowed refuses any other key, so that a misspelt field is never silently dropped */
    public function only(array $allowed): self
    {
        foreach (array_map(strval(...), array_keys($this->map())) as $key) {
            if (!in_array($key, $allowed, true)) {
                throw new InvalidInput(
                    $this->pointer . '/' . $key,
                    sprintf('There is no field "%s" here.', $key),
                    'one of: ' . implode(', ', $allowed),
                );
            }
        }

        return $this;
    }

    /** The same object less one field, for what does not belong to the thing itself. */
    public function but(string $field): self
    {
        return new self(array_diff_key($this->map(), [$field => 1]), $this->pointer, $this->gallon);
    }

    /** The same place with another value, so that refusals still point here. */
    public function holding(mixed $value): self
    {
        return new self($value, $this->pointer, $this->gallon);
    }

    public function field(string $name): self
    {
        return $this->optional($name) ??
            throw new InvalidInput(
                $this->pointer . '/' . $name,
                sprintf('The field "%s" is missing.', $name),
                'a value for ' . $name,
            );
    }

    /** Null when the field is absent or null. */
    public function optional(string $name): ?self
    {
        $value = $this->map()[$name] ?? null;

        return null === $value
            ? null
            : new self($value, $this->pointer . '/' . str_replace(['~', '/'], ['~0', '~1'], $name), $this->gallon);
    }

    /** @return array<int|string, self> */
    public function fields(): array
    {
        $fields = [];
        foreach (array_map(strval(...), array_keys($this->map())) as $key) {
            $field = $this->optional($key);
            if (null !== $field) {
                $fields[$key] = $field;
            }
        }

        return $fields;
    }

    /**
     * Fields whose names are somebody's own. An object with the names "0", "1", ... comes out of JSON as a list; here
     * they are names.
     *
     * @return array<int|string, self>
     */
    public function named(): array
    {
        return is_array($this->value) && array_is_list($this->value) ? $this->items() : $this->fields();
    }

    /** @return list<self> */
    public function items(int $most = 1000): array
    {
        if (!is_array($this->value) || !array_is_list($this->value)) {
            throw $this->refuse('This is not a list.', 'a list');
        }
        if (count($this->value) > $most) {
            throw $this->refuse(
                sprintf('The list has %d entries.', count($this->value)),
                sprintf('at most %d entries', $most),
            );
        }
        $items = [];
        foreach ($this->value as $index => $item) {
            $items[] = new self($item, $this->pointer . '/' . $index, $this->gallon);
        }

        return $items;
    }

    public function text(int $most = 200): string
    {
        if (!is_string($this->value) || '' === trim($this->value)) {
            $message = is_string($this->value) ? 'Nothing is written here.' : 'This is not a text.';
            throw $this->refuse($message, 'a text of 1 to ' . $most . ' characters');
        }
        if (mb_strlen($this->value) > $most) {
            throw $this->refuse(
                sprintf('The text has %d characters.', mb_strlen($this->value)),
                'a text of 1 to ' . $most . ' characters',
            );
        }
        if (1 !== preg_match('/^[^\x00-\x08\x0B\x0C\x0E-\x1F]*$/u', $this->value)) {
            throw $this->refuse('The text holds control characters.', 'plain text');
        }

        return trim($this->value);
    }

    /** A remark; may be empty or missing. */
    public static function remark(?self $node, int $most): string
    {
        return null === $node || (is_string($node->value) && '' === trim($node->value)) ? '' : $node->text($most);
    }

    /** A day on the calendar, as 2026-12-25. */
    public function day(): string
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $this->text(10));
        if (false === $day || $day->format('Y-m-d') !== $this->text(10)) {
            throw $this->refuse(sprintf('"%s" is not a day.', $this->text(10)), 'a day such as 2026-12-25');
        }

        return $day->format('Y') >= '1990' && $day->format('Y') <= '2100'
            ? $this->text(10)
            : throw $this->refuse(
                sprintf('"%s" is too far off.', $this->text(10)),
                'a day such as 2026-12-25, from 1990 to 2100',
            );
    }

    public function boolean(): bool
    {
        return is_bool($this->value) ? $this->value : throw $this->refuse('This is not a yes or no.', 'true or false');
    }

    public function integer(int $least, int $most): int
    {
        if (!is_int($this->value) || $this->value < $least || $this->value > $most) {
            throw $this->refuse(
                'This is not a whole number in range.',
                sprintf('a whole number from %d to %d', $least, $most),
            );
        }

        return $this->value;
    }

    public function number(): float
    {
        return is_int($this->value) || is_float($this->value)
            ? (float) $this->value
            : throw $this->refuse('This is not a number.', 'a number');
    }

    /** @param list<string> $options */
    public function choice(array $options): string
    {
        if (!is_string($this->value) || !in_array($this->value, $options, true)) {
            $given = is_scalar($this->value) ? '"' . (string) $this->value . '"' : 'This';
            throw $this->refuse($given . ' is not known here.', 'one of: ' . implode(', ', $options));
        }

        return $this->value;
    }

    /**
     * Text that is a key of a table; its keys are listed only for who is refused.
     *
     * @param array<int|string, mixed> $table
     *
     * @throws InvalidInput
     */
    public function keyOf(array $table): string
    {
        return is_string($this->value) && array_key_exists($this->value, $table)
            ? $this->value
            : $this->choice(Keys::of($table));
    }

    /**
     * A number in the unit of record, or typed text with its unit.
     *
     * @template T of Quantity
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function quantity(string $class): Quantity
    {
        try {
            if (is_string($this->value)) {
                return $class::parse($this->value, $this->gallon);
            }
            if (is_int($this->value) || is_float($this->value)) {
                return $class::ofRecord((float) $this->value);
            }
        } catch (InvalidQuantity $e) {
            throw $this->refuse($e->getMessage(), $e->accepted);
        }
        throw $this->refuse('This is not a quantity.', $class::dimension()->accepted());
    }

    public function ratio(): MixRatio
    {
        try {
            return MixRatio::parse($this->text());
        } catch (InvalidQuantity $e) {
            throw $this->refuse($e->getMessage(), $e->accepted);
        }
    }

    /** An amount as text: "450" or "450.50". */
    public function money(): Money
    {
        return Money::parse($this->text(40)) ??
            throw $this->refuse(
                'This is not an amount of money.',
                'text such as "450" or "450.50", up to 10 million, without a currency',
            );
    }

    public function refuse(string $message, string $accepted): InvalidInput
    {
        return new InvalidInput($this->pointer, $message, $accepted);
    }

    /** @return array<int|string, mixed> */
    private function map(): array
    {
        if (!is_array($this->value) || ([] !== $this->value && array_is_list($this->value))) {
            throw $this->refuse('This is not an object.', 'an object with named fields');
        }
        $map = [];
        foreach ($this->value as $key => $value) {
            $map[(string) $key] = $value;
        }

        return $map;
    }
}
