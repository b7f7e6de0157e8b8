import type { BreakTexts } from '../../shapes';

const hours = (minutes: number) => {
	const [h, m] = [Math.floor(minutes / 60), minutes % 60];
	if (h === 0) return `${m} min`;
	return m === 0 ? `${h} h` : `${h} h ${m} min`;
};

/** Breaks: how often, when in the day, and what to do in them. Facts: common practice. */
export const breakTexts: BreakTexts = {
	hours,
	breakSchedules: {
		few: {
			name: 'Wenige echte Pausen',
			why: 'Drei Minuten alle fünfviertel Stunden und jede halbe Stunde kurz aufstehen. Das passt zu den meisten Tagen, deshalb fangen wir damit an.'
		},
		'half-hour': {
			name: 'Jede halbe Stunde aufstehen',
			why: 'Jede halbe Stunde einige Minuten auf den Beinen.'
		},
		twenty: {
			name: 'Alle 20 Minuten aufstehen',
			why: 'Kurz und oft: jeweils eine Minute, mit dem Blick in die Ferne.'
		},
		stairs: {
			name: 'Alle 35 Minuten eine Treppe',
			why: 'Etwas seltener, aber genug, damit die Beine arbeiten.'
		},
		hour: {
			name: 'Jede Stunde zehn Minuten',
			why: 'Lange Pausen, dazwischen eine halbe Minute für Brust und Hände.'
		},
		'small-changes': {
			name: 'Alle 8 Minuten etwas ändern',
			why: 'Keine Haltung ist lange gut, deshalb ändern Sie sie ständig.'
		},
		walks: {
			name: 'Jede Viertelstunde ein kurzer Gang',
			why: 'Für Menschen, denen nur Gehen hilft.'
		}
	},
	seatedBreakSchedules: {
		few: {
			name: 'Wenige echte Pausen',
			why: 'Drei Minuten alle fünfviertel Stunden und jede halbe Stunde eine kleine Änderung. Das passt zu den meisten Tagen, deshalb fangen wir damit an.'
		},
		'half-hour': {
			name: 'Jede halbe Stunde das Gewicht verlagern',
			why: 'Jede halbe Stunde einige Minuten verlagern und bewegen.'
		},
		twenty: {
			name: 'Alle 20 Minuten das Gewicht verlagern',
			why: 'Kurz und oft: jeweils eine Minute, mit dem Blick in die Ferne.'
		},
		stairs: {
			name: 'Alle 35 Minuten eine Minute Bewegung',
			why: 'Etwas seltener, aber genug, damit das Blut in Gang kommt.'
		},
		walks: {
			name: 'Jede Viertelstunde eine Minute Bewegung',
			why: 'Für Menschen, denen nur Bewegung hilft.'
		}
	},
	shares: {
		moving: 'Bei jeder Pause wechseln: Auf die Bewegung kommt es an',
		half: 'Etwa je zur Hälfte',
		mostly: 'Mehr stehen als sitzen'
	},
	kinds: {
		up: 'Aufstehen und bewegen',
		stand: 'Kurz aufstehen',
		micro: 'Brust und Hände öffnen',
		shift: 'Etwas ändern',
		eyes: 'In die Ferne schauen'
	},
	shortKinds: { up: 'Pause', stand: 'Stehen', micro: 'Brust', shift: 'Ändern', eyes: 'Augen' },
	seatedKinds: { up: 'Gewicht verlagern und bewegen', stand: 'Etwas ändern' },
	shortSeatedKinds: { stand: 'Ändern' },
	sides: { left: 'Linke Seite', right: 'Rechte Seite' },
	exercises: {
		'far-look': {
			name: 'In die Ferne schauen',
			phases: { hold: 'Schauen Sie auf etwas, das etwa 6 m entfernt ist, und blinzeln Sie.' }
		},
		'chin-back': {
			name: 'Kinn zurück',
			phases: {
				begin: 'Lassen Sie das Kinn nach vorn kommen, einen Finger daran.',
				hold: 'Ziehen Sie das Kinn gerade zurück. Nicht nicken.'
			}
		},
		'neck-side': {
			name: 'Nacken zur Seite',
			phases: {
				begin: 'Sitzen Sie aufrecht, beide Arme schwer.',
				hold: 'Das Ohr zur Schulter. Der andere Arm bleibt schwer, die Hand darf leicht helfen.'
			}
		},
		'shoulder-rolls': {
			name: 'Schultern kreisen',
			phases: {
				begin: 'Arme hängen: Schultern nach vorn und oben.',
				hold: 'Langsam nach hinten und unten kreisen.'
			}
		},
		'chest-open': {
			name: 'Brust öffnen',
			phases: {
				begin: 'Sitzen Sie aufrecht.',
				hold: 'Fassen Sie die Hände hinter sich und ziehen Sie die Schulterblätter zusammen.'
			}
		},
		'palms-out': {
			name: 'Handflächen nach außen',
			phases: {
				begin: 'Ellenbogen an der Seite, Hände vorn.',
				hold: 'Lassen Sie die Arme hängen, drehen Sie die Handflächen nach außen und beugen Sie die Handgelenke zurück. Schulterblätter unten.'
			}
		},
		forearm: {
			name: 'Unterarm',
			phases: {
				hold: 'Arm nach vorn, Handfläche oben: Ziehen Sie die Finger mit der anderen Hand nach unten.',
				'hold-2': 'Dasselbe mit der Handfläche nach unten.'
			}
		},
		thumbs: {
			name: 'Daumen kreisen',
			phases: { hold: 'Malen Sie mit den Daumen Kreise, Quadrate und Achten in die Luft.' }
		},
		'seated-arch': {
			name: 'Strecken im Sitzen',
			phases: {
				begin: 'Sitzen Sie vorn auf dem Sitz. Lassen Sie den Rücken rund werden und den Kopf sinken.',
				hold: 'Kippen Sie das Becken nach vorn, strecken Sie den unteren Rücken leicht und heben Sie die Brust.'
			}
		},
		'seated-turn': {
			name: 'Drehen im Sitzen',
			phases: {
				begin: 'Sitzen Sie aufrecht, Füße flach.',
				hold: 'Eine Hand an den anderen Oberschenkel: Drehen Sie die Brust zur Seite und schauen Sie mit.'
			}
		},
		'seated-march': {
			name: 'Knie heben',
			phases: {
				begin: 'Sitzen Sie aufrecht, Arme hängen.',
				hold: 'Heben Sie ein Knie, der Rücken bleibt aufrecht.'
			}
		},
		'hip-front': {
			name: 'Vorderseite der Hüfte',
			phases: {
				begin: 'Halten Sie sich an einer Stuhllehne fest.',
				hold: 'Ein Fuß einen großen Schritt zurück, Ferse oben. Kippen Sie das Becken, bis Sie die Vorderseite der Hüfte spüren.'
			},
			caution: 'Nehmen Sie einen Stuhl, der nicht rollt.'
		},
		'knee-straight': {
			name: 'Knie strecken',
			phases: {
				begin: 'Sitzen Sie aufrecht, Arme hängen.',
				hold: 'Strecken Sie ein Knie, Zehen nach oben.'
			}
		},
		'thigh-back': {
			name: 'Rückseite des Oberschenkels',
			phases: {
				begin: 'Ferse auf einen Stuhl, der nicht rollt, Zehen nach oben.',
				hold: 'Beugen Sie sich aus der Hüfte nach vorn, der Rücken bleibt lang.'
			},
			caution: 'Schieben Sie den Stuhl zuerst an eine Wand. Halten Sie sich fest, wenn Sie schwanken.'
		},
		'ankle-pumps': {
			name: 'Füße pumpen',
			phases: { begin: 'Fersen unten, Zehen oben.', hold: 'Zehen unten, Fersen oben.' }
		},
		'calf-raises': {
			name: 'Auf die Zehen',
			phases: {
				begin: 'Halten Sie sich an einer Stuhllehne fest.',
				hold: 'Auf die Zehen, dann langsam herunter.'
			},
			caution: 'Nehmen Sie einen Stuhl, der nicht rollt.'
		},
		'doorway-level': {
			name: 'Türrahmen, Arme auf Schulterhöhe',
			phases: {
				begin: 'Unterarme an den Rahmen, auf Höhe der Schultern, einen Fuß nach vorn.',
				hold: 'Lassen Sie die Brust durch die Tür kommen.'
			}
		},
		'doorway-high': {
			name: 'Türrahmen, Arme oben',
			phases: {
				begin: 'Unterarme an den Rahmen, Ellenbogen höher als die Schultern, einen Fuß nach vorn.',
				hold: 'Lassen Sie die Brust durch die Tür kommen.'
			}
		},
		'weight-shift': {
			name: 'Gewicht verlagern',
			phases: {
				begin: 'Füße aufgestützt, Hände auf den Oberschenkeln.',
				hold: 'Lehnen Sie sich zu einer Seite, bis die andere Seite des Gesäßes frei ist. Atmen Sie weiter.'
			},
			caution:
				'Ziehen Sie im Rollstuhl zuerst die Bremsen an. Lehnen Sie sich nur so weit, wie Sie zurückkommen.'
		},
		change: {
			name: 'Etwas ändern',
			phases: {
				hold: 'Verlagern Sie das Gewicht, lehnen Sie sich, bewegen Sie die Arme: alles, was anders ist als vorher.'
			}
		},
		'stand-up': {
			name: 'Kurz aufstehen',
			phases: { hold: 'Stehen Sie auf, schauen Sie in die Ferne und setzen Sie sich anders hin.' }
		},
		walk: {
			name: 'Ein Glas Wasser',
			phases: { hold: 'Gehen Sie auf ebenem Boden. Wohin, ist egal.' }
		},
		stairs: {
			name: 'Eine Treppe',
			phases: { hold: 'Hinauf oder hinunter, in Ihrem Tempo. Keine Treppe? Gehen Sie irgendwo.' }
		}
	},
	stopAtPain: 'Hören Sie auf, wenn es wehtut: Sie sollten eine Dehnung spüren, aber keinen Schmerz.',
	heldBack: {
		sign: (region) =>
			`Hier keine Übungen für diese Körperregion: ${region}. Nach dem, was Sie angegeben haben, sollte sich das zuerst eine Ärztin oder ein Arzt ansehen.`,
		'too-bad': (region) => `Nichts, was hier zieht, solange es so wehtut: ${region}.`,
		all: {
			urgent:
				'Sie haben ein Warnzeichen angegeben, das heute ärztlich angesehen werden sollte. Bis dahin bieten wir keine Übungen an, die belasten oder dehnen.',
			sign: 'Sie haben ein Warnzeichen angegeben, deshalb bieten wir keine Übungen an, die belasten oder dehnen. Fragen Sie zuerst eine Ärztin oder einen Arzt.',
			surgery:
				'Sie wurden kürzlich operiert, deshalb bieten wir keine Übungen an, die belasten oder dehnen. Fragen Sie Ihre Ärztin oder Ihren Arzt, was Sie tun dürfen.'
		}
	},
	day: {
		title: 'Ihr Tag',
		lead: 'Der beste Arbeitsplatz hilft nicht, wenn Sie stillhalten. Beschreiben Sie Ihren Tag, und wir legen Pausen zwischen Ihre Termine.',
		longest: (minutes) => `Sie sitzen höchstens ${hours(minutes)} am Stück.`,
		longestSeated: (minutes) => `Sie bleiben höchstens ${hours(minutes)} ohne Änderung.`,
		longestAnyPlace: (minutes) => `Sie bleiben höchstens ${hours(minutes)} an einem Platz.`,
		without: (minutes) => `Ohne Pausen wären es ${hours(minutes)}.`,
		asMeant: 'Das entspricht Ihrem Pausenplan, mit so wenigen Pausen wie möglich.',
		noLess: 'Ihre Termine lassen nicht mehr zu: Wir legen nie eine Pause in einen Termin.',
		standing: (percent) => `Sie stehen etwa ${percent} % Ihrer Arbeitszeit.`,
		strip: 'Ihr Tag von links nach rechts. Die Tabelle darunter sagt dasselbe.',
		key: {
			sit: 'sitzend',
			stand: 'stehend',
			meeting: 'im Termin',
			rest: 'Mittag oder Gespräch im Gehen',
			up: 'Pause',
			small: 'kleine Pause'
		},
		moment: {
			label: 'Einen Moment Ihres Tages ansehen',
			at: (time, what) => `${time}: ${what}`,
			sitting: (n) => (n === 1 ? 'im Sitzen am Tisch' : `im Sitzen am Arbeitsplatz ${n}`),
			standing: (n) => (n === 1 ? 'im Stehen am Tisch' : `im Stehen am Arbeitsplatz ${n}`),
			meeting: 'in einer Besprechung',
			rest: (until) => `Mittagspause oder Anruf im Gehen, bis ${until}`,
			pause: (kind, exercise) => (exercise ? `${kind}: ${exercise}` : kind),
			since: (minutes) => (minutes === 0 ? 'Gerade begonnen.' : `Bisher ${hours(minutes)}.`),
			until: (time) => `Der nächste Wechsel ist um ${time}.`,
			noDrawing: 'Noch gibt es keine Zeichnung: Dieser Arbeitsplatz ist nicht beantwortet.'
		},
		hoursLegend: 'Wann Sie arbeiten',
		from: 'Von',
		to: 'Bis',
		lunch: 'Mittag um',
		noLunch: 'Keine Mittagspause',
		lunchTakes: 'Mittag dauert',
		meetings: 'Termine und Gespräche',
		file: 'Ihr Kalender für diesen Tag, als Datei',
		fileHint:
			'Die meisten Kalender können eine ausgeben. Ihr Name endet auf „.ics“. Wir lesen sie auf diesem Gerät und senden sie nirgendwohin.',
		fileBad:
			'Das ist keine Kalenderdatei. Geben Sie Ihren Kalender als Datei mit der Endung „.ics“ aus, dann wählen Sie sie.',
		fileNone: 'Nichts in dieser Datei nimmt an diesem Tag Zeit in Anspruch.',
		fileRead: (n) => (n === 1 ? 'Ein Termin wurde gelesen.' : `${n} Termine wurden gelesen.`),
		typical: 'Typischen Tag verwenden',
		clear: 'Keine Termine',
		add: 'Termin hinzufügen',
		at: 'Um',
		takes: 'Dauer',
		call: 'Es ist ein Gespräch',
		remove: (what) => `Entfernen: ${what}`,
		meeting: 'Termin',
		aCall: 'Gespräch',
		walkCalls: 'Bei Gesprächen gehen',
		breakSchedule: 'Wie oft',
		asSet: (name) => `Für Sie eingestellt: ${name}`,
		share: 'Sitzen und Stehen',
		still:
			'Langes Stillstehen ist so schlecht wie langes Stillsitzen. Stellen Sie einen Fuß vor oder auf etwas Niedriges, und wechseln Sie.',
		keep: 'Diesen Pausenplan speichern',
		kept: 'Gespeichert.',
		others: 'Fachleute sind sich über den Pausenplan nicht einig. Der beste ist einer, den Sie einhalten.',
		real: (n, minutes) => `${n === 1 ? 'Eine Pause' : `${n} Pausen`} heute, zusammen ${hours(minutes)}.`,
		smallToo: (n) =>
			n === 1
				? 'Dazwischen eine kleine Pause, ohne Erinnerung.'
				: `Dazwischen ${n} kleine Pausen, ohne Erinnerung.`,
		showSmall: (n) => `Kleine Pausen (${n})`,
		time: 'Zeit',
		what: 'Was',
		place: 'Danach arbeiten an',
		places: {
			sitting: (n) => (n === 1 ? 'Ihrem Tisch' : `Ihrem Arbeitsplatz ${n}, sitzend`),
			standing: () => 'Ihrem Stehplatz'
		},
		carry: (things) => `Nehmen Sie beim Platzwechsel mit: ${things}.`,
		carried: { laptop: 'Laptop', keyboard: 'Tastatur', mouse: 'Maus' },
		laptopAlone:
			'Sie tippen auf dem Laptop selbst, deshalb müssen sich Nacken oder Handgelenke beugen. Wechseln Sie bei jeder Pause den Platz.',
		ics: 'Pausen als Kalender herunterladen',
		icsHint: 'Öffnen Sie die Datei mit Ihrem Kalender. Sie enthält für jede Pause einen Alarm.',
		icsDays: 'Für',
		today: 'heute',
		week: 'fünf Arbeitstage ab heute',
		icsName: 'Pausen',
		icsText: 'Zeit für Bewegung. Was zu tun ist, steht auf Ihrer Pausenseite.',
		begin: 'Jetzt eine Pause machen',
		shareTitle: 'Sieht die Koordination das?',
		shareLead:
			'Nein, außer Sie teilen es. Was Sie in einer Pause tun, bleibt auf diesem Gerät. Sie können zwei Zahlen pro Woche teilen: wie viele Pausen geplant waren und wie viele Sie gemacht haben.',
		shareYes: 'Meine Wochenzahlen teilen',
		shareNo: 'Nicht mehr teilen und Geteiltes löschen',
		isShared: 'Sie teilen Ihre Wochenzahlen.'
	},
	pause: {
		title: 'Eine Pause',
		nextIn: (what, at) => `Als Nächstes: ${what} um ${at}`,
		inMinutes: (minutes) => (minutes <= 0 ? 'in weniger als einer Minute' : `in ${hours(minutes)}`),
		noMore: 'Für heute sind keine Pausen mehr geplant.',
		which: 'Art der Pause',
		begin: 'Starten',
		go: 'Weiter',
		hold: 'Anhalten',
		skip: 'Diese Übung überspringen',
		shorter: 'Kürzer machen',
		hurts: 'Das tut weh',
		again: 'Noch einmal',
		round: (n, of) => `${n} von ${of}`,
		left: (seconds) => `noch ${seconds} s`,
		inAll: (n, seconds) =>
			`${n === 1 ? 'Eine Übung' : `${n} Übungen`}, ${seconds >= 90 ? `${Math.round(seconds / 60)} min` : `${seconds} s`}`,
		nothing:
			'Hier passt gerade keine Übung für Sie. Schauen Sie in die Ferne, und setzen Sie sich anders hin.',
		none: 'Diesmal keine Pause.',
		noneLead: 'Sie haben alles übersprungen. Machen Sie eine Pause, wenn es passt.',
		snooze: 'In 10 Minuten noch einmal fragen',
		snoozed: (at) => `Wir fragen um ${at} noch einmal.`,
		done: 'Das war Ihre Pause.',
		doneLead: 'Setzen Sie sich anders hin als vorher.',
		taken: (n) => (n === 1 ? 'Eine Pause heute.' : `${n} Pausen heute.`),
		stopped: 'Beendet. Wir bieten diese Übung auf diesem Gerät nicht mehr an.',
		tell: 'Der Koordination sagen',
		bringBack: 'Diese Übung wieder anbieten',
		due: (what) => `Zeit für eine Pause: ${what}`,
		sound: 'Ton abspielen, wenn sich etwas ändert',
		vibrate: 'Vibrieren',
		notify: 'Benachrichtigen, wenn eine Pause ansteht',
		small: 'Auch an kleine Pausen erinnern',
		notifyRefused:
			'Dieser Browser erlaubt keine Benachrichtigungen von uns. Sie können das in seinen Einstellungen ändern.',
		keepOpen: 'Lassen Sie diese Seite in einem Tab offen. Die Zeit läuft im Hintergrund weiter.',
		seated: 'Ich bleibe sitzen: nichts im Stehen',
		chair: 'Hier ist ein Stuhl, der nicht rollt',
		doorway: 'Hier ist ein Türrahmen, den ich benutzen kann',
		toDay: 'Ihr Tag',
		steps: 'In dieser Pause',
		figure: (name, words) => `Zeichnung: ${name}. ${words}`
	},
	hurtMessage: (exercise) => `Die Übung „${exercise}“ hat wehgetan, als ich sie ausprobiert habe.`
};
