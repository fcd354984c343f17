<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Catalog\FilmSystem;
use Hull\Catalog\Service;
use Hull\Catalog\Substrate;

/** Where a film system was planned when it was picked. */
final readonly class SystemReached
{
    public function __construct(
        public FilmSystem $system,
        public Substrate $substrate,
        public Service $service,
        public int $steps,
    ) {}
}
