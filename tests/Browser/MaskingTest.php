<?php

declare(strict_types=1);

namespace App\Tests\Browser;

/** From an empty yard: what stays bare, the plan it makes, the plugs in the register, and the floor it stands on. */
final class MaskingTest extends BrowserCase
{
    public function testWhatStaysBareIsPlannedPluggedAndStandsOnTheFloor(): void
    {
        $this->open(EmptyYard::make());
        $this->takeFirstIn();
        $this->type('What is being restored', 'Capstan');
        $this->type('Which part', 'Base');
        $this->button('On to the survey');
        $this->sees('Take in and judge');
        $this->button('Rust');
        $this->button('Add strip');
        $this->sees('Stored');
        $this->button('Something stays bare');
        $this->type('Diameter', '1 in');
        $this->sees('read as 25.4 mm');
        $this->type('Count', '4');
        $this->type('Which', 'Bearing bores');
        $this->type('Long', '1.1 m');
        $this->type('Wide', '0.7 m');
        $this->type('Weighs', '45 kg');
        $this->browser->wait(20, 200)->until(fn(): bool => $this->storedRoom(), 'Never stored.');
        $this->link('The masking plan');
        $this->sees('4 × Bearing bores');
        $this->sees('Plug bores and threads, count them in');
        $this->sees('Silicone plugs and caps');
        self::assertSame([], $this->axe());
        $this->button('The plugs are in: count them in the register');
        $this->sees('Strip-down register');
        $this->sees('4 still in');
        $this->link('Schedule');
        $this->button('Make a plan');
        $this->sees('all done');
        $this->link('The floor');
        $this->sees('nobody said');
        $this->press('//*[@role="button"][starts-with(@aria-label, "Base,")]');
        $this->sees('2.1 m × 1.7 m');
        self::assertSame([], $this->axe());
        $this->button('›');
        $this->quiet();
    }

    private function storedRoom(): bool
    {
        return true ===
            $this->browser->executeScript(
                'return fetch("/api/jobs").then(r => r.json()).then(j => ' .
                    'fetch(`/api/parts/${j.jobs[0].parts[0].id}/survey`)).then(r => r.json()).then(s => ' .
                    's.fields.room?.weight === 45 && s.fields.covered?.[0]?.name === "Bearing bores")',
            );
    }
}
