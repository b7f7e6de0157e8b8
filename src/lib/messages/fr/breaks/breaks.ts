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
			name: 'Quelques vraies pauses',
			why: 'Trois minutes toutes les heures et quart, et debout un instant toutes les demi-heures. Cela va avec la plupart des journées, nous commençons donc par là.'
		},
		'half-hour': { name: 'Debout toutes les demi-heures', why: 'Quelques minutes debout chaque demi-heure.' },
		twenty: {
			name: 'Debout toutes les 20 minutes',
			why: 'Court et souvent : une minute à chaque fois, avec un regard au loin.'
		},
		stairs: {
			name: 'Un étage toutes les 35 minutes',
			why: 'Un peu moins souvent, mais assez pour faire travailler les jambes.'
		},
		hour: {
			name: 'Dix minutes toutes les heures',
			why: 'De longues pauses, avec une demi-minute pour la poitrine et les mains entre elles.'
		},
		'small-changes': {
			name: 'Changer quelque chose toutes les 8 minutes',
			why: 'Aucune position n’est bonne longtemps, vous changez donc tout le temps.'
		},
		walks: {
			name: 'Une petite marche tous les quarts d’heure',
			why: 'Pour les personnes que seule la marche soulage.'
		}
	},
	seatedBreakSchedules: {
		few: {
			name: 'Quelques vraies pauses',
			why: 'Trois minutes toutes les heures et quart, et un petit changement toutes les demi-heures. Cela va avec la plupart des journées, nous commençons donc par là.'
		},
		'half-hour': {
			name: 'Changer d’appui toutes les demi-heures',
			why: 'Quelques minutes pour changer d’appui et bouger chaque demi-heure.'
		},
		twenty: {
			name: 'Changer d’appui toutes les 20 minutes',
			why: 'Court et souvent : une minute à chaque fois, avec un regard au loin.'
		},
		stairs: {
			name: 'Une minute de mouvement toutes les 35 minutes',
			why: 'Un peu moins souvent, mais assez pour faire circuler le sang.'
		},
		walks: {
			name: 'Une minute de mouvement tous les quarts d’heure',
			why: 'Pour les personnes que seul le mouvement soulage.'
		}
	},
	shares: {
		moving: 'Changer à chaque pause : ce qui compte, c’est de bouger',
		half: 'À peu près moitié-moitié',
		mostly: 'Plus debout qu’assis'
	},
	kinds: {
		up: 'Se lever et bouger',
		stand: 'Debout un instant',
		micro: 'Ouvrir la poitrine et les mains',
		shift: 'Changer quelque chose',
		eyes: 'Regarder au loin'
	},
	shortKinds: { up: 'Pause', stand: 'Debout', micro: 'Poitrine', shift: 'Changer', eyes: 'Yeux' },
	seatedKinds: { up: 'Changer d’appui et bouger', stand: 'Changer quelque chose' },
	shortSeatedKinds: { stand: 'Changer' },
	sides: { left: 'Côté gauche', right: 'Côté droit' },
	exercises: {
		'far-look': {
			name: 'Regarder au loin',
			phases: { hold: 'Regardez quelque chose à environ 6 m et clignez des yeux.' }
		},
		'chin-back': {
			name: 'Menton en arrière',
			phases: {
				begin: 'Laissez venir le menton en avant, un doigt dessus.',
				hold: 'Reculez le menton tout droit. Sans hocher la tête.'
			}
		},
		'neck-side': {
			name: 'Nuque sur le côté',
			phases: {
				begin: 'Assis droit, les deux bras lourds.',
				hold: 'L’oreille vers l’épaule. L’autre bras reste lourd, la main peut aider légèrement.'
			}
		},
		'shoulder-rolls': {
			name: 'Rouler les épaules',
			phases: {
				begin: 'Bras pendants : épaules en avant et en haut.',
				hold: 'Roulez-les en arrière et vers le bas, lentement.'
			}
		},
		'chest-open': {
			name: 'Ouvrir la poitrine',
			phases: {
				begin: 'Assis droit.',
				hold: 'Joignez les mains derrière vous et rapprochez les omoplates.'
			}
		},
		'palms-out': {
			name: 'Paumes vers l’extérieur',
			phases: {
				begin: 'Coudes contre vous, mains devant.',
				hold: 'Laissez pendre les bras, tournez les paumes vers l’extérieur et pliez les poignets en arrière. Omoplates basses.'
			}
		},
		forearm: {
			name: 'Avant-bras',
			phases: {
				hold: 'Bras devant, paume en haut : tirez les doigts vers le bas avec l’autre main.',
				'hold-2': 'La même chose, paume en bas.'
			}
		},
		thumbs: {
			name: 'Dessins des pouces',
			phases: { hold: 'Dessinez en l’air des cercles, des carrés et des huit avec les pouces.' }
		},
		'seated-arch': {
			name: 'Cambrer assis',
			phases: {
				begin: 'Assis à l’avant du siège. Laissez le dos s’arrondir et la tête descendre.',
				hold: 'Basculez le bassin en avant, cambrez un peu le bas du dos et levez la poitrine.'
			}
		},
		'seated-turn': {
			name: 'Tourner assis',
			phases: {
				begin: 'Assis droit, pieds à plat.',
				hold: 'Une main sur la cuisse opposée : tournez la poitrine sur le côté et regardez par là.'
			}
		},
		'seated-march': {
			name: 'Lever les genoux',
			phases: { begin: 'Assis droit, bras pendants.', hold: 'Levez un genou, le dos reste droit.' }
		},
		'hip-front': {
			name: 'Avant de la hanche',
			phases: {
				begin: 'Tenez le dossier d’une chaise.',
				hold: 'Un pied un grand pas en arrière, talon levé. Rentrez le bassin jusqu’à sentir l’avant de la hanche.'
			},
			caution: 'Prenez une chaise qui ne roule pas.'
		},
		'knee-straight': {
			name: 'Genou tendu',
			phases: { begin: 'Assis droit, bras pendants.', hold: 'Tendez un genou, orteils vers le haut.' }
		},
		'thigh-back': {
			name: 'Arrière de la cuisse',
			phases: {
				begin: 'Talon sur une chaise qui ne roule pas, orteils vers le haut.',
				hold: 'Penchez-vous en avant depuis les hanches, le dos long.'
			},
			caution: 'Poussez d’abord la chaise contre un mur. Tenez-vous si vous vacillez.'
		},
		'ankle-pumps': {
			name: 'Pomper avec les pieds',
			phases: { begin: 'Talons en bas, orteils en haut.', hold: 'Orteils en bas, talons en haut.' }
		},
		'calf-raises': {
			name: 'Sur la pointe des pieds',
			phases: {
				begin: 'Tenez le dossier d’une chaise.',
				hold: 'Montez sur la pointe des pieds, puis descendez lentement.'
			},
			caution: 'Prenez une chaise qui ne roule pas.'
		},
		'doorway-level': {
			name: 'Encadrement de porte, bras à l’horizontale',
			phases: {
				begin: 'Avant-bras sur l’encadrement, à hauteur d’épaule, un pied en avant.',
				hold: 'Laissez la poitrine passer la porte.'
			}
		},
		'doorway-high': {
			name: 'Encadrement de porte, bras hauts',
			phases: {
				begin: 'Avant-bras sur l’encadrement, coudes plus hauts que les épaules, un pied en avant.',
				hold: 'Laissez la poitrine passer la porte.'
			}
		},
		'weight-shift': {
			name: 'Changer d’appui',
			phases: {
				begin: 'Pieds soutenus, mains sur les cuisses.',
				hold: 'Penchez-vous d’un côté jusqu’à libérer l’autre côté du siège. Continuez à respirer.'
			},
			caution:
				'En fauteuil roulant, serrez d’abord les freins. Penchez-vous seulement si vous pouvez revenir.'
		},
		change: {
			name: 'Changer quelque chose',
			phases: { hold: 'Changez d’appui, penchez-vous, bougez les bras : tout ce qui diffère d’avant.' }
		},
		'stand-up': {
			name: 'Debout un instant',
			phases: { hold: 'Levez-vous, regardez au loin et rasseyez-vous autrement.' }
		},
		walk: {
			name: 'Un verre d’eau',
			phases: { hold: 'Marchez à plat. N’importe où.' }
		},
		stairs: {
			name: 'Un étage',
			phases: { hold: 'Montez ou descendez, à votre rythme. Pas d’escalier ? Marchez n’importe où.' }
		}
	},
	stopAtPain: 'Arrêtez si cela fait mal : on sent un étirement, jamais une douleur.',
	heldBack: {
		sign: (region) =>
			`Pas d’exercice ici pour cette zone : ${region}. D’après ce que vous avez signalé, un médecin devrait d’abord l’examiner.`,
		'too-bad': (region) => `Rien qui tire ici tant que cela fait si mal : ${region}.`,
		all: {
			urgent:
				'Vous avez signalé un signe qu’un médecin devrait voir aujourd’hui. D’ici là, nous ne proposons pas d’exercices qui forcent ou étirent.',
			sign: 'Vous avez signalé un signe d’alerte, nous ne proposons donc pas d’exercices qui forcent ou étirent. Demandez d’abord à un médecin.',
			surgery:
				'Vous avez été opéré récemment, nous ne proposons donc pas d’exercices qui forcent ou étirent. Demandez à votre médecin ce que vous pouvez faire.'
		}
	},
	day: {
		title: 'Votre journée',
		lead: 'Le meilleur bureau n’aide pas si vous restez immobile. Décrivez votre journée et nous placerons des pauses entre vos réunions.',
		longest: (minutes) => `Vous restez assis ${hours(minutes)} au plus d’affilée.`,
		longestSeated: (minutes) => `Vous restez ${hours(minutes)} au plus sans changement.`,
		longestAnyPlace: (minutes) => `Vous restez ${hours(minutes)} au plus au même endroit.`,
		without: (minutes) => `Sans pauses, ce serait ${hours(minutes)}.`,
		asMeant: 'Cela suit votre programme de pauses, avec le moins de pauses possible.',
		noLess: 'Vos réunions ne laissent pas plus de place : nous ne plaçons jamais une pause dans une réunion.',
		standing: (percent) => `Vous êtes debout environ ${percent} % de votre travail.`,
		strip: 'Votre journée de gauche à droite. Le tableau dessous dit la même chose.',
		key: {
			sit: 'assis',
			stand: 'debout',
			meeting: 'en réunion',
			rest: 'déjeuner ou appel en marchant',
			up: 'pause',
			small: 'petite pause'
		},
		moment: {
			label: 'Regarder un moment de votre journée',
			at: (time, what) => `${time} : ${what}`,
			sitting: (n) => (n === 1 ? 'assis à votre table' : `assis au poste ${n}`),
			standing: (n) => (n === 1 ? 'debout à votre table' : `debout au poste ${n}`),
			meeting: 'en réunion',
			rest: (until) => `déjeuner ou appel en marchant, jusqu’à ${until}`,
			pause: (kind, exercise) => (exercise ? `${kind} : ${exercise}` : kind),
			since: (minutes) => (minutes === 0 ? 'Vous venez de commencer.' : `Depuis ${hours(minutes)}.`),
			until: (time) => `Le prochain changement est à ${time}.`,
			noDrawing: 'Il n’y a pas encore de dessin : ce poste n’a pas été renseigné.'
		},
		hoursLegend: 'Quand vous travaillez',
		from: 'De',
		to: 'À',
		lunch: 'Déjeuner à',
		noLunch: 'Pas de pause déjeuner',
		lunchTakes: 'Le déjeuner dure',
		meetings: 'Réunions et appels',
		file: 'Votre calendrier de ce jour, en fichier',
		fileHint:
			'La plupart des calendriers peuvent en exporter un. Son nom finit par « .ics ». Nous le lisons sur cet appareil et ne l’envoyons nulle part.',
		fileBad:
			'Ce n’est pas un fichier de calendrier. Exportez votre calendrier en fichier « .ics », puis choisissez-le.',
		fileNone: 'Rien dans ce fichier ne prend de temps ce jour-là.',
		fileRead: (n) => (n === 1 ? 'Une réunion a été lue.' : `${n} réunions ont été lues.`),
		typical: 'Prendre une journée type',
		clear: 'Pas de réunions',
		add: 'Ajouter une réunion',
		at: 'À',
		takes: 'Durée',
		call: 'C’est un appel',
		remove: (what) => `Retirer : ${what}`,
		meeting: 'Réunion',
		aCall: 'Appel',
		walkCalls: 'Marcher pendant les appels',
		breakSchedule: 'À quelle fréquence',
		asSet: (name) => `Réglé pour vous : ${name}`,
		share: 'Assis et debout',
		still:
			'Rester longtemps debout sans bouger est aussi mauvais que rester assis. Avancez un pied, ou posez-le sur un appui bas, et changez.',
		keep: 'Enregistrer ce programme',
		kept: 'Enregistré.',
		others: 'Les spécialistes ne sont pas d’accord sur un programme. Le meilleur est celui que vous suivrez.',
		real: (n, minutes) => `${n === 1 ? 'Une pause' : `${n} pauses`} aujourd’hui, ${hours(minutes)} en tout.`,
		smallToo: (n) =>
			n === 1
				? 'Une petite pause entre elles, sans rappel.'
				: `${n} petites pauses entre elles, sans rappel.`,
		showSmall: (n) => `Petites pauses (${n})`,
		time: 'Heure',
		what: 'Quoi',
		place: 'Puis travailler à',
		places: {
			sitting: (n) => (n === 1 ? 'votre table' : `votre poste ${n}, assis`),
			standing: () => 'votre poste debout'
		},
		carry: (things) => `En changeant de place, emportez : ${things}.`,
		carried: { laptop: 'portable', keyboard: 'clavier', mouse: 'souris' },
		laptopAlone:
			'Vous tapez sur le portable lui-même, la nuque ou les poignets doivent donc plier. Changez de place à chaque pause.',
		ics: 'Télécharger les pauses en calendrier',
		icsHint: 'Ouvrez le fichier avec votre calendrier. Il a une alarme pour chaque pause.',
		icsDays: 'Pour',
		today: 'aujourd’hui',
		week: 'cinq jours de travail à partir d’aujourd’hui',
		icsName: 'Pauses',
		icsText: 'Il est temps de bouger. Quoi faire est indiqué sur votre page de pause.',
		begin: 'Faire une pause maintenant',
		shareTitle: 'La coordination voit-elle cela ?',
		shareLead:
			'Non, sauf si vous le partagez. Ce que vous faites pendant une pause reste sur cet appareil. Vous pouvez partager deux chiffres par semaine : les pauses prévues et les pauses prises.',
		shareYes: 'Partager mes totaux de la semaine',
		shareNo: 'Ne plus partager et effacer ce que j’ai partagé',
		isShared: 'Vous partagez vos totaux de la semaine.'
	},
	pause: {
		title: 'Une pause',
		nextIn: (what, at) => `Ensuite : ${what} à ${at}`,
		inMinutes: (minutes) => (minutes <= 0 ? 'dans moins d’une minute' : `dans ${hours(minutes)}`),
		noMore: 'Plus de pause prévue aujourd’hui.',
		which: 'Type de pause',
		begin: 'Démarrer',
		go: 'Continuer',
		hold: 'Suspendre',
		skip: 'Passer cet exercice',
		shorter: 'Raccourcir',
		hurts: 'Cela fait mal',
		again: 'Encore une fois',
		round: (n, of) => `${n} sur ${of}`,
		left: (seconds) => `encore ${seconds} s`,
		inAll: (n, seconds) =>
			`${n === 1 ? 'Un exercice' : `${n} exercices`}, ${seconds >= 90 ? `${Math.round(seconds / 60)} min` : `${seconds} s`}`,
		nothing: 'Aucun exercice ne vous convient en ce moment. Regardez au loin et asseyez-vous autrement.',
		none: 'Pas de pause cette fois.',
		noneLead: 'Vous avez tout passé. Faites une pause quand cela vous convient.',
		snooze: 'Redemander dans 10 minutes',
		snoozed: (at) => `Nous redemanderons à ${at}.`,
		done: 'C’était votre pause.',
		doneLead: 'Asseyez-vous autrement qu’avant.',
		taken: (n) => (n === 1 ? 'Une pause aujourd’hui.' : `${n} pauses aujourd’hui.`),
		stopped: 'Arrêté. Nous ne proposerons plus cet exercice sur cet appareil.',
		tell: 'Le dire à la coordination',
		bringBack: 'Proposer à nouveau cet exercice',
		due: (what) => `C’est l’heure d’une pause : ${what}`,
		sound: 'Un son quand quelque chose change',
		vibrate: 'Vibrer',
		notify: 'Me prévenir quand une pause est prévue',
		small: 'Me prévenir aussi des petites pauses',
		notifyRefused:
			'Ce navigateur n’autorise pas nos notifications. Vous pouvez le changer dans ses réglages.',
		keepOpen: 'Gardez cette page ouverte dans un onglet. Le temps continue en arrière-plan.',
		seated: 'Je reste assis : rien debout',
		chair: 'Il y a ici une chaise qui ne roule pas',
		doorway: 'Il y a un encadrement de porte que je peux utiliser',
		toDay: 'Votre journée',
		steps: 'Dans cette pause',
		figure: (name, words) => `Dessin : ${name}. ${words}`
	},
	hurtMessage: (exercise) => `L’exercice « ${exercise} » m’a fait mal quand je l’ai essayé.`
};
