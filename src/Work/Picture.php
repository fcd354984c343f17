<?php

declare(strict_types=1);

namespace App\Work;

use Hull\Input\InvalidInput;

/**
 * A picture as it is kept: decoded and written anew, turned upright, no larger than a screen, without what a camera
 * adds.
 */
final readonly class Picture
{
    private const TYPES = [\IMAGETYPE_JPEG, \IMAGETYPE_PNG, \IMAGETYPE_WEBP];
    /** Decoding takes four bytes a pixel; more than this is refused before it is decoded. */
    private const MOST_PIXELS = 40_000_000;
    private const MOST_SIDE = 2400;
    private const SMALL_SIDE = 400;
    private const QUALITY = 86;
    /** Quarter turns to the left that bring a camera's orientation upright. */
    private const TURNS = [3 => 2, 6 => 3, 8 => 1];

    private function __construct(public string $bytes, public string $small, public int $width, public int $height) {}

    public const TYPE = 'image/jpeg';

    /** @throws InvalidInput at /image for what is no picture, or one too large to decode */
    public static function anew(string $base64): self
    {
        $accepted = sprintf(
            'a JPEG, PNG or WebP picture in base64, up to %d million pixels',
            intdiv(self::MOST_PIXELS, 1_000_000),
        );
        $bytes = base64_decode($base64, true);
        $size = false === $bytes || '' === $bytes ? false : @getimagesizefromstring($bytes);
        if (false === $bytes || false === $size || !in_array($size[2], self::TYPES, true)) {
            throw new InvalidInput('/image', 'This is not a picture that can be kept.', $accepted);
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw new InvalidInput('/image', 'The picture is too large.', $accepted);
        }
        $image = @imagecreatefromstring($bytes);
        if (false === $image) {
            throw new InvalidInput('/image', 'The picture is damaged.', $accepted);
        }
        $image = self::fitted(self::upright($image, $bytes, $size[2]), self::MOST_SIDE);

        return new self(
            self::written($image),
            self::written(self::fitted($image, self::SMALL_SIDE)),
            imagesx($image),
            imagesy($image),
        );
    }

    private static function upright(\GdImage $image, string $bytes, int $type): \GdImage
    {
        $stream = fopen('php://memory', 'r+');
        if (\IMAGETYPE_JPEG !== $type || false === $stream) {
            return $image;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $exif = @exif_read_data($stream);
        $orientation = is_array($exif) ? $exif['Orientation'] ?? 1 : 1;
        $turns = is_int($orientation) ? self::TURNS[$orientation] ?? 0 : 0;
        $turned = 0 === $turns ? false : imagerotate($image, 90 * $turns, 0);

        return false === $turned ? $image : $turned;
    }

    /** No side longer than so many pixels, on white where it was clear. */
    private static function fitted(\GdImage $image, int $most): \GdImage
    {
        $share = min(1.0, $most / max(imagesx($image), imagesy($image)));
        [$width, $height] = [
            max(1, (int) round(imagesx($image) * $share)),
            max(1, (int) round(imagesy($image) * $share)),
        ];
        $fitted = imagecreatetruecolor($width, $height);
        imagefill($fitted, 0, 0, (int) imagecolorallocate($fitted, 255, 255, 255));
        imagecopyresampled($fitted, $image, 0, 0, 0, 0, $width, $height, imagesx($image), imagesy($image));

        return $fitted;
    }

    private static function written(\GdImage $image): string
    {
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
