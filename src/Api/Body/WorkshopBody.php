<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;
use App\Api\Check\OneOf;
use App\Api\Check\Several;
use App\Api\Check\Whole;
use Hull\Quantity\Gallon;
use Symfony\Component\Validator\Constraints\Regex;

/** What is particular about a workshop. */
final readonly class WorkshopBody
{
    private const CURRENCY = 'three letters of ISO 4217, such as GBP, EUR or USD';

    /**
     * @param array<int|string, string> $local topic => text
     * @param string $hourRate an amount of money; empty for none
     * @param ?int $vocLimit grams a litre
     */
    public function __construct(
        #[Regex('/^[A-Za-z]{3}$/', 'This is not a currency.', payload: self::CURRENCY)] public string $currency,
        #[Several(100, new Line(2000, empty: true))] public array $local,
        #[Whole(1, Whole::VERSION)] public int $version,
        #[Line(40, empty: true)] public string $hourRate = '',
        #[Whole(1, 1_000_000)] public ?int $vocLimit = null,
        #[OneOf(Gallon::class)] public ?string $gallon = null,
    ) {}
}
