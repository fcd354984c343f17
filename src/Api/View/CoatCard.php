<?php

declare(strict_types=1);

namespace App\Api\View;

/** Everything for one coat. */
final readonly class CoatCard
{
    /**
     * @param list<MixPart> $parts
     * @param list<string>  $warnings
     * @param list<string>  $cautions
     */
    public function __construct(
        public string $stepKey,
        public string $product,
        public string $name,
        public string $example,
        public int $coat,
        public string $status,
        public string $ratio,
        public bool $mixed,
        public Value $dft,
        public Value $wft,
        public Value $area,
        public Value $loss,
        public Value $theoretical,
        public Value $needed,
        public Value $coverage,
        public Value $batches,
        public Value $each,
        public ?Value $potLife,
        public ?Value $usable,
        public Value $induction,
        public array $parts,
        public ?Value $touch,
        public ?Value $recoatMin,
        public ?Value $recoatMax,
        public ?Value $full,
        public Value $dewMargin,
        public bool $mayCoat,
        public array $warnings,
        public array $cautions,
    ) {
    }
}
