<?php

declare(strict_types=1);

namespace Hull\Compute;

/** What a computed figure rests on, weakest last. */
enum Source: string
{
    case Given = 'given';
    case Measured = 'measured';
    case Sheet = 'sheet';
    case Typical = 'typical';
    case Estimate = 'estimate';
}
