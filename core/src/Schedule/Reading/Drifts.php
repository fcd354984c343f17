<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Quantity\Message;
use Hull\Route\StepRunner;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Window;
use Hull\Surface\SurfaceState;

/** What gets worse by itself with time, such as bare metal: since which work, and until when the next may begin. */
final class Drifts
{
    /**
     * @var array<int|string, array{string|null, float}> fact => activity that brought it and the level then, or now
     *                                                   and the level now
     */
    private array $since = [];

    /**
     * @param float $now since when the plan begins, hours
     * @param float $keying of making good what came too late, hours
     */
    public function __construct(
        private readonly StepRunner $runner,
        private readonly float $now,
        private readonly float $keying,
        SurfaceState $state,
    ) {
        foreach ($runner->drifts() as $fact) {
            $this->since[$fact] = [null, $state->fact($fact)];
        }
    }

    /**
     * @param StepAir $air where it lies until then
     *
     * @return array{list<Window>, float|null} what the step asks; an hour where the record has it, not planned work
     */
    public function asked(StepAir $air, ProbedLags $asks, SurfaceState $state): array
    {
        $windows = [];
        $notAfter = null;
        foreach ($asks->hours as $fact => $most) {
            [$from, $level] = $this->since[$fact];
            if (null === $from) {
                $notAfter = min($notAfter ?? \INF, $this->now + max(0.0, $most - $level));
            } else {
                $windows[] = new Window(
                    from: $from,
                    closes: LagTime::hours(max(0.0, $most - $level))->orRain($air->rain($state)),
                    what: Message::of('{hours} hours of bare metal', hours: (int) round($most)),
                    along: false,
                    hours: $this->keying,
                    abrades: true,
                );
            }
        }

        return [$windows, $notAfter];
    }

    /**
     * Which work brought which fact.
     *
     * @param string|null $activity that stands last
     */
    public function remember(RouteStep $step, Step $definition, ?string $activity, SurfaceState $before): void
    {
        $after = $this->runner->effects($step, $before);
        foreach ($this->runner->drifts() as $fact) {
            // Abraded again, it is bare anew though the figure is the same.
            $tried = $this->runner->effects($step, $before->with($fact, $before->fact($fact) + 1.0))->fact($fact);
            if ($tried !== $before->fact($fact) + 1.0 && !$definition->isWait()) {
                $this->since[$fact] = [$activity, $after->fact($fact)];
            }
        }
    }
}
