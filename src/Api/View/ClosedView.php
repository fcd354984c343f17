<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A block of work that waits as a whole, since something in it has no hour. */
final readonly class ClosedView
{
    /**
     * @param string $name of what has no hour
     * @param string|Message $says what is against it
     * @param bool $bares something that would be laid bare waits with it
     * @param bool $air that lies in the air, or in how many people there are, so that something may help
     * @param list<string> $with other parts that wait for it
     */
    public function __construct(
        public string $part,
        public string $name,
        public string|Message $says,
        public bool $bares,
        public bool $air,
        public array $with,
    ) {}
}
