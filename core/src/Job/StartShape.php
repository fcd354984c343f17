<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Quantity\Length;

/**
 * What a newly added shape measures until somebody has measured it: a size such parts commonly have, so that the
 * drawing and the area are there at once (own choice, to be overwritten).
 */
final class StartShape
{
    /** mm, by kind and required dimension */
    private const MM = [
        'angle' => ['legA' => 40, 'legB' => 40, 'length' => 1000],
        'box-section' => ['width' => 40, 'height' => 40, 'length' => 1000],
        'channel' => ['web' => 100, 'flange' => 50, 'thickness' => 6, 'length' => 1000],
        'cone-frustum' => ['large' => 300, 'small' => 150, 'height' => 300],
        'dome' => ['diameter' => 600, 'rise' => 150],
        'i-section' => ['height' => 120, 'flange' => 60, 'thickness' => 5, 'length' => 1000],
        'lattice' => ['diameter' => 6, 'length' => 10_000],
        'planing-bottom' => ['loa' => 6000, 'beam' => 2200],
        'plate' => ['length' => 400, 'width' => 300, 'thickness' => 5],
        'roof' => ['length' => 3000, 'width' => 2000],
        'round-bar' => ['diameter' => 20, 'length' => 1000],
        'strip' => ['width' => 1000, 'length' => 1000],
        'tank' => ['length' => 1000, 'width' => 600, 'depth' => 500],
        'topsides' => ['loa' => 6000, 'beam' => 2200, 'freeboard' => 700],
        'tube' => ['diameter' => 30, 'length' => 1000],
        'wetted-hull' => ['lwl' => 7000, 'beam' => 2400, 'draught' => 1000],
        'wheel' => ['diameter' => 400, 'width' => 150],
    ];

    public static function of(string $kind, string $field): ?Length
    {
        $mm = self::MM[$kind][$field] ?? null;

        return null === $mm ? null : Length::millimetres((float) $mm);
    }
}
