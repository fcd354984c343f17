<?php

declare(strict_types=1);

namespace App\Command;

use App\Api\JsonBody;
use App\Format\ComputeFormat;
use Hull\Catalog\Catalogue;
use Hull\Input\InvalidInput;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:compute', 'Works out a formula by name: JSON on standard input, JSON out')]
final class ComputeCommand extends Command
{
    public function __construct(private readonly Catalogue $shipped)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::OPTIONAL, 'Name of the computation')
            ->addOption('list', null, InputOption::VALUE_NONE, 'Print the names with one line each')
            ->addOption('schema', null, InputOption::VALUE_NONE, 'Print the JSON Schemas of input and output');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $registry = $this->shipped->formulas();
        if (true === $input->getOption('list')) {
            foreach ($registry->all() as $computation) {
                $output->writeln(sprintf('%-28s %s', $computation->name, $computation->summary));
            }

            return self::SUCCESS;
        }
        $name = $input->getArgument('name');
        $computation = is_string($name) ? $registry->find($name) : null;
        try {
            if (null === $computation) {
                throw new InvalidInput(
                    '',
                    sprintf('There is no computation "%s".', is_string($name) ? $name : ''),
                    'a name from --list',
                );
            }
            $output->writeln(
                Files::json(
                    true === $input->getOption('schema')
                        ? [
                            'name' => $computation->name,
                            'summary' => $computation->summary,
                            'formula' => $computation->formula,
                            'input' => $computation->inputSchema(),
                            'output' => $computation->outputSchema(),
                        ]
                        : ComputeFormat::plain($computation->fromNode(JsonBody::decode(Files::read('-')))),
                ),
                OutputInterface::OUTPUT_RAW,
            );
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        }

        return self::SUCCESS;
    }
}
