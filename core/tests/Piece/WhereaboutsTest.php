<?php

declare(strict_types=1);

namespace Hull\Tests\Piece;

use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Board\SharedAction;
use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\JobFile\JobReader;
use Hull\Piece\Hanging;
use Hull\Piece\Precedence;
use Hull\Piece\Whereabouts;
use Hull\Quantity\Instant;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Reading\LivedAir;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

/** What hangs on another is where that stands, until it is off and from when it is back on. */
final class WhereaboutsTest extends TestCase
{
    private const LIGHT = [
        'substrate' => 'stainless-steel',
        'aim' => 'clean',
        'conditions' => [['id' => 'soil', 'grade' => 'light', 'extent' => '100 %']],
    ];

    public function testItIsTakenOffAndPutOnWhereItsCarrierStands(): void
    {
        $plan = self::plan([self::part('frame', 'shed'), self::part('guard', 'bay', self::tie('frame'))]);
        $where = self::where($plan)['guard'];
        $at = self::at($plan, 'guard', $where);
        self::assertSame(['shed', 'shed'], [$at['photograph'], $at['dismantle']]);
        self::assertSame('bay', $at['apply-coat']);
        self::assertSame(['shed', 'shed', 'shed'], [$at['refit'], $at['inspect'], $at['hand-over']]);
        self::assertSame('shed', $where->since(null)->at);
        self::assertSame('bay', $where->since(self::key($plan, 'guard', 'dismantle'))->at, 'off from then on');
        self::assertFalse($where->isOff(self::key($plan, 'guard', 'dismantle')));
        self::assertTrue($where->isOff(self::key($plan, 'guard', 'apply-coat')));
    }

    public function testWhatTheRecordHasTakenOffIsWhereItIsWorked(): void
    {
        $plan = self::plan([self::part('frame', 'shed'), self::part('guard', 'bay', self::tie('frame'))]);
        $pieces = self::pieces($plan);
        $hanging = Hanging::all($pieces, ['frame' => 'shed', 'guard' => 'bay'])['guard'];
        $off = self::key($plan, 'guard', 'dismantle');
        $where = new Whereabouts($pieces['guard'], 'bay', $hanging, [$off => 10.0]);
        self::assertSame('bay', $where->at(self::key($plan, 'guard', 'photograph'))->at);
        self::assertSame('shed', $where->at(self::key($plan, 'guard', 'refit'))->at);
    }

    public function testAllThatHangsOnEachOtherComesApartWhereTheOutermostStands(): void
    {
        $plan = self::plan([
            self::part('frame', 'shed'),
            self::part('duct', 'bay', self::tie('frame')),
            self::part('guard', 'bay', self::tie('duct')),
        ]);
        $at = self::at($plan, 'guard', self::where($plan)['guard']);
        self::assertSame(['shed', 'bay', 'shed'], [$at['dismantle'], $at['apply-coat'], $at['refit']]);
    }

    public function testWhatIsGluedOnIsFittedOnTheBenchOfWhatItIsGluedTo(): void
    {
        $plan = self::plan([
            self::part('frame', 'shed'),
            self::part('duct', 'bay', self::tie('frame')),
            self::part('badge', 'shed', ['as' => 'bonded-to', 'to' => 'duct']),
        ]);
        $at = self::at($plan, 'badge', self::where($plan)['badge']);
        self::assertSame(['shed', 'bay'], [$at['dismantle'], $at['glue-on']]);
    }

    public function testWorkedElsewhereItComesOffThoughLittleIsDoneToItsCarrier(): void
    {
        $light = self::LIGHT;
        $steps = static fn(string $place): array => array_column(
            self::plan([
                self::part('frame', 'shed', change: $light),
                self::part('guard', $place, self::tie('frame'), $light),
            ])->routes['guard']->steps,
            'step',
        );
        self::assertNotContains('dismantle', $steps('shed'));
        self::assertContains('dismantle', $steps('bay'));
    }

    public function testWhatStaysOnWhatIsOffGoesAlongWithIt(): void
    {
        $light = self::LIGHT;
        $plan = self::plan([
            self::part('frame', 'shed'),
            self::part('duct', 'bay', self::tie('frame'), $light),
            self::part('guard', 'bay', self::tie('duct'), $light),
        ]);
        $where = self::where($plan)['guard'];
        $at = self::at($plan, 'guard', $where);
        self::assertArrayNotHasKey('dismantle', $at);
        self::assertSame(['bay', 'bay', 'shed'], [$at['photograph'], $at['inspect'], $at['hand-over']]);
        self::assertFalse($where->isOff(self::key($plan, 'guard', 'inspect')), 'it stands on no floor of its own');
        $because = array_map(static fn(Precedence $p): string => (string) $p->because, $plan->precedences);
        self::assertContains('duct to be off, which guard is on', $because);
        self::assertContains('guard to be done, which is on duct', $because);
    }

    public function testWhatHangsOnWhatGoesAlongIsOffBeforeAllOfItLeaves(): void
    {
        $plan = self::plan([
            self::part('frame', 'shed'),
            self::part('duct', 'bay', self::tie('frame'), self::LIGHT),
            self::part('box', 'bay', self::tie('duct'), self::LIGHT),
            self::part('lamp', 'bay', self::tie('box')),
        ]);
        self::assertSame('shed', self::at($plan, 'lamp', self::where($plan)['lamp'])['dismantle']);
        $asked = array_map(static fn(Precedence $p): string => $p->id(), $plan->precedences);
        $step = static fn(string $part, string $step): string => $part . '/' . self::key($plan, $part, $step);
        self::assertContains($step('lamp', 'dismantle') . '>' . $step('duct', 'dismantle'), $asked);
        self::assertContains($step('duct', 'reassemble') . '>' . $step('lamp', 'refit'), $asked);
    }

    public function testACoverGluedOnToItselfIsWorkOnTheBenchAndNotPuttingItBack(): void
    {
        $vinyl = ['substrate' => 'flexible-vinyl', 'aim' => 'clean'];
        $torn = ['conditions' => [['id' => 'torn', 'grade' => 'large', 'extent' => '40 %']]];
        $plan = self::plan([
            self::part('duct', 'bay'),
            self::part('seal', 'shed', ['as' => 'seals', 'to' => 'duct'], [...$vinyl, ...$torn]),
        ]);
        $at = self::at($plan, 'seal', self::where($plan)['seal']);
        self::assertSame(['bay', 'shed', 'bay'], [$at['dismantle'], $at['recover-vinyl'], $at['reassemble']]);
    }

    public function testTheOrderOfWorkNamesThePlaceWhereItHangs(): void
    {
        $plan = self::plan([self::part('frame', 'shed'), self::part('guard', 'bay', self::tie('frame'))]);
        $off = array_values(array_filter($plan->actions, static fn(SharedAction $a): bool => 'dismantle' === $a->step));
        self::assertSame(['shed'], array_map(static fn(SharedAction $a): string => $a->place, $off));
        $photographed = array_filter($plan->actions, static fn(SharedAction $a): bool => 'photograph' === $a->step);
        self::assertCount(1, $photographed, 'both are in the shed then');
    }

    public function testTheRecordHasTheAirItWasIn(): void
    {
        $plan = self::plan([self::part('frame', 'shed'), self::part('guard', 'bay', self::tie('frame'))]);
        $finish = static fn(string $step, int $hour): LogEntry => new LogEntry(
            id: $step,
            kind: EntryKind::Finish,
            stepKey: self::key($plan, 'guard', $step),
            at: Instant::at((float) $hour),
            air: null,
            note: '',
            corrects: null,
        );
        $pieces = self::pieces($plan);
        $log = [$finish('dismantle', 3), $finish('photograph', 5), $finish('refit', 9)];
        $pieces['guard'] = $pieces['guard']->routed($plan->routes['guard'], $log);
        $where = Whereabouts::all($pieces)['guard'];
        $air = LivedAir::of($pieces['guard'], $where, new Airs(['shed' => self::air(4.0), 'bay' => self::air(18.0)]));
        $c = array_map(static fn(int $hour): float => round($air->airAt((float) $hour)->temperature->c()), [
            0,
            2,
            3,
            8,
            9,
            20,
        ]);
        self::assertSame([4.0, 4.0, 18.0, 18.0, 4.0, 4.0], $c, 'off at 3, back on at 9, whatever is written down late');
    }

    private static function air(float $celsius): PlaceAir
    {
        $air = Air::of(Temperature::celsius($celsius), RelativeHumidity::percent(60.0));
        $weather = Forecast::of(0, [Weather::of($air)], 'made up');

        return PlaceAir::of(Yard::catalogue()->places['outdoors'], $air, $weather, [], 0, 48);
    }

    /** @return array<string, mixed> */
    private static function tie(string $to): array
    {
        return ['as' => 'mounted-on', 'to' => $to];
    }

    /**
     * @param array<string, mixed>|null $link
     * @param array<string, mixed> $change
     *
     * @return array<int|string, mixed>
     */
    private static function part(string $id, string $place, ?array $link = null, array $change = []): array
    {
        return [
            'id' => $id,
            'name' => ucfirst($id),
            'substrate' => 'carbon-steel',
            'service' => 'exterior-splash',
            'finish' => 'tidy',
            'conditions' => [['id' => 'rust', 'grade' => 'light', 'extent' => '40 %']],
            'shapes' => [['kind' => 'strip', 'width' => '0.4 m', 'length' => '2 m']],
            'place' => $place,
            ...$change,
            ...null === $link ? [] : ['links' => [$link]],
        ];
    }

    /** @param list<array<int|string, mixed>> $parts */
    private static function plan(array $parts): JobPlan
    {
        $job = (new JobReader(Yard::catalogue()))->job(Node::root([...Yard::frame(), 'parts' => $parts]));

        return JobPlan::of(Yard::catalogue(), $job);
    }

    /** @return array<int|string, Workpiece> with their routes */
    private static function pieces(JobPlan $plan): array
    {
        $pieces = [];
        foreach ($plan->routes as $id => $route) {
            $pieces[$id] = $plan->pieces[$id]->routed($route);
        }

        return $pieces;
    }

    /** @return array<int|string, Whereabouts> */
    private static function where(JobPlan $plan): array
    {
        return Whereabouts::all(self::pieces($plan));
    }

    /** @return array<int|string, string> place by step */
    private static function at(JobPlan $plan, string $part, Whereabouts $where): array
    {
        $at = [];
        foreach ($plan->routes[$part]->steps as $step) {
            $at[$step->step] = $where->at($step->key)->at;
        }

        return $at;
    }

    private static function key(JobPlan $plan, string $part, string $step): string
    {
        foreach ($plan->routes[$part]->steps as $one) {
            if ($one->step === $step) {
                return $one->key;
            }
        }
        self::fail($part . ' has no ' . $step);
    }
}
