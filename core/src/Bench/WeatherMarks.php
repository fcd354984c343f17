<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Catalog\Catalogue;
use Hull\Climate\ClimateSeries;
use Hull\Climate\PartWarmth;
use Hull\Input\Keys;
use Hull\Quantity\Duration;
use Hull\Quantity\Message;
use Hull\Route\Finding;
use Hull\Route\Severity;
use Hull\Surface\Fact;
use Hull\Surface\SurfaceState;

/** What rain and dew leave on a coat that cannot stand them yet, until it is made good or found unharmed. */
final class WeatherMarks
{
    public const NEED = 'weather';

    /** @var array<int|string, Finding> by the step of the coat */
    public array $findings = [];

    /** @var list<string> */
    private readonly array $left;

    /** @param \Closure(string): string $nameOf a step, by its key */
    public function __construct(
        Catalogue $catalogue,
        private readonly ClimateSeries $series,
        private readonly PartWarmth $warmth,
        private readonly \Closure $nameOf,
    ) {
        $this->left = Keys::of(array_filter($catalogue->facts, static fn(Fact $f): bool => $f->leftByWeather));
    }

    /**
     * @param list<LaidCoat> $coats on the part; the weather comes to the uppermost
     * @param float $from hour up to which that is known; where the coat was being laid then, its beginning
     */
    public function pass(SurfaceState $state, array $coats, float $from, float $to): SurfaceState
    {
        $top = $coats[count($coats) - 1] ?? null;
        $isKnown = null !== $top && isset($this->findings[$top->stepKey]) && [] !== $this->on($state);
        if (null === $top || $isKnown) {
            return $state;
        }
        $rain = $this->series->firstRain($from, min($to, $top->rainSafeAt ?? \INF));
        $dew = $this->series->firstDew($this->warmth, $from, min($to, $top->dewFreeAt() ?? \INF));
        if (null === $rain && null === $dew) {
            return $state;
        }
        $came = min($rain ?? \INF, $dew ?? \INF);
        $this->findings[$top->stepKey] = new Finding(
            stepKey: $top->stepKey,
            stepName: ($this->nameOf)($top->stepKey),
            needId: self::NEED,
            says: self::says($top, $came === $rain ? 'Rain' : 'Dew', $came),
            consequence: 'Spots, a milky veil or washed-out places. Look along the light; sand them out and lay the ' .
                'coat again, or write that it is unharmed.',
            source: 'rain-safe and dew-free hours of the sheet; the rain is of the forecast',
            severity: Severity::Broken,
        );

        return $this->with($state, 1.0);
    }

    private static function says(LaidCoat $coat, string $what, float $came): Message
    {
        $safe = 'Rain' === $what ? $coat->rainSafeAt : $coat->dewFreeAt();

        return Message::of(
            '{what} reached it {when}; it stands that {after}',
            what: Message::of($what),
            when: $came <= $coat->laidAt
                ? Message::of('while it was laid')
                : Message::of('{time} after it was laid', time: Duration::hours($came - $coat->laidAt)),
            after: null === $safe
                ? Message::of('never in this air')
                : Message::of('after {time}', time: Duration::hours($safe - $coat->laidAt)),
        );
    }

    /**
     * Somebody looked: there is nothing on it.
     *
     * @param list<LaidCoat> $coats on the part
     */
    public function unharmed(SurfaceState $state, array $coats): SurfaceState
    {
        foreach ($coats as $coat) {
            unset($this->findings[$coat->stepKey]);
        }

        return $this->with($state, 0.0);
    }

    /** @return list<string> facts that have come of it and are there still */
    public function on(SurfaceState $state): array
    {
        return array_values(array_filter($this->left, static fn(string $f): bool => $state->fact($f) > 0.0));
    }

    private function with(SurfaceState $state, float $level): SurfaceState
    {
        return array_reduce(
            $this->left,
            static fn(SurfaceState $s, string $fact): SurfaceState => $s->with($fact, $level),
            $state,
        );
    }
}
