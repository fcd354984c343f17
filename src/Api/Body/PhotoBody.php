<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;
use App\Api\Check\OneOf;
use App\Api\JsonBody;
use App\Work\Album;

/** A photo to keep; the picture in base64 (JPEG, PNG or WebP). */
final readonly class PhotoBody
{
    public function __construct(
        #[OneOf(Album::MOMENTS)] public string $moment,
        #[Line(JsonBody::MOST_BYTES)] public string $image,
        #[Line(200, empty: true)] public string $caption = '',
    ) {}
}
