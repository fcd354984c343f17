<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Inputs;
use Hull\Input\Keys;
use Hull\Input\Node;

/** A work card as a job keeps it: what was typed, worked out anew each time it is looked at. */
final readonly class Kept
{
    public const FIELDS = ['id', 'kind', 'name', 'part', 'inputs'];

    /**
     * @param string|null $part id of the part it is for
     * @param array<int|string, mixed> $inputs as typed
     */
    private function __construct(
        public string $id,
        public Kind $kind,
        public string $name,
        public ?string $part,
        public array $inputs,
    ) {}

    /** @param list<string> $parts ids of the parts of the job */
    public static function read(Node $n, array $parts): self
    {
        $n->only(self::FIELDS);
        $kinds = Kinds::all();
        $kind = $kinds[$n->field('kind')->choice(Keys::of($kinds))];
        $inputs = $n->optional('inputs') ?? $n->holding([]);
        Inputs::read($inputs, $kind->fields());

        return new self(
            $n->field('id')->text(60),
            $kind,
            $n->field('name')->text(120),
            $n->optional('part')?->choice($parts),
            array_map(static fn(Node $v): mixed => $v->value, $inputs->fields()),
        );
    }

    /** @param Workpiece|null $piece the part it is for */
    public function card(?Workpiece $piece): Card
    {
        return $this->kind->work(Inputs::read(Node::root($this->inputs), $this->kind->fields()), $piece);
    }

    /** @return array<int|string, mixed> as the job file holds it */
    public function written(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->id(),
            'name' => $this->name,
            ...null === $this->part ? [] : ['part' => $this->part],
            ...[] === $this->inputs ? [] : ['inputs' => $this->inputs],
        ];
    }
}
