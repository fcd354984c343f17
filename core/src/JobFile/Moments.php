<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Climate\Air;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/** An instant, and the air of one place and moment, as they are typed. */
final class Moments
{
    /** @throws InvalidInput when it has no offset or is not between 1990 and 2100 */
    public static function instant(Node $n): \DateTimeImmutable
    {
        $accepted = 'an instant with its offset such as 2026-05-04T14:30:00+02:00, between 1990 and 2100';
        $text = $n->text(40);
        if (1 !== preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/', $text)) {
            throw $n->refuse(sprintf('"%s" is not an instant.', $text), $accepted);
        }
        try {
            $at = new \DateTimeImmutable($text);
        } catch (\Exception) {
            throw $n->refuse(sprintf('"%s" is not an instant.', $text), $accepted);
        }
        if ($at->format('Y') < '1990' || $at->format('Y') > '2100') {
            throw $n->refuse(sprintf('"%s" is too far off.', $text), $accepted);
        }

        return $at->setTimezone(new \DateTimeZone('UTC'));
    }

    /** Temperature and humidity of one place and moment. */
    public static function air(Node $n): Air
    {
        try {
            return Air::of(
                $n->field('temperature')->quantity(Temperature::class),
                $n->field('humidity')->quantity(RelativeHumidity::class),
            );
        } catch (InvalidQuantity $e) {
            throw $n->field('temperature')->refuse($e->getMessage(), $e->accepted);
        }
    }
}
