import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';
import type { EmailTexts } from '../../shapes';
import type { EmailFields } from '../../text-parts';

const IS_NOT_YOU =
	'Wenn Sie das nicht waren, ändern Sie jetzt Ihr Passwort und sagen Sie der Person Bescheid, die Easy Corner betreibt.';

/** The sender, in the first sentence of an invitation. */
const introduction = ({ contact, organisation }: EmailFields) => {
	if (contact && organisation) return `ich bin ${contact} von ${organisation}. Bitte beantworten Sie`;
	if (organisation) return `diese E-Mail kommt von ${organisation}. Bitte beantworten Sie`;
	return 'bitte beantworten Sie';
};

const byDay = (until: string | null) => (until ? ` bis ${until}` : '');

export const emailTexts: EmailTexts = {
	greeting: ({ name }) => `Guten Tag, ${name},`,
	kinds: {
		invitation: {
			subject: `Prüfen Sie Ihren Arbeitsplatz zu Hause (etwa ${PROMISED_MINUTES.short} Minuten)`,
			paragraphs: (fields) => [
				`${introduction(fields)} einige Fragen zu Ihrem Arbeitsplatz zu Hause und messen Sie ein paar Höhen${byDay(fields.until)}. Sie erhalten einen Plan mit Dingen, die Sie zu Hause haben.`,
				`Das dauert etwa ${PROMISED_MINUTES.short} Minuten. Ein Maßband hilft, Papierblätter reichen aber auch. Wir bitten nicht um Fotos. Sie können aufhören und später weitermachen.`,
				'Wenn etwas stark wehtut, oder wenn Taubheit bleibt oder Sie nachts weckt, warten Sie nicht darauf. Gehen Sie zu einer Ärztin oder einem Arzt.'
			],
			button: 'Selbsteinschätzung starten'
		},
		reminder: {
			subject: ({ subject }) => `Erinnerung: ${subject}`,
			paragraphs: ({ minutesLeft }) => [
				minutesLeft === null
					? `Sie haben Ihre Selbsteinschätzung noch nicht begonnen. Sie dauert etwa ${PROMISED_MINUTES.short} Minuten.`
					: `Ihre Selbsteinschätzung ist noch nicht fertig. Alles, was Sie eingegeben haben, ist gespeichert. Es dauert noch etwa ${minutesLeft === 1 ? 'eine Minute' : `${minutesLeft} Minuten`}.`,
				'Wenn etwas im Weg ist oder Sie lieber nicht teilnehmen, sagen Sie es der Koordination auf derselben Seite. Auch das ist eine Antwort.'
			],
			button: 'Selbsteinschätzung fortsetzen'
		},
		message: {
			subject: 'Sie haben eine Nachricht zu Ihrem Arbeitsplatz',
			paragraphs: () => [
				'Die Koordination hat Ihnen geschrieben. Auf Ihrer persönlichen Seite können Sie die Nachricht lesen und antworten. Zu Ihrem Schutz wiederholt diese E-Mail sie nicht.'
			],
			button: 'Nachricht lesen'
		},
		equipment: {
			subject: 'Es gibt Neues zu Ihrer Ausstattung',
			paragraphs: () => [
				'Es gibt Neues zu etwas, das Sie angefragt haben. Sie können es auf Ihrer persönlichen Seite lesen. Zu Ihrem Schutz nennt diese E-Mail nicht, was es ist.'
			],
			button: 'Meine Ausstattung ansehen'
		},
		'plan-reminder': {
			subject: 'Ihr Plan ist bereit',
			paragraphs: () => [
				'Vor einigen Wochen haben Sie einen Plan für Ihren Arbeitsplatz erhalten. Er verwendet Dinge, die Sie zu Hause haben. Sie haben noch keinen Schritt abgehakt.',
				'Wenn ein Schritt bei Ihnen nicht geht, geben Sie es im Plan an, und wir machen einen neuen ohne ihn. Dort können Sie auch der Koordination schreiben.'
			],
			button: 'Meinen Plan öffnen'
		},
		'trial-question': {
			subject: 'Wie war es heute? (eine Frage)',
			paragraphs: () => [
				'Sie probieren an Ihrem Arbeitsplatz etwas anderes aus und vergleichen es mit Ihrem Plan. Wie bequem war der Tag? Es ist eine einzige Frage, ganz oben auf Ihrem Plan.',
				'Hören Sie auf, wenn etwas mehr wehtut als vorher. Dort können Sie das Ausprobieren auch beenden.'
			],
			button: 'Sagen, wie der Tag war'
		},
		'check-in': {
			subject: 'Wie ist Ihr Arbeitsplatz jetzt? (zwei bis drei Minuten)',
			paragraphs: () => [
				'Vor einigen Wochen haben Sie Ihren Arbeitsplatz fertig eingerichtet. Was ist noch so, und wie geht es Ihnen? Es dauert zwei bis drei Minuten, uns das zu sagen.'
			],
			button: 'Rückmeldung geben'
		},
		'check-in-reminder': {
			subject: 'Erinnerung: Wie ist Ihr Arbeitsplatz jetzt?',
			paragraphs: () => [
				'Wir haben gefragt, wie Ihr Arbeitsplatz jetzt ist, und noch nichts von Ihnen gehört. Es dauert zwei bis drei Minuten. Wenn etwas nicht mehr so ist, möchten wir das auch wissen.'
			],
			button: 'Rückmeldung geben'
		},
		recheck: {
			subject: 'Zeit für Ihre nächste Selbsteinschätzung',
			paragraphs: () => [
				'Es ist eine Weile her, dass Sie Ihren Arbeitsplatz gemessen haben. Körper, Brillen und Stühle ändern sich. Ihre letzten Antworten sind schon eingetragen, Sie ändern nur, was jetzt anders ist.'
			],
			button: 'Arbeitsplatz noch einmal prüfen'
		},
		'recheck-reminder': {
			subject: 'Erinnerung: Zeit für Ihre nächste Selbsteinschätzung',
			paragraphs: () => [
				'Ihre nächste Selbsteinschätzung ist noch nicht fertig. Ihre letzten Antworten sind schon eingetragen, Sie ändern nur, was jetzt anders ist.',
				'Wenn etwas im Weg ist oder Sie lieber nicht teilnehmen, sagen Sie es der Koordination auf derselben Seite. Auch das ist eine Antwort.'
			],
			button: 'Arbeitsplatz noch einmal prüfen'
		},
		'referral-new': {
			subject: 'Sie haben eine neue Überweisung in Easy Corner',
			paragraphs: () => [
				'Eine Koordination für Arbeitsgesundheit bittet um Ihren Rat zu einer Person, die zu Hause am Bildschirm arbeitet. Melden Sie sich an, um die Überweisung zu lesen, nachzufragen oder zu antworten. Zum Schutz der Person nennt diese E-Mail sie nicht.'
			],
			button: 'Überweisung lesen'
		},
		'referral-answered': {
			subject: 'Ihre Frage zu einer Überweisung ist beantwortet',
			paragraphs: () => [
				'Die Koordination hat Ihre Frage zu einer Überweisung beantwortet. Melden Sie sich an, um die Antwort zu lesen. Zum Schutz der Person nennt diese E-Mail sie nicht.'
			],
			button: 'Antwort lesen'
		},
		'referral-ended': {
			subject: 'Eine Überweisung in Easy Corner wurde aufgehoben',
			paragraphs: () => [
				'Eine Überweisung wurde aufgehoben. Sie müssen sie nicht beantworten. Zum Schutz der Person nennt diese E-Mail sie nicht.'
			],
			button: 'Meine Überweisungen ansehen'
		},
		'deputy-alert': {
			subject: 'Bitte jetzt handeln: Eine Meldung in Easy Corner ist noch ungeöffnet',
			paragraphs: () => [
				'Jemand hat etwas gemeldet, das ein Notfall sein kann, und noch hat es niemand geöffnet. Sie sind die Vertretung. Melden Sie sich an, öffnen Sie die Meldung ganz oben in der Liste und rufen Sie die Person an.',
				'Zum Schutz der Person steht in dieser E-Mail nicht, um wen es geht.'
			],
			button: 'Liste öffnen'
		},
		'account-invitation': {
			subject: 'Ihr Konto in Easy Corner',
			paragraphs: () => [
				'Sie wurden zu Easy Corner eingeladen. Wählen Sie ein Passwort, um Ihr Konto zu öffnen. Der Link geht einmal und sieben Tage lang.'
			],
			button: 'Passwort wählen'
		},
		'password-reset': {
			subject: 'Passwort vergessen?',
			paragraphs: () => [
				'Jemand hat ein neues Passwort für Ihr Konto angefordert. Wenn Sie das waren, wählen Sie innerhalb von zwei Stunden eines. Wenn nicht, müssen Sie nichts tun: Ihr Passwort bleibt, wie es ist.'
			],
			button: 'Neues Passwort wählen'
		},
		'api-token': {
			subject: 'Ein Programm hat Zugang zu Ihrem Konto',
			paragraphs: () => [
				'In Ihrem Konto wurde ein API-Zugang angelegt. Ein Programm kann damit in Ihrem Namen tun, was der Zugang erlaubt. Wenn Sie das waren, müssen Sie nichts tun.',
				'Wenn nicht, beenden Sie den Zugang auf Ihrer Kontoseite und ändern Sie Ihr Passwort.'
			],
			button: 'Mein Konto prüfen'
		},
		'new-device': {
			subject: 'Anmeldung von einem neuen Browser',
			paragraphs: () => [
				'Jemand hat sich bei Ihrem Konto von einem Browser angemeldet, den Sie bisher nicht benutzt haben. Wenn Sie das waren, müssen Sie nichts tun.',
				'Wenn nicht, ändern Sie Ihr Passwort und melden Sie auf Ihrer Kontoseite alle anderen Browser ab.'
			],
			button: 'Mein Konto prüfen'
		},
		tries: {
			subject: 'Jemand probiert Passwörter für Ihr Konto aus',
			paragraphs: () => [
				'Jemand hat mehrere falsche Passwörter für Ihr Konto eingegeben. Wir verlangsamen die Versuche. Von Browsern, die Sie schon benutzt haben, können Sie sich weiterhin anmelden.',
				'Wenn Ihr Passwort kurz ist oder Sie es anderswo verwenden, ändern Sie es.'
			],
			button: 'Mein Konto prüfen'
		},
		codes: {
			subject: 'Jemand rät Ihre Anmeldecodes',
			paragraphs: () => [
				'Jemand hat Ihr richtiges Passwort und danach mehrere falsche Codes eingegeben. Wenn Sie das waren, warten Sie einige Minuten und versuchen Sie es noch einmal.',
				'Wenn nicht, kennt jemand Ihr Passwort. Ändern Sie es jetzt und sagen Sie der Person Bescheid, die Easy Corner betreibt.'
			],
			button: 'Mein Konto prüfen'
		},
		password: {
			subject: 'Ihr Passwort wurde geändert',
			paragraphs: () => [
				'Das Passwort Ihres Kontos wurde geändert. Wir haben alle Ihre anderen Browser abgemeldet.',
				'Wenn Sie das nicht waren, benutzen Sie jetzt „Forgot your password?“ auf der Anmeldeseite und sagen Sie der Person Bescheid, die Easy Corner betreibt.'
			],
			button: 'Mein Konto prüfen'
		},
		passkey: {
			subject: 'Ihrem Konto wurde ein Passkey hinzugefügt',
			paragraphs: () => [
				'Ihrem Konto wurde ein Passkey hinzugefügt. Wer dieses Gerät entsperren kann, kann sich als Sie anmelden.',
				'Wenn Sie das nicht waren, entfernen Sie den Passkey auf Ihrer Kontoseite. Ändern Sie dann Ihr Passwort und sagen Sie der Person Bescheid, die Easy Corner betreibt.'
			],
			button: 'Mein Konto prüfen'
		},
		'passkey-removed': {
			subject: 'Ein Passkey Ihres Kontos wurde entfernt',
			paragraphs: () => [
				'Ein Passkey Ihres Kontos wurde entfernt. Man kann sich damit nicht mehr anmelden.',
				`${IS_NOT_YOU} Melden Sie auf Ihrer Kontoseite auch alle anderen Browser ab.`
			],
			button: 'Mein Konto prüfen'
		},
		'factor-set': {
			subject: 'Ihr Konto hat jetzt einen zweiten Faktor',
			paragraphs: () => [
				'Ab jetzt brauchen Sie zum Anmelden außer dem Passwort einen Code von Ihrem Telefon.',
				'Wenn Sie das nicht eingerichtet haben, war es jemand anders, und Sie können sich nicht mehr anmelden. Sagen Sie jetzt der Person Bescheid, die Easy Corner betreibt.'
			],
			button: 'Mein Konto prüfen'
		},
		'factor-ended': {
			subject: 'Der zweite Faktor Ihres Kontos wurde entfernt',
			paragraphs: () => [
				'Zum Anmelden sind keine Codes von Ihrem Telefon mehr nötig. Ihr Passwort allein öffnet Ihr Konto.',
				IS_NOT_YOU
			],
			button: 'Mein Konto prüfen'
		},
		'log-given': {
			subject: 'Sie haben jetzt Zugriff auf das Protokoll',
			paragraphs: () => [
				'Sie haben Zugriff auf das Protokoll erhalten. Es zeigt, wer was getan hat und wessen Daten angesehen wurden. Wenn Sie das nicht brauchen, bitten Sie darum, den Zugriff zu entfernen.'
			],
			button: 'Mein Konto öffnen'
		},
		'log-taken': {
			subject: 'Sie haben keinen Zugriff mehr auf das Protokoll',
			paragraphs: () => [
				'Ihr Zugriff auf das Protokoll wurde entfernt. Wenn Sie nicht wissen, warum, fragen Sie die Koordination.'
			],
			button: 'Mein Konto öffnen'
		},
		provider: {
			subject: 'Ihr Konto öffnet sich jetzt mit der Anmeldung Ihrer Organisation',
			paragraphs: () => [
				'Jemand hat sich zum ersten Mal mit der Anmeldung Ihrer Organisation bei Ihrem Konto angemeldet. Ab jetzt können Sie diese auch benutzen.',
				'Wenn Sie das nicht waren, sagen Sie jetzt der Person Bescheid, die Easy Corner betreibt.'
			],
			button: 'Mein Konto prüfen'
		}
	},

	footer: {
		personalLink: 'Dieser Link öffnet Ihre persönliche Seite. Bitte leiten Sie ihn nicht weiter.',
		participation: ({ participation, dutyLaw }) =>
			participation === 'voluntary'
				? 'Die Teilnahme ist freiwillig.'
				: `Die Teilnahme gehört zum Arbeitsschutz Ihres Arbeitgebers${dutyLaw ? ` (${dutyLaw})` : ''}.`,
		seenBy: (organisation) =>
			`Personen mit der Rolle Koordination${organisation ? ` bei ${organisation}` : ''} sehen Ihre Antworten, eine Ärztin oder ein Arzt nur, wenn Sie zustimmen. Andere sehen nur Summen ab fünf Personen.`,
		genuine: ({ genuinePage, phone }) => {
			if (genuinePage && phone)
				return `Ist diese E-Mail echt? Sehen Sie nach auf ${genuinePage} oder rufen Sie ${phone} an.`;
			if (genuinePage) return `Ist diese E-Mail echt? Sehen Sie nach auf ${genuinePage}.`;
			if (phone) return `Ist diese E-Mail echt? Rufen Sie ${phone} an.`;
			return '';
		},
		product: (organisation) =>
			organisation
				? `${organisation} verwendet Easy Corner für Selbsteinschätzungen von Arbeitsplätzen zu Hause.`
				: 'Gesendet von Easy Corner, dem Programm für Selbsteinschätzungen von Arbeitsplätzen zu Hause.',
		stopReminders: (address) => `Keine Erinnerungen mehr? Beenden Sie sie hier: ${address}`,
		phone: (phone) => `Telefon: ${phone}`
	},

	round: {
		subject: `Prüfen Sie Ihren Arbeitsplatz zu Hause (etwa ${PROMISED_MINUTES.short} Minuten)`,
		body: [
			'Guten Tag, {name},',
			'ich bin {contact} von {organisation}. Bitte beantworten Sie einige Fragen zu Ihrem Arbeitsplatz zu Hause und messen Sie bis {until} ein paar Höhen. Sie erhalten einen Plan mit Dingen, die Sie zu Hause haben.',
			`Das dauert etwa ${PROMISED_MINUTES.short} Minuten. Ein Maßband hilft, Papierblätter reichen aber auch. Wir bitten nicht um Fotos. Sie können aufhören und später weitermachen.`,
			'Wenn etwas stark wehtut, oder wenn Taubheit bleibt oder Sie nachts weckt, warten Sie nicht darauf. Gehen Sie zu einer Ärztin oder einem Arzt.'
		].join('\n\n'),
		unknownOrganisation: 'Ihrer Organisation',
		unknownContact: 'Ihre Koordination'
	}
};
