import type { DeskTexts } from '../../shapes';

/** What was said and done in a case, line by line. */
export const timelineTexts: DeskTexts['timeline'] = {
	newestFirst: 'Neuestes zuerst',
	showInTimeline: 'Im Verlauf zeigen',
	everything: 'Alles',
	nothingYet: 'Noch ist nichts geschehen.',
	showEarlier: 'Frühere Einträge zeigen',
	act: (who, event) => `${who ?? 'Easy Corner'} ${event}`,
	coordinatorWrote: (who) => `${who ?? 'Die Koordination'} hat geschrieben`,
	noteBy: (who) => (who ? `Notiz von ${who}` : 'Notiz'),
	contact: (who, how) => (who ? `${who}: ${how}` : `${how}`),
	saw: (list) => `Gesehen: ${list}.`,
	sawHeight: {
		fits: (height) => `${height} passt`,
		problem: (height) => `${height} ist ein Problem`
	},
	hazardsFixed: (hazards) => `Nach eigener Auskunft behoben: ${hazards}.`,
	outcomeOf: (closable) => `Ausgang zu: ${closable}.`,
	noNextStep: (why) => `Kein nächster Schritt: ${why}`,
	nextClinician: 'Nächster Schritt: Überweisung.',
	nextContactOn: (day) => `Nächster Kontakt am ${day}.`,
	email: (subject) => `E-Mail „${subject}“,`,
	clinicianAsked: (to) => `Gefragt: ${to || 'eine Ärztin oder ein Arzt'}`,
	aboutReferral: (who) => (who ? `${who}, zur Überweisung` : 'Zur Überweisung'),
	referralClosed: (to, why) =>
		`Die Überweisung wurde geschlossen${to ? ` (${to})` : ''}${why ? `: ${why}` : ''}`,
	reported: ({ personName, discomfort, score }) =>
		discomfort === 0 ? `${personName}: keine Beschwerden angegeben` : `${personName}: ${score} angegeben`,
	changedFrom: (before, why) => `${before ? ` (vorher: ${before})` : ''}${why === '' ? '' : `: ${why}`}`,
	groups: {
		answers: 'Antworten',
		messages: 'Nachrichten',
		calls: 'Kontakte',
		letters: 'E-Mails',
		plan: 'Plan',
		things: 'Ausstattung',
		clinician: 'Überweisung',
		notes: 'Notizen',
		desk: 'Fall und Einstellungen',
		looks: 'Ansichten'
	},
	emailStates: {
		waiting: 'unterwegs',
		delivered: 'zugestellt',
		bounced: 'zurückgekommen',
		failed: 'nicht zugestellt'
	},
	problemTicked: {
		done: 'hat ein Problem behoben',
		'not-here': 'hat angegeben, dass ein Problem dort nicht zu beheben ist',
		open: 'hat ein Problem als nicht behoben markiert'
	},
	stepDone: (step) => `hat umgesetzt: ${step}`,
	stepUndone: (step) => `hat zurückgenommen: ${step}`,
	actAbout: (act, about) => `${act}: ${about}`,
	actFor: (act, day) => `${act}, für ${day}`
};
