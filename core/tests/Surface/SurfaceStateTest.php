<?php

declare(strict_types=1);

namespace Hull\Tests\Surface;

use Hull\Climate\Air;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Surface\Film;
use Hull\Surface\FilmPhase;
use Hull\Surface\SurfaceState;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;

final class SurfaceStateTest extends TestCase
{
    public function testAFactThatIsNotThereIsZeroAndZeroIsNotThere(): void
    {
        $state = SurfaceState::of('carbon-steel', ['oil' => 2.0, 'wax' => 0.0]);
        self::assertSame([2.0, 0.0, 0.0], [$state->fact('oil'), $state->fact('wax'), $state->fact('salt')]);
        self::assertSame([], $state->with('oil', 0.0)->facts);
        self::assertSame(2.0, $state->fact('oil'), 'a state never changes');
    }

    public function testTheKeyIsTheSameForTheSameSurfaceHoweverItCameAbout(): void
    {
        $one = SurfaceState::of('carbon-steel', [])->with('oil', 1.0)->with('dust', 1.0);
        $other = SurfaceState::of('carbon-steel', ['dust' => 1.0, 'oil' => 1.0, 'wet' => 1.0])->with('wet', 0.0);
        self::assertSame($one->key(), $other->key());
        self::assertNotSame($one->key(), $one->with('oil', 2.0)->key());
        self::assertNotSame($one->key(), $one->lay($this->epoxy())->key());
    }

    public function testAFilmGoesThroughItsPhasesInOrder(): void
    {
        $order = [FilmPhase::Wet, FilmPhase::Tacky, FilmPhase::Open, FilmPhase::Lapsed, FilmPhase::Cured];
        $seen = [];
        for ($hours = 0.0; $hours < 200.0; $hours += 0.5) {
            $phase = SurfaceState::of('carbon-steel', [])
                ->lay($this->epoxy()->after($hours, $this->air(20)))
                ->phase();
            if ([] === $seen || $seen[count($seen) - 1] !== $phase) {
                $seen[] = $phase;
            }
        }
        self::assertSame($order, $seen);
    }

    public function testTimeInPiecesIsTimeInOne(): void
    {
        $whole = $this->epoxy()->after(6.0, $this->air(17));
        $pieces = $this->epoxy();
        for ($i = 0; $i < 24; ++$i) {
            $pieces = $pieces->after(0.25, $this->air(17));
        }
        self::assertEqualsWithDelta($whole->recoatMin->reading, $pieces->recoatMin->reading, 1e-9);
        self::assertEqualsWithDelta($whole->full->reading, $pieces->full->reading, 1e-9);
    }

    public function testAThickerCoatTakesLonger(): void
    {
        $product = Yard::catalogue()->product('epoxy-primer-2k');
        $thick = Film::fresh($product, FilmThickness::micrometres(100));
        self::assertEqualsWithDelta(
            4 * (float) $this->epoxy()->recoatMin->remainingIn($this->air(20))?->h(),
            $thick->recoatMin->remainingIn($this->air(20))?->h(),
            1e-9,
        );
    }

    public function testOldFilmsGoOnCuringUnderNewOnes(): void
    {
        $state = SurfaceState::of('carbon-steel', [])
            ->lay($this->epoxy())
            ->after(4.0, $this->air(20), [])
            ->lay($this->epoxy())
            ->after(1.0, $this->air(20), []);
        self::assertGreaterThan($state->films[1]->full->reading, $state->films[0]->full->reading);
        self::assertSame(100.0, $state->buildUm());
        self::assertSame(50.0, $state->strip(1)->buildUm());
        self::assertSame(0.0, $state->strip(9)->buildUm());
    }

    public function testEveryPhaseHasWords(): void
    {
        $words = array_map(static fn(FilmPhase $p): string => $p->words(), FilmPhase::cases());
        self::assertSame($words, array_values(array_unique($words)));
    }

    private function epoxy(): Film
    {
        $product = Yard::catalogue()->product('epoxy-primer-2k');

        return Film::fresh($product, $product->dft);
    }

    private function air(float $celsius): Air
    {
        return Air::of(Temperature::celsius($celsius), RelativeHumidity::percent(50));
    }
}
