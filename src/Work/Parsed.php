<?php

declare(strict_types=1);

namespace App\Work;

/**
 * What rows were read into, kept as long as a row lives and holds the same: one page asks for a part many times over,
 * and reading it is most of what that costs.
 */
final class Parsed
{
    /** @var \WeakMap<object, array<string, array{list<mixed>, mixed}>> */
    private \WeakMap $kept;

    public function __construct()
    {
        /** @var \WeakMap<object, array<string, array{list<mixed>, mixed}>> $kept */
        $kept = new \WeakMap();
        $this->kept = $kept;
    }

    /**
     * @template T
     *
     * @param list<mixed> $of everything it is read from; a change of any of it has it read anew
     * @param \Closure(): T $read
     *
     * @return T
     */
    public function once(object $row, string $what, array $of, \Closure $read): mixed
    {
        $kept = $this->kept[$row] ?? [];
        if (isset($kept[$what]) && $kept[$what][0] === $of) {
            /** @var T $value */
            $value = $kept[$what][1];

            return $value;
        }
        $value = $read();
        $this->kept[$row] = [...$kept, $what => [$of, $value]];

        return $value;
    }
}
