<?php

declare(strict_types=1);

namespace App\Command;

use App\Format\RouteFormat;
use Hull\Input\InvalidInput;
use Hull\Route\NoRoute;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:plan', 'Plans the route of every part of a job file; exit 1 when a part has none')]
final class PlanCommand extends Command
{
    public function __construct(private readonly Files $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Job file, or - for standard input')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $parts = [];
        try {
            $path = $input->getArgument('file');
            foreach ($this->files->workpieces($this->files->job(is_string($path) ? $path : '')) as $piece) {
                $parts[] = ['id' => $piece->part->id, 'name' => $piece->part->name, 'area' => $piece->context->area->m2(), 'system' => $piece->context->system->id, 'route' => RouteFormat::route($piece, $piece->plan())];
            }
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        } catch (NoRoute $e) {
            $output->writeln('' === $e->getMessage() ? 'No route.' : $e->getMessage());

            return self::FAILURE;
        }
        if ('json' === $input->getOption('format')) {
            $output->writeln(Files::json(['parts' => $parts]), OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        foreach ($parts as $part) {
            $output->writeln(sprintf('%s (%.3g m2, %s)', $part['name'], $part['area'], $part['system']));
            foreach ($part['route'] as $index => $step) {
                $output->writeln(sprintf('%3d  %s', $index + 1, $step['name']));
            }
        }

        return self::SUCCESS;
    }
}
