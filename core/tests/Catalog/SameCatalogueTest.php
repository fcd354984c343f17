<?php

declare(strict_types=1);

namespace Hull\Tests\Catalog;

use Hull\Tests\Kept;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/**
 * What is read of the shipped catalogue, kind by kind: a reader that reads something else is seen at once, and so is
 * which kinds a change of a file touches. Make it anew after a change of the catalogue (HULL_RENEW=1).
 */
final class SameCatalogueTest extends TestCase
{
    public function testIsReadAsItWas(): void
    {
        $now = [];
        foreach (get_object_vars(Yard::catalogue()) as $kind => $entries) {
            $now[$kind] = Kept::digest($entries);
        }
        Kept::same(__DIR__ . '/same-catalogue.json', 'shipped', $now, 'the catalogue is read otherwise');
    }
}
