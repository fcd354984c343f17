<?php

declare(strict_types=1);

namespace App\Api;

use Symfony\Component\HttpKernel\Attribute\ValueResolver;

/**
 * An argument that is the JSON body: denormalized into its class, checked by the attributes there. The API description
 * is generated from the same class.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class FromBody extends ValueResolver
{
    public function __construct()
    {
        parent::__construct(BodyResolver::class);
    }
}
