<?php

declare(strict_types=1);

namespace App\Api\View;

/** The photos of a part, oldest first. */
final readonly class PhotoList
{
    /** @param list<PhotoView> $photos */
    public function __construct(public array $photos) {}
}
