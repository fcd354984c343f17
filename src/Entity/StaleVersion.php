<?php

declare(strict_types=1);

namespace App\Entity;

/** Somebody changed it after it was read; the API answers 409. */
final class StaleVersion extends \RuntimeException {}
