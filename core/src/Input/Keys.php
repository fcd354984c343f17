<?php

declare(strict_types=1);

namespace Hull\Input;

/** Ids are text, also where they are keys of an array: PHP itself turns a key such as "7" into a number. */
final class Keys
{
    /**
     * @param array<int|string, mixed> $map
     *
     * @return list<string>
     */
    public static function of(array $map): array
    {
        return array_map(strval(...), array_keys($map));
    }
}
