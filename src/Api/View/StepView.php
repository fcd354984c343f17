<?php

declare(strict_types=1);

namespace App\Api\View;

/** A step of the route with its reasons. */
final readonly class StepView
{
    /**
     * @param list<string> $ifLeftOut
     * @param list<string> $cautions
     * @param list<string> $protect
     * @param list<Option> $asks gear, skills and products it cannot be done without
     * @param Value $handsOn both: $setUp, with clearing up and lifting, and $working
     * @param Value|null $workedOn area that the time at work is reckoned by; null where it does not go by area
     * @param bool $mostlySetUp so much of the time goes into setting up that it is worth a word
     * @param bool $masks it covers something, or takes that off again: the masking plan says what
     * @param list<string> $local what the workshop's own rules say
     */
    public function __construct(
        public string $key,
        public string $step,
        public ?string $product,
        public string $name,
        public string $phase,
        public string $phaseName,
        public string $why,
        public string $how,
        public string $look,
        public string $accept,
        public string $onFail,
        public string $uses,
        public string $grits,
        public array $ifLeftOut,
        public array $cautions,
        public array $protect,
        public array $asks,
        public array $local,
        public Value $handsOn,
        public Value $setUp,
        public Value $working,
        public ?Value $workedOn,
        public bool $mostlySetUp,
        public ?Value $wait,
        public string $because,
        public string $status,
        public int $layersAfter,
        public bool $masks,
    ) {}
}
