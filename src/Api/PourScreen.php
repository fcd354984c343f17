<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\PourView;
use App\Device\Scale;
use App\Entity\PartRow;
use App\Work\RowMapper;
use Hull\Bench\CoatSheet;
use Hull\Bench\CoatSheets;
use Hull\Bench\Tools;
use Hull\Mix\Pour;
use Hull\Quantity\Mass;
use Hull\Quantity\Message;
use Hull\Quantity\Volume;
use Psr\Clock\ClockInterface;

/** The pour at the bench scale. */
final readonly class PourScreen
{
    public function __construct(private RowMapper $stored, private Scale $scale, private ClockInterface $clock) {}

    /**
     * @param int $poured parts said to be in
     * @param float $zeroG what the scale showed with the empty vessel on it
     */
    public function view(
        PartRow $row,
        string $step,
        Tools $tools,
        int $poured,
        float $zeroG,
        UnitPresenter $shown,
    ): ?PourView {
        $piece = $this->stored->workpiece($row);
        $sheet = (new CoatSheets($piece, $piece->replay($this->clock->now())->air))->one(
            $piece->route(),
            $step,
            $tools,
        );
        if (null === $sheet) {
            return null;
        }
        $marks = self::marks($sheet);
        $reading = $this->scale->reading();
        if (null === $reading || null === $reading->kg || [] === $marks) {
            $words = match (true) {
                [] === $marks => 'Without densities there is nothing to weigh to.',
                null === $reading => $this->scale->isThere()
                    ? 'The scale does not answer.'
                    : 'No scale is set up here.',
                default => 'More on the scale than it can weigh.',
            };

            return new PourView(
                connected: null !== $reading,
                device: $reading->device ?? '',
                simulated: $reading->simulated ?? false,
                page: '',
                stable: false,
                gross: '',
                grossG: 0.0,
                net: null,
                target: null,
                toGo: null,
                over: null,
                level: 0.0,
                isIn: false,
                words: $words,
            );
        }
        $net = Mass::kilograms(max(0.0, $reading->kg - $zeroG / 1000.0));
        $pour = Pour::at($marks, $poured, $net, $sheet->product->tolerance, $reading->step);
        $over = $pour->over->kg() > 0.0;
        $words = match (true) {
            $poured >= count($marks) => 'Everything is in.',
            $over => Message::of(
                '{amount} too much: take it out, or make the batch larger in proportion.',
                amount: $pour->over->onScale($reading->step),
            ),
            $pour->isIn && $reading->stable => 'That is it.',
            $pour->isIn => 'Nearly: let it settle.',
            default => Message::of('{amount} to go', amount: $pour->toGo->onScale($reading->step)),
        };

        return new PourView(
            connected: true,
            device: $reading->device,
            simulated: $reading->simulated,
            page: $reading->simulated ? $this->scale->address() : '',
            stable: $reading->stable,
            gross: Mass::kilograms(max(0.0, $reading->kg))->onScale($reading->step),
            grossG: $reading->kg * 1000.0,
            net: $shown->reading($net, $reading->step),
            target: $shown->reading($pour->target, $reading->step),
            toGo: $shown->reading($pour->toGo, $reading->step),
            over: $over ? $shown->reading($pour->over, $reading->step) : null,
            level: $pour->level,
            isIn: $pour->isIn && $reading->stable,
            words: $words,
        );
    }

    /** @return list<array{Mass, float}> */
    private static function marks(CoatSheet $sheet): array
    {
        $marks = [];
        $top = 0.0;
        $each = $sheet->batches->quantity('each', Volume::class)->litresValue();
        foreach ($sheet->readings as $part => $reading) {
            $part = (string) $part;
            $top += ($sheet->mix?->quantity($part, Volume::class)->litresValue() ?? 0.0) / max(1e-9, $each);
            $marks[] = [$reading, min(1.0, $top)];
        }

        return $marks;
    }
}
