<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Input\Node;

/** A formula with a name, typed inputs and outputs, and words for where it comes from. */
final readonly class Computation
{
    /**
     * @param list<Field> $inputs
     * @param list<Field> $outputs
     * @param \Closure(Inputs): Outcome $work
     */
    public function __construct(
        public string $name,
        public string $summary,
        public string $formula,
        public string $origin,
        public array $inputs,
        public array $outputs,
        private \Closure $work,
        public Source $kind = Source::Given,
    ) {}

    public function fromNode(Node $node): Result
    {
        return $this->run(Inputs::read($node, $this->inputs), Source::Given, $node->pointer);
    }

    public function run(Inputs $inputs, Source $source = Source::Given, string $pointer = ''): Result
    {
        try {
            $outcome = ($this->work)($inputs);
        } catch (\Hull\Quantity\InvalidQuantity $e) {
            throw new \Hull\Input\InvalidInput(
                $pointer . '/' . ('' !== $e->field ? $e->field : $this->blamed()),
                $e->getMessage(),
                $e->accepted,
            );
        }

        return new Result(
            $this,
            $inputs,
            $outcome,
            Source::Given === $source || Source::Estimate === $this->kind ? $this->kind : $source,
        );
    }

    /** Where a formula says no without saying to which: the first input that has to be given. */
    private function blamed(): string
    {
        foreach ($this->inputs as $field) {
            if ($field->required) {
                return $field->name;
            }
        }

        return $this->inputs[0]->name ?? '';
    }

    /** @return array<int|string, mixed> */
    public function inputSchema(): array
    {
        return Inputs::schema($this->inputs);
    }

    /** @return array<int|string, mixed> */
    public function outputSchema(): array
    {
        $values = [];
        foreach ($this->outputs as $field) {
            $dimension = $field->dimension();
            $values[$field->name] =
                null === $dimension
                    ? ['description' => $field->label, 'type' => ['string', 'boolean']]
                    : [
                        'description' => $field->label,
                        'type' => 'object',
                        'required' => ['value', 'unit'],
                        'properties' => [
                            'value' => ['type' => 'number'],
                            'unit' => ['const' => $dimension->recordUnit()->symbol()],
                        ],
                    ];
        }

        return [
            'type' => 'object',
            'required' => ['computation', 'formula', 'source', 'values', 'warnings'],
            'properties' => [
                'computation' => ['const' => $this->name],
                'formula' => ['type' => 'string'],
                'source' => ['enum' => array_map(static fn(Source $s): string => $s->value, Source::cases())],
                'values' => ['type' => 'object', 'required' => array_keys($values), 'properties' => $values],
                'warnings' => ['type' => 'array', 'items' => ['type' => 'string']],
            ],
        ];
    }
}
