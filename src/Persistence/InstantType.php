<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\Type;

/** An instant in UTC with microseconds; the built-in type cuts to whole seconds. */
final class InstantType extends Type
{
    private const FORMAT = 'Y-m-d H:i:s.uP';

    public function getSQLDeclaration(array $column, AbstractPlatform $platform): string
    {
        return 'TIMESTAMP(6) WITH TIME ZONE';
    }

    public function convertToDatabaseValue(mixed $value, AbstractPlatform $platform): ?string
    {
        return $value instanceof \DateTimeInterface ? $value->format(self::FORMAT) : null;
    }

    public function convertToPHPValue(mixed $value, AbstractPlatform $platform): ?\DateTimeImmutable
    {
        return is_string($value) ? (new \DateTimeImmutable($value))->setTimezone(new \DateTimeZone('UTC')) : null;
    }
}
