<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** Something wrong in the order of work. */
final readonly class FindingView
{
    /**
     * @param list<int> $alsoAt numbers of later steps that it strikes as well, where it only warns
     * @param bool $saidBefore said at an earlier step already
     * @param list<MendView> $mends
     */
    public function __construct(
        public ?string $stepKey,
        public string $stepName,
        public string|Message $says,
        public string|Message $consequence,
        public string|Message $source,
        public string $severity,
        public string $rule,
        public bool $mayBeTaken,
        public string $takenBy,
        public array $alsoAt,
        public bool $saidBefore,
        public array $mends,
    ) {}
}
