import { policyTexts } from '../../desk/de/platform/policy';
import type { deskRefusalTexts } from '../../en/platform/desk-refusals';

/** Error messages of the desk: what is wrong, and what to do. */
export const deskRefusalTextsDe: typeof deskRefusalTexts = {
	referralsForClinician: 'Diese Überweisung kann nur die gefragte Ärztin oder der gefragte Arzt sehen.',
	referralsForAsked:
		'Überweisungen können nur die Koordination und die gefragte Ärztin oder der gefragte Arzt sehen.',
	noReferral: 'Wir finden diese Überweisung nicht. Vielleicht wurde sie geschlossen.',
	noPerson: 'Wir finden diese Person nicht. Vielleicht wurden ihre Daten gelöscht.',
	writeQuestion: 'Geben Sie Ihre Frage ein.',
	askFirst:
		'Fragen Sie zuerst die Person, und wählen Sie dann, wie sie zugestimmt hat. Vorher geben wir nichts weiter.',
	chooseWhomToAsk:
		'Wählen Sie eine Ärztin oder einen Arzt, oder geben Sie ein, für wen der gedruckte Brief ist.',
	chooseClinician: 'Wählen Sie eine Ärztin oder einen Arzt aus der Liste.',
	withClinicianAlready:
		'Für diesen Fall gibt es schon eine offene Überweisung. Schließen Sie sie zuerst, und überweisen Sie dann neu.',
	dayHasPassed: 'Wählen Sie heute oder einen späteren Tag.',
	nothingToReopen: 'Es gibt keine Antworten, die sich wieder öffnen lassen.',
	standInIsAway: 'Wählen Sie jemanden, der nicht selbst abwesend ist.',
	handToAnother: 'Wählen Sie jemand anderen, dem die Fälle übergeben werden.',
	chooseCoordinator: 'Wählen Sie eine Person der Koordination mit offenem Konto.',
	cannotWait:
		'Das können Sie nicht zurückstellen. Halten Sie zuerst den Ausgang des Warnzeichens fest, oder lesen Sie die Nachricht.',
	chooseLaterDay: 'Wählen Sie einen späteren Tag.',
	sayWhyItWaits: 'Geben Sie an, warum Sie das zurückstellen. Andere in der Koordination lesen das.',
	forCoordinators: 'Dafür brauchen Sie ein Konto der Koordination.',
	noAccount: 'Es gibt kein offenes Konto mit dieser Adresse.',
	accountExists: 'Es gibt schon ein Konto mit dieser Adresse.',
	lookNeedsSight: 'Was Sie gesehen haben, können Sie nur nach einem Videoanruf oder Besuch festhalten.',
	heightNotKnown:
		'Die Antworten haben sich geändert: Eine dieser Höhen wird nicht mehr beurteilt. Laden Sie die Seite neu.',
	fixedNeedsContact: 'Eine Gefahr können Sie erst als behoben ankreuzen, wenn Sie die Person erreicht haben.',
	signNeedsContact: 'Ein Warnzeichen können Sie erst schließen, wenn Sie jemanden erreicht haben.',
	sayWhomYouSpokeWith: 'Geben Sie den Namen der Person ein, mit der Sie gesprochen haben.',
	sayWhatWasSaid: 'Schreiben Sie eine kurze Notiz zum Kontakt.',
	sayWhatComesNext: 'Wählen Sie den nächsten Schritt.',
	chooseNextLook: 'Wählen Sie den Tag der Wiedervorlage.',
	sayWhyNothingNext: 'Geben Sie an, warum es keinen nächsten Schritt gibt.',
	closedAlready: 'Eines davon ist schon geschlossen. Prüfen Sie, was noch offen ist.',
	referFirst:
		'Überweisen Sie den Fall zuerst. Danach können Sie die Überweisung als nächsten Schritt auswählen.',
	forFigures: 'Ergebnisse der Belegschaft sehen nur die Koordination und die Auswertung.',
	wrongSharedSessionCode:
		'Dieser Code stimmt nicht. Fragen Sie nach dem Code auf der Seite der Person, und geben Sie ihn noch einmal ein.',
	noPracticeRound: 'Wir finden diese Übungsrunde nicht.',
	practiceAnswered: 'Sie haben diese Runde schon beantwortet. Beginnen Sie eine neue.',
	practiceIncomplete:
		'In der Reihenfolge fehlen Fälle. Laden Sie die Seite neu, und versuchen Sie es noch einmal.',
	noSecondOpinion: 'Wir finden diese zweite Meinung nicht.',
	noCasesToJudge: 'Noch hat niemand geantwortet, deshalb gibt es keine Fälle.',
	judgeEveryCase: 'Wählen Sie für jeden Fall eine Stufe.',
	judgedAlready: 'Sie haben Ihre Stufen schon angegeben.',
	noReport: 'Wir finden diesen Bericht nicht. Vielleicht wurde er gelöscht.',
	chooseMonthEnd: 'Wählen Sie einen Monat, der vorbei ist.',
	typePrice: 'Geben Sie einen Preis ein, zum Beispiel 129 oder 129,90.',
	priceTooHigh: 'Geben Sie einen Preis von höchstens einer Million ein.',
	nameRound: 'Geben Sie einen Namen für die Runde ein.',
	chooseFirstDay: 'Wählen Sie den ersten Tag.',
	chooseLastDay: 'Wählen Sie den letzten Tag.',
	lastBeforeFirst: 'Der letzte Tag liegt vor dem ersten. Wählen Sie einen späteren Tag.',
	nameSubject: 'Geben Sie einen Betreff für die E-Mail ein.',
	writeLetter: 'Geben Sie den Text der E-Mail ein.',
	giveTimeZone: 'Geben Sie eine Zeitzone ein, zum Beispiel Europe/Vienna.',
	roundIsOut: 'Diese Runde wurde schon gesendet. Sie können sie nicht mehr ändern.',
	noRound: 'Diese Runde wurde gelöscht.',
	roundSentAlready: 'Diese Runde wurde schon gesendet.',
	nobodyMatches: 'Keine Person passt. Wählen Sie andere Teams.',
	correctOnlyOut:
		'Nur eine gesendete Runde, die nicht geschlossen ist, kann angehalten oder geändert werden.',
	roundIsPaused: 'Die Runde ist angehalten. Setzen Sie sie zuerst fort.',
	closeOnlyOut: 'Sie können nur eine offene Runde schließen.',
	openOnlyClosed: 'Sie können nur eine geschlossene Runde wieder öffnen.',
	remindOnlyOut: 'Erinnern können Sie nur in einer offenen Runde.',
	signInFirst: 'Melden Sie sich zuerst an.',
	cannotTakeBack:
		'Das lässt sich nicht mehr rückgängig machen. Es wurde schon rückgängig gemacht, ist von einem anderen Tag, oder eine E-Mail ist hinausgegangen.',
	noRequest: 'Diese Anfrage wurde zurückgenommen.',
	orderedAlready: 'Das ist schon bestellt. Sie können es nicht auch aus dem Bestand senden.',
	sayWhyDeclined: 'Geben Sie an, warum Sie ablehnen. Die Person liest das.',
	storeChanged:
		'Dieser Bestand wurde geändert, seit Sie ihn geöffnet haben. Die Seite zeigt die neue Anzahl. Geben Sie Ihre noch einmal ein, wenn sie noch stimmt.',
	storeEmpty: 'Der Bestand ist leer. Bestellen Sie ein Stück, oder berichtigen Sie die Anzahl.',
	cornerUnknown:
		'Wir kennen den Arbeitsplatz noch nicht und können nicht sagen, was passt. Bitten Sie zuerst um eine Selbsteinschätzung.',
	askedAlready: 'Das wurde schon angefragt. Sie sehen es in der Liste.',
	giveName: 'Geben Sie einen Namen ein.',
	passwordLinkEnded:
		'Dieser Link funktioniert nicht mehr. Wählen Sie auf der Anmeldeseite „Passwort vergessen?“, um einen neuen zu bekommen.',
	lastCoordinator:
		'Das ist das letzte Konto der Koordination. Laden Sie zuerst eine andere Person für die Koordination ein.',
	calendarEnded:
		'Diese Kalenderadresse funktioniert nicht mehr. Kopieren Sie die neue unter „Wiedervorlagen“.',
	listChanged: 'Die Liste hat sich seit der Prüfung geändert. Prüfen Sie die Datei noch einmal.',
	givePersonName: 'Geben Sie den Namen der Person ein.',
	noTimeZone: 'Diese Zeitzone kennen wir nicht. Verwenden Sie einen Namen wie Europe/Vienna.',
	noRegion:
		'Diese Region kennen wir in diesem Land nicht. Geben Sie ihren Code ein, zum Beispiel BY für Bayern, oder lassen Sie das Feld leer.',
	addressTaken: 'Es gibt schon eine Person mit dieser Adresse.',
	sessionEnded: 'Ihre Sitzung ist beendet. Bitte melden Sie sich wieder an.',
	dayIsOver: 'Dieser Tag ist vorbei. Wählen Sie heute oder einen späteren Tag.',
	signInAsWho: 'Melden Sie sich mit einem Konto der Koordination oder einem ärztlichen Konto an.',
	referralEnded: 'Diese Überweisung ist geschlossen. Die Seite zeigt das Ergebnis.',
	writeAnswer: 'Schreiben Sie zuerst Ihre Antwort.',
	writeWhatCame: 'Schreiben Sie eine kurze Notiz zum Ergebnis.',
	answeredMeanwhile:
		'Diese Person hat geantwortet, seit Sie die Seite geöffnet haben. Lesen Sie die neuen Antworten, und stellen Sie es noch einmal ein, wenn es noch stimmt.',
	'needs-outcome':
		'Ein Warnzeichen ist offen. Halten Sie zuerst den Ausgang fest: mit wem Sie gesprochen haben, Ihre Notizen und den nächsten Schritt.',
	'hazard-open':
		'An diesem Arbeitsplatz ist noch eine Gefahr offen. Der Fall verlässt die Liste, sobald die Person sie als behoben abhakt. Sagt sie es Ihnen am Telefon, kreuzen Sie es bei dem Kontakt an, den Sie eintragen.',
	'unread-message':
		'Die Nachricht dieser Person ist noch nicht beantwortet. Lesen Sie sie, und antworten Sie, oder markieren Sie sie als gelesen.',
	followUpChanged:
		'Diese Wiedervorlage wurde von anderer Seite geändert. Die Seite zeigt die neue Fassung. Setzen Sie Ihre noch einmal, wenn sie noch stimmt.',
	wrongPassword:
		'E-Mail-Adresse oder Passwort stimmt nicht. Prüfen Sie beides, und versuchen Sie es noch einmal.',
	roundChanged:
		'Diese Runde wurde von anderer Seite geändert. Die Seite zeigt die neue Fassung. Ändern Sie sie noch einmal, wenn es noch stimmt.',
	changedSince:
		'Das wurde seither von anderer Seite geändert und lässt sich nicht rückgängig machen. Öffnen Sie den Fall, und berichtigen Sie es dort.',
	caseChanged:
		'Dieser Fall wurde von anderer Seite geändert. Die Seite zeigt die neue Fassung. Ändern Sie ihn noch einmal, wenn es noch stimmt.',
	outcomeBeforeErasing:
		'Ein Warnzeichen ist offen. Halten Sie zuerst den Ausgang fest, und löschen Sie dann die Daten.',
	yearsOfRetention: ({ least, most }) =>
		`Geben Sie ganze Jahre von ${least} bis ${most} ein, oder lassen Sie das Feld leer.`,
	retentionChanged: 'Das wurde von anderer Seite geändert. Prüfen Sie es noch einmal.',
	writeTheirName:
		'Geben Sie den Namen genau so ein, wie er oben steht. Das lässt sich nicht rückgängig machen.',
	noRightToRecord:
		'Ihr Konto hat keinen Zugang zum Protokoll. Fragen Sie eine Person der Koordination, die ihn hat.',
	tickSomebody: 'Wählen Sie mindestens eine Person aus.',
	budgetChanged:
		'Das Budget hat sich geändert, weil jemand geantwortet hat oder über eine Anfrage entschieden wurde. Nichts wurde genehmigt. Prüfen Sie das neue Budget, und genehmigen Sie es dann.',
	reportNotedMeanwhile:
		'Die Entscheidungen zu diesem Bericht wurden von anderer Seite geändert. Die Seite zeigt die neue Fassung. Ändern Sie sie noch einmal, wenn es noch stimmt.',
	yearBudgetChanged:
		'Dieses Budget wurde von anderer Seite geändert. Die Seite zeigt die neue Fassung. Ändern Sie es noch einmal, wenn es noch stimmt.',
	decidedMeanwhile:
		'Darüber wurde von anderer Seite entschieden. Die Seite zeigt die Entscheidung. Ändern Sie sie, wenn Ihre noch stimmt.',
	personChanged:
		'Die Angaben zu dieser Person wurden von anderer Seite geändert. Die Seite zeigt die neue Fassung. Ändern Sie sie noch einmal, wenn es noch stimmt.',
	tooManyTries: ({ seconds }) =>
		seconds < 60
			? `Zu viele Versuche. Warten Sie ${seconds === 1 ? 'eine Sekunde' : `${seconds} Sekunden`}, und versuchen Sie es dann noch einmal.`
			: `Zu viele Versuche. Warten Sie ${seconds < 120 ? 'zwei Minuten' : `${Math.ceil(seconds / 60)} Minuten`}, und versuchen Sie es dann noch einmal.`,
	passwordCommon:
		'Dieses Passwort ist zu gängig. Wählen Sie ein anderes. Gut sind einige Wörter, die nicht zusammengehören.',
	passwordOfYours: 'Dieses Passwort enthält Ihren Namen oder Ihre E-Mail-Adresse. Wählen Sie ein anderes.',
	wrongPasswordOfYours: 'Das ist nicht Ihr Passwort. Bitte versuchen Sie es noch einmal.',
	wrongCode:
		'Dieser Code stimmt nicht oder wurde schon verwendet. Warten Sie auf den nächsten, und geben Sie ihn ein.',
	factorIsSet: 'Sie haben schon einen zweiten Faktor. Entfernen Sie ihn zuerst.',
	passkeyRefused:
		'Diesen Passkey kennen wir nicht, oder es hat zu lange gedauert. Versuchen Sie es noch einmal, oder verwenden Sie Ihr Passwort.',
	passkeyNeedsName:
		'Unter dieser Adresse funktionieren Passkeys nicht, weil sie nur eine Zahl ist. Verwenden Sie die Adresse mit einem Namen.',
	tooManyPasskeys: ({ most }) =>
		`Sie haben schon ${most} Passkeys. Entfernen Sie einen, den Sie nicht mehr verwenden.`,
	noSuchUser: 'Wir finden dieses Konto nicht. Vielleicht wurde es geschlossen.',
	lastWithRecord: 'Nur Sie haben Zugang. Geben Sie ihn zuerst einer anderen Person.',
	tooManyToSettle: ({ most }) => `Markieren Sie höchstens ${most} Fälle auf einmal als erledigt.`,
	passwordTooShort: ({ shortest }) => `Wählen Sie ein Passwort mit mindestens ${shortest} Zeichen.`,
	hasLeft: ({ name }) =>
		`${name} ist als ausgeschieden markiert. Ist die Person zurück, markieren Sie sie zuerst als zurückgekehrt.`,
	unknownFields: ({ unknown, known }) =>
		`${unknown.join(', ')} kennen wir nicht und würden es so senden, wie es dasteht. Verwenden können Sie ${known.join(', ')}.`,
	otherCount: ({ n, expected }) =>
		`Das ginge jetzt an ${n} statt an ${expected} Personen. Prüfen Sie die Liste noch einmal, und senden Sie dann.`,
	otherCountToRemind: ({ n, expected }) =>
		`${n === 0 ? 'Niemand ist' : n === 1 ? 'Eine Person ist' : `${n} Personen sind`} jetzt noch zu erinnern statt ${expected}: Jemand hat geantwortet, im letzten Tag eine E-Mail bekommen oder bekommt gerade eine. Prüfen Sie die Liste noch einmal.`,
	otherCountToRelease: ({ n, expected }) =>
		`Jetzt halten wir ${n === 1 ? '1 E-Mail' : `${n} E-Mails`} zurück statt ${expected}. Nichts wurde geändert. Prüfen Sie die Liste noch einmal.`,
	emailsPerDay: 'Geben Sie eine ganze Zahl von E-Mails am Tag ein, von 1 bis 1.000.000.',
	limitChanged:
		'Die Tagesgrenze wurde von anderer Seite geändert. Die Seite zeigt die neue Zahl. Ändern Sie sie noch einmal, wenn Ihre noch stimmt.',
	reviewerName: 'Wer hat die Texte geprüft? Geben Sie den Namen der Person ein.',
	organisationName: 'Geben Sie den Namen Ihrer Organisation ein.',
	organisationContact: 'Geben Sie den Namen der Person ein, die E-Mails unterschreibt.',
	webhookAddress:
		'Geben Sie eine Adresse ein, die mit https:// beginnt und keinen Namen und kein Passwort enthält, oder lassen Sie das Feld leer.',
	tokenName: 'Geben Sie dem Zugang einen Namen, zum Beispiel den des Programms.',
	tokenScopes: 'Kreuzen Sie mindestens etwas an, das der Zugang darf.',
	tokensFull: ({ most }) => `Sie haben ${most} Zugänge. Beenden Sie einen, bevor Sie einen neuen anlegen.`,
	apiToken: 'Senden Sie einen gültigen Zugang mit: „Authorization: Bearer ZUGANG“.',
	apiScope: ({ scope }) => `Dieser Zugang oder sein Konto darf das nicht; nötig ist ${scope}.`,
	apiQuery: ({ name }) => `Der Parameter ${name} kann nicht verwendet werden, oder nicht mit diesem Wert.`,
	webhookUrl:
		'Geben Sie eine Adresse ein, die mit https:// beginnt und keinen Namen und kein Passwort enthält.',
	webhookName: 'Geben Sie dem Webhook einen Namen.',
	webhookKinds: 'Kreuzen Sie mindestens eine Handlung für den Webhook an.',
	webhookChanged:
		'Dieser Webhook wurde von anderer Seite geändert oder entfernt. Die Seite zeigt ihn, wie er jetzt ist.',
	webhooksFull: ({ most }) =>
		`Es gibt schon ${most} Webhooks. Entfernen Sie einen, bevor Sie einen neuen anlegen.`,
	genuinePage: 'Geben Sie eine Adresse ein, die mit https:// beginnt, oder lassen Sie das Feld leer.',
	replyToAddress:
		'Geben Sie eine E-Mail-Adresse ein, zum Beispiel health@organisation.example, oder lassen Sie das Feld leer.',
	policyLimits: ({ field, least, most }) =>
		`„${policyTexts.fields[field]}“: Geben Sie eine ganze Zahl von ${least} bis ${most} ein.`,
	policyList: ({ field, ...limits }) =>
		`„${policyTexts.fields[field]}“: Geben Sie ${policyTexts.listLimits(limits)} ein, durch Kommas getrennt.`,
	policyBelow: ({ field, other }) =>
		`„${policyTexts.fields[field]}“ muss kleiner sein als „${policyTexts.fields[other]}“.`,
	policyAtMost: ({ field, other }) =>
		`„${policyTexts.fields[field]}“ darf nicht größer sein als „${policyTexts.fields[other]}“.`,
	tickForOrder: ({ most }) => `Kreuzen Sie 1 bis ${most} Gegenstände für eine Bestellung an.`,
	sayWhereOrdered: 'Geben Sie den Lieferanten oder die Bestellnummer ein.',
	absentNeedsEveryRow:
		'Zeilen der Datei werden ausgelassen; deshalb lässt sich nicht sagen, wer in ihr fehlt. Importieren Sie sie, ohne jemanden als ausgeschieden zu markieren.',
	noImport: 'Diesen Import haben wir nicht.',
	importUndone: 'Dieser Import wurde schon rückgängig gemacht.',
	importTooOld:
		'Ein Import lässt sich bis Mitternacht seines Tages rückgängig machen, und dieser Tag ist vorbei.',
	policyChanged:
		'Inzwischen wurden von anderer Seite Einstellungen veröffentlicht. Die Seite zeigt sie. Ändern Sie noch einmal, wenn es noch stimmt.',
	textChanged: 'Inzwischen hat jemand aus Ihrem Team diesen Text geändert. Sie sehen ihn, wie er jetzt ist.',
	checklistChanged:
		'Inzwischen hat jemand aus Ihrem Team die Checkliste geändert. Sie sehen sie, wie sie jetzt ist.',
	noChecklistPart: 'Das gibt es in der Checkliste nicht. Vielleicht hat es jemand aus Ihrem Team entfernt.',
	noChecklistVersion: 'Diese Fassung der Checkliste haben wir nicht.',
	checklistFaults: 'Es fehlt noch etwas, bevor diese Checkliste veröffentlicht werden kann.',
	checklistPartGone: 'Inzwischen hat jemand aus Ihrem Team das aus der Checkliste genommen.',
	checklistFull: ({ most }) => `Es ist Platz für ${most} eigene Fragen und ${most} eigene Probleme.`,
	checklistPart: ({ why }) => `Das können wir nicht speichern: ${why}.`,
	checklistFile: ({ why }) => `Diese Datei können wir nicht verwenden: ${why}.`,
	checklistNotJson:
		'Diese Datei können wir nicht lesen. Wählen Sie eine Checkliste, die aus Easy Corner heruntergeladen wurde.',
	policySame: 'Diese Einstellungen gelten schon; es gibt nichts zu veröffentlichen.',
	noPolicyVersion: 'Diese Fassung der Einstellungen haben wir nicht.',
	policyFile: ({ why }) => `Diese Datei können wir nicht verwenden: ${why}.`,
	settingsUnread: ({ why }) => `Diese Einstellungen können wir nicht lesen: ${why}.`,
	settingsDefaultKept:
		'Etwas fehlt, worauf sich alle verlassen. Fügen Sie es wieder hinzu und veröffentlichen Sie dann.',
	settingsSameDay: ({ name }) => `„${name}“ steht zweimal für denselben Tag und Ort in der Liste.`,
	settingsNoSuchDay: ({ name }) => `Einen Tag „${name}“ gibt es nicht. Wählen Sie einen anderen.`,
	settingsNoName: ({ name }) =>
		`Der Eintrag „${name}“ hat nicht in jeder Sprache, die gelesen wird, einen Namen.`,
	settingsUnnamed: ({ name }) =>
		`Der Eintrag „${name}“ hat keinen Namen. Geben Sie ihm einen oder entfernen Sie ihn.`,
	settingsNoLaw: ({ name }) =>
		`Sagen Sie, woraus sich der Anspruch auf einen Sehtest${name ? ` in ${name}` : ''} ergibt: aus einem Gesetz oder aus Ihrer Organisation.`,
	agreedOnPhone:
		'Bestätigen Sie, dass die Person gehört hat, was erhoben wird, und zustimmt. Ohne das darf keine Frage gestellt werden.',
	phoneLinkGone:
		'Diese Selbsteinschätzung wurde inzwischen beantwortet oder beendet. Gehen Sie zum Fall zurück und beginnen Sie noch einmal.',
	outcomeBeforeMerging: ({ name }) =>
		`Ein Warnzeichen von ${name} wartet auf sein Ergebnis. Tragen Sie es erst ein und legen Sie die Datensätze dann zusammen.`,
	confirmMerge: 'Bestätigen Sie, dass beide Datensätze derselben Person gehören.',
	mergeSame: 'Wählen Sie einen anderen Datensatz: Das ist derselbe.',
	settingsSameName: ({ name }) =>
		`„${name}“ steht zweimal in der Liste. Geben Sie einem davon einen anderen Namen.`,
	settingsNoPlace: ({ name }) => `„${name}“ nennt eine Region ohne ihr Land.`,
	settingsTooManyDaysOff: ({ name }) =>
		`Mehr als ${name} freie Tage hintereinander ließen niemandem einen Tag zum Handeln. Kürzen Sie die Liste.`,
	settingsItemInUse: ({ name }) =>
		`„${name}“ wurde beantragt oder liegt auf Lager und bleibt deshalb im Katalog. Sie können aufhören, es anzubieten.`,
	settingsTeamInUse: ({ name, n }) =>
		`${n === 1 ? 'Eine Person ist' : `${n} Personen sind`} in „${name}“. Geben Sie dem Team den Namen eines anderen, dann kommen sie dorthin.`,
	policyNotJson:
		'Diese Datei können wir nicht lesen. Wählen Sie eine Einstellungsdatei, die aus Easy Corner heruntergeladen wurde.',
	organisationChanged:
		'Diese Angaben wurden von anderer Seite geändert. Die Seite zeigt die neue Fassung. Ändern Sie sie noch einmal, wenn es noch stimmt.',
	logoUnreadable:
		'Dieses Bild können wir nicht verwenden. Wählen Sie eine PNG-, JPEG- oder WebP-Datei bis 2 MB.',
	unknownChoice: 'Wählen Sie eine der gezeigten Möglichkeiten.',
	otherCountInBulk: ({ n, expected }) =>
		`Das beträfe jetzt ${n} statt ${expected} Personen. Prüfen Sie die Liste noch einmal.`,
	tooManyInBulk: ({ most }) =>
		`Das sind mehr als ${most} Personen auf einmal. Grenzen Sie die Liste ein, oder erstellen Sie eine Runde.`,
	tooManyMoved: ({ n, most }) =>
		`Damit würden ${n} Personen als ausgeschieden oder zurückgekehrt markiert. Mehr als ${most} auf einmal kann die falsche Datei sein. Importieren Sie zuerst ohne das, und prüfen Sie.`
};
