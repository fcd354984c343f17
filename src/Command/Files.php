<?php

declare(strict_types=1);

namespace App\Command;

use App\Api\JsonBody;
use App\Catalog\OwnText;
use Hull\Bench\Workpiece;
use Hull\Board\JobPlan;
use Hull\Catalog\Catalogue;
use Hull\Input\InvalidInput;
use Hull\Job\Job;
use Hull\JobFile\JobReader;
use Hull\Route\Surroundings;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads job files for the console; "-" is standard input. */
final readonly class Files
{
    private Catalogue $catalogue;

    public function __construct(Catalogue $shipped)
    {
        $this->catalogue = $shipped;
    }

    /** With an own catalogue beside the shipped one. */
    public function owning(OwnText $own, string $path): self
    {
        $text = self::read($path);
        $errors = $own->errors($text);
        if ([] !== $errors) {
            throw new InvalidInput('', $path . ': ' . $errors[0]->text(), $errors[0]->accepted);
        }

        return new self($own->catalogue($text));
    }

    public function job(string $path): Job
    {
        return (new JobReader($this->catalogue))->job(JsonBody::decode(self::read($path)));
    }

    /** @return list<Workpiece> */
    public function workpieces(Job $job): array
    {
        return array_map(
            fn(\Hull\Job\Part $part): Workpiece => Workpiece::of(
                $this->catalogue,
                $part,
                $job->place($part->place),
                Surroundings::of($this->catalogue, $job, $part),
            ),
            $job->parts,
        );
    }

    public function plan(Job $job): JobPlan
    {
        return JobPlan::of($this->catalogue, $job);
    }

    public static function read(string $path): string
    {
        if ('-' !== $path && !is_file($path)) {
            throw new InvalidInput(
                '',
                sprintf('There is no file %s.', $path),
                'the path of a file, or - for standard input',
            );
        }
        $text = file_get_contents('-' === $path ? 'php://stdin' : $path, false, null, 0, JsonBody::MOST_BYTES + 1);
        if (false === $text || strlen($text) > JsonBody::MOST_BYTES) {
            throw new InvalidInput('', 'The file cannot be read, or is larger than 5 MB.', 'a file of at most 5 MB');
        }

        return $text;
    }

    public static function refuse(OutputInterface $output, InvalidInput $e): int
    {
        $output->writeln(
            json_encode(
                [
                    'title' => 'This cannot be used',
                    'errors' => array_map(
                        static fn(InvalidInput $i): array => [
                            'pointer' => $i->pointer,
                            'detail' => $i->getMessage(),
                            'accepted' => $i->accepted,
                        ],
                        $e->each(),
                    ),
                ],
                \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR,
            ),
            OutputInterface::OUTPUT_RAW,
        );

        return 2;
    }

    public static function json(mixed $value): string
    {
        return json_encode(
            $value,
            \JSON_PRETTY_PRINT |
                \JSON_UNESCAPED_SLASHES |
                \JSON_UNESCAPED_UNICODE |
                \JSON_PRESERVE_ZERO_FRACTION |
                \JSON_THROW_ON_ERROR,
        );
    }
}
