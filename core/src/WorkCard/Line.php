<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Quantity\Quantity;
use Hull\Quantity\UnitSystem;

/** A sentence of a work card; each {} in it is a quantity, said in the reader's units. */
final readonly class Line
{
    /** @param list<Quantity> $quantities */
    private function __construct(private string $text, private array $quantities) {}

    public static function of(string $text, Quantity ...$quantities): self
    {
        return new self($text, array_values($quantities));
    }

    public function in(UnitSystem $units): string
    {
        $text = $this->text;
        foreach ($this->quantities as $quantity) {
            $text = (string) preg_replace(
                '/\{\}/',
                strtr($quantity->format($units), ['\\' => '\\\\', '$' => '\\$']),
                $text,
                1,
            );
        }

        return $text;
    }
}
