<?php

declare(strict_types=1);

namespace App\Device;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Mass;

/** Reads the scale at the bench; see docs/formats/scale.md. */
final readonly class Scale
{
    private const PATIENCE_S = 0.8;

    private string $address;

    public function __construct(?string $address, private Service $service)
    {
        $this->address = $address ?? '';
    }

    public function isThere(): bool
    {
        return '' !== $this->address;
    }

    public function address(): string
    {
        return $this->address;
    }

    /** Null when it does not answer, or not in its protocol. */
    public function reading(): ?Reading
    {
        if (!$this->isThere()) {
            return null;
        }
        try {
            $n = Node::root($this->service->get($this->address, '/reading', self::PATIENCE_S));
            $n->field('protocol')->choice(['hull-scale']);
            $value = $n->optional('value')?->number();

            return new Reading(
                $n->field('device')->text(80),
                true === $n->optional('simulated')?->boolean(),
                null === $value ? null : $value / 1000.0,
                Mass::grams($n->field('step')->number()),
                $n->field('stable')->boolean(),
            );
        } catch (InvalidInput) {
            return null;
        }
    }
}
