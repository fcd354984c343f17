<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Lag;

/** What the next piece of hands-on work waits for: work before it, or an hour with its reason. */
final class Onset
{
    /** @var list<Lag> */
    private array $lags = [];

    private float $notBefore = -\INF;
    private string|Message $because = '';

    public function after(Lag $lag): void
    {
        $this->lags[] = $lag;
    }

    /** @param float $hour since when the plan begins; the latest of all that are said counts */
    public function notBefore(float $hour, string|Message $because): void
    {
        if ($hour > $this->notBefore) {
            [$this->notBefore, $this->because] = [$hour, $because];
        }
    }

    /** @return array{list<Lag>, float, string|Message} lags, hour, reason; the work after it begins without these */
    public function taken(): array
    {
        $taken = [$this->lags, $this->notBefore, $this->because];
        [$this->lags, $this->notBefore, $this->because] = [[], -\INF, ''];

        return $taken;
    }
}
