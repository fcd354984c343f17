<?php

declare(strict_types=1);

namespace App\Api\View;

/** A place as if it were heated or dried. */
final readonly class AsIfView
{
    /**
     * @param ?Value $water a dehumidifier takes out in a day; null where no humidity is asked for or the room is not
     *                      given
     */
    public function __construct(public PlaceHours $air, public ?Value $water) {}
}
