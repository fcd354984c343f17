<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A film system made for the material of a part. */
final readonly class FilmOption
{
    /**
     * @param list<string> $coats product and number of coats, bottom to top; empty where nothing is laid
     * @param list<string|Message> $reasons why it cannot be laid on this part; empty where it can
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $why,
        public array $coats,
        public string $life,
        public bool $chosen,
        public array $reasons,
    ) {}
}
