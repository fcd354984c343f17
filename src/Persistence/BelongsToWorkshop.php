<?php

declare(strict_types=1);

namespace App\Persistence;

/** A row of one workshop; WorkshopFilter hides it from every other. */
interface BelongsToWorkshop {}
