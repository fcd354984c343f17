<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\WindowBand;
use App\Api\View\WindowsView;
use App\Entity\PartRow;
use App\Work\Stored;
use App\Work\YardAir;
use Hull\Bench\LaidCoat;
use Hull\Bench\Tools;
use Hull\Bench\Workpiece;
use Hull\Compute\Registry;
use Hull\Compute\Result;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\TemperatureDifference;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Psr\Clock\ClockInterface;

/** Builds the windows screen: what is curing and when each film lets the next one on. */
final readonly class WindowScreen
{
    private const HOURS_BEFORE = 6;
    private const HOURS_AFTER = 42;

    public function __construct(private Stored $stored, private SurveyScreen $survey, private CoatScreen $coats, private YardAir $air, private ClockInterface $clock)
    {
    }

    public function view(PartRow $row, Shown $shown): WindowsView
    {
        $at = $this->clock->now();
        $now = (float) $at->format('U.u') / 3600.0;
        $place = $this->stored->places($row->job)[$this->stored->part($row)->place];
        $from = Screens::instant($now - self::HOURS_BEFORE) ?? '';
        $to = Screens::instant($now + self::HOURS_AFTER) ?? '';
        try {
            $piece = $this->stored->workpiece($row);
            $replayed = $piece->replay($at, $this->air->series($row));
        } catch (NoRoute $e) {
            $gate = self::gate($place->air);

            return new WindowsView((string) $row->id, $e->getMessage(), Screens::instant($now) ?? '', $from, $to, [], [], $this->survey->place($place, $shown), $shown->of($gate, 'margin', TemperatureDifference::class), $gate->flag('open'), $gate->outcome->warnings, 'as set for the place', []);
        }
        $gate = self::gate($replayed->air, $piece, $replayed->finished);
        $measured = [] !== array_filter($piece->part->log, static fn (\Hull\Job\LogEntry $e): bool => null !== $e->air);

        return new WindowsView(
            (string) $row->id, '', Screens::instant($now) ?? '', $from, $to,
            self::bands($replayed->coats, $now),
            $this->coats->cards($piece, $replayed, Tools::usual(), $shown),
            $this->survey->place(new \Hull\Job\Place($place->id, $place->name, $place->kind, $replayed->air), $shown),
            $shown->of($gate, 'margin', TemperatureDifference::class),
            $gate->flag('open'),
            $gate->outcome->warnings,
            $measured ? 'measured, last reading in the record' : 'as set for the place',
            array_map(static fn (Finding $f): View\FindingView => Screens::finding($f), $replayed->findings),
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
     * @param array<string, float> $finished
     */
    public static function gate(\Hull\Climate\Air $air, ?Workpiece $piece = null, array $finished = []): Result
    {
        $inputs = ['temperature' => $air->temperature, 'humidity' => RelativeHumidity::ratio(max(0.001, $air->humidity->si()))];
        foreach ($piece?->route()->steps ?? [] as $step) {
            if (null !== $piece && null !== $step->product && !isset($finished[$step->key])) {
                $product = $piece->context->catalogue()->product($step->product);
                $inputs += ['least' => $product->least, 'most' => $product->most, 'leastHumidity' => $product->leastHumidity, 'mostHumidity' => $product->mostHumidity];
                break;
            }
        }

        return Registry::standard()->run('climate.apply-gate', $inputs);
    }
}
