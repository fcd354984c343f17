<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Aim;
use Hull\Catalog\Catalogue;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\Scope;
use Hull\Catalog\SystemLayer;
use Hull\Catalog\Traits;
use Hull\Film\Method;
use Hull\Quantity\Message;

/**
 * Picks the film system for a part: of those that lead to what is wanted and that the workshop can lay, the first in
 * catalogue order that goes against the fewest schools; or the one picked by hand, if it fits.
 */
final readonly class SystemChooser
{
    /** So many default answers weigh as much as one picked by hand. */
    private const PICKED = 20;
    /** More than all answers together. */
    private const OTHER = 1000;
    /** So many systems that come close are named. */
    private const NEAR = 3;

    private Catalogue $catalogue;

    /**
     * @param array<int|string, string> $schools every question answered
     * @param array<int|string, string> $picked those answered by hand, which weigh more
     * @param Method|null $method the part is painted by; what it does not lay weighs like an answer by hand
     */
    public function __construct(
        private Traits $traits,
        private array $schools,
        private array $picked,
        private ?Method $method = null,
    ) {
        $this->catalogue = $traits->catalogue;
    }

    /**
     * What is wanted, and the film system that leads there.
     *
     * @param string|null $aim what is wanted; null for the likely one
     * @param string|null $film the system picked by hand
     *
     * @return array{Aim, FilmSystem}
     *
     * @throws NoRoute
     */
    public function choose(?string $aim, ?string $film): array
    {
        foreach ($this->traits->services as $id) {
            $service = $this->catalogue->services[$id];
            if (!$service->suits($this->traits->substrate)) {
                throw new NoRoute(
                    Message::of(
                        '{material} is not for the service "{service}": {why}',
                        material: $this->traits->substrate->name,
                        service: $service->name,
                        why: Message::of($service->whyNot),
                    ),
                );
            }
        }
        $wanted = null === $aim ? $this->likely() : $this->open($this->catalogue->aims[$aim]);
        if (null !== $film) {
            return $this->byHand($film, null === $aim ? null : $wanted);
        }
        $system = $this->best($wanted, null !== $aim) ?? throw new NoRoute($this->none($wanted));

        return [
            null === $aim && $wanted->id === $this->usual()->id ? $this->catalogue->aims[$system->aims[0]] : $wanted,
            $system,
        ];
    }

    /** Why it cannot be had on this part; empty where it can. */
    public function whyNot(Aim $aim): string|Message
    {
        if (!$this->isOpen($aim)) {
            return ucfirst($aim->whyNot);
        }

        return null === $this->best($aim, true) ? $this->none($aim) : '';
    }

    /** Whether what was found on the part allows it. */
    public function isOpen(Aim $aim): bool
    {
        return $this->traits->hold($aim->onlyWhen);
    }

    /**
     * Every film system made for the material, in the order of the catalogue.
     *
     * @return list<SystemFit>
     */
    public function fits(Aim $aim): array
    {
        return array_map(
            fn(FilmSystem $s): SystemFit => $this->fit($s, $aim),
            $this->catalogue->systemsOf($this->traits->substrate),
        );
    }

    /** What the part is likely wanted for: the first that says so itself and has a system, or else the usual. */
    public function likely(): Aim
    {
        foreach ($this->catalogue->aims as $aim) {
            $alike = array_filter($aim->likelyWhen, $this->traits->hold(...));
            if ([] !== $alike && !$this->isRuledOut($aim) && $this->isOpen($aim) && null !== $this->best($aim, true)) {
                return $aim;
            }
        }

        return $this->usual();
    }

    /** Somebody answered a question in a way that leads elsewhere. */
    private function isRuledOut(Aim $aim): bool
    {
        foreach ($aim->unless as $question => $answers) {
            if (in_array($this->picked[$question] ?? null, $answers, true)) {
                return true;
            }
        }

        return false;
    }

    /** What is done where nothing else is likely or asked for: the last in the catalogue. */
    private function usual(): Aim
    {
        return $this->catalogue->usualAim();
    }

    /** @throws NoRoute */
    private function open(Aim $aim): Aim
    {
        return $this->isOpen($aim)
            ? $aim
            : throw new NoRoute(
                Message::of('"{aim}" is not for this part: {why}', aim: $aim->name, why: Message::of($aim->whyNot)),
            );
    }

    /**
     * @return array{Aim, FilmSystem}
     *
     * @throws NoRoute when it does not fit
     */
    private function byHand(string $film, ?Aim $aim): array
    {
        $system =
            $this->catalogue->systems[$film] ??
            throw new NoRoute(
                Message::of('There is no film system "{system}" any more; pick another one.', system: $film),
            );
        $aim ??= $this->catalogue->aims[$system->aims[0]];
        $fit = $this->fit($system, $aim);

        return $fit->fits()
            ? [$aim, $system]
            : throw new NoRoute(
                Message::row([
                    Message::of('"{system}" was picked and cannot be laid here.', system: $system->name),
                    ...array_map(Message::sentence(...), $fit->reasons),
                ]),
            );
    }

    /** @param bool $asked it alone is wanted: a system that leads to something else first is the last choice */
    private function best(Aim $aim, bool $asked): ?FilmSystem
    {
        $best = null;
        $least = \PHP_INT_MAX;
        foreach ($this->catalogue->systemsOf($this->traits->substrate) as $system) {
            if (!$this->mayFit($system, $aim) || !($fit = $this->fit($system, $aim))->fits()) {
                continue;
            }
            $weight = $fit->against + ($asked && !in_array($system->aims[0], $aim->takes, true) ? self::OTHER : 0);
            if ($weight < $least) {
                [$best, $least] = [$system, $weight];
            }
        }

        return $best;
    }

    /** What rules out most systems, without saying why. */
    private function mayFit(FilmSystem $system, Aim $aim): bool
    {
        $finishes = $system->scope->finishes;

        return $aim->leadsBy($system) &&
            ([] === $finishes || in_array($this->traits->finish, $finishes, true)) &&
            [] === $system->fails($this->traits->services);
    }

    private function fit(FilmSystem $system, Aim $aim): SystemFit
    {
        $t = $this->traits;
        $scope = $system->scope;
        $reasons = [];
        if (!$system->isFor($t->substrate)) {
            $reasons[] = Message::of('It is not made for {material}.', material: lcfirst($t->substrate->name));
        }
        foreach ($system->fails($t->services) as $service) {
            $reasons[] = Message::of(
                'It does not stand "{service}".',
                service: $this->catalogue->services[$service]->name,
            );
        }
        if ([] !== $scope->finishes && !in_array($t->finish, $scope->finishes, true)) {
            $reasons[] = Message::of(
                'It gives no "{finish}" finish.',
                finish: $this->catalogue->finishes[$t->finish]->name,
            );
        }
        if (!$t->hold($system->onlyWhen)) {
            $reasons[] = ucfirst($system->whyNot);
        }
        if (!$aim->leadsBy($system)) {
            $reasons[] = Message::of('It does not lead to what is wanted: {aim}.', aim: lcfirst($aim->name));
        }
        $lacks = array_values(array_intersect($system->requires, $t->lacks));
        if ([] !== $lacks) {
            $reasons[] = Message::of(
                'It asks for something this workshop does without: {gear}.',
                gear: array_map(fn(string $id): string => $this->catalogue->limits[$id]->name, $lacks),
            );
        }

        return new SystemFit($system, $reasons, $lacks, $this->against($scope) + $this->byOtherMeans($system));
    }

    private function against(Scope $scope): int
    {
        $against = 0;
        foreach ($scope->schools as $question => $answers) {
            $asked = $this->traits->substrate->isOf($this->catalogue->schools[$question]->families);
            $against +=
                !$asked || in_array($this->schools[$question] ?? '', $answers, true)
                    ? 0
                    : (isset($this->picked[$question])
                        ? self::PICKED
                        : 1);
        }

        return $against;
    }

    /** What a can, a wand or a liner gun does not lay; a brush and a gun are put down for a can without a word. */
    private function byOtherMeans(FilmSystem $system): int
    {
        $method = $this->method;
        if (null === $method || [] === $method->lays) {
            return 0;
        }

        $other = array_filter($system->layers, static fn(SystemLayer $l): bool => !$method->suits($l->product->tags));

        return [] === $other ? 0 : self::PICKED;
    }

    /** Where several services are asked for: systems that stand all but one of them, and which. */
    private function almost(Aim $aim): ?Message
    {
        $near = [];
        foreach (count($this->traits->services) < 2 ? [] : $this->fits($aim) as $fit) {
            $lacking = $fit->system->fails($this->traits->services);
            if (1 === count($fit->reasons) && 1 === count($lacking) && [] === $fit->lacks) {
                $near[] = Message::of(
                    '"{system}" stands all but "{service}"',
                    system: $fit->system->name,
                    service: $this->catalogue->services[$lacking[0]]->name,
                );
            }
        }

        return [] === $near
            ? null
            : Message::of('{systems}.', systems: Message::row(array_slice($near, 0, self::NEAR), '; '));
    }

    /** Systems that only something found on the part keeps away, and what. */
    private function barred(Aim $aim): ?Message
    {
        $barred = [];
        foreach ($this->fits($aim) as $fit) {
            if (1 === count($fit->reasons) && !$this->traits->hold($fit->system->onlyWhen)) {
                $barred[] = Message::of(
                    '"{system}" is not for it: {why}',
                    system: $fit->system->name,
                    why: Message::of($fit->system->whyNot),
                );
            }
        }

        return [] === $barred ? null : Message::row(array_slice($barred, 0, self::NEAR));
    }

    private function none(Aim $aim): Message
    {
        $where = Message::of(
            '{material} in the service "{services}" with the finish "{finish}"',
            material: lcfirst($this->traits->substrate->name),
            services: Message::row(
                array_map(fn(string $s): string => $this->catalogue->services[$s]->name, $this->traits->services),
                '" and "',
            ),
            finish: $this->catalogue->finishes[$this->traits->finish]->name,
        );
        $lacking = array_filter(
            $this->fits($aim),
            static fn(SystemFit $f): bool => [] !== $f->lacks && 1 === count($f->reasons),
        );
        if ([] === $lacking) {
            $none =
                $aim->id === $this->usual()->id
                    ? Message::of('There is no film system yet for {where}.', where: $where)
                    : Message::of(
                        'There is no film system yet for {where} where "{aim}" is wanted.',
                        where: $where,
                        aim: $aim->name,
                    );
            $near = array_filter([$this->almost($aim), $this->barred($aim)]);

            return [] === $near ? $none : Message::row([$none, ...array_values($near)]);
        }
        $names = array_map(
            fn(string $id): string => $this->catalogue->limits[$id]->name,
            array_unique(array_merge([], ...array_map(static fn(SystemFit $f): array => $f->lacks, $lacking))),
        );

        return Message::of(
            'Every film system for {where} asks for something this workshop does without: {gear}.',
            where: $where,
            gear: array_values($names),
        );
    }
}
