<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Quantity\Message;
use Hull\Route\StepRunner;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Window;
use Hull\Surface\Fact;
use Hull\Surface\SurfaceState;

/** Chemistry and water that a step leaves on the part, and until when what takes them off has to begin. */
final class Residues
{
    /** Said in minutes up to here. */
    private const IN_MINUTES_H = 2.0;

    /** @var array<int|string, Window> residue => until when what takes it off may begin */
    private array $residues = [];

    /** What is wet is worked on wet. */
    private bool $goesOn = false;

    public function __construct(private readonly Catalogue $catalogue, private readonly StepRunner $runner) {}

    /**
     * Chemistry that stays on is taken off before it dries: by the next step that does. What is worked on wet has its
     * hours from there on: it may dry by itself, and only what is set to dry on purpose is not left standing.
     *
     * @return list<Window>
     */
    public function takenOff(RouteStep $step, SurfaceState $state): array
    {
        $after = $this->runner->effects($step, $state);
        $off = array_filter(
            $this->residues,
            static fn(int|string $fact): bool => $after->fact((string) $fact) < $state->fact((string) $fact),
            \ARRAY_FILTER_USE_KEY,
        );
        $on = array_filter(
            array_diff_key($this->residues, $off),
            fn(int|string $fact): bool => $this->catalogue->facts[$fact]->isChemistry(),
            \ARRAY_FILTER_USE_KEY,
        );
        $this->goesOn = count($on) + count($off) < count($this->residues);
        $this->residues = $on;

        return array_values($off);
    }

    /**
     * A residue that a step leaves has its hour from the end of its dwell on; in a bath nothing dries, and as long as
     * chemistry is on, its hours are the shorter ones.
     *
     * @param StepAir $air where it lies from then on
     */
    public function left(StepAir $air, Step $definition, string $id, SurfaceState $before, SurfaceState $after): void
    {
        foreach ($definition->worked->keepsWet ? [] : $this->catalogue->facts as $fact) {
            $isNew = $fact->isChemistry()
                ? 0.0 === $before->fact($fact->id)
                : [] === $this->residues && ($this->goesOn || self::brings($definition, $fact->id));
            if (null !== $fact->offWithinHours && $isNew && $after->fact($fact->id) > 0.0) {
                $waits = $definition->takes->waitHours;
                $this->residues[$fact->id] = new Window(
                    $id,
                    'dwell' === $definition->takes->waitFor
                        ? LagTime::on($air->dwell($definition), $waits, $fact->offWithinHours)
                        : LagTime::hours($waits + $fact->offWithinHours),
                    self::words($fact, $fact->offWithinHours),
                    false,
                    $fact->redoneHours ?? \INF,
                );
            }
        }
    }

    /** What a wait takes off by itself, as water that is let dry, has no hour any more. */
    public function waited(Step $definition, SurfaceState $before, SurfaceState $after): void
    {
        foreach ($definition->isWait() ? array_keys($this->residues) : [] as $fact) {
            if ($after->fact((string) $fact) < $before->fact((string) $fact)) {
                unset($this->residues[$fact]);
            }
        }
    }

    private static function words(Fact $fact, float $within): Message
    {
        $hours = sprintf('%g', $within);

        return match (true) {
            $fact->goesOn => Message::of(
                'the {hours} h for which {what} may stand on it',
                hours: $hours,
                what: $fact->name,
            ),
            $within > self::IN_MINUTES_H => Message::of(
                'the {hours} h in which {what} has to come off',
                hours: $hours,
                what: $fact->name,
            ),
            default => Message::of(
                'the {minutes} minutes before {what} dries on',
                minutes: (int) round(60.0 * $within),
                what: $fact->name,
            ),
        };
    }

    private static function brings(Step $step, string $fact): bool
    {
        foreach ($step->does as $effect) {
            if ($effect->fact === $fact && !$effect->takesDown()) {
                return true;
            }
        }

        return false;
    }
}
