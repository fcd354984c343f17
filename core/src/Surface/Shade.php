<?php

declare(strict_types=1);

namespace Hull\Surface;

/** Paint as it is bought, mixed and laid: a product, and the colour it is wanted in. */
final readonly class Shade
{
    /** @param string $colour in the yard's words; empty where none was said */
    public function __construct(public string $product, public string $colour = '') {}

    /** Two shades with one key come out of one tin; case and spaces do not make another colour. */
    public function key(): string
    {
        $colour = mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $this->colour)));

        return '' === $colour ? $this->product : $this->product . '/' . $colour;
    }

    /** The name with its colour. */
    public function named(string $name): string
    {
        return '' === $this->colour ? $name : $name . ', ' . $this->colour;
    }
}
