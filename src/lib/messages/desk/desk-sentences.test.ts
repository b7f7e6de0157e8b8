import { describe, expect, it } from 'vitest';
import { deskTexts as de } from './de/index';
import { deskTexts as en } from './en/index';

// Sentences that change with a number or a fact, as a reader sees them: English beside German.

describe('the day in a sentence or two', () => {
	it.each([
		[{ total: 0, toAcknowledge: 0, waiting: 0 }, 'No one needs you today.', 'Heute braucht Sie niemand.'],
		[
			{ total: 1, toAcknowledge: 1, waiting: 0 },
			'One person needs you. 1 new answer with nothing to do.',
			'Eine Person braucht Sie. 1 neue Antwort ohne Handlungsbedarf.'
		],
		[
			{ total: 37, toAcknowledge: 3, waiting: 66 },
			'37 people need you. 3 new answers with nothing to do. 66 self-assessments not answered yet.',
			'37 Personen brauchen Sie. 3 neue Antworten ohne Handlungsbedarf. 66 Selbsteinschätzungen noch nicht beantwortet.'
		],
		[
			{ total: 1001, toAcknowledge: 1000, waiting: 1001 },
			'More than 1,000 people need you. 1,000 new answers with nothing to do. More than 1,000 self-assessments not answered yet.',
			'Mehr als 1.000 Personen brauchen Sie. 1.000 neue Antworten ohne Handlungsbedarf. Mehr als 1.000 Selbsteinschätzungen noch nicht beantwortet.'
		]
	])('%o', (sheet, english, german) => {
		expect(en.sheet.summary(sheet)).toBe(english);
		expect(de.sheet.summary(sheet)).toBe(german);
	});
});

describe('what is counted to a point', () => {
	it.each([
		[
			en.sheet.firstShown(60, 1001),
			'The first 60 of more than 1,000 are shown. The rest move up as you deal with these.'
		],
		[en.followUps.summary(1001, 1200), 'More than 1,000 follow-ups are overdue. 1,200 shown.'],
		[en.followUps.moreInToday(924, 24), 'and 900 more in Today'],
		[en.followUps.moreInToday(1001, 24), 'and many more in Today'],
		[de.followUps.summary(1001, 7), 'Mehr als 1.000 Wiedervorlagen sind überfällig. 7 werden gezeigt.'],
		[de.followUps.moreInToday(1001, 24), 'und viele weitere unter „Heute“']
	])('“%s”', (said, wanted) => expect(said).toBe(wanted));
});

describe('how long a line has waited', () => {
	it.each([
		[en.sheet.due.followUp(0), 'due today'],
		[en.sheet.due.followUp(1), 'due 1 day ago'],
		[en.sheet.due.referred(0, null), 'asked today'],
		[en.sheet.due.referred(3, '2 Dec'), '3 days, answer by 2 Dec'],
		[en.sheet.due.waits(2, '4 Dec'), 'waits 2 days, by 4 Dec'],
		[en.sheet.due.waits(0, null), 'today'],
		[de.sheet.due.followUp(0), 'heute fällig'],
		[de.sheet.due.followUp(1), 'fällig seit 1 Tag'],
		[de.sheet.due.followUp(9), 'fällig seit 9 Tagen'],
		[de.sheet.due.referred(1, null), 'gefragt vor 1 Tag'],
		[de.sheet.due.referred(3, '2. Dez.'), '3 Tage, Frist 2. Dez.'],
		[de.sheet.due.waits(2, '4. Dez.'), '2 Tage, bis 4. Dez.']
	])('“%s”', (said, wanted) => expect(said).toBe(wanted));
});

describe('a budget', () => {
	it.each([
		[en.equipment.budget.closes('€100', 1, 1), '€100 helps one person and fixes one problem.'],
		[en.equipment.budget.closes('€500', 4, 6), '€500 helps 4 people and fixes 6 problems.'],
		[en.equipment.budget.step('€50', 0), 'Another €50 wouldn’t help anyone else.'],
		[de.equipment.budget.closes('100 €', 1, 1), '100 € helfen einer Person und beheben ein Problem.'],
		[de.equipment.budget.closes('500 €', 4, 6), '500 € helfen 4 Personen und beheben 6 Probleme.'],
		[de.equipment.budget.step('50 €', 0), 'Weitere 50 € würden sonst niemandem helfen.'],
		[de.equipment.budget.step('50 €', 1), 'Weitere 50 € würden einer weiteren Person helfen:']
	])('%s', (said, wanted) => expect(said).toBe(wanted));
});

describe('waiting emails', () => {
	it.each([
		[en.waitingEmails.cancelHeading(1, null), 'Cancel 1 email?'],
		[en.waitingEmails.cancelHeading(1200, 'Kiln'), 'Cancel 1,200 emails (Kiln)?'],
		[de.waitingEmails.cancelHeading(1, null), '1 E-Mail verwerfen?'],
		[de.waitingEmails.cancelHeading(1200, 'Kiln'), '1.200 E-Mails (Kiln) verwerfen?'],
		[de.waitingEmails.states.waiting(1), 'Einmal abgelehnt. Wir versuchen es wieder.'],
		[de.waitingEmails.states.waiting(3), '3-mal abgelehnt. Wir versuchen es wieder.']
	])('%s', (said, wanted) => expect(said).toBe(wanted));
});

describe('an account’s second factor', () => {
	it('is named with what there is, and how many recovery codes are left', () => {
		expect(en.accounts.activeFactors(1, true, 1)).toBe(
			'Active: one passkey and codes from your phone. One recovery code is left.'
		);
		expect(de.accounts.activeFactors(2, false, 8)).toBe(
			'Aktiv: 2 Passkeys. 8 Wiederherstellungscodes sind übrig.'
		);
	});
});

describe('the audit log’s check', () => {
	it('says how much was checked, and that nobody should touch the database where it fails', () => {
		expect(en.keeping.checkPassed(1, null)).toBe('One seal is right, and no line is missing.');
		expect(de.keeping.checkPassed(5, '1. März')).toBe(
			'Alle 5 Siegel seit der Prüfung vom 1. März sind richtig, und keine Zeile fehlt.'
		);
		for (const { keeping } of [en, de])
			for (const said of [keeping.linesMissing(2), keeping.linesMissing(-1), keeping.checkFailed('7')])
				expect(said).toMatch(/Don’t change the database|Ändern Sie nichts an der Datenbank/);
	});
});

describe('the last act on a case', () => {
	it('has its time and author, and whether it has been answered', () => {
		expect(en.sheet.lastAct('Message', 'on 2 Dec', 'Oda', true)).toBe(
			'Message on 2 Dec by Oda; waiting for their answer'
		);
		expect(de.sheet.lastAct('Nachricht', 'am 2. Dez.', 'Oda', false)).toBe('Nachricht am 2. Dez. von Oda');
	});
});
