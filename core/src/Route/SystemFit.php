<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\FilmSystem;
use Hull\Quantity\Message;

/** A film system held against one part: whether it can be laid there, and why not. */
final readonly class SystemFit
{
    /**
     * @param list<string|Message> $reasons why it does not fit, each a whole sentence; empty where it fits
     * @param list<string> $lacks ids of gear, skills and tastes the workshop is without
     * @param int $against how many answers to school questions it goes against, those given by hand counting more
     */
    public function __construct(
        public FilmSystem $system,
        public array $reasons,
        public array $lacks,
        public int $against,
    ) {}

    public function fits(): bool
    {
        return [] === $this->reasons;
    }
}
