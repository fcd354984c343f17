<?php

declare(strict_types=1);

namespace Hull\Route;

enum Severity: string
{
    case Broken = 'broken';
    case Caution = 'caution';
}
