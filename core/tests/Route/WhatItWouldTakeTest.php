<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Bench\Workpiece;
use Hull\Input\Node;
use Hull\JobFile\JobReader;
use Hull\Route\NoRoute;
use Hull\Route\Surroundings;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

final class WhatItWouldTakeTest extends TestCase
{
    public function testNamesTheGearAndTheStepThatWouldOpenAWay(): void
    {
        self::assertStringContainsString(
            'does without: "Whiten under peroxide gel and light" with UV lamp or strong sun.',
            self::why(['uv-lamp']),
        );
        self::assertStringContainsString(
            '"Whiten under peroxide gel and light" with UV lamp or strong sun.',
            self::why(['uv-lamp', 'compressor', 'bath']),
        );
    }

    public function testWithTheLampThereIsARoute(): void
    {
        self::assertNotSame([], self::piece([])->plan()->steps);
    }

    /** @param list<string> $without */
    private static function why(array $without): string
    {
        try {
            self::piece($without)->plan();
        } catch (NoRoute $e) {
            return $e->getMessage();
        }
        self::fail('There is a way without.');
    }

    /** @param list<string> $without */
    private static function piece(array $without): Workpiece
    {
        $frame = Yard::frame([
            'substrate' => 'rigid-plastic',
            'service' => 'food',
            'finish' => 'tidy',
            'conditions' => [['id' => 'yellowing', 'grade' => 'heavy']],
        ]);
        $job = (new JobReader(Yard::catalogue()))->job(Node::root(['without' => $without, ...$frame]));

        return Workpiece::of(
            Yard::catalogue(),
            $job->parts[0],
            $job->place('bay'),
            Surroundings::of(Yard::catalogue(), $job, $job->parts[0]),
        );
    }
}
