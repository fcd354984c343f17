<?php

declare(strict_types=1);

namespace App\Command;

use App\Api\JsonBody;
use App\Format\ScheduleFormat;
use App\Format\ScheduleText;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Input\InvalidInput;
use Hull\Job\Place;
use Hull\Piece\Hanging;
use Hull\Piece\Register;
use Hull\Piece\Whereabouts;
use Hull\Quantity\Instant;
use Hull\Schedule\Calendar\Crew;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Explaining\AlonePart;
use Hull\Schedule\Explaining\Remedies;
use Hull\Schedule\Explaining\Remedy;
use Hull\Schedule\Explaining\UsualYear;
use Hull\Schedule\Placing\Lost;
use Hull\Schedule\Reading\LivedAir;
use Hull\Schedule\Reading\Planning;
use Hull\Schedule\Search\Scheduler;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[
    AsCommand(
        'hull:schedule',
        'When everything on a job file can be done, in this weather and these working hours; exit 1 when ' .
            'something has no room',
    ),
]
final class ScheduleCommand extends Command
{
    public function __construct(private readonly Airing $airing, private readonly Catalogue $shipped)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        Airing::asks($this)
            ->addOption(
                'crew',
                null,
                InputOption::VALUE_REQUIRED,
                'Who works when, as JSON (docs/formats/crew.example.json)',
            )
            ->addOption('zone', null, InputOption::VALUE_REQUIRED, 'Time zone of the working hours', 'Europe/London')
            ->addOption('tries', null, InputOption::VALUE_REQUIRED, 'How many orders to work out; by size without it')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'Of the search', '1');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $option = static fn(string $name): ?string => Airing::option($input, $name);
        try {
            $zone = self::zone($option('zone') ?? 'UTC');
            $crew =
                null === $option('crew')
                    ? Crew::usual('the bench')
                    : Crew::read(JsonBody::decode(Files::read($option('crew'))));
            $asked = $this->airing->read($input);
            $crew = $crew->in(array_map(static fn(Place $p): string => $p->name, $asked->job->places));
            $yard = self::yard($asked, $crew, $zone);
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        }
        $tries = $option('tries');
        $schedule = (new Scheduler(
            null === $tries ? Scheduler::triesFor(count($yard->activities)) : max(1, (int) $tries),
            (int) $option('seed'),
        ))->plan($yard);
        $lines =
            'json' === $option('format')
                ? [Files::json(ScheduleFormat::data($schedule))]
                : (new ScheduleText($schedule, $asked, $zone))->lines(
                    fn(Lost $lost): array => $this->remedies($asked, $crew, $zone, $lost),
                );
        $output->writeln($lines, OutputInterface::OUTPUT_RAW);

        return [] === $schedule->unplaced && [] === $asked->plan->unrouted ? self::SUCCESS : self::FAILURE;
    }

    /** @return list<Remedy> tried with the part alone */
    private function remedies(JobInAir $asked, Crew $crew, \DateTimeZone $zone, Lost $lost): array
    {
        if (!isset($asked->plan->routes[$lost->part])) {
            return [];
        }
        [$pieces, $places] = self::routed($asked);
        $piece = $pieces[$lost->part];
        $hanging = Hanging::all($pieces, $places)[$lost->part] ?? null;
        $alone = new AlonePart($lost->part, self::replayed($asked, $piece, $hanging), $crew, $zone, $hanging);
        $yard = $alone->yard($piece, $piece->place->id, $asked->airs, $asked->now());
        $helped = isset($yard->activities[$lost->cause])
            ? Remedies::helped($yard, $yard->activity($lost->cause))
            : null;
        $tooLong = isset($yard->activities[$lost->cause]) && $yard->isTooLong($yard->activity($lost->cause));
        if (null !== $helped) {
            return [$helped];
        }
        $remedies = new Remedies(
            airs: $asked->airs,
            places: $asked->job->places,
            alone: $alone,
            air: $asked->made,
            now: $asked->now(),
            floors: $crew->floors,
        );
        if ($tooLong) {
            return $remedies->quicker($piece, $piece->place->id, $lost->cause);
        }
        if (null === $lost->closed) {
            return [];
        }
        $usual = new UsualYear(
            season: $this->shipped->season($crew->climate),
            catalogue: $this->shipped,
            airs: $asked->airs,
            shift: intdiv($zone->getOffset($asked->at), 3600),
            now: $asked->now(),
        );
        $season = $usual->first($alone->off(), $piece->in($asked->job->places[$lost->at]), $lost->at, $lost->cause);

        return [...$remedies->of($piece, $piece->place->id, $lost, []), ...null === $season ? [] : [$season]];
    }

    private static function yard(JobInAir $asked, Crew $crew, \DateTimeZone $zone): Yard
    {
        [$pieces, $places] = self::routed($asked);
        $hanging = Hanging::all($pieces, $places);
        $done = [];
        foreach ($pieces as $id => $piece) {
            $done[$id] = self::replayed($asked, $piece, $hanging[$id] ?? null);
        }
        $due = $asked->job->dueAt($zone);

        return Planning::yard(
            pieces: $pieces,
            done: $done,
            places: $places,
            airs: $asked->airs,
            crew: $crew,
            zone: $zone,
            now: $asked->now(),
            precedences: $asked->plan->precedences,
            hanging: $hanging,
            registers: [] === $asked->job->register
                ? []
                : array_fill_keys(array_keys($pieces), new Register($asked->job->register, $asked->job->parts)),
            dues: null === $due ? [] : array_fill_keys(array_keys($pieces), Instant::hour($due)),
        );
    }

    /** @return array{array<int|string, Workpiece>, array<int|string, string>} parts with their routes; their places */
    private static function routed(JobInAir $asked): array
    {
        $pieces = [];
        foreach ($asked->plan->routes as $id => $route) {
            $pieces[$id] = $asked->plan->pieces[$id]->routed($route);
        }

        return [$pieces, array_map(static fn(Workpiece $p): string => $p->place->id, $pieces)];
    }

    private static function replayed(JobInAir $asked, Workpiece $piece, ?Hanging $hanging): Replayed
    {
        $where = new Whereabouts($piece, $piece->place->id, $hanging);

        return $piece->replay($asked->at, LivedAir::of($piece, $where, $asked->airs)->series());
    }

    private static function zone(string $name): \DateTimeZone
    {
        try {
            return new \DateTimeZone($name);
        } catch (\Exception) {
            throw new InvalidInput(
                '/zone',
                sprintf('"%s" is no time zone.', $name),
                'a name such as Europe/London or UTC',
            );
        }
    }
}
