import type { refusalTexts } from '../en/refusals';

/** Why an act at the employee's door was refused, and what to do about it. */
export const refusalTextsDe: typeof refusalTexts = {
	notComplete:
		'Dieser Link ist nicht vollständig. Öffnen Sie ihn noch einmal aus Ihrer E-Mail, oder kopieren Sie ihn ganz.',
	endedReplaced:
		'Dieser Link wurde durch einen neueren ersetzt. Nehmen Sie die neueste E-Mail der Koordination.',
	endedLeft:
		'Dieser Link funktioniert nicht mehr, weil Sie als ausgeschieden geführt werden. Wenn das falsch ist, sagen Sie es der Koordination. Wenn Sie sich nicht gut fühlen, rufen Sie jetzt Ihre Arztpraxis oder die Notrufnummer an.',
	endedWithdrawn:
		'Sie haben Ihre Antworten zurückgezogen, deshalb funktioniert dieser Link nicht mehr. Wenn Sie doch teilnehmen möchten, bitten Sie die Koordination um einen neuen Link.',
	tooManySolves:
		'Sie haben heute viele Pläne gemacht. Ihre Antworten sind gespeichert. Bitte machen Sie morgen einen neuen Plan.',
	tooManyMessages:
		'Sie haben heute viele Nachrichten gesendet. Die Koordination hat sie alle. Schreiben Sie morgen wieder, oder rufen Sie an.',
	tooManyMeasures: 'Sie haben heute oft gemessen. Bitte messen Sie morgen wieder.',
	tooManyRequests:
		'Sie haben das heute oft geändert. Ändern Sie es morgen wieder, oder schreiben Sie der Koordination.',
	noPlanYet: 'Es gibt noch keinen Plan. Beantworten Sie zuerst die Fragen.',
	finishFirst: 'Beantworten Sie zuerst die Fragen. Dann wissen wir, was hilft.',
	tooLarge: 'Das ist mehr, als wir in einer Selbsteinschätzung speichern können. Entfernen Sie zuerst etwas.',
	consentFirst:
		'Bitte lesen Sie, was wir erheben, und wählen Sie zuerst „Anfangen“. Vorher geben wir nur Warnzeichen weiter.',
	emergencyOpen:
		'Sie haben uns ein Notfallzeichen genannt, deshalb sind Ihre Seiten vorerst geschlossen. Ihre Eingaben sind gespeichert. Öffnen Sie Ihren Link: Er zeigt die Nummer, die Sie anrufen sollten, und wie es weitergeht.',
	changedMeanwhile:
		'Ihre Antworten haben sich geändert, während der Plan gemacht wurde. Alles ist gespeichert. Bitte versuchen Sie es noch einmal.',
	notShared: 'Sie teilen Ihre Pausen nicht, deshalb wurde nichts gespeichert.',
	planGone: 'Dieser Plan wurde ersetzt. Hier ist der neueste.',
	enoughSpots: ({ most }) => `Sie haben schon ${most} Arbeitsplätze.`
};
