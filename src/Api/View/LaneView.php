<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A zone of the job: one lane of the order. */
final readonly class LaneView
{
    /**
     * @param string $carrier name of the part it hangs on; empty for none
     * @param string $whole name of the part it is a zone of; empty for none
     */
    public function __construct(
        public string $partId,
        public string $name,
        public string $substrate,
        public string $hatch,
        public string $place,
        public string|Message $obstacle,
        public int $done,
        public int $all,
        public string $carrier,
        public string $whole,
    ) {}
}
