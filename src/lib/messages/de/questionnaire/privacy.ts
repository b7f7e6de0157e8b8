import type { Role } from '$lib/core/platform/access/roles';
import type { PrivacyTexts } from '../../shapes';

const COUNTS = ['null', 'einer', 'zwei', 'drei', 'vier', 'fünf', 'sechs', 'sieben', 'acht', 'neun', 'zehn'];

/** Names of the roles as employees read them. */
const ROLE_NAMES: Readonly<Record<Role, string>> = {
	coordinator: 'Koordination',
	clinician: 'Ärztin oder Arzt',
	reader: 'Auswertung'
};

const list = (roles: readonly Role[]) =>
	new Intl.ListFormat('de', { type: 'disjunction' }).format(roles.map((role) => ROLE_NAMES[role]));

const years = (n: number) => (n === 1 ? 'ein Jahr' : `${n} Jahre`);

/** The privacy statement for employees. */
export const privacyTexts: PrivacyTexts = {
	asked: [
		'Wir fragen nach',
		'Höhen Ihrer Möbel und Ihres Körpers, Beschwerden, Ihrer Gesundheit, soweit sie am Schreibtisch wichtig ist, und Dingen, die Sie zu Hause haben. Wenn Sie mit einem Foto messen, bleibt es auf Ihrem Gerät, und wir speichern nur die Zahlen.'
	],
	why: ['Wozu', 'Um herauszufinden, was zu Ihnen passt, und zu beheben, was nicht passt.'],
	participation: {
		term: 'Teilnahme',
		words: ({ participation, dutyLaw }) =>
			participation === 'voluntary'
				? 'Die Teilnahme ist freiwillig. Sie können jede Frage überspringen und jederzeit aufhören.'
				: `Die Teilnahme gehört zum Arbeitsschutz Ihres Arbeitgebers${dutyLaw ? ` (${dutyLaw})` : ''}. Sie können trotzdem jede Frage überspringen.`
	},
	seenBy: {
		term: 'Wer es sieht',
		words: ({ everyAnswer, referredOnly, totalsOnly }, organisation, least) =>
			[
				`Personen mit der Rolle ${list(everyAnswer)}${organisation ? ` bei ${organisation}` : ''} sehen Ihre Antworten. Ein Warnzeichen sehen sie, sobald Sie es antippen. Zwei von ihnen können Ihren Fall getrennt und ohne Ihren Namen einstufen, um zu prüfen, ob sie übereinstimmen.`,
				referredOnly.length > 0 &&
					`Eine ${list(referredOnly)} sieht sie nur, wenn Sie einer Überweisung zustimmen.`,
				totalsOnly.length > 0 &&
					`Personen mit der Rolle ${list(totalsOnly)} sehen nur Summen ab ${COUNTS[least] ?? least} Personen.`,
				'Wer den Server betreibt, kommt an die Datenbank heran.'
			]
				.filter(Boolean)
				.join(' ')
	},
	howLong: {
		term: 'Wie lange',
		words: ({ yearsAfterAnswer, yearsAfterLeaving }, organisation) => {
			const place = organisation || 'Ihrer Organisation';
			const sign =
				'Ist ein Warnzeichen offen, löschen wir Ihre Daten, sobald sich die Koordination darum gekümmert hat.';
			if (yearsAfterAnswer !== null && yearsAfterLeaving !== null)
				return `Wir löschen Ihre Daten ${years(yearsAfterAnswer)} nach Ihrer letzten Antwort, oder ${years(yearsAfterLeaving)} nach Ihrem Ausscheiden bei ${place}. ${sign}`;
			if (yearsAfterAnswer !== null)
				return `Wir löschen Ihre Daten ${years(yearsAfterAnswer)} nach Ihrer letzten Antwort. ${sign}`;
			if (yearsAfterLeaving !== null)
				return `Wir löschen Ihre Daten ${years(yearsAfterLeaving)} nach Ihrem Ausscheiden bei ${place}. ${sign}`;
			return 'Es gibt kein Enddatum. Wir behalten Ihre Daten, bis Sie sie zurückziehen oder die Koordination sie löscht.';
		}
	},
	passedOn: [
		'Weitergabe',
		'Die Koordination kann Daten als Dateien herunterladen: Listen, eine Gesundheitsakte oder alles. Sie kann auch andere Programme Ihrer Organisation einen Teil davon lesen lassen.'
	],
	stays: [
		'Was bleibt',
		'Wenn Sie zurückziehen, bleiben die eigenen Notizen der Koordination und die Tatsache, dass Sie gefragt wurden. Auch nach dem Löschen bleibt einiges: Protokolleinträge ohne Ihren Namen, Summen in früheren Berichten und für eine Weile Sicherungen. Bis die Summen zum Monatsende erneuert sind, bleiben Ihre letzten Antworten darin ohne Ihren Namen, höchstens ein Jahr.'
	],
	rights: [
		'Ihre Rechte',
		'Sie können Ihre Antworten hier jederzeit ansehen, ändern, herunterladen oder zurückziehen.'
	],
	complaints: [
		'Beschwerden',
		'Sie können Ihre Organisation fragen, auf welche Rechtsgrundlage sie sich stützt. Sie können sich auch bei der Datenschutzbehörde an Ihrem Wohnort beschweren.'
	],
	limits: [
		'Grenzen',
		'Dies ist eine Orientierung für mehr Wohlbefinden, keine Diagnose. Es ersetzt keine Ärztin und keinen Arzt. Das Recht vor Ort geht vor.'
	],
	questions: {
		term: 'Fragen?',
		words: ({ contactName, contactRole, phone, replyTo }) => {
			const who = contactRole ? `${contactName}, ${contactRole}` : contactName;
			const reach = [phone, replyTo].filter((one) => one !== '').join(', ');
			return reach ? `Fragen Sie ${who}: ${reach}.` : `Fragen Sie ${who}.`;
		}
	}
};
