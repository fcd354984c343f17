<?php

declare(strict_types=1);

namespace App\Api\View;

use App\Entity\PhotoRow;

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

    public static function of(PhotoRow $row): self
    {
        return new self(
            id: (string) $row->id,
            moment: $row->moment,
            caption: $row->caption,
            at: $row->at->format('Y-m-d\TH:i:s\Z'),
            width: $row->width,
            height: $row->height,
            url: '/api/photos/' . $row->id,
        );
    }
}
