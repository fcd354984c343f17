<?php

declare(strict_types=1);

namespace App\Command;

use App\Format\JobSchema;
use App\Format\OpenApi;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[
    AsCommand(
        'hull:formats',
        'Writes the API description and the job-file schema; with --check only compares (exit 1 when out of step)',
    ),
]
final class FormatsCommand extends Command
{
    public function __construct(
        private readonly OpenApi $api,
        private readonly JobSchema $job,
        private readonly string $directory,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('check', null, InputOption::VALUE_NONE, 'Compare instead of writing');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $stale = false;
        foreach (
            ['openapi.json' => $this->api->describe(), 'job.schema.json' => $this->job->describe()]
            as $name => $description
        ) {
            $path = $this->directory . '/' . $name;
            $text = Files::json($description) . "\n";
            if (true !== $input->getOption('check')) {
                file_put_contents($path, $text);
            } elseif (!is_file($path) || file_get_contents($path) !== $text) {
                $output->writeln($name . ' is out of step with the code: run bin/console hull:formats');
                $stale = true;
            }
        }

        return $stale ? self::FAILURE : self::SUCCESS;
    }
}
