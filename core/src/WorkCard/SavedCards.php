<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Input\Node;
use Hull\Job\SavedCard;

/** Reads saved work cards and works them out. */
final readonly class SavedCards
{
    public const FIELDS = ['id', 'kind', 'name', 'part', 'inputs'];

    /** @var array<int|string, Kind> */
    public array $kinds;

    public function __construct(Figures $figures)
    {
        $this->kinds = Kinds::by($figures);
    }

    /**
     * @param list<string> $parts ids of the parts of the job
     *
     * @throws \Hull\Input\InvalidInput when a field is missing, unknown, or no input of this kind of work
     */
    public function read(Node $n, array $parts): SavedCard
    {
        $n->only(self::FIELDS);
        $kind = $this->kinds[$n->field('kind')->keyOf($this->kinds)];
        $inputs = $n->optional('inputs') ?? $n->holding([]);
        Inputs::read($inputs, $kind->fields());

        return new SavedCard(
            $n->field('id')->text(60),
            $kind->id(),
            $n->field('name')->text(120),
            $n->optional('part')?->choice($parts),
            array_map(static fn(Node $v): mixed => $v->value, $inputs->fields()),
        );
    }

    public function kind(SavedCard $saved): Kind
    {
        return $this->kinds[$saved->kind];
    }

    /** @param Workpiece|null $piece the part it is for */
    public function work(SavedCard $saved, ?Workpiece $piece): Card
    {
        $kind = $this->kind($saved);

        return $kind->work(Inputs::read(Node::root($saved->inputs), $kind->fields()), $piece);
    }
}
