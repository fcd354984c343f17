<?php

declare(strict_types=1);

namespace Hull\Tests\Job;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\JobFile\JobWriter;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class JobFileTest extends TestCase
{
    public function testRoundTripsWithoutLoss(): void
    {
        $reader = new JobReader(Yard::catalogue());
        $piece = Yard::workpiece([
            'schools' => ['rust' => 'convert'],
            'small_or_lattice' => true,
            'overhead' => true,
            'water_lies' => 'cavities',
            'method' => 'hvlp',
        ]);
        $log = [
            $reader->log->entry(
                Node::root([
                    'id' => 'a',
                    'kind' => 'finish',
                    'step' => 'new-1',
                    'at' => '2026-05-04T10:00:00.250+02:00',
                    'temperature' => '65 F',
                    'humidity' => '50 %',
                    'note' => 'ok',
                ]),
                'x',
            ),
        ];
        $job = new \Hull\Job\Job(
            'Hovercraft',
            'a note',
            Yard::job()->places,
            [$piece->part->with($piece->plan(), $log)],
            due: '2026-06-30',
        );
        $written = json_decode((string) json_encode(JobWriter::job($job)), true);
        $again = json_decode((string) json_encode(JobWriter::job($reader->job(Node::root($written)))), true);
        self::assertSame($written, $again);
        self::assertEquals($job, $reader->job(Node::root($written)));
    }

    public function testItIsDueInTheEveningWhereTheYardIs(): void
    {
        $job = new \Hull\Job\Job('Winch', '', [], [], due: '2026-06-30');
        self::assertSame(
            '2026-06-30T17:00:00Z',
            $job
                ->dueAt(new \DateTimeZone('Europe/London'))
                ?->setTimezone(new \DateTimeZone('UTC'))
                ->format('Y-m-d\TH:i:s\Z'),
        );
        self::assertNull((new \Hull\Job\Job('Winch', '', [], []))->dueAt(new \DateTimeZone('UTC')));
    }

    public function testTypedQuantitiesAndSiNumbersMeanTheSame(): void
    {
        $typed = Yard::workpiece([
            'shapes' => [['kind' => 'box-section', 'width' => '4 cm', 'height' => '40 mm', 'length' => '7 m']],
        ]);
        $numbers = Yard::workpiece([
            'shapes' => [['kind' => 'box-section', 'width' => 0.04, 'height' => 0.04, 'length' => 7]],
        ]);
        self::assertEqualsWithDelta(1.12, $typed->part->area()->m2(), 1e-9);
        self::assertEqualsWithDelta($typed->part->area()->m2(), $numbers->part->area()->m2(), 1e-12);
    }

    /** @return iterable<string, array{array<int|string, mixed>, string}> change to the part, pointer */
    public static function wrong(): iterable
    {
        yield 'substrate' => [['substrate' => 'unobtainium'], '/parts/0/substrate'];
        yield 'condition' => [['conditions' => [['id' => 'gremlins', 'grade' => 'light']]], '/parts/0/conditions/0/id'];
        yield 'grade' => [['conditions' => [['id' => 'rust', 'grade' => 'awful']]], '/parts/0/conditions/0/grade'];
        yield 'extent' => [
            ['conditions' => [['id' => 'rust', 'grade' => 'light', 'extent' => '140 %']]],
            '/parts/0/conditions/0/extent',
        ];
        yield 'no extent' => [
            ['conditions' => [['id' => 'rust', 'grade' => 'light', 'extent' => '0 %']]],
            '/parts/0/conditions/0/extent',
        ];
        yield 'twice' => [
            ['conditions' => [['id' => 'rust', 'grade' => 'light'], ['id' => 'rust', 'grade' => 'scale']]],
            '/parts/0/conditions/1/id',
        ];
        yield 'shape kind' => [['shapes' => [['kind' => 'blob']]], '/parts/0/shapes/0/kind'];
        yield 'shape unit' => [
            ['shapes' => [['kind' => 'strip', 'width' => '3 gal', 'length' => '1 m']]],
            '/parts/0/shapes/0/width',
        ];
        yield 'shape impossible' => [
            ['shapes' => [['kind' => 'tube', 'diameter' => '1 cm', 'wall' => '1 cm', 'length' => '1 m']]],
            '/parts/0/shapes/0',
        ];
        yield 'shape huge' => [
            ['shapes' => [['kind' => 'strip', 'width' => '10000 m', 'length' => '10000 m']]],
            '/parts/0/shapes/0',
        ];
        yield 'place' => [['place' => 'moon'], '/parts/0/place'];
        yield 'misspelt field' => [['colour' => 'red'], '/parts/0/colour'];
        yield 'school' => [['schools' => ['rust' => 'ignore']], '/parts/0/schools/rust'];
        yield 'unknown step' => [['route' => ['photograph', 'pray']], '/parts/0/route/1'];
        yield 'coat without product' => [['route' => ['apply-coat']], '/parts/0/route/0/product'];
        yield 'instant' => [['log' => [['kind' => 'note', 'at' => 'yesterday']]], '/parts/0/log/0/at'];
        yield 'correction of nothing' => [
            ['log' => [['kind' => 'correction', 'corrects' => 'zz', 'at' => '2026-05-04T10:00:00Z']]],
            '/parts/0/log/0/corrects',
        ];
        yield 'id' => [['id' => 'Engine Frame'], '/parts/0/id'];
    }

    /** @param array<int|string, mixed> $change */
    #[DataProvider('wrong')]
    public function testRefusesWithThePlace(array $change, string $pointer): void
    {
        try {
            Yard::job($change);
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->pointer);
            self::assertNotSame('', $e->accepted);

            return;
        }
        self::fail('It was read.');
    }

    public function testWhatIsWrongOfSeveralPartsAndConditionsIsToldAtOnce(): void
    {
        $file = Yard::frame();
        $part = $file['parts'][0];
        $rust = ['id' => 'rust', 'grade' => 'light'];
        $file['parts'] = [
            ['conditions' => [['id' => 'yellowing', 'grade' => 'light'], $rust, $rust]] + $part,
            ['id' => 'sound', 'conditions' => [$rust]] + $part,
            ['id' => 'lost', 'place' => 'moon'] + $part,
            ['id' => 'sound'] + $part,
        ];
        try {
            (new JobReader(Yard::catalogue()))->job(Node::root($file));
            self::fail('It was read.');
        } catch (InvalidInput $e) {
            self::assertSame(
                ['/parts/0/conditions/0/id', '/parts/0/conditions/2/id', '/parts/2/place', '/parts/3/id'],
                array_map(static fn(InvalidInput $i): string => $i->pointer, $e->each()),
            );
            self::assertSame('Yellowing does not occur on carbon steel sheet or section.', $e->getMessage());
        }
    }

    public function testNoMoreThanTwentyAreTold(): void
    {
        $faults = array_map(static fn(int $n): InvalidInput => new InvalidInput("/$n", 'Wrong.'), range(0, 30));
        $all = InvalidInput::all([InvalidInput::all(array_slice($faults, 0, 2)), ...array_slice($faults, 2)]);
        self::assertSame(
            array_map(static fn(int $n): string => "/$n", range(0, 19)),
            array_map(static fn(InvalidInput $i): string => $i->pointer, $all->each()),
        );
    }

    public function testRefusesAPlaceBelowAbsoluteZeroAndForeignFiles(): void
    {
        $frame = Yard::frame([], '-300 C');
        foreach (
            [
                [$frame, '/places/0/temperature'],
                [['format' => 'other'] + Yard::frame(), '/format'],
                [['version' => 9] + Yard::frame(), '/version'],
                [['due' => '2026-02-30'] + Yard::frame(), '/due'],
                [['due' => 'soon'] + Yard::frame(), '/due'],
                ['text', ''],
            ]
            as [$file, $pointer]
        ) {
            try {
                (new JobReader(Yard::catalogue()))->job(Node::root($file));
                self::fail('It was read.');
            } catch (InvalidInput $e) {
                self::assertSame($pointer, $e->pointer);
            }
        }
    }
}
