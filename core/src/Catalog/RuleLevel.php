<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** What a breach of a rule means. */
enum RuleLevel: string
{
    /** The order of work does not hold. */
    case Order = 'order';
    /** Someone or something can be hurt; the planner never breaks it. */
    case Stop = 'stop';
    /** No step of the route can mend it: the place, the people or the part must change, or a name stands for it. */
    case Gate = 'gate';
    /** Worth knowing. */
    case Caution = 'caution';
}
