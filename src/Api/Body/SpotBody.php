<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Where on its piece a zone lies. */
final readonly class SpotBody
{
    /**
     * @param int|null $level 0 at the bottom
     * @param string|null $side inside or outside
     * @param int|null $exit how near to the way out
     */
    public function __construct(public ?int $level = null, public ?string $side = null, public ?int $exit = null) {}
}
