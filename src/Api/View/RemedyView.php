<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** Something that would give a part its hours, tried with the part alone. */
final readonly class RemedyView
{
    /**
     * @param string $how heat, dry, place, cover, film, helper, method or wait
     * @param string|Message $says in words: "Heat Shed to 15 °C"
     * @param string $opens when what has no hour would be begun
     * @param string $finish when the part would be done
     * @param string|Message $takes what it takes, in words; empty where that cannot be said
     */
    public function __construct(
        public string $how,
        public string|Message $says,
        public string $opens,
        public string $finish,
        public string|Message $takes,
    ) {}
}
