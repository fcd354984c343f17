<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Condition;
use Hull\Catalog\Rule;
use Hull\Catalog\RuleLevel;
use Hull\Catalog\Substrate;
use Hull\Climate\Air;
use Hull\Compute\Inputs;
use Hull\Compute\Registry;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\EntryKind;
use Hull\Job\Job;
use Hull\Job\Links;
use Hull\Job\LogEntry;
use Hull\Job\Observed;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Job\SavedCard;
use Hull\Job\Shape;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\WorkCard\SavedCards;

/**
 * Reads the open job file (see docs/formats/job.md): SI numbers or typed quantities, every refusal with its pointer.
 */
final readonly class JobReader
{
    public const FORMAT = 'unbowed-hull-job';
    public const VERSION = 1;
    private const MOST_PAINT_L = 200;
    private const PART_FIELDS = ['id', 'name', 'substrate', 'conditions', 'shapes', 'place', 'schools', 'route', 'log'];

    private PartForm $form;

    public function __construct(private Catalogue $catalogue)
    {
        $this->form = new PartForm($catalogue);
    }

    public function job(Node $n): Job
    {
        $n->only([
            'format',
            'version',
            'name',
            'note',
            'due',
            'places',
            'parts',
            'without',
            'cards',
            'register',
            '$schema',
        ]);
        $n->field('format')->choice([self::FORMAT]);
        $n->field('version')->integer(1, self::VERSION);
        $places = [];
        foreach ($n->field('places')->items(50) as $p) {
            $place = $this->place($p);
            if (isset($places[$place->id])) {
                throw $p->field('id')->refuse('Two places have this id.', 'an id of its own');
            }
            $places[$place->id] = $place;
        }
        $parts = [];
        foreach ($n->field('parts')->items(200) as $p) {
            $part = $this->part($p, array_map('strval', array_keys($places)));
            if (isset($parts[$part->id])) {
                throw $p->field('id')->refuse('Two parts have this id.', 'an id of its own');
            }
            $parts[$part->id] = $part;
        }

        foreach ($n->field('parts')->items(200) as $p) {
            Links::check($p, $parts[$p->field('id')->text()], $parts);
        }

        return new Job(
            name: $n->field('name')->text(120),
            note: Node::remark($n->optional('note'), 2000),
            places: $places,
            parts: array_values($parts),
            without: $this->without($n->optional('without')),
            cards: self::cards(
                $n->optional('cards'),
                array_map(static fn(Part $p): string => $p->id, array_values($parts)),
            ),
            due: $n->optional('due')?->day(),
            register: TagForm::register(
                $n->optional('register'),
                array_map(static fn(Part $p): string => $p->id, array_values($parts)),
            ),
        );
    }

    /**
     * @param list<string> $parts
     *
     * @return list<SavedCard>
     */
    private static function cards(?Node $list, array $parts): array
    {
        $cards = [];
        foreach ($list?->items(100) ?? [] as $n) {
            $card = SavedCards::read($n, $parts);
            $cards[$card->id] = isset($cards[$card->id])
                ? throw $n->field('id')->refuse('Two cards have this id.', 'an id of its own')
                : $card;
        }

        return array_values($cards);
    }

    /** @return list<string> gear, skills and tastes a workshop does without */
    public function without(?Node $list): array
    {
        return array_values(
            array_unique(
                array_map(
                    fn(Node $l): string => $l->choice(Keys::of($this->catalogue->limits)),
                    $list?->items(100) ?? [],
                ),
            ),
        );
    }

    public function place(Node $n): Place
    {
        $n->only(['id', 'name', 'kind', 'temperature', 'humidity', 'hazards']);
        $kind = $n->field('kind')->choice(Keys::of($this->catalogue->places));

        return new Place(
            self::id($n->field('id')),
            $n->optional('name')?->text(80) ?? $this->catalogue->places[$kind]->name,
            $kind,
            self::air($n),
            array_map(
                fn(Node $h): string => $h->choice(Keys::of($this->catalogue->hazards)),
                $n->optional('hazards')?->items(20) ?? [],
            ),
        );
    }

    /** Temperature and humidity of one place and moment. */
    public static function air(Node $n): Air
    {
        try {
            return Air::of(
                $n->field('temperature')->quantity(Temperature::class),
                $n->field('humidity')->quantity(RelativeHumidity::class),
            );
        } catch (InvalidQuantity $e) {
            throw $n->field('temperature')->refuse($e->getMessage(), $e->accepted);
        }
    }

    /** @param list<string> $places known place ids */
    public function part(Node $n, array $places): Part
    {
        $n->only([...self::PART_FIELDS, ...$this->form->names()]);
        $part = new Part(
            ...[
                ...$this->form->read($n),
                'id' => self::id($n->field('id')),
                'name' => $n->field('name')->text(120),
                'substrate' => $n->field('substrate')->choice(Keys::of($this->catalogue->substrates)),
                'conditions' => $this->conditions(
                    $n->optional('conditions'),
                    $this->catalogue->substrate($n->field('substrate')->choice(Keys::of($this->catalogue->substrates))),
                ),
                'shapes' => self::shapes($n->optional('shapes')),
                'place' => $n->field('place')->choice($places),
                'schools' => $this->schools($n->optional('schools')),
                'route' => null,
                'log' => [],
            ],
        );
        $route = $n->optional('route');
        $log = $n->optional('log');

        return $part->with(null === $route ? null : $this->route($route), null === $log ? [] : $this->log($log));
    }

    public function route(Node $list): Route
    {
        $steps = [];
        $keys = [];
        foreach ($list->items(500) as $n) {
            $step = $this->routeStep($n);
            if ('' !== $step->key && isset($keys[$step->key])) {
                throw $n->field('key')->refuse('Two steps have this key.', 'a key of its own, or none');
            }
            $keys[$step->key] = true;
            $steps[] = $step;
        }

        return Route::of($steps);
    }

    /** @return list<LogEntry> */
    private function log(Node $list): array
    {
        $entries = [];
        $ids = [];
        foreach ($list->items(10000) as $index => $n) {
            $entry = $this->entry($n, 'e' . ($index + 1));
            if (isset($ids[$entry->id])) {
                throw $n->field('id')->refuse('Two entries have this id.', 'an id of its own');
            }
            if (null !== $entry->corrects && !isset($ids[$entry->corrects])) {
                throw $n
                    ->field('corrects')
                    ->refuse('There is no earlier entry with this id.', 'the id of an earlier entry');
            }
            $ids[$entry->id] = true;
            $entries[] = $entry;
        }

        return $entries;
    }

    public function entry(Node $n, string $id): LogEntry
    {
        $n->only([
            'id',
            'kind',
            'step',
            'at',
            'temperature',
            'humidity',
            'note',
            'corrects',
            'withdrawn',
            'rule',
            'by',
            'used',
            'film',
        ]);
        $kind = EntryKind::from(
            $n->field('kind')->choice(array_map(static fn(EntryKind $k): string => $k->value, EntryKind::cases())),
        );
        $step = $n->optional('step');
        if (null === $step && $kind->namesAStep()) {
            throw new \Hull\Input\InvalidInput(
                $n->pointer . '/step',
                'A start, a mix, a finish or a fail belongs to a step.',
                'the key of a step of the route',
            );
        }
        $corrects = $n->optional('corrects')?->text(60);
        if ((EntryKind::Correction === $kind) !== (null !== $corrects)) {
            throw new \Hull\Input\InvalidInput(
                $n->pointer . '/corrects',
                'A correction, and only a correction, names the entry it corrects.',
                'the id of an earlier entry with kind "correction"',
            );
        }

        $taken = EntryKind::Taken === $kind;
        foreach (['rule', 'by', 'note'] as $field) {
            if ($taken) {
                $n->field($field)->text(500);
            }
        }

        return new LogEntry(
            id: $n->optional('id')?->text(60) ?? $id,
            kind: $kind,
            stepKey: $step?->text(60),
            at: self::instant($n->field('at')),
            air: null === $n->optional('temperature') && null === $n->optional('humidity') ? null : self::air($n),
            note: Node::remark($n->optional('note'), 2000),
            corrects: $corrects,
            withdrawn: $n->optional('withdrawn')?->boolean() ?? false,
            rule: $taken ? $n->field('rule')->choice($this->gates()) : null,
            by: $taken ? $n->field('by')->text(120) : '',
            used: self::paint($n->optional('used')),
            film: $n->optional('film')?->quantity(FilmThickness::class),
        );
    }

    private static function paint(?Node $n): ?Volume
    {
        $used = $n?->quantity(Volume::class);
        if (null !== $n && null !== $used && $used->litresValue() > self::MOST_PAINT_L) {
            throw $n->refuse(
                'That is more paint than a coat takes.',
                sprintf('up to %d L for one coat', self::MOST_PAINT_L),
            );
        }

        return $used;
    }

    /** @return list<string> rules that a named person may take responsibility for */
    private function gates(): array
    {
        return array_values(
            array_map(
                static fn(Rule $r): string => $r->need->id,
                array_filter($this->catalogue->rules, static fn(Rule $r): bool => RuleLevel::Gate === $r->level),
            ),
        );
    }

    public static function instant(Node $n): \DateTimeImmutable
    {
        $accepted = 'an instant with its offset such as 2026-05-04T14:30:00+02:00, between 1990 and 2100';
        $text = $n->text(40);
        if (1 !== preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/', $text)) {
            throw $n->refuse(sprintf('"%s" is not an instant.', $text), $accepted);
        }
        try {
            $at = new \DateTimeImmutable($text);
        } catch (\Exception) {
            throw $n->refuse(sprintf('"%s" is not an instant.', $text), $accepted);
        }
        if ($at->format('Y') < '1990' || $at->format('Y') > '2100') {
            throw $n->refuse(sprintf('"%s" is too far off.', $text), $accepted);
        }

        return $at->setTimezone(new \DateTimeZone('UTC'));
    }

    private function routeStep(Node $n): RouteStep
    {
        $known = Keys::of($this->catalogue->steps);
        if (is_string($n->value)) {
            $id = $n->choice($known);

            return $this->withProduct($n, '', $id, null, '');
        }
        $n->only(['key', 'step', 'product', 'because']);

        return $this->withProduct(
            $n,
            $n->optional('key')?->text(60) ?? '',
            $n->field('step')->choice($known),
            $n->optional('product')?->choice(Keys::of($this->catalogue->products)),
            Node::remark($n->optional('because'), 500),
        );
    }

    private function withProduct(Node $n, string $key, string $step, ?string $product, string $because): RouteStep
    {
        if (($this->catalogue->coat === $step) !== (null !== $product)) {
            throw new \Hull\Input\InvalidInput(
                $n->pointer . '/product',
                $this->catalogue->coat === $step ? 'A coat needs its product.' : 'Only a coat has a product.',
                'for ' . $this->catalogue->coat . ' one of: ' . implode(', ', array_keys($this->catalogue->products)),
            );
        }

        return new RouteStep($key, $step, $product, $because);
    }

    /** @return list<Observed> */
    private function conditions(?Node $list, Substrate $substrate): array
    {
        $found = [];
        $occurring = array_map(
            'strval',
            array_keys(
                array_filter(
                    $this->catalogue->conditions,
                    static fn(Condition $c): bool => $substrate->isOf($c->families),
                ),
            ),
        );
        foreach ($list?->items(50) ?? [] as $n) {
            $n->only(['id', 'grade', 'extent']);
            $condition = $this->catalogue->conditions[$n->field('id')->choice(Keys::of($this->catalogue->conditions))];
            if (!$substrate->isOf($condition->families)) {
                throw $n
                    ->field('id')
                    ->refuse(
                        sprintf('%s does not occur on %s.', $condition->name, lcfirst($substrate->name)),
                        'one of: ' . implode(', ', $occurring),
                    );
            }
            $extent = $n->optional('extent')?->quantity(Percentage::class) ?? Percentage::percent(100);
            if ($extent->ratioValue() > 1.0 || $extent->ratioValue() <= 0.0) {
                throw $n->field('extent')->refuse('The extent is a share of the area.', 'more than 0 % up to 100 %');
            }
            if (isset($found[$condition->id])) {
                throw $n
                    ->field('id')
                    ->refuse('This condition is listed twice.', 'each condition once, at its worst grade');
            }
            $found[$condition->id] = new Observed(
                $condition->id,
                $n->field('grade')->choice(array_map('strval', array_keys($condition->grades))),
                $extent,
            );
        }

        return array_values($found);
    }

    /** @return list<Shape> */
    private static function shapes(?Node $list): array
    {
        $shapes = [];
        foreach ($list?->items(200) ?? [] as $index => $n) {
            $shapes[] = self::shape($n, $index + 1);
        }

        return $shapes;
    }

    public static function shape(Node $n, int $number): Shape
    {
        $registry = Registry::standard();
        $kinds = [];
        foreach ($registry->all() as $computation) {
            if (str_starts_with($computation->name, 'area.')) {
                $kinds[] = substr($computation->name, strlen('area.'));
            }
        }
        $computation =
            $registry->find('area.' . $n->field('kind')->choice($kinds)) ?? throw new \LogicException('No such shape.');
        $dimensions = is_array($n->value) ? array_diff_key($n->value, ['kind' => 1, 'name' => 1]) : [];
        $shape = new Shape(
            $n->optional('name')?->text(80) ?? 'Shape ' . $number,
            $computation,
            Inputs::read($n->holding($dimensions), $computation->inputs),
        );
        try {
            $area = $shape->area()->m2();
        } catch (InvalidQuantity $e) {
            throw $n->refuse($e->getMessage(), $e->accepted);
        } catch (\Hull\Input\InvalidInput $e) {
            throw $n->refuse($e->getMessage(), $e->accepted);
        }
        if ($area > 100000.0) {
            throw $n->refuse('That is more than 100 000 m².', 'dimensions of a part; check the units');
        }

        return $shape;
    }

    /** @return array<int|string, string> */
    private function schools(?Node $n): array
    {
        $schools = [];
        foreach ($n?->only(Keys::of($this->catalogue->schools))->fields() ?? [] as $question => $answer) {
            $schools[$question] = $answer->choice(
                array_map('strval', array_keys($this->catalogue->schools[$question]->answers)),
            );
        }

        return $schools;
    }

    private static function id(Node $n): string
    {
        $id = $n->text(60);

        return 1 === preg_match('/^[a-z0-9][a-z0-9-]*$/', $id)
            ? $id
            : throw $n->refuse(
                sprintf('"%s" is not an id.', $id),
                'small letters, digits and dashes, such as engine-frame',
            );
    }
}
