import { isOne } from '../../en/platform/numbers';
import type { SharedSessionTexts } from '../../shapes';

export const sharedSessionTexts: SharedSessionTexts = {
	lead: 'Llame a la coordinación o espere su llamada. Los dos ven el mismo dibujo de su puesto. Lo que uno anota aparece enseguida en él.',
	saved:
		'Solo guardamos lo que ven los dos: las respuestas, el plan acordado y la próxima fecha. Nada se escucha, se filma ni se graba.',
	start: 'Empezar y ver un código',
	yourCode: 'Su código',
	readOut:
		'Léale este código a la coordinación. Solo puede entrar con él, y usted puede terminar en cualquier momento.',
	here: (names, count) => `${names} ${isOne(count) ? 'está' : 'están'} con usted.`,
	notHere: 'La coordinación todavía no está.',
	personHere: (name) => `${name} está y ve lo que usted anota.`,
	personAway: (name) => `${name} no tiene la página abierta ahora.`,
	alsoHere: (names) => `También están: ${names}.`,
	lost: 'Se ha cortado la conexión. Lo que anote se enviará en cuanto vuelva.',
	stations: 'Dónde mirar',
	pointing: (name) => `${name} señala aquí.`,
	noQuestions: 'Aquí no se pregunta nada.',
	entered: 'Lo que se ha anotado',
	nothingEntered: 'Todavía no se ha anotado nada.',
	entry: { byPerson: (name) => `anotado por ${name}`, readOut: (name) => `leído en voz alta a ${name}` },
	cleared: 'borrado',
	aColleague: 'la coordinación',
	plan: 'El plan',
	noPlan: 'Todavía no hay plan. Faltan respuestas.',
	makePlan: 'Hacer el plan',
	makeAgain: 'Hacer el plan de nuevo',
	behind: 'Han cambiado respuestas desde este plan.',
	stillOpen: (n) => (isOne(n) ? 'Falta una respuesta' : `Faltan ${n} respuestas`),
	onOtherPages: 'El resto está en las páginas de señales de alarma, molestias y cosas de casa.',
	noSteps: 'No hay que cambiar nada en este puesto.',
	agree: 'Acepto este plan',
	agreed: {
		you: 'Usted acepta.',
		other: (name) => `${name} acepta.`,
		both: 'Los dos aceptan este plan.'
	},
	next: 'Próxima fecha',
	nextOn: (day) => `La coordinación se pondrá en contacto el ${day}.`,
	noNext: 'La coordinación fijará la próxima fecha.',
	end: 'Terminar',
	summary: {
		title: 'Resumen',
		heading: (day) => `Puesto visto juntos el ${day}`,
		with: (names) => `Con ${names}.`,
		endedBy: {
			person: 'Terminado por el empleado.',
			coordinator: 'Terminado por la coordinación.',
			time: 'Terminado después de dos horas.'
		},
		nothingAgreed: 'No se acordó ningún plan.',
		nextOn: (day) => `Próxima fecha: ${day}.`,
		noNext: 'No se fijó ninguna próxima fecha.'
	}
};
