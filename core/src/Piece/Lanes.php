<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Catalog\Catalogue;
use Hull\Job\Part;
use Hull\Job\Route;
use Hull\Quantity\Message;

/** The routes of the parts of a job side by side, and what was found of one to come before another. */
final class Lanes
{
    /** Laws of what lies side by side: dust and wet, order in space, one go. */
    private const BETWEEN = [16, 17, 19];

    /** @var array<int|string, Lane> by part id */
    public readonly array $lanes;

    public readonly Pieces $pieces;

    /** @var array<int|string, Precedence> */
    private array $found = [];

    /** @var array<int|string, string> part id => what it is called outside */
    private array $keys = [];

    /**
     * @param array<int|string, Part> $parts
     * @param array<int|string, Route> $routes under the same keys; parts without one have no say
     */
    public function __construct(Catalogue $catalogue, array $parts, array $routes)
    {
        $there = array_intersect_key($parts, $routes);
        $this->pieces = new Pieces($there);
        $lanes = [];
        foreach ($there as $key => $part) {
            $this->keys[$part->id] = (string) $key;
            $lanes[$part->id] = new Lane($part, $routes[$key], $catalogue);
        }
        $this->lanes = $lanes;
    }

    /** @return list<Precedence> */
    public function found(): array
    {
        return array_values($this->found);
    }

    public function put(
        Lane $before,
        ?int $at,
        Lane $after,
        ?int $to,
        string|Message $because,
        int $law,
        Ready $ready = Ready::Done,
        bool $orTogether = false,
        bool $asOne = false,
    ): void {
        // What is left for another day keeps none of what is done before waiting; what finishes the piece does.
        $later = in_array($law, self::BETWEEN, true) && ($before->part->begin ?? '') > ($after->part->begin ?? '');
        if (null === $at || null === $to || $later) {
            return;
        }
        $one = new Precedence(
            before: $this->keys[$before->part->id],
            beforeKey: $before->key($at),
            after: $this->keys[$after->part->id],
            afterKey: $after->key($to),
            because: $because,
            law: $law,
            ready: $ready,
            orTogether: $orTogether,
            asOne: $asOne,
        );
        $was = $this->found[$one->id()] ?? null;
        if (null === $was || $was->asOne || Ready::Done !== $ready) {
            $this->found[$one->id()] = $one;
        }
    }
}
