<?php

declare(strict_types=1);

namespace Hull\Climate;

use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/**
 * For one film on one part in one place: hour by hour, whether it may be put on and whether a wet film comes to harm.
 */
final readonly class GateLine
{
    /**
     * @param list<GateReason|null> $apply
     * @param list<GateReason|null> $wet
     * @param list<int> $nextApply index of the next closed hour, at or after each
     * @param list<int> $nextWet
     * @param list<float> $margins dew margin of the part, degrees C
     */
    private function __construct(
        private int $from,
        private array $apply,
        private array $wet,
        private array $nextApply,
        private array $nextWet,
        public array $margins,
    ) {}

    /**
     * @param float $tauHours of the part, see PartLag
     * @param bool $sprayed outdoors the wind carries it off
     */
    public static function of(PlaceAir $air, Limits $limits, float $tauHours, bool $sprayed): self
    {
        $part = $air->part($tauHours);
        [$apply, $wet, $margins] = [[], [], []];
        foreach ($air->celsius as $at => $c) {
            $margin =
                $part[$at] -
                Air::of(Temperature::celsius($c), RelativeHumidity::ratio($air->humidity[$at]))->dewPoint()->c();
            $margins[] = $margin;
            $apply[] =
                $limits->closed(
                    $part[$at],
                    $margin,
                    $air->humidity[$at],
                    $sprayed ? $air->wind[$at] : 0.0,
                    $air->rain[$at],
                )[0] ?? null;
            $wet[] = Limits::wet($margin, $air->rain[$at])[0] ?? null;
        }

        return new self($air->from, $apply, $wet, self::next($apply), self::next($wet), $margins);
    }

    /**
     * What stands against a coat put on from start to finish and wet until dry, and the hour after which to try again;
     * null when nothing does. A film laid later dries later, so no start before that hour is any better.
     *
     * @param float|null $dry null when it never dries in this air
     *
     * @return array{GateReason, float}|null
     */
    public function against(float $start, float $finish, ?float $dry): ?array
    {
        $closed = self::firstIn($this->nextApply, $start - $this->from, $finish - $this->from);
        if (null !== $closed) {
            return [$this->apply[$closed] ?? GateReason::Cold, (float) ($this->from + $closed + 1)];
        }
        $closed = self::firstIn($this->nextWet, $finish - $this->from, null === $dry ? \INF : $dry - $this->from);

        return null === $closed
            ? null
            : [$this->wet[$closed] ?? GateReason::Dew, max($start + 0.25, (float) ($this->from + $closed + 1))];
    }

    public function reasonAt(float $hour): ?GateReason
    {
        return $this->apply[(int) floor($hour) - $this->from] ?? null;
    }

    /** @param list<int> $next */
    private static function firstIn(array $next, float $start, float $end): ?int
    {
        $first = (int) floor($start + 1e-9);
        $closed = $next[max(0, $first)] ?? null;

        return null === $closed || $closed >= count($next) || $closed >= $end - 1e-9 ? null : $closed;
    }

    /**
     * @param list<GateReason|null> $reasons
     *
     * @return list<int>
     */
    private static function next(array $reasons): array
    {
        $next = [];
        $closed = count($reasons);
        for ($at = count($reasons) - 1; $at >= 0; --$at) {
            $next[] = $closed = null === $reasons[$at] ? $closed : $at;
        }

        return array_reverse($next);
    }
}
