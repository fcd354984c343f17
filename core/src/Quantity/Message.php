<?php

declare(strict_types=1);

namespace Hull\Quantity;

/**
 * A sentence of ours with what it speaks of beside it: the English template is its code, under which a translator finds
 * it, and its parameters stay what they are, so that a quantity is said in the reader's units. What has no parameters
 * may stay a string, which is its own code.
 *
 * @phpstan-type Parameter string|int|Quantity|self|list<string|self>
 */
final readonly class Message implements \Stringable, \JsonSerializable
{
    /** Between the items of a list. */
    private const COMMA = ', ';

    /**
     * @param string $code in English, parameters in braces: "Heat {place} to {temperature}"
     * @param array<array-key, Parameter> $with
     */
    private function __construct(public string $code, public array $with) {}

    /**
     * @param Parameter ...$with by name, one for each place in braces
     *
     * @throws \LogicException where the two do not match
     */
    public static function of(string $english, string|int|Quantity|self|array ...$with): self
    {
        foreach ($with as $name => $_) {
            if (!str_contains($english, '{' . $name . '}')) {
                throw new \LogicException(sprintf('"%s" has no place for "%s".', $english, $name));
            }
        }

        return new self($english, $with);
    }

    /** A sentence of ours inside of another one is no name: it is said in the reader's units and language, too. */
    public static function sentence(string|self $sentence): self
    {
        return $sentence instanceof self ? $sentence : new self($sentence, []);
    }

    /**
     * Several in a row, sentences or what stands on either side of a sign.
     *
     * @param list<string|self> $parts
     */
    public static function row(array $parts, string $between = ' '): self
    {
        $code = [];
        $with = [];
        foreach ($parts as $n => $part) {
            $name = 'part' . ($n + 1);
            $code[] = '{' . $name . '}';
            $with[$name] = $part;
        }

        return new self(implode($between, $code), $with);
    }

    /** @return string|array{message: string, with: array<array-key, mixed>} what is kept of a sentence */
    public static function toKeep(string|self $said): string|array
    {
        return $said instanceof self ? $said->jsonSerialize() : $said;
    }

    /**
     * As it was kept: a string, or one with its parameters.
     *
     * @throws \LogicException for anything else
     */
    public static function from(mixed $kept): string|self
    {
        if (is_string($kept)) {
            return $kept;
        }
        if (!self::isKept($kept)) {
            throw new \LogicException('No message was kept there.');
        }

        return new self($kept['message'], array_map(self::parameter(...), $kept['with']));
    }

    /** @phpstan-assert-if-true array{message: string, with: array<array-key, mixed>} $value */
    public static function isKept(mixed $value): bool
    {
        return is_array($value) &&
            2 === count($value) &&
            is_string($value['message'] ?? null) &&
            is_array($value['with'] ?? null);
    }

    /**
     * In the units of a reader and, where somebody has translated it, in another language.
     *
     * @param (\Closure(string): ?string)|null $translated template => the same in the language; null where it has none
     */
    public function said(UnitSystem $units, ?\Closure $translated = null): string
    {
        $parameters = [];
        foreach ($this->with as $name => $value) {
            $parameters['{' . $name . '}'] = self::shown($value, $units, $translated);
        }

        $template = (null === $translated ? null : $translated($this->code)) ?? $this->code;

        // Only what is ours is read for units: what somebody called "Bay 3 m" stays so.
        return strtr(Sentence::in($template, $units), $parameters);
    }

    /** In English and metric. */
    public function __toString(): string
    {
        return $this->said(UnitSystem::Metric);
    }

    /** @return array{message: string, with: array<array-key, mixed>} */
    public function jsonSerialize(): array
    {
        return ['message' => $this->code, 'with' => array_map(self::kept(...), $this->with)];
    }

    /** @param Parameter $value */
    private static function shown(
        string|int|Quantity|self|array $value,
        UnitSystem $units,
        ?\Closure $translated,
    ): string {
        return match (true) {
            $value instanceof Quantity => $value->format($units),
            $value instanceof self => $value->said($units, $translated),
            is_array($value) => implode(
                self::COMMA,
                array_map(static fn(string|self $v): string => self::shown($v, $units, $translated), $value),
            ),
            default => (string) $value,
        };
    }

    /** @param Parameter $value */
    private static function kept(string|int|Quantity|self|array $value): mixed
    {
        return match (true) {
            $value instanceof Quantity => [$value::dimension()->value => $value->value()],
            $value instanceof self => $value->jsonSerialize(),
            is_array($value) => ['list' => array_map(self::kept(...), $value)],
            default => $value,
        };
    }

    /** @return Parameter */
    private static function parameter(mixed $kept): string|int|Quantity|self|array
    {
        if (is_string($kept) || is_int($kept)) {
            return $kept;
        }
        if (self::isKept($kept)) {
            return self::from($kept);
        }
        if (is_array($kept) && is_array($kept['list'] ?? null)) {
            return array_map(static fn(mixed $v): string|self => self::from($v), array_values($kept['list']));
        }
        $dimension = Dimension::tryFrom(is_array($kept) ? (string) key($kept) : '');
        $value = is_array($kept) ? current($kept) : null;

        return null !== $dimension && (is_float($value) || is_int($value))
            ? Quantity::classOf($dimension)::ofRecord((float) $value)
            : throw new \LogicException('No parameter of a message was kept there.');
    }
}
