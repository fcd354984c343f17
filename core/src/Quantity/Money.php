<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** An amount in minor units of the workshop's currency, 0 or more. */
final readonly class Money
{
    private const MOST = 10_000_000_00;

    private function __construct(public int $minor) {}

    public static function minor(int $minor): self
    {
        return new self(max(0, $minor));
    }

    /** Reads "450", "450.5" or "1 250,00"; null for anything else. */
    public static function parse(string $text): ?self
    {
        $plain = str_replace([' ', "\u{a0}", ','], ['', '', '.'], trim($text));
        if (1 !== preg_match('/^\d{1,8}(\.\d{1,2})?$/', $plain)) {
            return null;
        }
        $minor = (int) round((float) $plain * 100);

        return $minor > self::MOST ? null : new self($minor);
    }

    /** As a job file holds it: "450.00". */
    public function text(): string
    {
        return sprintf('%d.%02d', intdiv($this->minor, 100), $this->minor % 100);
    }

    /** For reading: whole units, thousands apart. */
    public function rounded(): string
    {
        return number_format($this->minor / 100, 0, '.', "\u{a0}");
    }
}
