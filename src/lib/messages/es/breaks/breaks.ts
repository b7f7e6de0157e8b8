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
			name: 'Unas pocas pausas de verdad',
			why: 'Tres minutos cada hora y cuarto, y de pie un momento cada media hora. Encaja en la mayoría de los días, por eso empezamos así.'
		},
		'half-hour': { name: 'De pie cada media hora', why: 'Unos minutos de pie cada media hora.' },
		twenty: {
			name: 'De pie cada 20 minutos',
			why: 'Corto y a menudo: un minuto cada vez, mirando a lo lejos.'
		},
		stairs: {
			name: 'Un piso de escaleras cada 35 minutos',
			why: 'Algo menos a menudo, pero suficiente para que trabajen las piernas.'
		},
		hour: {
			name: 'Diez minutos cada hora',
			why: 'Pausas largas, con medio minuto para el pecho y las manos entre ellas.'
		},
		'small-changes': {
			name: 'Cambiar algo cada 8 minutos',
			why: 'Ninguna postura es buena mucho tiempo, así que cambia constantemente.'
		},
		walks: {
			name: 'Un paseo corto cada cuarto de hora',
			why: 'Para quienes solo se alivian caminando.'
		}
	},
	seatedBreakSchedules: {
		few: {
			name: 'Unas pocas pausas de verdad',
			why: 'Tres minutos cada hora y cuarto, y un pequeño cambio cada media hora. Encaja en la mayoría de los días, por eso empezamos así.'
		},
		'half-hour': {
			name: 'Cambiar el apoyo cada media hora',
			why: 'Unos minutos para cambiar el apoyo y moverse cada media hora.'
		},
		twenty: {
			name: 'Cambiar el apoyo cada 20 minutos',
			why: 'Corto y a menudo: un minuto cada vez, mirando a lo lejos.'
		},
		stairs: {
			name: 'Un minuto de movimiento cada 35 minutos',
			why: 'Algo menos a menudo, pero suficiente para que circule la sangre.'
		},
		walks: {
			name: 'Un minuto de movimiento cada cuarto de hora',
			why: 'Para quienes solo se alivian moviéndose.'
		}
	},
	shares: {
		moving: 'Cambiar en cada pausa: lo que cuenta es moverse',
		half: 'Más o menos mitad y mitad',
		mostly: 'Más tiempo de pie que sentado'
	},
	kinds: {
		up: 'Levantarse y moverse',
		stand: 'De pie un momento',
		micro: 'Abrir el pecho y las manos',
		shift: 'Cambiar algo',
		eyes: 'Mirar a lo lejos'
	},
	shortKinds: { up: 'Pausa', stand: 'De pie', micro: 'Pecho', shift: 'Cambio', eyes: 'Ojos' },
	seatedKinds: { up: 'Cambiar el apoyo y moverse', stand: 'Cambiar algo' },
	shortSeatedKinds: { stand: 'Cambio' },
	sides: { left: 'Lado izquierdo', right: 'Lado derecho' },
	exercises: {
		'far-look': {
			name: 'Mirar a lo lejos',
			phases: { hold: 'Mire algo que esté a unos 6 m y parpadee.' }
		},
		'chin-back': {
			name: 'Barbilla hacia atrás',
			phases: {
				begin: 'Deje que la barbilla vaya hacia delante, con un dedo encima.',
				hold: 'Lleve la barbilla recta hacia atrás. Sin bajar la cabeza.'
			}
		},
		'neck-side': {
			name: 'Cuello hacia un lado',
			phases: {
				begin: 'Siéntese erguido, con los dos brazos sueltos.',
				hold: 'La oreja hacia el hombro. El otro brazo sigue suelto; la mano puede ayudar un poco.'
			}
		},
		'shoulder-rolls': {
			name: 'Girar los hombros',
			phases: {
				begin: 'Brazos colgando: hombros hacia delante y arriba.',
				hold: 'Gírelos hacia atrás y abajo, despacio.'
			}
		},
		'chest-open': {
			name: 'Abrir el pecho',
			phases: {
				begin: 'Siéntese erguido.',
				hold: 'Junte las manos detrás y acerque los omóplatos.'
			}
		},
		'palms-out': {
			name: 'Palmas hacia fuera',
			phases: {
				begin: 'Codos pegados al cuerpo, manos delante.',
				hold: 'Deje caer los brazos, gire las palmas hacia fuera y doble las muñecas hacia atrás. Omóplatos abajo.'
			}
		},
		forearm: {
			name: 'Antebrazo',
			phases: {
				hold: 'Brazo delante, palma arriba: tire de los dedos hacia abajo con la otra mano.',
				'hold-2': 'Lo mismo con la palma abajo.'
			}
		},
		thumbs: {
			name: 'Dibujar con los pulgares',
			phases: { hold: 'Dibuje en el aire círculos, cuadrados y ochos con los pulgares.' }
		},
		'seated-arch': {
			name: 'Arquear la espalda sentado',
			phases: {
				begin: 'Siéntese en la parte delantera. Deje que la espalda se redondee y la cabeza baje.',
				hold: 'Incline la pelvis hacia delante, arquee un poco la parte baja de la espalda y levante el pecho.'
			}
		},
		'seated-turn': {
			name: 'Girar sentado',
			phases: {
				begin: 'Siéntese erguido, con los pies apoyados.',
				hold: 'Una mano en el muslo contrario: gire el pecho hacia un lado y mire hacia allí.'
			}
		},
		'seated-march': {
			name: 'Levantar las rodillas',
			phases: {
				begin: 'Siéntese erguido, con los brazos colgando.',
				hold: 'Levante una rodilla; la espalda sigue recta.'
			}
		},
		'hip-front': {
			name: 'Parte delantera de la cadera',
			phases: {
				begin: 'Sujétese al respaldo de una silla.',
				hold: 'Un pie un paso largo atrás, talón levantado. Meta la pelvis hasta notar la parte delantera de la cadera.'
			},
			caution: 'Use una silla sin ruedas.'
		},
		'knee-straight': {
			name: 'Rodilla estirada',
			phases: {
				begin: 'Siéntese erguido, con los brazos colgando.',
				hold: 'Estire una rodilla, con los dedos del pie hacia arriba.'
			}
		},
		'thigh-back': {
			name: 'Parte trasera del muslo',
			phases: {
				begin: 'Talón sobre una silla sin ruedas, dedos del pie hacia arriba.',
				hold: 'Inclínese hacia delante desde las caderas, con la espalda larga.'
			},
			caution: 'Apoye primero la silla contra una pared. Sujétese si pierde el equilibrio.'
		},
		'ankle-pumps': {
			name: 'Bombear con los pies',
			phases: { begin: 'Talones abajo, dedos arriba.', hold: 'Dedos abajo, talones arriba.' }
		},
		'calf-raises': {
			name: 'De puntillas',
			phases: {
				begin: 'Sujétese al respaldo de una silla.',
				hold: 'Póngase de puntillas y baje despacio.'
			},
			caution: 'Use una silla sin ruedas.'
		},
		'doorway-level': {
			name: 'Marco de la puerta, brazos en horizontal',
			phases: {
				begin: 'Antebrazos en el marco a la altura de los hombros, un pie delante.',
				hold: 'Deje que el pecho pase por la puerta.'
			}
		},
		'doorway-high': {
			name: 'Marco de la puerta, brazos altos',
			phases: {
				begin: 'Antebrazos en el marco, codos más altos que los hombros, un pie delante.',
				hold: 'Deje que el pecho pase por la puerta.'
			}
		},
		'weight-shift': {
			name: 'Cambiar el apoyo',
			phases: {
				begin: 'Pies apoyados, manos sobre los muslos.',
				hold: 'Inclínese hacia un lado hasta liberar el otro lado del asiento. Siga respirando.'
			},
			caution: 'En silla de ruedas, ponga primero los frenos. Inclínese solo si puede volver a la posición.'
		},
		change: {
			name: 'Cambiar algo',
			phases: { hold: 'Cambie el apoyo, inclínese, mueva los brazos: lo que sea distinto de antes.' }
		},
		'stand-up': {
			name: 'De pie un momento',
			phases: { hold: 'Póngase de pie, mire a lo lejos y siéntese de otra manera.' }
		},
		walk: {
			name: 'Un vaso de agua',
			phases: { hold: 'Camine en llano. A donde sea.' }
		},
		stairs: {
			name: 'Un piso de escaleras',
			phases: { hold: 'Suba o baje, a su ritmo. ¿No hay escaleras? Camine a donde sea.' }
		}
	},
	stopAtPain: 'Pare si duele: un estiramiento se nota, pero nunca duele.',
	heldBack: {
		sign: (region) =>
			`Ningún ejercicio para esta zona: ${region}. Por lo que ha indicado, debería verla antes un médico.`,
		'too-bad': (region) => `Nada que estire aquí mientras duela tanto: ${region}.`,
		all: {
			urgent:
				'Ha indicado una señal que un médico debería ver hoy. Hasta entonces no proponemos ejercicios que fuercen o estiren.',
			sign: 'Ha indicado una señal de alarma, por eso no proponemos ejercicios que fuercen o estiren. Pregunte antes a un médico.',
			surgery:
				'Le han operado hace poco, por eso no proponemos ejercicios que fuercen o estiren. Pregunte a su médico qué puede hacer.'
		}
	},
	day: {
		title: 'Su día',
		lead: 'La mejor mesa no ayuda si usted no se mueve. Describa su día y pondremos pausas entre sus reuniones.',
		longest: (minutes) => `Como mucho está sentado ${hours(minutes)} sin levantarse.`,
		longestSeated: (minutes) => `Como mucho está ${hours(minutes)} sin un cambio.`,
		longestAnyPlace: (minutes) => `Como mucho está ${hours(minutes)} en el mismo sitio.`,
		without: (minutes) => `Sin pausas serían ${hours(minutes)}.`,
		asMeant: 'Sigue su programa de pausas, con el menor número de pausas posible.',
		noLess: 'Sus reuniones no dejan más hueco: nunca ponemos una pausa en una reunión.',
		standing: (percent) => `Está de pie alrededor del ${percent} % de su trabajo.`,
		strip: 'Su día, de izquierda a derecha. La tabla de abajo dice lo mismo.',
		key: {
			sit: 'sentado',
			stand: 'de pie',
			meeting: 'en reunión',
			rest: 'comida o llamada caminando',
			up: 'pausa',
			small: 'pausa corta'
		},
		moment: {
			label: 'Ver un momento de su día',
			at: (time, what) => `${time}: ${what}`,
			sitting: (n) => (n === 1 ? 'en su mesa, sentado' : `en el puesto ${n}, sentado`),
			standing: (n) => (n === 1 ? 'en su mesa, de pie' : `en el puesto ${n}, de pie`),
			meeting: 'en una reunión',
			rest: (until) => `comida o llamada caminando, hasta las ${until}`,
			pause: (kind, exercise) => (exercise ? `${kind}: ${exercise}` : kind),
			since: (minutes) => (minutes === 0 ? 'Acaba de empezar.' : `Desde hace ${hours(minutes)}.`),
			until: (time) => `El próximo cambio es a las ${time}.`,
			noDrawing: 'Todavía no hay dibujo: este puesto no está respondido.'
		},
		hoursLegend: 'Cuándo trabaja',
		from: 'De',
		to: 'A',
		lunch: 'Comida a las',
		noLunch: 'Sin pausa para comer',
		lunchTakes: 'La comida dura',
		meetings: 'Reuniones y llamadas',
		file: 'Su calendario de este día, como archivo',
		fileHint:
			'La mayoría de los calendarios pueden exportar uno. Su nombre acaba en «.ics». Lo leemos en este dispositivo y no lo enviamos a ningún sitio.',
		fileBad: 'Esto no es un archivo de calendario. Exporte su calendario como archivo «.ics» y elíjalo.',
		fileNone: 'Nada de este archivo ocupa tiempo ese día.',
		fileRead: (n) => (n === 1 ? 'Se ha leído una reunión.' : `Se han leído ${n} reuniones.`),
		typical: 'Usar un día típico',
		clear: 'Sin reuniones',
		add: 'Añadir una reunión',
		at: 'A las',
		takes: 'Duración',
		call: 'Es una llamada',
		remove: (what) => `Quitar: ${what}`,
		meeting: 'Reunión',
		aCall: 'Llamada',
		walkCalls: 'Caminar durante las llamadas',
		breakSchedule: 'Con qué frecuencia',
		asSet: (name) => `Elegido para usted: ${name}`,
		share: 'Sentado y de pie',
		still:
			'Estar mucho tiempo de pie sin moverse es tan malo como estar sentado. Adelante un pie, o póngalo sobre un apoyo bajo, y cambie.',
		keep: 'Guardar este programa',
		kept: 'Guardado.',
		others: 'Los especialistas no coinciden en un programa. El mejor es el que usted vaya a seguir.',
		real: (n, minutes) => `${n === 1 ? 'Una pausa' : `${n} pausas`} hoy, ${hours(minutes)} en total.`,
		smallToo: (n) =>
			n === 1 ? 'Una pausa corta entre ellas, sin aviso.' : `${n} pausas cortas entre ellas, sin aviso.`,
		showSmall: (n) => `Pausas cortas (${n})`,
		time: 'Hora',
		what: 'Qué',
		place: 'Después, trabajar en',
		places: {
			sitting: (n) => (n === 1 ? 'su mesa' : `su puesto ${n}, sentado`),
			standing: () => 'su puesto de pie'
		},
		carry: (things) => `Al cambiar de sitio, llévese: ${things}.`,
		carried: { laptop: 'portátil', keyboard: 'teclado', mouse: 'ratón' },
		laptopAlone:
			'Escribe en el propio portátil, así que el cuello o las muñecas tienen que doblarse. Cambie de sitio en cada pausa.',
		ics: 'Descargar las pausas como calendario',
		icsHint: 'Abra el archivo con su calendario. Tiene una alarma para cada pausa.',
		icsDays: 'Para',
		today: 'hoy',
		week: 'cinco días laborables a partir de hoy',
		icsName: 'Pausas',
		icsText: 'Es hora de moverse. Qué hacer está en su página de pausas.',
		begin: 'Hacer una pausa ahora',
		shareTitle: '¿Ve esto coordinación?',
		shareLead:
			'No, salvo que usted lo comparta. Lo que hace en una pausa se queda en este dispositivo. Puede compartir dos cifras por semana: las pausas previstas y las pausas hechas.',
		shareYes: 'Compartir mis totales de la semana',
		shareNo: 'Dejar de compartir y borrar lo que compartí',
		isShared: 'Comparte sus totales de la semana.'
	},
	pause: {
		title: 'Una pausa',
		nextIn: (what, at) => `Después: ${what} a las ${at}`,
		inMinutes: (minutes) => (minutes <= 0 ? 'en menos de un minuto' : `dentro de ${hours(minutes)}`),
		noMore: 'Hoy no hay más pausas previstas.',
		which: 'Tipo de pausa',
		begin: 'Empezar',
		go: 'Seguir',
		hold: 'Detener',
		skip: 'Omitir este ejercicio',
		shorter: 'Acortar',
		hurts: 'Me duele',
		again: 'Otra vez',
		round: (n, of) => `${n} de ${of}`,
		left: (seconds) => `quedan ${seconds} s`,
		inAll: (n, seconds) =>
			`${n === 1 ? 'Un ejercicio' : `${n} ejercicios`}, ${seconds >= 90 ? `${Math.round(seconds / 60)} min` : `${seconds} s`}`,
		nothing: 'Ahora mismo ningún ejercicio le va bien. Mire a lo lejos y siéntese de otra manera.',
		none: 'Esta vez no ha habido pausa.',
		noneLead: 'Lo ha omitido todo. Haga una pausa cuando le venga bien.',
		snooze: 'Preguntar de nuevo en 10 minutos',
		snoozed: (at) => `Preguntaremos de nuevo a las ${at}.`,
		done: 'Esa ha sido su pausa.',
		doneLead: 'Siéntese de otra manera que antes.',
		taken: (n) => (n === 1 ? 'Una pausa hoy.' : `${n} pausas hoy.`),
		stopped: 'Detenido. No volveremos a proponer este ejercicio en este dispositivo.',
		tell: 'Decírselo a coordinación',
		bringBack: 'Proponer de nuevo este ejercicio',
		due: (what) => `Es hora de una pausa: ${what}`,
		sound: 'Un sonido cuando algo cambia',
		vibrate: 'Vibrar',
		notify: 'Avisarme cuando toque una pausa',
		small: 'Avisarme también de las pausas cortas',
		notifyRefused: 'Este navegador no permite nuestros avisos. Puede cambiarlo en sus ajustes.',
		keepOpen: 'Deje esta página abierta en una pestaña. El tiempo sigue contando en segundo plano.',
		seated: 'Sigo sentado: nada de pie',
		chair: 'Aquí hay una silla sin ruedas',
		doorway: 'Hay un marco de puerta que puedo usar',
		toDay: 'Su día',
		steps: 'En esta pausa',
		figure: (name, words) => `Dibujo: ${name}. ${words}`
	},
	hurtMessage: (exercise) => `El ejercicio «${exercise}» me dolió al probarlo.`
};
