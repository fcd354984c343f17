<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Input\Node;
use Hull\Quantity\Dimension;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Quantity;

/** One named input or output of a computation. */
final readonly class Field
{
    /**
     * @param class-string<Quantity>|null $quantity
     * @param list<string> $options
     * @param list<self> $of
     */
    private function __construct(
        public string $name,
        public string $label,
        public ?string $quantity = null,
        public bool $ratio = false,
        public array $options = [],
        public array $of = [],
        public Quantity|MixRatio|string|null $default = null,
        public bool $required = true,
        private ?Range $range = null,
    ) {}

    /** @param class-string<Quantity> $class */
    public static function quantity(string $name, string $class, string $label): self
    {
        return new self($name, $label, quantity: $class);
    }

    /** @param class-string<Quantity> $class */
    public static function optional(string $name, string $class, string $label, ?Quantity $default = null): self
    {
        return new self($name, $label, quantity: $class, default: $default, required: false);
    }

    /** @param \Closure(Range): Range $limits what it may hold, from what is usual for its dimension */
    public function within(\Closure $limits): self
    {
        return new self(
            name: $this->name,
            label: $this->label,
            quantity: $this->quantity,
            ratio: $this->ratio,
            options: $this->options,
            of: $this->of,
            default: $this->default,
            required: $this->required,
            range: $limits($this->range()),
        );
    }

    /** More than nothing. */
    public function some(): self
    {
        return $this->within(static fn(Range $r): Range => $r->above(0.0));
    }

    /** What it may hold, in words. */
    public function accepted(): string
    {
        $kind = $this->quantity ?? throw new \LogicException('Only a quantity has a range.');

        return $this->range()->words($kind::ofRecord(0.0));
    }

    private function range(): Range
    {
        return $this->range ??
            Range::usual($this->dimension() ?? throw new \LogicException('Only a quantity has a range.'));
    }

    public static function ratio(string $name, string $label): self
    {
        return new self($name, $label, ratio: true);
    }

    public static function optionalRatio(string $name, string $label): self
    {
        return new self($name, $label, ratio: true, required: false);
    }

    /** @param non-empty-list<string> $options the first is the default */
    public static function choice(string $name, string $label, array $options, bool $required = false): self
    {
        return new self($name, $label, options: $options, default: $required ? null : $options[0], required: $required);
    }

    public static function rows(string $name, string $label, self ...$of): self
    {
        return new self($name, $label, of: array_values($of));
    }

    /** @return Quantity|MixRatio|string|list<Inputs>|null */
    public function read(?Node $node): Quantity|MixRatio|string|array|null
    {
        if (null === $node) {
            return $this->default;
        }
        if (null !== $this->quantity) {
            $value = $node->quantity($this->quantity);
            $this->range()->check($node->pointer, $value);

            return $value;
        }
        if ($this->ratio) {
            return $node->ratio();
        }
        if ([] !== $this->options) {
            return $node->choice($this->options);
        }
        $rows = [];
        foreach ($node->items() as $item) {
            $rows[] = Inputs::read($item, $this->of);
        }
        if ([] === $rows) {
            throw $node->refuse('The list is empty.', 'at least one row');
        }

        return $rows;
    }

    /** @throws \Hull\Input\InvalidInput where a quantity is not within what the field may hold */
    public function check(string $pointer, mixed $value): void
    {
        if ($value instanceof Quantity && null !== $this->quantity) {
            $this->range()->check("$pointer/$this->name", $value);
        }
    }

    public function dimension(): ?Dimension
    {
        return null === $this->quantity ? null : $this->quantity::dimension();
    }

    /** @return array<int|string, mixed> JSON Schema of this field as an input */
    public function inputSchema(): array
    {
        if ([] !== $this->of) {
            return [
                'description' => $this->label,
                'type' => 'array',
                'minItems' => 1,
                'items' => Inputs::schema($this->of),
            ];
        }
        if ([] !== $this->options) {
            return ['description' => $this->label, 'enum' => $this->options];
        }
        if ($this->ratio) {
            return ['description' => $this->label . ': ' . MixRatio::ACCEPTED, 'type' => 'string'];
        }
        $dimension = $this->dimension() ?? throw new \LogicException('A field without a kind.');
        $unit = $dimension->recordUnit()->symbol();

        return [
            'description' => sprintf(
                '%s: a number%s, or %s; %s',
                $this->label,
                '' === $unit ? '' : ' in ' . $unit,
                $dimension->accepted(),
                $this->accepted(),
            ),
            'type' => ['number', 'string'],
        ];
    }
}
