import type { DeskTexts } from '../../shapes';
import { MOST_COUNTED } from '$lib/core/cases/day-sheet';
import { counted, sentence } from '../platform/counted';

/** The follow-up calendar. */
export const followUpTexts: DeskTexts['followUps'] = {
	comingWeeks: 'Die nächsten Wochen',
	calendarHeading: 'Im eigenen Kalender',
	calendarLead:
		'Ihr Kalender kann Ihre Wiedervorlagen von einer geheimen Adresse lesen. Sie zeigt Tage und Initialen und keine Gesundheitsdaten. Eine neue Adresse ersetzt die alte.',
	addressShownOnce: 'Wir zeigen sie nur einmal.',
	createAddress: 'Neue Adresse erstellen',
	turnOffAddress: 'Adresse abschalten',
	addressTurnedOff: 'Die Adresse funktioniert nicht mehr.',
	purposes: { look: 'Wiedervorlage', 'check-in': 'Rückmeldung', recheck: 'Nächste Selbsteinschätzung' },
	carried: (name, day) => `${name}: ${day}. Mit Eingabe legen Sie ihn ab, mit Escape brechen Sie ab.`,
	moved: (name, day, isFreeDay) => `${name}: jetzt am ${day}${isFreeDay ? ', dort ein freier Tag' : ''}.`,
	dayOffThere: 'dort ein freier Tag',
	todayMark: (day, isToday) => `${day}${isToday ? ', heute' : ''}`,
	moreOnDay: (n) => `${n} weitere`,
	heading: 'Wiedervorlagen',
	summary: (overdue, total) =>
		`${overdue === 0 ? 'Keine Wiedervorlage ist überfällig.' : overdue === 1 ? 'Eine Wiedervorlage ist überfällig.' : sentence(`${counted(overdue)} Wiedervorlagen sind überfällig.`)} ${total.toLocaleString('de')} werden gezeigt.`,
	view: 'Ansicht',
	views: { month: 'Monat', week: 'Woche', list: 'Liste' },
	earlier: 'Früher',
	today: 'Heute',
	later: 'Später',
	dragHint: 'Ziehen Sie einen Namen auf einen anderen Tag. Mit der Tastatur:',
	dragPickUp: 'nimmt ihn auf, die Pfeiltasten bewegen ihn,',
	enterKey: 'Eingabe',
	dragDrop: 'legt ihn ab.',
	undo: 'Rückgängig',
	undoKey: 'Strg Z',
	pageTitle: 'Wiedervorlagen · Easy Corner',
	overdue: 'Überfällig',
	moreInToday: (all, shown) =>
		all > MOST_COUNTED
			? 'und viele weitere unter „Heute“'
			: `und ${(all - shown).toLocaleString('de')} weitere unter „Heute“`,
	fromDay: (from) => `Ab ${from}`,
	noneInPeriod: 'Keine Wiedervorlagen in diesen 60 Tagen.',
	period: (from, until) => (from === until ? from : `${from} bis ${until}`),
	nextDays: 'Nächste Tage',
	earlierDays: 'Frühere Tage',
	undoMove: 'Verschieben rückgängig machen',
	moveNotReached:
		'Wir konnten den Server nicht erreichen. Nichts wurde verschoben. Bitte versuchen Sie es noch einmal.',
	moveFailed: 'Wir konnten das nicht verschieben.',
	moveUndone: (name, day) => `Rückgängig gemacht. ${name}: wieder am ${day}.`,
	undoFailed: 'Wir konnten das nicht rückgängig machen.'
};
