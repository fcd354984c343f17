<?php

declare(strict_types=1);

namespace App\Api\View;

/** A photo; the picture itself is at its address. */
final readonly class PhotoView
{
    public function __construct(
        public string $id,
        public string $moment,
        public string $caption,
        public string $at,
        public int $width,
        public int $height,
        public string $url,
    ) {}
}
