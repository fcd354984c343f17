<?php

declare(strict_types=1);

namespace Hull\Tests\Route;

use Hull\Catalog\Step;
use Hull\Route\PointOfNoReturn;
use Hull\Surface\FactWithin;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

final class PointOfNoReturnTest extends TestCase
{
    public function testEpoxyIsNotLaidWhereGelcoatIsToShine(): void
    {
        self::assertSame(['polish', 'regelcoat'], $this->left(['fair-epoxy', 'polish', 'regelcoat'], 'epoxy-repair'));
    }

    public function testWhatAnotherStepUndoesMayBeDone(): void
    {
        self::assertSame(['key-composite', 'blow-off'], $this->left(['key-composite', 'blow-off'], 'dust'));
        self::assertSame(['blow-off'], $this->left(['blow-off'], 'dust'));
        self::assertSame([], $this->left(['key-composite'], 'dust'));
    }

    public function testWhatIsSpoiltAlreadyIsNotAskedFor(): void
    {
        self::assertSame(['key-composite'], $this->left(['key-composite'], 'dust', ['dust' => 1.0]));
    }

    /**
     * @param list<string> $steps
     * @param array<int|string, float> $facts
     *
     * @return list<string>
     */
    private function left(array $steps, string $fact, array $facts = []): array
    {
        $goal = [new Precondition('goal', new FactWithin($fact, null, 0.0), 'it must be gone', 'It shows.', 'test')];

        return array_map(
            static fn(Step $s): string => $s->id,
            PointOfNoReturn::before(
                SurfaceState::of('gelcoat', $facts),
                $goal,
                array_map(Yard::catalogue()->step(...), $steps),
            ),
        );
    }
}
