<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Quantity\Mass;
use Hull\Quantity\Volume;

/** What a batch is mixed with. */
final readonly class Tools
{
    /**
     * @param Volume $vessel filled to two thirds at most
     * @param Mass $step one step of the scale
     * @param bool $helper someone mixes while another applies
     * @param bool $tray poured into a tray, where it stays cool
     */
    public function __construct(
        public Volume $vessel,
        public Mass $step,
        public bool $helper = false,
        public bool $tray = false,
    ) {}

    public static function usual(): self
    {
        return new self(Volume::litres(1.0), Mass::grams(1.0));
    }
}
