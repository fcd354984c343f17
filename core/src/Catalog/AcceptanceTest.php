<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** How a phase is accepted: what is read, what passes, and what a fail leads to. */
final readonly class AcceptanceTest
{
    /**
     * @param string $reading yes-no, number or scale
     * @param list<string> $onFail steps a fail leads to
     * @param array<int|string, float> $shows level by fact that a fail shows to be there still
     * @param string $twin the same judgement by eye or by gauge
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $reading,
        public string $unit,
        public ?float $least,
        public ?float $most,
        public string $pass,
        public string $fail,
        public array $onFail,
        public array $shows,
        public string $twin,
        public string $standard,
    ) {}
}
