<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\EarningsView;
use App\Api\View\JobWorthView;
use App\Api\View\Value;
use App\Api\View\WorthView;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Work\DerivedOfParts;
use App\Work\JobPieces;
use App\Work\RowMapper;
use Hull\Cost\Earnings;
use Hull\Cost\Worth;
use Hull\Quantity\Duration;
use Hull\Quantity\Message;
use Hull\Quantity\Money;
use Hull\Route\NoRoute;
use Psr\Clock\ClockInterface;

/** Builds the estimate before the work begins: hours and money as a range, against buying another one. */
final readonly class WorthScreen
{
    public function __construct(
        private RowMapper $stored,
        private DerivedOfParts $derived,
        private ClockInterface $clock,
    ) {}

    public function view(PartRow $row, UnitPresenter $shown): WorthView
    {
        $nothing = $shown->value(Duration::hours(0.0));
        try {
            $piece = $this->stored->workpiece($row);
            if ($piece->context->area()->m2() <= 0.0) {
                return new WorthView(
                    leastHours: $nothing,
                    mostHours: $nothing,
                    material: '',
                    total: '',
                    perYear: '',
                    verdict: 'Measure the part first: time and material go by its area.',
                    rests: '',
                );
            }
            $piece->route();
        } catch (NoRoute $e) {
            return new WorthView(
                leastHours: $nothing,
                mostHours: $nothing,
                material: '',
                total: '',
                perYear: '',
                verdict: $e->says,
                rests: '',
            );
        }
        $workshop = $row->workshop;
        $rate = null === $workshop->hourRate ? null : Money::minor($workshop->hourRate);
        $worth = Worth::of($piece, $rate, $piece->part->replacement);
        $range = static fn(Money $least, Money $most): string|Message => $least->rounded() === $most->rounded()
            ? sprintf('%s %s', $least->rounded(), $workshop->currency)
            : Message::of(
                '{least} to {most} {currency}',
                least: $least->rounded(),
                most: $most->rounded(),
                currency: $workshop->currency,
            );
        $years = $piece->context->system->life;

        return new WorthView(
            leastHours: self::hours($worth, 'least', $shown),
            mostHours: self::hours($worth, 'most', $shown),
            material: self::material($worth, $workshop->currency),
            total: $range($worth->least, $worth->most),
            perYear: $range(
                Money::minor((int) round($worth->least->minor / max(0.25, $years->to))),
                Money::minor((int) round($worth->most->minor / max(0.25, $years->from))),
            ),
            verdict: $worth->verdict,
            rests: null === $rate
                ? 'Materials only; say in the yard\'s settings what an hour is worth to count the work.'
                : Message::of(
                    'Materials, and {rate} {currency} an hour of work.',
                    rate: $rate->rounded(),
                    currency: $workshop->currency,
                ),
        );
    }

    /** All parts of a job that have a route, together; null where none has. */
    public function job(JobRow $row, UnitPresenter $shown): ?JobWorthView
    {
        $pieces = array_values(JobPieces::of($this->stored, $row, $this->clock->now())->pieces);
        if ([] === $pieces) {
            return null;
        }
        $workshop = $row->workshop;
        $rate = null === $workshop->hourRate ? null : Money::minor($workshop->hourRate);
        $worth = $this->derived->ofJob(
            $row,
            Worth::class,
            static fn(): Worth => Worth::together($pieces, $rate, null),
            (string) $rate?->minor,
        );

        return new JobWorthView(
            leastHours: $shown->value($worth->leastHours),
            mostHours: $shown->value($worth->mostHours),
            material: self::material($worth, $workshop->currency),
            total: Message::of(
                '{least} to {most} {currency}',
                least: $worth->least->rounded(),
                most: $worth->most->rounded(),
                currency: $workshop->currency,
            ),
            earnings: self::earned($worth, $row, $rate),
        );
    }

    private static function earned(Worth $worth, JobRow $row, ?Money $rate): EarningsView
    {
        $currency = $row->workshop->currency;
        $bought = null === $row->bought ? null : Money::minor($row->bought);
        $sale = null === $row->sale ? null : Money::minor($row->sale);
        if (null === $sale) {
            return new EarningsView($currency, $bought?->text() ?? '', '');
        }
        $earned = Earnings::of($worth, $bought, $sale, $rate);
        $said = static fn(int $minor): string => ($minor < 0 ? '−' : '') . Money::minor(abs($minor))->rounded();
        [$least, $most] = [$said($earned->leastHour ?? 0), $said($earned->mostHour ?? 0)];

        return new EarningsView(
            currency: $currency,
            bought: $bought?->text() ?? '',
            sale: $sale->text(),
            left: sprintf('%s %s', $said($earned->left), $currency),
            hour: match (true) {
                null === $earned->leastHour => '',
                $least === $most => sprintf('%s %s', $least, $currency),
                default => Message::of(
                    '{least} to {most} {currency}',
                    least: $least,
                    most: $most,
                    currency: $currency,
                ),
            },
            how: Message::row(
                [
                    $sale->rounded(),
                    ...null === $bought ? [] : [Message::of('{money} paid for it', money: $bought->rounded())],
                    Message::of('{money} of materials', money: $worth->material->rounded()),
                    ...0 === $worth->fees->minor
                        ? []
                        : [Message::of('{money} of fees and bought parts', money: $worth->fees->rounded())],
                ],
                ' − ',
            ),
            says: $earned->verdict,
        );
    }

    private static function hours(Worth $worth, string $of, UnitPresenter $shown): Value
    {
        return null === $worth->hours
            ? $shown->value('least' === $of ? $worth->leastHours : $worth->mostHours)
            : $shown->of($worth->hours, $of, Duration::class);
    }

    private static function material(Worth $worth, string $currency): string|Message
    {
        return 0 === $worth->fees->minor
            ? sprintf('%s %s', $worth->material->rounded(), $currency)
            : Message::of(
                '{material} {currency}, and {fees} {currency} of fees and bought parts',
                material: $worth->material->rounded(),
                currency: $currency,
                fees: $worth->fees->rounded(),
            );
    }
}
