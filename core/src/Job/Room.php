<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Area\Footprint;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;

/** How much room a part takes, and what it weighs. */
final readonly class Room
{
    /** Nobody lifts more alone, kg. */
    public const ALONE_KG = 25.0;
    /** Two do not lift more together, kg. */
    public const TWO_KG = 40.0;

    /**
     * @param Length|null $long its longer side as it stands; null, with the other, where nobody measured it
     * @param Length|null $wide its other side
     * @param string $way one of Footprint::WAYS: how it is kept while it is worked and cures
     * @param Mass|null $weight null where nobody weighed it
     */
    public function __construct(
        public ?Length $long,
        public ?Length $wide,
        public string $way = Footprint::STANDS,
        public ?Mass $weight = null,
    ) {}

    public function isHeavy(): bool
    {
        return null !== $this->weight && $this->weight->kg() > self::ALONE_KG;
    }

    /** Hoist, trolley or more hands. */
    public function wantsHoist(): bool
    {
        return null !== $this->weight && $this->weight->kg() > self::TWO_KG;
    }
}
