<?php

declare(strict_types=1);

namespace App\Command;

use App\Format\RouteFormat;
use Hull\Bench\Workpiece;
use Hull\Input\InvalidInput;
use Hull\Route\Cause;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:check', 'Checks the routes of a job file; exit 1 when a need is broken')]
final class CheckCommand extends Command
{
    public function __construct(private readonly Files $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Job file, or - for standard input')->addOption(
            'format',
            null,
            InputOption::VALUE_REQUIRED,
            'text or json',
            'text',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $parts = [];
        $pieces = [];
        $broken = false;
        try {
            $path = $input->getArgument('file');
            foreach ($this->files->workpieces($this->files->job(is_string($path) ? $path : '')) as $piece) {
                $findings = $piece->findingsNow();
                $broken = $broken || [] !== array_filter($findings, static fn(Finding $f): bool => $f->isInTheWay());
                $pieces[] = [$piece, $findings];
                $parts[] = [
                    'id' => $piece->part->id,
                    'name' => $piece->part->name,
                    'findings' => RouteFormat::findings($findings),
                ];
            }
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        } catch (NoRoute $e) {
            $output->writeln($e->getMessage());

            return self::FAILURE;
        }
        if ('json' === $input->getOption('format')) {
            $output->writeln(Files::json(['parts' => $parts]), OutputInterface::OUTPUT_RAW);
        } else {
            foreach ($pieces as [$piece, $findings]) {
                $this->text($piece, Cause::of($findings), $output);
            }
        }

        return $broken ? self::FAILURE : self::SUCCESS;
    }

    /**
     * Each cause once, the worst first, with the steps it strikes and the first mend.
     *
     * @param list<Cause> $causes
     */
    private function text(Workpiece $piece, array $causes, OutputInterface $output): void
    {
        $output->writeln(
            $piece->part->name .
                ': ' .
                match (count($causes)) {
                    0 => 'nothing wrong',
                    1 => '1 thing',
                    default => count($causes) . ' things',
                },
        );
        foreach ($causes as $cause) {
            $first = $cause->first();
            $output->writeln(sprintf('  [%s] %s. %s', $first->severity->value, $first->says, $first->consequence));
            $output->writeln('      at ' . implode(', ', array_map(lcfirst(...), $cause->places())));
            if ([] !== $first->mends) {
                $output->writeln('      mend: ' . $first->mends[0]->label);
            }
        }
    }
}
