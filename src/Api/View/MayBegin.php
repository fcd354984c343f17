<?php

declare(strict_types=1);

namespace App\Api\View;

/** From when and until when work may begin, as far as its own part asks. */
final readonly class MayBegin
{
    /** @param string|null $until null where no window closes */
    public function __construct(public string $id, public ?string $from, public ?string $until) {}
}
