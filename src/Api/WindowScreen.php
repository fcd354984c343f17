<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\NextCoatView;
use App\Api\View\ReadyView;
use App\Api\View\WindowBand;
use App\Api\View\WindowsView;
use App\Api\View\ZoneView;
use App\Entity\PartRow;
use App\Work\RowMapper;
use App\Work\YardAir;
use Hull\Bench\Gate;
use Hull\Bench\LaidCoat;
use Hull\Bench\NextCoat;
use Hull\Bench\Replayed;
use Hull\Bench\Tools;
use Hull\Bench\Workpiece;
use Hull\Compute\Result;
use Hull\Cure\Readiness;
use Hull\Cure\ZoneTimes;
use Hull\Input\Keys;
use Hull\Quantity\Instant;
use Hull\Quantity\TemperatureDifference;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Psr\Clock\ClockInterface;

/** Builds the windows screen: what is curing and when each film lets the next one on. */
final readonly class WindowScreen
{
    public function __construct(
        private RowMapper $stored,
        private SurveyScreen $survey,
        private CoatScreen $coats,
        private YardAir $air,
        private PlaceHoursScreen $hours,
        private AirWords $words,
        private ClockInterface $clock,
    ) {}

    public function view(PartRow $row, UnitPresenter $shown): WindowsView
    {
        $at = $this->clock->now();
        $now = Instant::hour($at);
        $place = $this->stored->places($row->job)[$this->stored->part($row)->place];
        try {
            $piece = $this->stored->workpiece($row);
            $replayed = $piece->replay($at, $this->air->series($row));
        } catch (NoRoute $e) {
            $gate = self::gate($place->air);

            return new WindowsView(
                partId: (string) $row->id,
                obstacle: $e->says,
                now: Screens::instant($now) ?? '',
                bands: [],
                cards: [],
                place: $this->survey->place($place, $shown),
                dewMargin: $shown->of($gate, 'margin', TemperatureDifference::class),
                mayCoat: $gate->flag('open'),
                gateWarnings: $gate->outcome->warnings,
                airSource: 'as set for the place',
                findings: [],
                air: $this->hours->of($row->workshop, $place, $shown),
                next: null,
            );
        }
        $piece = $piece->inAir($replayed->air);
        $gate = self::gate($replayed->air, $piece, $replayed->finished);

        return new WindowsView(
            partId: (string) $row->id,
            obstacle: '',
            now: Screens::instant($now) ?? '',
            bands: self::bands($replayed->coats, $now),
            cards: $this->coats->cards($piece, $replayed, Tools::usual(), $shown),
            place: $this->survey->place(
                new \Hull\Job\Place($place->id, $place->name, $place->kind, $replayed->air),
                $shown,
            ),
            dewMargin: $shown->of($gate, 'margin', TemperatureDifference::class),
            mayCoat: $gate->flag('open'),
            gateWarnings: $gate->outcome->warnings,
            airSource: $this->words->source($row),
            findings: array_map(static fn(Finding $f): View\FindingView => Screens::finding($f), $replayed->findings),
            air: $this->hours->of($row->workshop, $place, $shown),
            next: self::next($piece, $replayed),
        );
    }

    private static function next(Workpiece $piece, Replayed $replayed): ?NextCoatView
    {
        $next = NextCoat::of($piece, $replayed);

        return null === $next
            ? null
            : new NextCoatView(
                Screens::instant($next->span->earliest),
                Screens::instant($next->span->latest),
                $next->span->isOpen(),
                array_map(
                    static fn(ZoneTimes $z): ZoneView => new ZoneView(
                        Screens::instant($z->laid) ?? '',
                        Screens::instant($z->opens),
                        Screens::instant($z->closes),
                    ),
                    $next->zones,
                ),
                $next->advice,
                array_map(
                    static fn(string $for, array $r): ReadyView => new ReadyView(
                        Readiness::from($for)->words(),
                        Screens::instant($r[0]),
                        !$r[1],
                    ),
                    Keys::of($next->ready),
                    array_values($next->ready),
                ),
            );
    }

    /**
     * @param list<LaidCoat> $coats
     *
     * @return list<WindowBand>
     */
    public static function bands(array $coats, float $now): array
    {
        $bands = [];
        $numbers = [];
        foreach ($coats as $coat) {
            $numbers[$coat->product->id] = ($numbers[$coat->product->id] ?? 0) + 1;
            $bands[] = Screens::band($coat, $numbers[$coat->product->id], $now, false);
        }

        return $bands;
    }

    /**
     * The gate for the next coat still to be laid, or for any film.
     *
     * @param array<int|string, float> $finished
     */
    public static function gate(\Hull\Climate\Air $air, ?Workpiece $piece = null, array $finished = []): Result
    {
        foreach ($piece?->route()->steps ?? [] as $step) {
            if (null !== $piece && null !== $step->product && !isset($finished[$step->key])) {
                return Gate::of($air, $piece->context->catalogue()->product($step->product));
            }
        }

        return Gate::of($air);
    }
}
