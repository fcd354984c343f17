<?php

declare(strict_types=1);

// tools/mutate.php puts a changed class in place of the real one: CLASS=FILE.
if (2 === count($mutant = explode('=', (string) getenv('HULL_MUTANT'), 2))) {
    spl_autoload_register(
        static function (string $class) use ($mutant): void {
            if ($class === $mutant[0]) {
                require $mutant[1];
            }
        },
        true,
        true,
    );
}
