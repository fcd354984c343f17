<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Area\Complexity;
use Hull\Area\Hole;
use Hull\Area\Solids;
use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Length;
use Hull\Quantity\Percentage;

/** Areas by shape (calculations 1). Exact geometry unless marked as a published estimate. */
final class AreaComputations
{
    private const GEOMETRY = 'plane and solid geometry';
    private const BOAT = 'published rule of thumb for boats';

    /** @return list<Computation> */
    public static function all(): array
    {
        return [
            self::shape(
                'plate',
                'Plate with cut-outs, faces and edges',
                '(L x W - cut-outs) x faces + edge length x thickness',
                self::plateFields(),
                self::plate(...),
                open: static fn(Inputs $in): float => self::holes($in) * ('both' === $in->choice('faces') ? 2 : 1),
            ),
            self::shape(
                'tube',
                'Round tube, outside and inside',
                'pi x (D [+ D - 2 x wall]) x L',
                [
                    self::l('diameter', 'Diameter'),
                    self::l('wall', 'Wall', false),
                    self::l('length', 'Length'),
                    self::inside(),
                ],
                static fn(Inputs $in): float => Solids::tube(
                    self::m($in, 'diameter'),
                    self::m($in, 'wall'),
                    self::m($in, 'length'),
                    'yes' === $in->choice('inside'),
                ),
            ),
            self::shape(
                'box-section',
                'Box section, outside and inside',
                '2 x (W + H) [+ 2 x (W + H - 4 x wall)] times L',
                [
                    self::l('width', 'Width'),
                    self::l('height', 'Height'),
                    self::l('wall', 'Wall', false),
                    self::l('length', 'Length'),
                    self::inside(),
                ],
                static fn(Inputs $in): float => Solids::box(
                    self::m($in, 'width'),
                    self::m($in, 'height'),
                    self::m($in, 'wall'),
                    self::m($in, 'length'),
                    'yes' === $in->choice('inside'),
                ),
            ),
            self::shape(
                'angle',
                'Angle section',
                '2 x (leg A + leg B) x L',
                [self::l('legA', 'Leg A'), self::l('legB', 'Leg B'), self::l('length', 'Length')],
                static fn(Inputs $in): float => Solids::angle(
                    self::m($in, 'legA'),
                    self::m($in, 'legB'),
                    self::m($in, 'length'),
                ),
            ),
            self::shape(
                'channel',
                'Channel section',
                '(2 x web + 4 x flange - 2 x thickness) x L',
                [
                    self::l('web', 'Web height'),
                    self::l('flange', 'Flange width'),
                    self::l('thickness', 'Thickness'),
                    self::l('length', 'Length'),
                ],
                static fn(Inputs $in): float => Solids::channel(
                    self::m($in, 'web'),
                    self::m($in, 'flange'),
                    self::m($in, 'thickness'),
                    self::m($in, 'length'),
                ),
            ),
            self::shape(
                'i-section',
                'I-section',
                '(2 x height + 4 x flange - 2 x web thickness) x L',
                [
                    self::l('height', 'Height'),
                    self::l('flange', 'Flange width'),
                    self::l('thickness', 'Web thickness'),
                    self::l('length', 'Length'),
                ],
                static fn(Inputs $in): float => Solids::iSection(
                    self::m($in, 'height'),
                    self::m($in, 'flange'),
                    self::m($in, 'thickness'),
                    self::m($in, 'length'),
                ),
            ),
            self::shape(
                'round-bar',
                'Round bar with its ends',
                'pi x D x L + pi x D^2 / 2',
                [self::l('diameter', 'Diameter'), self::l('length', 'Length')],
                static fn(Inputs $in): float => Solids::roundBar(self::m($in, 'diameter'), self::m($in, 'length')),
            ),
            self::shape(
                'cone-frustum',
                'Cone frustum, outer side',
                'pi x (D1 + D2) / 2 x slant height',
                [self::l('large', 'Large diameter'), self::l('small', 'Small diameter'), self::l('height', 'Height')],
                static fn(Inputs $in): float => Solids::coneFrustum(
                    self::m($in, 'large'),
                    self::m($in, 'small'),
                    self::m($in, 'height'),
                ),
            ),
            self::shape(
                'dome',
                'Dome, one face',
                'pi x ((D / 2)^2 + rise^2)',
                [self::l('diameter', 'Diameter'), self::l('rise', 'Rise')],
                static fn(Inputs $in): float => Solids::dome(self::m($in, 'diameter'), self::m($in, 'rise')),
            ),
            self::shape(
                'tank',
                'Open tank, inside with floor',
                'L x W + 2 x (L + W) x depth',
                [self::l('length', 'Length'), self::l('width', 'Width'), self::l('depth', 'Depth')],
                static fn(Inputs $in): float => Solids::tank(
                    self::m($in, 'length'),
                    self::m($in, 'width'),
                    self::m($in, 'depth'),
                ),
            ),
            self::shape(
                'wheel',
                'Wheel, face and barrel',
                'pi x D^2 / 2 x solid share + 2 x pi x D x W',
                [
                    self::l('diameter', 'Diameter'),
                    self::l('width', 'Width'),
                    Field::optional('solid', Percentage::class, 'Solid share of the face', Percentage::percent(60)),
                ],
                static fn(Inputs $in): float => Solids::wheel(
                    self::m($in, 'diameter'),
                    self::m($in, 'width'),
                    $in->quantity('solid', Percentage::class)->ratioValue(),
                ),
            ),
            self::shape(
                'lattice',
                'Lattice of bars',
                'pi x D x total length',
                [self::l('diameter', 'Bar diameter'), self::l('length', 'Length of all bars')],
                static fn(Inputs $in): float => Solids::lattice(self::m($in, 'diameter'), self::m($in, 'length')),
            ),
            self::shape(
                'roof',
                'Roof with upstands',
                'L x W + 2 x (L + W) x curb - fittings',
                [
                    self::l('length', 'Length'),
                    self::l('width', 'Width'),
                    self::l('curb', 'Curb height', false),
                    Field::optional('fittings', Area::class, 'Fittings, not coated', Area::squareMetres(0)),
                ],
                static fn(Inputs $in): float => Solids::roof(
                    self::m($in, 'length'),
                    self::m($in, 'width'),
                    self::m($in, 'curb'),
                    $in->quantity('fittings', Area::class)->m2(),
                ),
                open: static fn(Inputs $in): float => $in->quantity('fittings', Area::class)->m2(),
            ),
            self::shape(
                'strip',
                'Strip by length, one face',
                'W x L',
                [self::l('width', 'Width'), self::l('length', 'Length')],
                static fn(Inputs $in): float => Solids::strip(self::m($in, 'width'), self::m($in, 'length')),
            ),
            self::shape(
                'topsides',
                'Topsides of a boat',
                '(LOA + beam) x 2 x freeboard',
                [self::l('loa', 'Length overall'), self::l('beam', 'Beam'), self::l('freeboard', 'Freeboard')],
                static fn(Inputs $in): float => (self::m($in, 'loa') + self::m($in, 'beam')) *
                    2 *
                    self::m($in, 'freeboard'),
                Source::Estimate,
            ),
            self::shape(
                'planing-bottom',
                'Bottom of a planing hull',
                'LOA x beam x 0.85',
                [self::l('loa', 'Length overall'), self::l('beam', 'Beam')],
                static fn(Inputs $in): float => self::m($in, 'loa') * self::m($in, 'beam') * 0.85,
                Source::Estimate,
            ),
            self::shape(
                'wetted-hull',
                'Wetted displacement hull',
                'LWL x (beam + draught) x 0.75 (full keel) or 0.50 (fin keel)',
                [
                    self::l('lwl', 'Waterline length'),
                    self::l('beam', 'Beam'),
                    self::l('draught', 'Draught'),
                    Field::choice('keel', 'Keel', ['full', 'fin']),
                ],
                static fn(Inputs $in): float => self::m($in, 'lwl') *
                    (self::m($in, 'beam') + self::m($in, 'draught')) *
                    ('full' === $in->choice('keel') ? 0.75 : 0.5),
                Source::Estimate,
            ),
        ];
    }

    /**
     * @param list<Field> $fields
     * @param \Closure(Inputs): float $area
     * @param \Closure(Inputs): float|null $open what is open or fitted over, already taken off the area
     */
    private static function shape(
        string $kind,
        string $label,
        string $formula,
        array $fields,
        \Closure $area,
        Source $source = Source::Given,
        ?\Closure $open = null,
    ): Computation {
        return new Computation(
            name: 'area.' . $kind,
            summary: $label,
            formula: $formula . '; times count and complexity factor; less what is not coated',
            origin: Source::Estimate === $source ? self::BOAT : self::GEOMETRY,
            inputs: [
                ...$fields,
                Field::optional('count', Count::class, 'How many', Count::of(1))->some(),
                Field::choice(
                    'complexity',
                    'Complexity',
                    array_map(static fn(Complexity $c): string => $c->value, Complexity::cases()),
                ),
                Field::optional('bare', Area::class, 'Not coated: masked, bearing, bonded', Area::squareMetres(0)),
            ],
            outputs: [
                Field::quantity('area', Area::class, 'Area to coat'),
                Field::quantity('notCoated', Area::class, 'Not coated'),
            ],
            work: static function (Inputs $in) use ($area, $open): Outcome {
                $times =
                    $in->quantity('count', Count::class)->value() *
                    Complexity::from($in->choice('complexity'))->factor();
                $whole = max(0.0, $area($in)) * $times;
                $bare = $in->quantity('bare', Area::class)->m2();
                if ($bare > $whole + 1e-9) {
                    throw new InvalidQuantity(
                        'More is left bare than there is.',
                        'an area within that of the shape',
                        'bare',
                    );
                }

                return Outcome::of([
                    'area' => Area::squareMetres(max(0.0, $whole - $bare)),
                    'notCoated' => Area::squareMetres($bare + (null === $open ? 0.0 : $open($in) * $times)),
                ]);
            },
            kind: $source,
        );
    }

    /** @return list<Field> */
    private static function plateFields(): array
    {
        return [
            self::l('length', 'Length'),
            self::l('width', 'Width'),
            self::l('thickness', 'Thickness', false),
            Field::choice('faces', 'Faces', ['both', 'one']),
            Field::optional('holes', Count::class, 'Round holes', Count::of(0))->within(
                static fn(Range $r): Range => $r->upTo(10_000.0),
            ),
            self::l('holeDiameter', 'Hole diameter', false),
            self::l('cutoutLength', 'Cut-out length', false),
            self::l('cutoutWidth', 'Cut-out width', false),
        ];
    }

    private static function plate(Inputs $in): float
    {
        $hole = self::m($in, 'holeDiameter');
        $a = self::m($in, 'cutoutLength');
        $b = self::m($in, 'cutoutWidth');
        $holes = (int) $in->quantity('holes', Count::class)->value();
        $cutouts = [...array_fill(0, min(10000, $holes), Hole::round($hole)), Hole::rectangle($a, $b)];

        return Solids::plate(
            self::m($in, 'length'),
            self::m($in, 'width'),
            self::m($in, 'thickness'),
            'both' === $in->choice('faces'),
            $cutouts,
        );
    }

    private static function holes(Inputs $in): float
    {
        return ((int) $in->quantity('holes', Count::class)->value() * \M_PI * self::m($in, 'holeDiameter') ** 2) / 4 +
            self::m($in, 'cutoutLength') * self::m($in, 'cutoutWidth');
    }

    private static function l(string $name, string $label, bool $required = true): Field
    {
        return $required
            ? Field::quantity($name, Length::class, $label)
            : Field::optional($name, Length::class, $label, Length::metres(0));
    }

    private static function inside(): Field
    {
        return Field::choice('inside', 'Inside too', ['no', 'yes']);
    }

    private static function m(Inputs $in, string $name): float
    {
        return $in->quantity($name, Length::class)->m();
    }
}
