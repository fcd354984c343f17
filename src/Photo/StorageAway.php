<?php

declare(strict_types=1);

namespace App\Photo;

/** The place where photos are kept does not answer, or not as it should; nothing was written there. */
final class StorageAway extends \RuntimeException {}
