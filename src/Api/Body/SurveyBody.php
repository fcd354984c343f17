<?php

declare(strict_types=1);

namespace App\Api\Body;

/** A survey of a part, with the place it is worked in. The version is left out for a new part. */
final readonly class SurveyBody
{
    public function __construct(public PartBody $part, public PlaceBody $place, public ?int $version = null) {}
}
