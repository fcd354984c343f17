<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Bench\RouteLine;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Step;
use Hull\Surface\Effect;

/** The steps of a route that masking hangs on, by their names; empty where the route has none. */
final readonly class MaskingTimes
{
    /**
     * @param string $plugged step that puts plugs in
     * @param string $blasted first step after it that would fill them
     * @param string $pulled step that takes plugs out
     * @param string $shielded step that covers what lies beside before the dirty work
     * @param string $masked step that puts tape and film on
     * @param string $wiped the wipe after it
     * @param string $unmasked step that takes them off
     * @param float|null $hours the longest that tape stays on, nights not counted
     * @param list<string> $coats products laid over it
     */
    private function __construct(
        public string $plugged,
        public string $blasted,
        public string $pulled,
        public string $shielded,
        public string $masked,
        public string $wiped,
        public string $unmasked,
        public ?float $hours,
        public array $coats,
    ) {}

    /** The step covers something, or takes that off again. */
    public static function touches(Step $step): bool
    {
        return [] !== array_intersect(['masking', 'unmasking', 'plugging'], $step->tags) ||
            self::sets($step, 'shielded', true);
    }

    private static function sets(Step $step, string $fact, bool $up): bool
    {
        return [] !==
            array_filter($step->does, static fn(Effect $e): bool => $e->fact === $fact && $up !== $e->takesDown());
    }

    /** @param list<RouteLine> $lines of a whole route */
    public static function of(Catalogue $catalogue, array $lines): self
    {
        $at = ['plugged' => '', 'blasted' => '', 'pulled' => '', 'shielded' => '', 'masked' => '', 'wiped' => ''];
        $unmasked = '';
        $coats = [];
        [$since, $longest, $ends] = [null, null, true];
        foreach ($lines as $line) {
            $step = $catalogue->step($line->step->step);
            $is = static fn(string ...$tags): bool => [] !== array_intersect($tags, $step->tags);
            $role = match (true) {
                self::sets($step, 'plugged', true) => 'plugged',
                self::sets($step, 'plugged', false) => 'pulled',
                self::sets($step, 'shielded', true) => 'shielded',
                self::sets($step, 'masked', true) => 'masked',
                '' !== $at['plugged'] && $step->worked->fills => 'blasted',
                '' !== $at['masked'] && $is('last-wipe') => 'wiped',
                default => null,
            };
            if (null !== $role && '' === $at[$role]) {
                $at[$role] = $line->name;
            }
            if ('masked' === $role) {
                $since = 0.0;
            }
            if (null !== $since) {
                $since += $line->minutes / 60.0 + ($line->waitHours ?? 0.0);
                $ends = $ends && null !== $line->waitHours;
                $coats = null === $line->step->product ? $coats : [...$coats, $line->step->product];
            }
            if ($is('unmasking')) {
                [$unmasked, $longest, $since] = [$line->name, max($longest ?? 0.0, $since ?? 0.0), null];
            }
        }

        return new self(
            plugged: $at['plugged'],
            blasted: $at['blasted'],
            pulled: $at['pulled'],
            shielded: $at['shielded'],
            masked: $at['masked'],
            wiped: $at['wiped'],
            unmasked: $unmasked,
            hours: $ends ? $longest : null,
            coats: array_values(array_unique($coats)),
        );
    }
}
