import type { DeskTexts } from '../../shapes';
import { triageTexts } from './triage';

/** Texts that match a reason, to be read through and sent or changed. */
export const replyTexts: DeskTexts['replies'] = {
	reasons: {
		'emergency-sign': (name) =>
			`Guten Tag, ${name}, Sie haben ein Warnzeichen gemeldet, das nicht warten kann. Wenn Sie es jetzt haben oder es wiederkommt, rufen Sie sofort die Notrufnummer an. Warten Sie nicht auf mich, und lassen Sie Ihren Arbeitsplatz, wie er ist. Ich versuche auch, Sie anzurufen.`,
		'urgent-sign': (name) =>
			`Guten Tag, ${name}, danke, dass Sie mir das sagen. Das sollte heute ärztlich untersucht werden: Bitte rufen Sie jetzt Ihre Arztpraxis oder den ärztlichen Bereitschaftsdienst an. Machen Sie bis dahin keine Übungen, und ändern Sie nichts an Ihrem Arbeitsplatz. Ich versuche auch, Sie anzurufen.`,
		'professional-sign': (name) =>
			`Guten Tag, ${name}, danke, dass Sie mir das sagen. Was Sie beschreiben, sollte ärztlich untersucht werden. Leichte Schritte Ihres Plans sind bis dahin in Ordnung, aber nichts, was wehtut oder wozu Sie sich zwingen müssen. Ich kann einen Termin vereinbaren. Passt Ihnen das, und wann erreiche ich Sie?`,
		'reported-weakness': (name) =>
			`Guten Tag, ${name}, danke, dass Sie mir das sagen. Die Schwäche sollte heute ärztlich untersucht werden: Bitte rufen Sie jetzt Ihre Arztpraxis an. Machen Sie bis dahin keine Übungen, die anstrengen oder dehnen. Wann erreiche ich Sie?`,
		'reported-tingling': (name) =>
			`Guten Tag, ${name}, danke, dass Sie mir das sagen. Kribbeln oder Taubheit, die wiederkommt, sollte ärztlich untersucht werden. Leichte Schritte Ihres Plans sind bis dahin in Ordnung, aber nichts, was wehtut oder wozu Sie sich zwingen müssen. Wann erreiche ich Sie?`,
		severe: (name) =>
			`Guten Tag, ${name}, das sind starke Schmerzen bei der Arbeit. Bitte lassen Sie das ärztlich untersuchen, ich kann einen Termin vereinbaren. Arbeiten Sie bis dahin in kurzen Abschnitten, wechseln Sie jede halbe Stunde die Haltung, und lassen Sie, was es schlimmer macht.`,
		'not-better': (name) =>
			`Guten Tag, ${name}, Sie haben Ihren Teil getan, und es ist nicht besser. Statt noch einmal den Arbeitsplatz zu ändern, sollte es jetzt ärztlich untersucht werden. Darf ich das vereinbaren?`,
		moderate: (name, { evidence, plan }) => {
			const region = evidence.moderate?.[0]?.region;
			const place = region ? ` (${triageTexts.regions[region]})` : '';
			return plan && plan.carriedOut === null
				? `Guten Tag, ${name}, danke für Ihre Antworten. Die Schritte Ihres Plans sollten bei Ihren Beschwerden helfen${place}. Beginnen Sie am Boden, und haken Sie jeden fertigen Schritt ab. Wie ist es nach einer Woche? Sie können mir hier schreiben.`
				: `Guten Tag, ${name}, danke für Ihre Antworten. Ich sehe, dass Sie noch Beschwerden haben${place}. Wann ist es besser, und wann schlechter? Sie können mir hier schreiben.`;
		},
		'hinders-much': (name, { plan }) =>
			plan && plan.carriedOut === null
				? `Guten Tag, ${name}, danke für Ihre Antworten. Die Beschwerden behindern Sie stark bei der Arbeit. Bitte machen Sie die Schritte Ihres Plans diese Woche, und sagen Sie mir, wenn etwas im Weg ist.`
				: `Guten Tag, ${name}, danke für Ihre Antworten. Die Beschwerden behindern Sie stark bei der Arbeit, deshalb möchte ich mit Ihnen sprechen. Wann erreiche ich Sie?`,
		'back-again': (name) =>
			`Guten Tag, ${name}, es war besser, und jetzt ist es wieder schlechter. Was hat sich geändert? Wenn an Ihrem Arbeitsplatz etwas nicht mehr so ist, zeigt Ihr Plan, wie Sie es wiederherstellen. Wann erreiche ich Sie?`,
		unclosable: (name) =>
			`Guten Tag, ${name}, mit den Dingen, die Sie zu Hause haben, lässt sich das letzte Problem nicht beheben. Das ist jetzt unsere Aufgabe. Auf Ihrer Planseite können Sie Ausstattung anfragen. Schreiben Sie mir hier, wenn sie nicht passen würde.`,
		hazard: (name) =>
			`Guten Tag, ${name}, danke für Ihre Antworten. Etwas an Ihrem Arbeitsplatz ist nicht sicher. Ihre Planseite zeigt, wie Sie es beheben. Bitte machen Sie das heute, oder schreiben Sie mir hier, wenn etwas im Weg ist.`,
		request: null,
		stuck: (name) =>
			`Guten Tag, ${name}, Sie haben Ihren Plan noch nicht begonnen. Was ist im Weg: die Zeit, etwas, das fehlt, oder etwas, das bei Ihnen nicht geht? Schreiben Sie mir hier, und wir finden einen anderen Weg.`,
		'open-plan': (name) =>
			`Guten Tag, ${name}, für Ihren Plan brauchen Sie nur Dinge, die Sie zu Hause haben. Beginnen Sie am Boden, haken Sie jeden Schritt ab, und messen Sie am Ende die Höhen. Schreiben Sie mir, wenn etwas wackelt oder fehlt.`,
		findings: (name) =>
			`Guten Tag, ${name}, danke für Ihre Antworten. Ihre Planseite zeigt einige Dinge, die Sie selbst beheben können. Haken Sie ab, was erledigt ist, und schreiben Sie mir, wenn etwas nicht geht.`,
		'nothing-open': (name, { worsts }) =>
			worsts.length > 0
				? `Guten Tag, ${name}, danke für Ihre Antworten. Es ist nichts mehr zu tun. Bleiben Sie in Bewegung, und schreiben Sie mir, wenn sich etwas ändert.`
				: ''
	},
	silent: (name) =>
		`Guten Tag, ${name}, ich habe noch nichts von Ihnen gehört. Ist etwas im Weg? Ihr Link funktioniert noch, und Sie können mir hier schreiben.`
};
