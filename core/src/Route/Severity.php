<?php

declare(strict_types=1);

namespace Hull\Route;

enum Severity: string
{
    /** Someone can be hurt: not to be started until the cause is gone. */
    case Stop = 'stop';
    /** The order of work does not hold. */
    case Broken = 'broken';
    case Caution = 'caution';
}
