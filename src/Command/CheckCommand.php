<?php

declare(strict_types=1);

namespace App\Command;

use App\Format\RouteFormat;
use Hull\Input\InvalidInput;
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
        $broken = false;
        try {
            $path = $input->getArgument('file');
            foreach ($this->files->workpieces($this->files->job(is_string($path) ? $path : '')) as $piece) {
                $findings = $piece->findings($piece->route());
                $broken = $broken || [] !== array_filter($findings, static fn(Finding $f): bool => $f->isInTheWay());
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
            foreach ($parts as $part) {
                $output->writeln(
                    $part['name'] .
                        ': ' .
                        ([] === $part['findings'] ? 'nothing wrong' : count($part['findings']) . ' findings'),
                );
                foreach ($part['findings'] as $finding) {
                    $output->writeln(
                        sprintf(
                            '  [%s] %s: %s. %s',
                            is_string($finding['severity']) ? $finding['severity'] : '',
                            is_string($finding['step']) ? $finding['step'] : '',
                            is_string($finding['says']) ? $finding['says'] : '',
                            is_string($finding['consequence']) ? $finding['consequence'] : '',
                        ),
                    );
                }
            }
        }

        return $broken ? self::FAILURE : self::SUCCESS;
    }
}
