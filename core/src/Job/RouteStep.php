<?php

declare(strict_types=1);

namespace Hull\Job;

/** One step of one route: which kind of step, with which product, under a key the log can refer to. */
final readonly class RouteStep
{
    /** @param string $because why it was put in, where that is not plain from the route itself */
    public function __construct(
        public string $key,
        public string $step,
        public ?string $product = null,
        public string $because = '',
    ) {}

    public function withKey(string $key): self
    {
        return new self($key, $this->step, $this->product, $this->because);
    }

    public function because(string $because): self
    {
        return new self($this->key, $this->step, $this->product, $because);
    }
}
