import type { DeskTexts } from '../../shapes';
import { counted, sentence } from '../platform/counted';

const count = (n: number, one: string, many: string) => `${counted(n)} ${n === 1 ? one : many}`;

/** Why cases are left out when many are marked as done at once. */
export const leftOutSentence = (n: number) =>
	`${n} ausgelassen. ${n === 1 ? 'Dazu gibt es' : 'Zu jedem gibt es'} ein offenes Warnzeichen, eine offene Gefahr oder eine ungelesene Nachricht.`;

/** Sentences of the day sheet. */
export const sheetTexts: DeskTexts['sheet'] = {
	summary: ({ total, toAcknowledge, waiting }) =>
		[
			total === 0
				? 'Heute braucht Sie niemand.'
				: total === 1
					? 'Eine Person braucht Sie.'
					: sentence(`${counted(total)} Personen brauchen Sie.`),
			...(toAcknowledge > 0
				? [sentence(`${count(toAcknowledge, 'neue Antwort', 'neue Antworten')} ohne Handlungsbedarf.`)]
				: []),
			...(waiting > 0
				? [
						sentence(
							`${count(waiting, 'Selbsteinschätzung', 'Selbsteinschätzungen')} noch nicht beantwortet.`
						)
					]
				: [])
		].join(' '),
	due: {
		referred: (waits, answerBy) =>
			answerBy !== null
				? `${count(waits, 'Tag', 'Tage')}, Frist ${answerBy}`
				: `gefragt ${waits === 0 ? 'heute' : `vor ${count(waits, 'Tag', 'Tagen')}`}`,
		followUp: (waits) => (waits === 0 ? 'heute fällig' : `fällig seit ${count(waits, 'Tag', 'Tagen')}`),
		late: (day) => `überfällig seit ${day}`,
		waits: (waits, by) =>
			`${waits === 0 ? 'heute' : count(waits, 'Tag', 'Tage')}${by === null ? '' : `, bis ${by}`}`
	},
	lastAct: (act, when, by, waits) => `${act} ${when} von ${by}${waits ? '; die Antwort steht noch aus' : ''}`,
	followUpDue: 'Wiedervorlage',
	postponed: (until, reason) => `bis ${until}: ${reason}`,
	firstShown: (shown, n) =>
		`Die ersten ${shown} von ${counted(n)} werden gezeigt. Die übrigen rücken nach, wenn Sie diese bearbeiten.`,
	onTheWay: (n) => sentence(`${count(n, 'Stück Ausstattung ist', 'Stück Ausstattung sind')} unterwegs.`),
	bounced: (n) => `E-Mails an ${count(n, 'Person', 'Personen')} kommen zurück.`,
	rejudging: (n) =>
		`Wir bewerten ${count(n, 'Fall', 'Fälle')} nach den neuen Regeln neu. Diese Liste ist noch nicht vollständig. Laden Sie die Seite in einigen Minuten neu.`,
	held: (n) =>
		`${sentence(count(n, 'E-Mail wartet', 'E-Mails warten'))} auf Ihre Freigabe. ${n === 1 ? 'Sie wurde' : 'Sie wurden'} durch eine Aktualisierung, neue Einstellungen oder einen Import fällig.`,
	refusedEmails: ({ n, words }) =>
		`${sentence(count(n, 'E-Mail ging', 'E-Mails gingen'))} nicht hinaus, weil der Mailserver sie abgelehnt hat${words ? `. Er meldete: „${words}“` : '.'}`,
	markedDone: (n, leftOut) =>
		`${
			n === 1
				? 'Als erledigt markiert. Anfragen für Ausstattung, über die nicht entschieden ist, bleiben auf der Liste.'
				: `${n} Fälle als erledigt markiert.`
		}${leftOut === 0 ? '' : ` ${leftOutSentence(leftOut)}`}`,
	followUpsDone: (n, leftOut) =>
		`${n === 1 ? 'Eine Wiedervorlage ist' : `${n} Wiedervorlagen sind`} erledigt.${
			leftOut === 0 ? '' : ` Bei ${leftOut === 1 ? 'einer Person' : `${leftOut} Personen`} ist keine fällig.`
		}`,
	undone: 'Rückgängig gemacht. Alles ist wie vorher.'
};
