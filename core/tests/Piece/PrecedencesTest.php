<?php

declare(strict_types=1);

namespace Hull\Tests\Piece;

use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Input\InvalidInput;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\JobFile\JobReader;
use Hull\JobFile\JobWriter;
use Hull\Piece\Pieces;
use Hull\Piece\Precedence;
use Hull\Piece\StillOn;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What follows from how parts hang together. */
final class PrecedencesTest extends TestCase
{
    private const FRAME = ['substrate' => 'carbon-steel', 'service' => 'exterior-splash', 'finish' => 'tidy'];

    public function testWhatIsMountedComesOffFirstAndGoesOnWhenTheFilmBearsIt(): void
    {
        $at = self::positions(self::plan([self::part('frame'), self::part('guard', links: [self::tie('frame')])]));
        self::assertLessThan($at['frame']['strip-discs'], $at['guard']['dismantle']);
        self::assertGreaterThan($at['frame']['unmask'], $at['guard']['refit']);
        self::assertLessThan($at['frame']['hand-over'], $at['guard']['refit']);
        self::assertSame($at['frame']['hand-over'], $at['guard']['hand-over']);
    }

    public function testAJointThatCarriesLoadWaitsForFullCure(): void
    {
        $at = self::positions(
            self::plan([self::part('frame'), self::part('guard', links: [self::tie('frame', loaded: true)])]),
        );
        self::assertArrayNotHasKey('refit', $at['guard']);
        self::assertGreaterThan($at['frame']['wait-full'], $at['guard']['reassemble']);
    }

    public function testWhatOnlyStandsThereIsLiftedOffAndSetDownOnTheHardFilmAsAPieceOfItsOwn(): void
    {
        $stands = [['as' => 'stands-on', 'to' => 'frame']];
        $at = self::positions(self::plan([self::part('frame'), self::part('winch', links: $stands)]));
        self::assertLessThan($at['frame']['strip-discs'], $at['winch']['lift-off']);
        self::assertGreaterThan($at['frame']['wait-full'], $at['winch']['set-down']);
        self::assertArrayNotHasKey('dismantle', $at['winch']);
        self::assertArrayNotHasKey('reassemble', $at['winch']);
        self::assertLessThan($at['winch']['hand-over'], $at['frame']['hand-over']);
        $bolted = self::positions(
            self::plan([self::part('frame'), self::part('winch', links: [...$stands, self::tie('frame')])]),
        );
        self::assertArrayHasKey('dismantle', $bolted['winch']);
        self::assertArrayNotHasKey('set-down', $bolted['winch']);
    }

    public function testTheOutermostIsOffFirstAndOnLastAndTheListDecidesAmongEquals(): void
    {
        $at = self::positions(
            self::plan([
                self::part('frame'),
                self::part('duct', links: [self::tie('frame', order: 2)]),
                self::part('guard', links: [self::tie('duct')]),
                self::part('tank', links: [self::tie('frame', order: 1)]),
            ]),
        );
        self::assertLessThan($at['duct']['dismantle'], $at['guard']['dismantle']);
        self::assertLessThan($at['duct']['dismantle'], $at['tank']['dismantle']);
        self::assertGreaterThan($at['duct']['refit'], $at['guard']['refit']);
        self::assertGreaterThan($at['duct']['refit'], $at['tank']['refit']);
    }

    public function testWhatStaysOnIsShieldedAndNothingIsTakenOff(): void
    {
        $at = self::positions(
            self::plan([self::part('frame'), self::part('guard', links: [self::tie('frame', stays: true)])]),
        );
        self::assertArrayHasKey('shield-neighbours', $at['frame']);
        self::assertArrayNotHasKey('dismantle', $at['guard']);
    }

    public function testWaxComesIntoAPlaceAfterTheLastCoatThere(): void
    {
        $brass = [
            'substrate' => 'copper-alloy',
            'service' => 'interior',
            'finish' => 'show',
            'conditions' => [['id' => 'tarnish', 'grade' => 'dull']],
        ];
        $at = self::positions(self::plan([self::part('trim', change: $brass), self::part('frame')]));
        self::assertGreaterThan($at['frame']['apply-coat'], $at['trim']['wax'] ?? 0);
        $rails = ['service' => 'underbody', 'finish' => 'utility', 'schools' => ['underbody' => 'non-drying']];
        $at = self::positions(self::plan([self::part('rails', change: $rails), self::part('frame')]));
        self::assertGreaterThan($at['frame']['apply-coat'], $at['rails']['apply-coat']);
    }

    public function testAHalfThatIsLeftToAnotherSeasonIsDoneAfterAndKeepsNothingWaiting(): void
    {
        $later = ['begin' => '2027-03-01'];
        $at = self::positions(
            self::plan([
                self::part('hull', spot: ['level' => 0]),
                self::part('roof', zoneOf: 'hull', spot: ['level' => 2], change: $later),
            ]),
        );
        self::assertLessThan($at['roof']['photograph'], $at['hull']['wait-full']);
        self::assertArrayHasKey('shield-neighbours', $at['roof'], 'the half that is done is shielded');
        self::assertSame($at['hull']['hand-over'], $at['roof']['hand-over'], 'one piece is handed over once');
        $once = self::positions(
            self::plan([
                self::part('hull', spot: ['level' => 0]),
                self::part('roof', zoneOf: 'hull', spot: ['level' => 2]),
            ]),
        );
        self::assertLessThan($once['hull']['mask'], $once['roof']['strip-discs']);
    }

    public function testWhatIsTreatedAsAnotherIsPlannedAsThatOneWhereNothingElseIsSaid(): void
    {
        $like = [['as' => 'same-as', 'to' => 'frame']];
        $said = [
            'film' => 'epoxy+urethane',
            'layers' => [['layer' => 'urethane-colour-2k', 'colour' => 'signal red']],
            'schools' => [],
        ];
        $systems = static fn(array $other): array => array_map(
            static fn(Workpiece $p): string => $p->context->system->id .
                '/' .
                $p->context->system->shade('urethane-colour-2k')->colour,
            self::plan([self::part('frame', change: $said), self::part('other', links: $like, change: $other)])->pieces,
        );
        $red = 'epoxy+urethane/signal red';
        self::assertSame(['frame' => $red, 'other' => $red], $systems(['schools' => []]));
        self::assertNotSame(
            $red,
            $systems(['schools' => [], 'layers' => [['layer' => 'urethane-colour-2k', 'colour' => 'grey']]])['other'],
            'said otherwise',
        );
        self::assertNotSame(
            $red,
            $systems(['schools' => [], 'substrate' => 'cast-iron', 'service' => 'interior'])['other'],
            'another metal',
        );
    }

    public function testALidIsOffBeforeWhatRidesInsideAndLookedIntoBeforeItIsOn(): void
    {
        $at = self::positions(
            self::plan([
                self::part('box'),
                self::part('lid', links: [self::tie('box', 'covers')]),
                self::part('coil', links: [self::tie('box', 'inside', order: 1)]),
            ]),
        );
        self::assertLessThan($at['coil']['dismantle'], $at['lid']['dismantle']);
        self::assertGreaterThan($at['coil']['refit'], $at['lid']['reassemble']);
        self::assertLessThan($at['lid']['reassemble'], $at['lid']['look-inside']);
        self::assertGreaterThan($at['box']['unmask'], $at['lid']['look-inside']);
    }

    public function testZonesGoFromTheTopDownAndFromTheInsideOut(): void
    {
        $plan = self::plan([
            self::part('wall', spot: ['level' => 1]),
            self::part('floor', zoneOf: 'wall', spot: ['level' => 0, 'exit' => 1]),
            self::part('inner', zoneOf: 'wall', spot: ['level' => 0, 'side' => 'inside']),
        ]);
        foreach ($plan->actions as $action) {
            if ('apply-coat' === $action->step) {
                self::assertSame(['inner', 'wall', 'floor'], Keys::of($action->zones), 'one go, in this turn');
            }
        }
    }

    public function testDustIsOverBeforeWhatIsBesideItIsMadeReady(): void
    {
        $plan = self::plan([
            self::part('rail', links: [self::tie('post', 'beside')]),
            self::part('post', change: ['service' => 'interior', 'finish' => 'utility']),
        ]);
        $at = self::positions($plan);
        self::assertLessThan($at['rail']['mask'], $at['post']['strip-discs']);
        self::assertLessThan($at['post']['mask'], $at['rail']['strip-discs']);
    }

    /** @return iterable<string, array{list<array<int|string, mixed>>, string}> */
    public static function circles(): iterable
    {
        yield 'on itself' => [[self::part('a', links: [self::tie('a')])], 'cannot hang on itself'];
        yield 'on what hangs on it' => [
            [self::part('a', links: [self::tie('b', 'covers')]), self::part('b', links: [self::tie('a')])],
            'would hang on itself',
        ];
        yield 'on what is not there' => [[self::part('a', links: [self::tie('z')])], 'has no part "z"'];
        yield 'on two at once' => [
            [self::part('a', links: [self::tie('b'), self::tie('c')]), self::part('b'), self::part('c')],
            'mounted on one other part',
        ];
        yield 'on what is worked elsewhere' => [
            [self::part('a', links: [self::tie('b', stays: true)]), self::part('b', change: ['place' => 'shed'])],
            'which is worked in another place',
        ];
    }

    /** @param list<array<int|string, mixed>> $parts */
    #[DataProvider('circles')]
    public function testACircleIsRefused(array $parts, string $says): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($says);
        self::job($parts);
    }

    public function testTiesAreWrittenAndReadAgainAndOlderFilesReadAsBefore(): void
    {
        $old = self::part('guard');
        $old['mounted_on'] = 'frame';
        $job = self::job([self::part('frame'), $old]);
        self::assertSame(['frame', true], [$job->parts[1]->mountedOn, $job->parts[1]->links[0]->isPlain()]);
        self::assertSame('frame', JobWriter::part($job->parts[1])['mounted_on'] ?? null);
        self::assertArrayNotHasKey('links', JobWriter::part($job->parts[1]));

        $tied = self::job([
            self::part('frame', spot: ['level' => 2, 'side' => 'inside']),
            self::part('guard', links: [self::tie('frame', 'seals', order: 3, loaded: true)]),
        ]);
        $again = (new JobReader(Yard::catalogue()))->job(Node::root(JobWriter::job($tied)));
        self::assertEquals($tied->parts[1]->links, $again->parts[1]->links);
        self::assertEquals($tied->parts[0]->spot, $again->parts[0]->spot);
    }

    public function testAPieceIsAllThatHangsTogether(): void
    {
        $job = self::job([
            self::part('frame'),
            self::part('guard', links: [self::tie('frame')]),
            self::part('clip', links: [self::tie('guard')]),
            self::part('zone', zoneOf: 'frame'),
            self::part('other', links: [self::tie('frame', 'beside')]),
        ]);
        self::assertSame(
            [['frame', 'guard', 'clip', 'zone'], ['other']],
            array_map(
                static fn(array $ids): array => [...array_intersect(['frame', 'guard', 'clip', 'zone', 'other'], $ids)],
                (new Pieces($job->parts))->all(),
            ),
        );
    }

    public function testWhatTheRecordLeavesOnWhatIsWorkedIsSaid(): void
    {
        $plan = self::plan([self::part('frame'), self::part('guard', links: [self::tie('frame')])]);
        $parts = array_map(static fn($p): \Hull\Job\Part => $p->part, $plan->pieces);
        $key = static function (string $part, string $step) use ($plan): string {
            foreach ($plan->routes[$part]->steps as $s) {
                if ($s->step === $step) {
                    return $s->key;
                }
            }
            self::fail("no $step on $part");
        };
        $done = ['frame' => [$key('frame', 'strip-discs') => 1.0], 'guard' => []];
        $found = StillOn::all(Yard::catalogue(), $parts, $plan->routes, $done);
        self::assertSame(
            [['guard', 'frame', 'strip-discs']],
            array_map(static fn(StillOn $s): array => [$s->part, $s->carrier, $s->step], $found),
        );
        $done['guard'] = [$key('guard', 'dismantle') => 0.5];
        self::assertSame([], StillOn::all(Yard::catalogue(), $parts, $plan->routes, $done));
    }

    public function testEachSaysTheLawItKeeps(): void
    {
        $plan = self::plan([self::part('frame'), self::part('guard', links: [self::tie('frame')])]);
        $laws = array_unique(array_map(static fn(Precedence $p): int => $p->law, $plan->precedences));
        sort($laws);
        self::assertSame([15, 18], $laws);
        self::assertSame([], $plan->broken);
    }

    /** @return array<int|string, array<int|string, int>> part => step => where in the job it is done last */
    private static function positions(JobPlan $plan): array
    {
        $at = [];
        foreach ($plan->actions as $n => $action) {
            foreach (Keys::of($action->zones) as $zone) {
                $at[$zone][$action->step] = $n;
            }
        }

        return $at;
    }

    /** @return array<string, mixed> */
    private static function tie(
        string $to,
        string $as = 'mounted-on',
        int $order = 0,
        bool $stays = false,
        bool $loaded = false,
    ): array {
        return ['as' => $as, 'to' => $to, 'order' => $order, 'stays' => $stays, 'loaded' => $loaded];
    }

    /**
     * @param list<array<string, mixed>> $links
     * @param array<string, mixed>|null $spot
     * @param array<int|string, mixed> $change
     *
     * @return array<int|string, mixed>
     */
    private static function part(
        string $id,
        array $links = [],
        ?string $zoneOf = null,
        ?array $spot = null,
        array $change = [],
    ): array {
        return [
            'id' => $id,
            'name' => ucfirst($id),
            ...self::FRAME,
            'conditions' => [['id' => 'rust', 'grade' => 'light', 'extent' => '40 %']],
            'shapes' => [['kind' => 'strip', 'width' => '0.4 m', 'length' => '2 m']],
            'place' => 'bay',
            'schools' => ['rust' => 'bare-metal', 'removing' => 'mechanical'],
            ...$change,
            ...[] === $links ? [] : ['links' => $links],
            ...null === $zoneOf ? [] : ['zone_of' => $zoneOf],
            ...null === $spot ? [] : ['spot' => $spot],
        ];
    }

    /** @param list<array<int|string, mixed>> $parts */
    private static function job(array $parts): Job
    {
        return (new JobReader(Yard::catalogue()))->job(Node::root([...Yard::frame(), 'parts' => $parts]));
    }

    /** @param list<array<int|string, mixed>> $parts */
    private static function plan(array $parts): JobPlan
    {
        return JobPlan::of(Yard::catalogue(), self::job($parts));
    }
}
