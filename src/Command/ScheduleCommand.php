<?php

declare(strict_types=1);

namespace App\Command;

use App\Api\JsonBody;
use App\Format\ScheduleFormat;
use Hull\Input\InvalidInput;
use Hull\Schedule\Crew;
use Hull\Schedule\Planning;
use Hull\Schedule\Schedule;
use Hull\Schedule\Scheduler;
use Hull\Schedule\Yard;
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
    public function __construct(private readonly Airing $airing)
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
            $yard = self::yard($this->airing->read($input), $crew, $zone);
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        }
        $tries = $option('tries');
        $schedule = (new Scheduler(
            null === $tries ? Scheduler::triesFor(count($yard->activities)) : max(1, (int) $tries),
            (int) $option('seed'),
        ))->plan($yard);
        'json' === $option('format')
            ? $output->writeln(Files::json(ScheduleFormat::data($schedule)), OutputInterface::OUTPUT_RAW)
            : self::text($schedule, $zone, $output);

        return [] === $schedule->without ? self::SUCCESS : self::FAILURE;
    }

    private static function yard(JobInAir $asked, Crew $crew, \DateTimeZone $zone): Yard
    {
        $pieces = $done = $places = [];
        foreach ($asked->plan->routes as $id => $route) {
            $pieces[$id] = $asked->plan->pieces[$id]->routed($route);
            $places[$id] = $pieces[$id]->place->id;
            $done[$id] = $pieces[$id]->replay($asked->at, $asked->airs->at($places[$id])->series());
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
            dues: null === $due ? [] : array_fill_keys(array_keys($pieces), (float) $due->format('U') / 3600.0),
        );
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

    private static function text(Schedule $schedule, \DateTimeZone $zone, OutputInterface $output): void
    {
        $data = ScheduleFormat::data($schedule);
        $clock = static fn(string $instant): string => (new \DateTimeImmutable($instant))
            ->setTimezone($zone)
            ->format('D j M H:i');
        $output->writeln(
            sprintf(
                'Done %s, no earlier than %s; %.1f h of work, %.1f h of making good for missed windows',
                $clock(ScheduleFormat::instant($schedule->finish())),
                $clock(is_string($data['no_earlier_than']) ? $data['no_earlier_than'] : 'now'),
                $schedule->score->handsOn,
                $schedule->score->paid,
            ),
        );
        $critical = array_map(static fn(\Hull\Schedule\Placement $p): string => $p->id, $schedule->criticalChain());
        foreach ($schedule->placed as $id => $placed) {
            $activity = $schedule->yard->activity($id);
            $output->writeln(
                sprintf(
                    '%s %s  %s, %s: %s (%s)%s',
                    in_array($id, $critical, true) ? '*' : ' ',
                    $clock(ScheduleFormat::instant($placed->start)),
                    substr($clock(ScheduleFormat::instant($placed->end)), -5),
                    $activity->part,
                    $activity->name,
                    ScheduleFormat::why($schedule, $placed->why),
                    $placed->paid > 0.0 ? sprintf(' after %.1f h of making good', $placed->paid) : '',
                ),
            );
        }
        foreach ($schedule->without as $id => $why) {
            $output->writeln(
                sprintf(
                    '! %s: %s',
                    $schedule->yard->activity($id)->part . ', ' . $schedule->yard->activity($id)->name,
                    $why,
                ),
            );
        }
    }
}
