import { parseICS } from 'node-ical';
import { describe, expect, it } from 'vitest';
import { minuteOfDay, zonedTimeToInstant } from '../platform/calendar/time-zone';
import type { CivilDate } from '../platform/calendar/civil-date';
import { breaksCalendar, readBusyEntries } from './calendar-file';
import type { PlannedBreak } from './day-plan';

const day = (text: string) => text as CivilDate;
const calendar = (...lines: string[]) =>
	['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Test//EN', ...lines, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]) => ['BEGIN:VEVENT', 'UID:1@test', ...lines, 'END:VEVENT'];
const spans = (text: string, on: string, zone: string) =>
	readBusyEntries(text, day(on), zone)?.map(({ from, to }) => [from / 60, to / 60]);

describe('a calendar file', () => {
	it('is read with its zones: described, named only, UTC, and none', () => {
		const described = calendar(
			'BEGIN:VTIMEZONE',
			'TZID:House time',
			'BEGIN:STANDARD',
			'DTSTART:20200101T000000',
			'TZOFFSETFROM:+0200',
			'TZOFFSETTO:+0200',
			'END:STANDARD',
			'END:VTIMEZONE',
			...event('DTSTART;TZID=House time:20261126T100000', 'DTEND;TZID=House time:20261126T110000')
		);
		expect(spans(described, '2026-11-26', 'Europe/Lisbon')).toEqual([[8, 9]]);
		const named = calendar(
			...event('DTSTART;TZID=Asia/Kolkata:20261126T153000', 'DTEND;TZID=Asia/Kolkata:20261126T163000')
		);
		expect(spans(named, '2026-11-26', 'Europe/Lisbon')).toEqual([[10, 11]]);
		const utc = calendar(...event('DTSTART:20261126T100000Z', 'DURATION:PT30M'));
		expect(spans(utc, '2026-11-26', 'America/New_York')).toEqual([[5, 5.5]]);
		const floating = calendar(...event('DTSTART:20261126T100000', 'DTEND:20261126T101500'));
		expect(spans(floating, '2026-11-26', 'America/New_York')).toEqual([[10, 10.25]]);
	});

	it('is read with what comes again, what was moved and what was left out', () => {
		const weekly = calendar(
			...event(
				'DTSTART;TZID=Europe/Lisbon:20260101T090000',
				'DTEND;TZID=Europe/Lisbon:20260101T093000',
				'RRULE:FREQ=DAILY',
				'EXDATE;TZID=Europe/Lisbon:20261127T090000'
			),
			...event(
				'RECURRENCE-ID;TZID=Europe/Lisbon:20261126T090000',
				'DTSTART;TZID=Europe/Lisbon:20261126T140000',
				'DTEND;TZID=Europe/Lisbon:20261126T150000'
			)
		);
		expect(spans(weekly, '2026-11-25', 'Europe/Lisbon')).toEqual([[9, 9.5]]);
		expect(spans(weekly, '2026-11-26', 'Europe/Lisbon')).toEqual([[14, 15]]);
		expect(spans(weekly, '2026-11-27', 'Europe/Lisbon')).toEqual([]);
		// By the clock all year: nine o'clock in summer too.
		expect(spans(weekly, '2026-07-01', 'Europe/Lisbon')).toEqual([[9, 9.5]]);
	});

	it('leaves free what takes no time: free, cancelled, whole days', () => {
		const at = ['DTSTART:20261126T100000Z', 'DTEND:20261126T110000Z'];
		for (const lines of [
			[...at, 'TRANSP:TRANSPARENT'],
			[...at, 'STATUS:CANCELLED'],
			['DTSTART;VALUE=DATE:20261126'],
			[]
		])
			expect(readBusyEntries(calendar(...event(...lines)), day('2026-11-26'), 'UTC')).toEqual([]);
	});

	it('tells a call', () => {
		const with_ = (...lines: string[]) =>
			readBusyEntries(
				calendar(...event('DTSTART:20261126T100000Z', 'DTEND:20261126T110000Z', ...lines)),
				day('2026-11-26'),
				'UTC'
			)?.[0]?.isCall;
		expect(with_('SUMMARY:Weekly call')).toBe(true);
		expect(with_('LOCATION:https://meet.example/abc')).toBe(true);
		expect(with_('SUMMARY:Recall of goods', 'LOCATION:Room 4')).toBe(false);
	});

	it('that is none is told so, and one with faults is read as far as it can be', () => {
		expect(readBusyEntries('Dear all,', day('2026-11-26'), 'UTC')).toBeNull();
		expect(readBusyEntries('', day('2026-11-26'), 'UTC')).toBeNull();
		expect(readBusyEntries('BEGIN:VCARD\r\nEND:VCARD', day('2026-11-26'), 'UTC')).toBeNull();
		expect(readBusyEntries(calendar(), day('2026-11-26'), 'UTC')).toEqual([]);
	});
});

describe('the breaks of a day as a calendar file', () => {
	const breaks: readonly PlannedBreak[] = [
		{ kind: 'up', from: 90, to: 93, takesS: 180 },
		{ kind: 'up', from: 570, to: 573, takesS: 180 },
		{ kind: 'micro', from: 1000, to: 1001, takesS: 30 }
	];
	const words = {
		title: ({ kind }: PlannedBreak) => kind,
		text: () => 'Get up, and go.',
		calendar: 'Breaks'
	};

	// Both changes of daylight time of each zone in 2026, and days without one.
	it.each([
		['Europe/Berlin', ['2026-03-29', '2026-10-25', '2026-11-26']],
		['America/New_York', ['2026-03-08', '2026-11-01', '2026-07-01']],
		['Australia/Sydney', ['2026-04-05', '2026-10-04', '2026-12-24']]
	])('is read back by another reader as it was meant: %s', (zone, days) => {
		const text = breaksCalendar(breaks, days.map(day), zone, words, new Date('2026-11-26T08:00:00Z'));
		const read = Object.values(parseICS(text)).filter((one) => one?.type === 'VEVENT') as {
			start: Date;
			end: Date;
			summary: string;
			alarms?: { action: string; trigger: string }[];
		}[];
		expect(read).toHaveLength(breaks.length * days.length);
		for (const [i, one] of read.entries()) {
			const meant = breaks[i % breaks.length];
			const on = days[Math.floor(i / breaks.length)] ?? '';
			expect(one.start.getTime()).toBe(zonedTimeToInstant(zone, day(on), meant?.from ?? 0).getTime());
			expect(one.summary).toBe(meant?.kind);
			// By the clock on the wall, where the clock shows that time at all.
			const shown = minuteOfDay(zone, day(on), one.start);
			expect([meant?.from, (meant?.from ?? 0) + 60]).toContain(shown);
			if (meant?.from !== 90) expect(shown).toBe(meant?.from);
			expect((one.end.getTime() - one.start.getTime()) / 60_000).toBe((meant?.to ?? 0) - (meant?.from ?? 0));
		}
		expect(text.match(/BEGIN:VALARM/g)).toHaveLength(read.length);
		// Our own reader takes none of them for a meeting.
		expect(readBusyEntries(text, day(days[0] ?? ''), zone)).toEqual([]);
	});

	it('keeps to the clock over a change: what is skipped is later, what comes twice is the first', () => {
		expect(zonedTimeToInstant('Europe/Berlin', day('2026-03-29'), 150).toISOString()).toBe(
			'2026-03-29T01:30:00.000Z'
		);
		expect(zonedTimeToInstant('Europe/Berlin', day('2026-10-25'), 150).toISOString()).toBe(
			'2026-10-25T00:30:00.000Z'
		);
		expect(zonedTimeToInstant('nowhere', day('2026-10-25'), 150).toISOString()).toBe(
			'2026-10-25T02:30:00.000Z'
		);
		expect(minuteOfDay('Asia/Kolkata', day('2026-11-26'), new Date('2026-11-25T20:00:00Z'))).toBe(90);
		expect(minuteOfDay('UTC', day('2026-11-26'), new Date('2026-11-25T20:00:00Z'))).toBe(0);
		expect(minuteOfDay('UTC', day('2026-11-26'), new Date('2026-11-27T20:00:00Z'))).toBe(1440);
	});
});
