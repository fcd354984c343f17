<?php

declare(strict_types=1);

namespace App\Persistence;

/** Rows that are removed by a mark (removed_at), so that they can be brought back; queries leave them out. */
interface MayBeRemoved {}
