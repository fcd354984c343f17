<?php

declare(strict_types=1);

namespace Hull\Tests\Compute;

use Hull\Compute\Registry;
use Hull\Input\Node;
use PHPUnit\Framework\TestCase;

final class ZonesInAirTest extends TestCase
{
    /** Colder than its sheet goes the window stands still: how much there is to spare is not made up. */
    public function testAWindowThatDoesNotCloseHasNoSlack(): void
    {
        $result = Registry::standard()->find('cure.zones-in-air')?->fromNode(
            Node::root([
                'min' => [['temperature' => '-10 C', 'hours' => 2], ['temperature' => '20 C', 'hours' => 1]],
                'max' => [['temperature' => '10 C', 'hours' => 20], ['temperature' => '20 C', 'hours' => 10]],
                'first' => 1,
                'second' => 1,
                'air' => [['temperature' => '-10 C', 'hours' => 1]],
            ]),
        );
        self::assertNotNull($result);
        self::assertEqualsCanonicalizing(['open', 'earliest'], array_keys($result->outcome->values));
        self::assertSame(['In this air the window does not close within a year.'], $result->outcome->warnings);
    }
}
