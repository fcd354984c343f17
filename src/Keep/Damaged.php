<?php

declare(strict_types=1);

namespace App\Keep;

/** A backup that cannot be taken back as it is; the message says what is wrong with it. */
final class Damaged extends \RuntimeException {}
