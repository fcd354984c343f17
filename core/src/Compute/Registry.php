<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Quantity\MixRatio;
use Hull\Quantity\Quantity;

/** Every formula by name; the console, the API and the screens all ask here. */
final class Registry
{
    private static ?self $standard = null;

    /** @var \WeakMap<Figures, self>|null */
    private static ?\WeakMap $with = null;

    /** @var array<int|string, Computation> */
    private array $byName = [];

    /** @param iterable<Computation> $computations */
    public function __construct(iterable $computations)
    {
        foreach ($computations as $computation) {
            if (isset($this->byName[$computation->name])) {
                throw new \LogicException('Two computations are called ' . $computation->name . '.');
            }
            $this->byName[$computation->name] = $computation;
        }
        ksort($this->byName);
    }

    /** All formulas, with those that stand on the figures of a catalogue. */
    public static function with(Figures $figures): self
    {
        self::$with ??= new \WeakMap();

        return self::$with[$figures] ??= new self([
            ...self::standard()->all(),
            ...MethodComputations::all($figures->methods, $figures->paces),
            ...CoverageComputations::all($figures->table('dead-volume'), $figures->table('hiding')),
            ...WarmthComputations::all($figures),
            ...CatalystComputations::all($figures->table('catalyst')),
            ...LaminateComputations::all($figures->table('glass')),
            ...BathComputations::all($figures),
        ]);
    }

    /** The formulas that stand on nothing but their inputs. */
    public static function standard(): self
    {
        return self::$standard ??= new self([
            ...AreaComputations::all(),
            ...MaskingComputations::all(),
            ...RoomComputations::all(),
            ...FilmComputations::all(),
            ...MixComputations::all(),
            ...BatchComputations::all(),
            ...ClimateComputations::all(),
            ...CureComputations::all(),
            ...CostComputations::all(),
            ...PackComputations::all(),
        ]);
    }

    /** @return list<Computation> */
    public function all(): array
    {
        return array_values($this->byName);
    }

    public function find(string $name): ?Computation
    {
        return $this->byName[$name] ?? null;
    }

    /**
     * @param array<int|string, Quantity|MixRatio|string|list<Inputs>|null> $values
     *
     * @throws \Hull\Input\InvalidInput for inputs that the formula does not take, whoever asks
     */
    public function run(string $name, array $values, Source $source = Source::Given): Result
    {
        $computation = $this->byName[$name] ?? throw new \LogicException('No computation ' . $name . '.');
        foreach ($computation->inputs as $field) {
            $field->check('', $values[$field->name] ?? null);
        }

        return $computation->run(Inputs::of($computation->inputs, $values), $source);
    }
}
