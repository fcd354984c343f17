<?php

declare(strict_types=1);

namespace App\Command;

use App\Catalog\OwnText;
use Hull\Input\InvalidInput;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[
    AsCommand(
        'hull:catalogue',
        'Checks an own catalogue (YAML), every fault with its line; exit 1 when it cannot be used',
    ),
]
final class CatalogueCommand extends Command
{
    public function __construct(private readonly OwnText $own)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'Own catalogue, or - for standard input');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $path = $input->getArgument('file');
        $path = is_string($path) ? $path : '';
        try {
            $errors = $this->own->errors(Files::read($path));
        } catch (InvalidInput $e) {
            return Files::refuse($output, $e);
        }
        foreach ($errors as $error) {
            $output->writeln(sprintf('%s:%d: %s Accepted: %s.', $path, $error->line, $error->detail, $error->accepted));
        }
        if ([] === $errors) {
            $output->writeln('Every entry can be used.');
        }

        return [] === $errors ? self::SUCCESS : self::FAILURE;
    }
}
