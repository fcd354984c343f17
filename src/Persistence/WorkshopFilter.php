<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\ORM\Query\Filter\SQLFilter;

/**
 * Adds the workshop to every query over rows that belong to one. It is on by default: while no workshop is set,
 * such a query finds nothing, so that forgetting it never shows another workshop's rows.
 */
final class WorkshopFilter extends SQLFilter
{
    public const NAME = 'workshop';

    public function addFilterConstraint(ClassMetadata $targetEntity, string $targetTableAlias): string
    {
        if (!$targetEntity->getReflectionClass()->implementsInterface(BelongsToWorkshop::class)) {
            return '';
        }

        return $this->hasParameter('workshop')
            ? $targetTableAlias . '.workshop_id = ' . $this->getParameter('workshop')
            : '1 = 0';
    }
}
