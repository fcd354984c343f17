<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Table;
use Hull\Quantity\Temperature;

/** Drying of washed parts; an estimate, always confirmed by a dryness test. */
final readonly class Drying
{
    private const REFERENCE_C = 20.0;
    private const REFERENCE_RH = 60.0;
    /** In air with so little room for water of that of the reference nothing dries. */
    private const LEAST_SPEED = 0.02;

    /** @param array<int|string, float> $hours at 20 C and 60 % by where the water lies */
    private function __construct(private array $hours) {}

    public static function of(Table $hours): self
    {
        return new self($hours->figures());
    }

    /** Hours at 20 C and 60 %. */
    public function base(string $exposure): float
    {
        return $this->hours[$exposure] ?? throw new \LogicException('No drying exposure ' . $exposure . '.');
    }

    /** base / (VPD / VPDref). */
    public function time(string $exposure, Air $air): Duration
    {
        $speed = self::speed($air);
        if ($speed <= 0.0) {
            throw new InvalidQuantity(
                'In air this damp nothing dries.',
                'drier or warmer air: below about 98 % relative humidity',
                'humidity',
            );
        }

        return Duration::hours($this->base($exposure) / $speed);
    }

    /** The slower of two places where water lies. */
    public function slower(string $one, string $other): string
    {
        return $this->base($one) >= $this->base($other) ? $one : $other;
    }

    /** How fast it dries in an air, beside the reference; 0 in air too damp for it. */
    public static function speed(Air $air): float
    {
        $reference = Air::of(Temperature::celsius(self::REFERENCE_C), RelativeHumidity::percent(self::REFERENCE_RH));
        $speed = $air->deficitHpa() / $reference->deficitHpa();

        return $speed < self::LEAST_SPEED ? 0.0 : $speed;
    }
}
