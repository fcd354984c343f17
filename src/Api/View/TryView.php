<?php

declare(strict_types=1);

namespace App\Api\View;

/** What breaks when work is put elsewhere. */
final readonly class TryView
{
    /**
     * @param list<BreakView> $breaks
     * @param list<MayBegin> $windows of it and of what follows on its part, with it there
     * @param list<ZoneView> $zones of it, where it is a coat over another: begun, half way, ended
     */
    public function __construct(public array $breaks, public array $windows, public array $zones) {}
}
