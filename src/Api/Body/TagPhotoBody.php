<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A photo of what is on a tag; the picture in base64 (JPEG, PNG or WebP). */
final readonly class TagPhotoBody
{
    public function __construct(public string $image, public string $caption = '') {}
}
