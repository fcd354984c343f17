<?php

declare(strict_types=1);

namespace App\Api\Body;

/** What ties a part to another one of its job. */
final readonly class LinkBody
{
    /**
     * @param string $as how: mounted-on, covers, bonded-to, seals, inside, stands-on, same-as, beside
     * @param string $to id of the other part in the job file
     * @param string|null $by what holds it there
     * @param int|null $order its turn among what comes off the same part, 1 first
     * @param bool|null $stays it is not taken off
     * @param bool|null $loaded its joint is torqued or carries load
     */
    public function __construct(
        public string $as,
        public string $to,
        public ?string $by = null,
        public ?int $order = null,
        public ?bool $stays = null,
        public ?bool $loaded = null,
    ) {}
}
