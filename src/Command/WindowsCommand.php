<?php

declare(strict_types=1);

namespace App\Command;

use App\Format\ScheduleFormat;
use Hull\Bench\NextCoat;
use Hull\Bench\Workpiece;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\JobReader;
use Hull\Schedule\Airs;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:windows', 'When each logged film of a job file lets the next coat on, in this weather')]
final class WindowsCommand extends Command
{
    public function __construct(private readonly Files $files, private readonly Airing $airing, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Job file, or - for standard input')
            ->addOption('climate', null, InputOption::VALUE_REQUIRED, 'Weather outdoors as CSV; without it the places stay as they are set')
            ->addOption('at', null, InputOption::VALUE_REQUIRED, 'The moment it is, with its offset; now without it')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $option = static fn (string $name): ?string => is_string($input->getOption($name)) ? $input->getOption($name) : null;
        try {
            $path = $input->getArgument('file');
            $job = $this->files->job(is_string($path) ? $path : '');
            $at = null === $option('at') ? $this->clock->now() : JobReader::instant(Node::root(['at' => $option('at')])->field('at'));
            $airs = $this->airing->of($job, $option('climate'), (float) $at->format('U') / 3600.0);
            $plan = $this->files->plan($job);
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        }
        $rows = [];
        foreach ($plan->routes as $id => $route) {
            $rows = [...$rows, ...self::rows($plan->pieces[$id]->routed($route), $airs, $at)];
        }
        if ('json' === $option('format')) {
            $output->writeln(Files::json(['at' => $at->format('Y-m-d\TH:i:s\Z'), 'coats' => $rows]), OutputInterface::OUTPUT_RAW);
        }
        foreach ('json' === $option('format') ? [] : $rows as $row) {
            $output->writeln(sprintf('%s, %s: laid %s, opens %s, closes %s%s', $row['part'], $row['film'], $row['laid'], $row['opens'] ?? 'never', $row['closes'] ?? 'never', null === $row['next'] ? '' : sprintf('; the next may begin %s to %s', $row['next']['from'] ?? 'never', $row['next']['until'] ?? 'any time')));
        }
        if ([] === $rows && 'json' !== $option('format')) {
            $output->writeln('No coat is logged yet.');
        }

        return self::SUCCESS;
    }

    /** @return list<array{part: string, film: string, step: string, laid: string, touch: string|null, opens: string|null, closes: string|null, full: string|null, next: array{from: string|null, until: string|null, advice: list<string>}|null}> */
    private static function rows(Workpiece $piece, Airs $airs, \DateTimeImmutable $at): array
    {
        $replayed = $piece->replay($at, $airs->at($piece->place->id)->series());
        $instant = static fn (?float $hour): ?string => null === $hour ? null : ScheduleFormat::instant($hour);
        $next = NextCoat::of($piece, $replayed);
        $rows = [];
        foreach ($replayed->coats as $coat) {
            $rows[] = ['part' => $piece->part->name, 'film' => $coat->product->name, 'step' => $coat->stepKey, 'laid' => ScheduleFormat::instant($coat->laidAt), 'touch' => $instant($coat->touchAt), 'opens' => $instant($coat->opensAt), 'closes' => $instant($coat->closesAt), 'full' => $instant($coat->fullAt), 'next' => $next?->stepKey === $coat->stepKey ? ['from' => $instant($next->span->earliest), 'until' => $instant($next->span->latest), 'advice' => $next->advice] : null];
        }

        return $rows;
    }
}
