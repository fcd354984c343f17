<?php

declare(strict_types=1);

namespace App\Api\View;

/** A local rule as the workshop wrote it. */
final readonly class LocalTopicView
{
    public function __construct(public string $id, public string $name, public string $hint, public string $text) {}
}
