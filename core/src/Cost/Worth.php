<?php

declare(strict_types=1);

namespace Hull\Cost;

use Hull\Bench\RouteFigures;
use Hull\Bench\Workpiece;
use Hull\Compute\Registry;
use Hull\Compute\Result;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\Money;

/** What a part will take, as a range, held against buying another one. */
final readonly class Worth
{
    /** Facts nobody can see through before the work begins. */
    private const HIDDEN = [
        'lead-unknown',
        'old-film-untested',
        'asbestos',
        'soft-core',
        'trapped-water',
        'cracks',
        'delamination',
    ];

    private function __construct(
        public Result $hours,
        public Money $leastMaterial,
        public Money $mostMaterial,
        public Money $least,
        public Money $most,
        public string $verdict,
    ) {}

    /**
     * @param Money|null $hour what an hour of work is worth; null counts materials only
     * @param Money|null $replacement what another part would cost
     */
    public static function of(Workpiece $piece, RouteFigures $figures, ?Money $hour, ?Money $replacement): self
    {
        $hours = Registry::standard()->run('cost.worth-it', [
            'handsOn' => Duration::minutes($figures->handsOnMin),
            'grade' => Count::of(self::grade($piece)),
            'hidden' => Count::of(
                (float) count(
                    array_filter(self::HIDDEN, static fn(string $f): bool => $piece->surveyed->fact($f) > 0.0),
                ),
            ),
        ]);
        $low = $hours->quantity('least', Duration::class)->h();
        $high = $hours->quantity('most', Duration::class)->h();
        $each = $figures->handsOnMin > 0.0 ? $figures->handsOnMin / 60.0 : 1.0;
        $leastMaterial = (int) round(($figures->money * $low) / $each);
        $mostMaterial = (int) round(($figures->money * $high) / $each);
        $least = $leastMaterial + (int) round($low * ($hour->minor ?? 0));
        $most = $mostMaterial + (int) round($high * ($hour->minor ?? 0));

        return new self(
            $hours,
            Money::minor($leastMaterial),
            Money::minor($mostMaterial),
            Money::minor($least),
            Money::minor($most),
            null === $replacement ? '' : self::verdict($least, $most, $replacement->minor),
        );
    }

    /** How far up its grades the worst condition is, 0 sound to 1 worst. */
    private static function grade(Workpiece $piece): float
    {
        $worst = 0.0;
        foreach ($piece->part->conditions as $observed) {
            $grades = array_keys($piece->context->catalogue()->conditions[$observed->condition]->grades);
            $worst = max($worst, (1 + (int) array_search($observed->grade, $grades, true)) / count($grades));
        }

        return $worst;
    }

    private static function verdict(int $least, int $most, int $replacement): string
    {
        return match (true) {
            $most <= $replacement => 'worth it: even at the dear end it costs less than another one',
            $least > $replacement => 'not for the money: even at the cheap end another one costs less',
            default => 'a toss-up: it depends on what comes to light',
        };
    }
}
