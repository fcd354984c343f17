<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** The strip-down register of a job: as it came apart, and as it goes together. */
final readonly class RegisterView
{
    /**
     * @param list<TagView> $tags as it came apart
     * @param list<int> $backwards their numbers as it goes together
     * @param list<string|Message> $missing what is to be had before it can go together
     * @param list<UntaggedView> $untagged what comes off and has no tag
     * @param list<Option> $parts that something can come off, or go into
     * @param list<string> $held what things can be kept in
     * @param int $off things still off
     * @param int $in things still in
     */
    public function __construct(
        public string $jobId,
        public string $name,
        public array $tags,
        public array $backwards,
        public array $missing,
        public array $untagged,
        public array $parts,
        public array $held,
        public int $off,
        public int $in,
    ) {}
}
