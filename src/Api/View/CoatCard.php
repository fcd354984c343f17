<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** Everything for one coat. */
final readonly class CoatCard
{
    /**
     * @param list<MixPart> $parts
     * @param list<string> $missing what the sheet would have to give for the other ratio
     * @param list<string|Message> $warnings
     * @param list<string> $cautions
     */
    public function __construct(
        public string $stepKey,
        public string $product,
        public string $name,
        public string $example,
        public int $coat,
        public string $status,
        public string $byVolume,
        public string $byMass,
        public string $stated,
        public array $missing,
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
        public bool $thinAfterInduction,
        public ?Value $dose,
        public ?Value $smallest,
        public Value $coatTime,
        public Value $gap,
        public ?Value $passes,
        public ?Value $pace,
        public ?Value $can,
        public ?Value $cans,
        public Value $waste,
        public array $parts,
        public ?MixClock $clock,
        public ?Value $touch,
        public ?Value $recoatMin,
        public ?Value $recoatMax,
        public ?Value $full,
        public Value $dewMargin,
        public bool $mayCoat,
        public array $warnings,
        public array $cautions,
    ) {}
}
