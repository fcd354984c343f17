<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;
use App\Api\JsonBody;

/** A photo of what is on a tag; the picture in base64 (JPEG, PNG or WebP). */
final readonly class TagPhotoBody
{
    public function __construct(
        #[Line(JsonBody::MOST_BYTES)] public string $image,
        #[Line(200, empty: true)] public string $caption = '',
    ) {}
}
