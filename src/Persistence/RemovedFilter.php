<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\ORM\Query\Filter\SQLFilter;

/** Leaves out of every query what was removed; on by default. */
final class RemovedFilter extends SQLFilter
{
    public const NAME = 'removed';

    public function addFilterConstraint(ClassMetadata $targetEntity, string $targetTableAlias): string
    {
        return $targetEntity->getReflectionClass()->implementsInterface(MayBeRemoved::class)
            ? $targetTableAlias . '.removed_at IS NULL'
            : '';
    }
}
