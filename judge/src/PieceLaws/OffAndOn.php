<?php

declare(strict_types=1);

namespace Judge\PieceLaws;

use Judge\Breach;
use Judge\Member;
use Judge\Piece;
use Judge\PieceLaw;
use Judge\Steps;

/** 15: off before its carrier is worked, back on when that film bears it, in reverse order. */
final readonly class OffAndOn implements PieceLaw
{
    private const HANGS = ['mounted-on', 'covers', 'seals', 'inside', 'bonded-to', 'stands-on'];
    /** Glued or pressed in on the bench, before the other goes on. */
    private const FITTED = ['bonded-to', 'seals'];
    private const NEEDS_CURE = ['covers', 'seals', 'bonded-to', 'stands-on'];
    /** Small repairs in one place of it do not count. */
    private const LOCAL = ['block-filler', 'drill-tap', 'weld', 'make-new', 'feather-edges'];
    private const WORK = [
        ...Steps::DUSTY,
        ...Steps::BATHS,
        'chemical-strip',
        'heat-strip',
        'degas',
        'oven-cure',
        'scuff',
        Steps::COAT,
    ];

    public function breaches(Piece $piece): array
    {
        $breaches = [];
        foreach ($piece->members as $member) {
            foreach ($member->ties as [$how, $on, $stays, $loaded]) {
                if (in_array($how, self::HANGS, true) && !$stays) {
                    foreach (array_diff($piece->zones($on), [$member->id]) as $zone) {
                        $cured = $loaded || in_array($how, self::NEEDS_CURE, true);
                        $breaches = [...$breaches, ...self::on($piece, $member, $zone, $cured)];
                    }
                    $breaches = [
                        ...$breaches,
                        ...self::reversed($piece, $member, $on, in_array($how, self::FITTED, true)),
                    ];
                }
            }
        }

        return $breaches;
    }

    /** @return list<Breach> */
    private static function on(Piece $piece, Member $member, string $host, bool $cured): array
    {
        $worked = $piece->first($host, array_values(array_diff(self::WORK, self::LOCAL)));
        if (null === $worked || self::isInSpots($piece, $host)) {
            return [];
        }
        $off = $piece->first($member->id, Steps::COMES_OFF);
        $back = $piece->last($member->id, Steps::PUTS_BACK);
        $coat = $piece->last($host, [Steps::COAT]);
        $cured = $cured && !in_array(null === $coat ? null : $piece->acts[$coat]->product, Steps::NEVER_DRY, true);
        $waited =
            null === $coat
                ? null
                : $piece->where($host, $cured ? ['wait-full', 'oven-cure', 'ramp-cure'] : Steps::WAITS);

        $plugged = $piece->last($host, [Steps::PLUGS]);
        $pulled = $piece->last($host, [Steps::UNPLUGS]);

        return array_values(
            array_filter([
                null !== $back && null !== $plugged && $plugged < $back && (null === $pulled || $pulled > $back)
                    ? new Breach(15, $back, sprintf('%s goes on, the plugs of %s still in', $member->id, $host))
                    : null,
                null === $off || $off > $worked
                    ? new Breach(15, $worked, sprintf('%s is still on %s', $member->id, $host))
                    : null,
                null === $back && null !== $off
                    ? new Breach(15, $off, sprintf('%s never goes back on %s', $member->id, $host))
                    : null,
                null !== $back && null !== $coat && $back < $coat
                    ? new Breach(15, $back, sprintf('%s is on before the last coat of %s', $member->id, $host))
                    : null,
                null !== $back &&
                null !== $waited &&
                $back > $coat &&
                [] === array_filter($waited, static fn(int $w): bool => $w > $coat && $w < $back)
                    ? new Breach(15, $back, sprintf('%s goes on the wet film of %s', $member->id, $host))
                    : null,
            ]),
        );
    }

    /** Mended in spots it is not worked all over: what is mounted may stay. */
    private static function isInSpots(Piece $piece, string $host): bool
    {
        return [] !== $piece->where($host, ['feather-edges']);
    }

    /** @return list<Breach> */
    private static function reversed(Piece $piece, Member $outer, string $inner, bool $fitted): array
    {
        $times = static fn(string $part): array => [
            $piece->first($part, Steps::COMES_OFF),
            $piece->last($part, Steps::PUTS_BACK),
        ];
        [$outOff, $outOn] = $times($outer->id);
        [$inOff, $inOn] = $times($inner);
        $breaches = [];
        if (null !== $outOff && null !== $inOff && $outOff > $inOff) {
            $breaches[] = new Breach(15, $inOff, sprintf('%s comes off with %s still on it', $inner, $outer->id));
        }
        if (!$fitted && null !== $outOn && null !== $inOn && $outOn < $inOn) {
            $breaches[] = new Breach(15, $outOn, sprintf('%s is on before %s is', $outer->id, $inner));
        }

        return $breaches;
    }
}
