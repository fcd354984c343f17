<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Quantity\Message;
use Hull\Quantity\UnitSystem;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;
use PHPUnit\Framework\TestCase;

/** Why something begins then, to whoever reads it: what is ours is in their units, a name stays a name. */
final class WhyTest extends TestCase
{
    public function testAReasonInsideOfAReasonIsInTheReadersUnits(): void
    {
        $dew = new Why(WhyKind::Air, 'the part is less than 3 °C above the dew point');

        self::assertSame(
            'until then the part is less than 5.4 °F above the dew point',
            Message::sentence($dew->words())->said(UnitSystem::Us),
        );
    }

    public function testAPersonAndAPartAreCalledWhatTheyAreCalled(): void
    {
        $busy = new Why(WhyKind::Person, 'Bay 3 m', 'p/coat');

        self::assertSame(
            'Bay 3 m is busy with Frame 2 m: wash',
            Message::sentence($busy->words('Frame 2 m: wash'))->said(UnitSystem::Us),
        );
    }
}
