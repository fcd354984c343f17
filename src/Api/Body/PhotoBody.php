<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A photo to keep: before, during or after; the picture in base64 (JPEG, PNG or WebP). */
final readonly class PhotoBody
{
    public function __construct(public string $moment, public string $image, public string $caption = '') {}
}
