<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** Whether the store covers a coat, before it is begun; and who else could use the same mix. */
final readonly class CoverView
{
    /**
     * @param list<string|Message> $from
     * @param list<RideView> $rides
     * @param string|Message $batchSays what to do where batches of a colour differ; empty where nothing
     */
    public function __construct(
        public bool $known,
        public bool $enough,
        public array $from,
        public Value $short,
        public Value $left,
        public string|Message $nextShort,
        public array $rides,
        public string|Message $batchSays,
    ) {}
}
