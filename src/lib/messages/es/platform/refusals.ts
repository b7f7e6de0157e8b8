import type { refusalTexts } from '../../en/platform/refusals';

/** Why something was refused to an employee, and what to do about it. */
export const refusalTextsEs: typeof refusalTexts = {
	notComplete: 'Este enlace no está completo. Ábralo de nuevo desde su correo o cópielo entero.',
	endedReplaced: 'Este enlace se ha sustituido por uno más reciente. Use el último correo de coordinación.',
	endedLeft:
		'Este enlace ya no funciona porque consta que usted se ha ido. Si no es así, avise a coordinación. Si no se encuentra bien, llame ahora a su médico o al número de emergencias.',
	endedWithdrawn:
		'Usted retiró sus respuestas, por eso este enlace ya no funciona. Si quiere participar de todos modos, pida un enlace nuevo a coordinación.',
	tooManySolves: 'Hoy ha hecho muchos planes. Sus respuestas están guardadas. Haga otro plan mañana.',
	tooManyMessages:
		'Hoy ha enviado muchos mensajes. Coordinación los tiene todos. Escriba de nuevo mañana o llame por teléfono.',
	tooManyMeasures: 'Hoy ha medido muchas veces. Vuelva a medir mañana.',
	tooManyRequests: 'Hoy lo ha cambiado muchas veces. Cámbielo mañana o escriba a coordinación.',
	noPlanYet: 'Todavía no hay plan. Responda primero a las preguntas.',
	finishFirst: 'Responda primero a las preguntas. Entonces sabremos qué ayuda.',
	tooLarge: 'Es más de lo que podemos guardar en una autoevaluación. Quite algo primero.',
	consentFirst:
		'Lea qué preguntamos y elija primero «Empezar». Antes de eso solo transmitimos las señales de alarma.',
	emergencyOpen:
		'Usted indicó una señal de emergencia, por eso sus páginas están cerradas por ahora. Lo que escribió está guardado. Abra su enlace: muestra a qué número llamar y qué hacer.',
	changedMeanwhile:
		'Sus respuestas cambiaron mientras se hacía el plan. Todo está guardado. Inténtelo de nuevo.',
	sharedSessionEnded: 'Esta sesión ha terminado. Empiece otra si hace falta.',
	notInSharedSession: 'Esto no forma parte de la sesión. Respóndalo en su propia página.',
	notShared: 'Usted no comparte sus pausas, así que no se ha guardado nada.',
	notOffered: 'Esto ya no se ofrece. Vuelva a cargar la página para ver lo que hay.',
	trialAnswered: 'Este día ya está respondido.',
	trialGone: 'Ya no está probando nada. Aquí está su plan.',
	planGone: 'Ese plan se ha sustituido. Este es el más reciente.',
	enoughSpots: ({ most }) => `Ya tiene ${most} puestos.`,
	writeAFewWords: 'Escriba primero unas palabras.',
	busySolving:
		'Ahora mismo estamos haciendo muchos planes. No se ha perdido nada. Inténtelo dentro de un minuto.',
	personGone: 'Estos datos se han borrado.',
	noSuchDay: 'Elija un día que exista.',
	notUtf8: 'No hemos podido leer este texto. Envíelo en UTF-8.',
	nestedTooDeeply: 'Estos datos tienen demasiados niveles. Envíelos con menos niveles.',
	notJson: 'No hemos podido leer estos datos. Envíe JSON válido.',
	unreadableForm: 'No hemos podido leer este formulario. Recargue la página e inténtelo de nuevo.',
	solvingTooLong:
		'Este plan tardaba demasiado y lo hemos detenido. No se ha perdido nada. Inténtelo con menos objetos.',
	tooManyWrites: ({ seconds }) =>
		`Demasiados cambios a la vez. No se ha perdido nada. Inténtelo de nuevo dentro de ${seconds === 1 ? 'un segundo' : `${seconds} segundos`}.`,
	tooManyWindows: 'Esta página está abierta en demasiadas ventanas. Cierre algunas y recárguela.',
	bodyTooLarge: ({ kB }) => `Son más de ${kB} kB. Envíe menos de una vez.`,
	unreadableText: ({ at }) =>
		`${at || 'El texto'} contiene caracteres que no podemos leer. Quítelos e inténtelo de nuevo.`,
	unreadableField: ({ field }) => `No podemos leer ${field}.`,
	checked: () => 'Esta respuesta no sirve. Revísela e inténtelo de nuevo.',
	foreignSite: 'Esta petición viene de otro sitio web, por eso no la hemos ejecutado.',
	noPageHere: 'No hay ninguna página en esta dirección. Revise la dirección o vuelva atrás.',
	tooMuchAtOnce: 'Es demasiado de una vez. Envíe menos e inténtelo de nuevo.',
	unreadableRequest: 'No hemos podido leer esto. Vuelva atrás e inténtelo de nuevo.',
	ourFault: 'Algo ha fallado por nuestra parte y este paso no se ha guardado. Inténtelo dentro de un momento.'
};
