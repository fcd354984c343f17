<?php

declare(strict_types=1);

namespace App\Command;

use App\Words\SaidWords;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

#[
    AsCommand(
        name: 'hull:words',
        description: 'Writes what the server says as a template for translators, or checks that it is in step',
    ),
]
final class WordsCommand extends Command
{
    public function __construct(
        private readonly SaidWords $words,
        #[Autowire('%kernel.project_dir%/translations/said.pot')] private readonly string $path,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('check', null, InputOption::VALUE_NONE, 'Compare instead of writing');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $text = $this->words->template();
        if (true !== $input->getOption('check')) {
            file_put_contents($this->path, $text);

            return self::SUCCESS;
        }
        if (is_file($this->path) && file_get_contents($this->path) === $text) {
            return self::SUCCESS;
        }
        $output->writeln('translations/said.pot is behind the source: run bin/console hull:words');

        return self::FAILURE;
    }
}
