// Reads a calendar with ical.js and says what is in it: node tests/read-calendar.mjs FILE
import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';

const faults = [];
const root = new ICAL.Component(ICAL.parse(readFileSync(process.argv[2], 'utf8')));
for (const zone of root.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
const events = root.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
const hoursOnTheWall = [];
const hoursUtc = [];
const days = [];
for (const e of events) {
  if (!e.uid || !e.summary || !e.startDate || !e.endDate) faults.push(`${e.uid}: something is missing`);
  if (e.endDate.compare(e.startDate) <= 0) faults.push(`${e.uid}: ends before it begins`);
  if (!e.isRecurring()) continue;
  const turns = e.iterator();
  for (let n = 0; n < 60; n++) {
    const at = turns.next();
    days.push(`${e.summary} ${at.toString().slice(0, 10)}`);
    hoursOnTheWall.push(`${String(at.hour).padStart(2, '0')}:${String(at.minute).padStart(2, '0')}`);
    hoursUtc.push(at.convertToZone(ICAL.Timezone.utcTimezone).toString().slice(11, 16));
  }
}
process.stdout.write(
  JSON.stringify({
    faults,
    hoursOnTheWall,
    hoursUtc,
    days,
    events: events.map((e) => ({
      summary: e.summary,
      start: e.startDate.convertToZone(ICAL.Timezone.utcTimezone).toString(),
      recurring: e.isRecurring(),
    })),
  }),
);
