<?php

declare(strict_types=1);

namespace App\Api\Body;

/**
 * A line for the record. A correction names the entry it corrects; "outside" says why a coat is begun outside its
 * limits, "despite" why a step closes with something left in or lying about.
 */
final readonly class EntryBody
{
    public function __construct(
        public string $kind,
        public string $at,
        public ?string $step = null,
        public string|float|null $temperature = null,
        public string|float|null $humidity = null,
        public ?string $note = null,
        public ?string $corrects = null,
        public ?bool $withdrawn = null,
        public ?string $rule = null,
        public ?string $by = null,
        public string|float|null $used = null,
        public string|float|null $film = null,
        public ?string $outside = null,
        public ?string $despite = null,
    ) {}
}
