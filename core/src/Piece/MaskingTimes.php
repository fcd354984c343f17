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
     * @param string $wiped the wipe after masking
     * @param string $lineWiped the wipe after taping the line
     * @param TapedFor $tape tape and film at edges, faces and glass
     * @param TapedFor $line the tape of a line between two colours
     * @param list<string> $coats products laid over tape
     */
    private function __construct(
        public string $plugged,
        public string $blasted,
        public string $pulled,
        public string $shielded,
        public string $wiped,
        public string $lineWiped,
        public TapedFor $tape,
        public TapedFor $line,
        public array $coats,
    ) {}

    /** The step covers something, or takes that off again. */
    public static function touches(Step $step): bool
    {
        return [] !== array_intersect(['masking', 'unmasking', 'line-pulling', 'plugging'], $step->tags) ||
            self::sets($step, 'shielded', true);
    }

    public static function sets(Step $step, string $fact, bool $up): bool
    {
        return [] !==
            array_filter($step->does, static fn(Effect $e): bool => $e->fact === $fact && $up !== $e->takesDown());
    }

    /** @param list<RouteLine> $lines of a whole route */
    public static function of(Catalogue $catalogue, array $lines): self
    {
        $at = array_fill_keys(
            ['plugged', 'blasted', 'pulled', 'shielded', 'masked', 'wiped', 'lined', 'lineWiped'],
            '',
        );
        $coats = [];
        foreach ($lines as $line) {
            $step = $catalogue->step($line->step->step);
            $wipes = in_array('last-wipe', $step->tags, true);
            foreach (
                [
                    'plugged' => self::sets($step, 'plugged', true),
                    'pulled' => self::sets($step, 'plugged', false),
                    'shielded' => self::sets($step, 'shielded', true),
                    'masked' => self::sets($step, 'masked', true),
                    'lined' => self::sets($step, 'line-masked', true),
                    'blasted' => '' !== $at['plugged'] && $step->worked->fills,
                    'wiped' => '' !== $at['masked'] && $wipes,
                    'lineWiped' => '' !== $at['lined'] && $wipes,
                ]
                as $role => $is
            ) {
                $at[$role] = $is && '' === $at[$role] ? $line->name : $at[$role];
            }
            if (null !== $line->step->product && $at['masked'] . $at['lined'] !== '') {
                $coats[] = $line->step->product;
            }
        }

        return new self(
            plugged: $at['plugged'],
            blasted: $at['blasted'],
            pulled: $at['pulled'],
            shielded: $at['shielded'],
            wiped: $at['wiped'],
            lineWiped: $at['lineWiped'],
            tape: TapedFor::of($catalogue, $lines, 'masked'),
            line: TapedFor::of($catalogue, $lines, 'line-masked'),
            coats: array_values(array_unique($coats)),
        );
    }
}
