import type { AsideTexts } from '../../shapes';

export const checkInTexts: AsideTexts['checkIn'] = {
	title: '¿Cómo va su puesto ahora?',
	lead: 'Lleva de dos a tres minutos.',
	undoneTitle: 'Lo que cambió',
	undoneLead: 'Marque lo que ya no esté en su sitio. Si todo sigue igual, no marque nada.',
	undoneNone: 'Todavía no ha marcado ningún paso de su plan.',
	discomfortTitle: 'Cómo se encuentra',
	discomfortLead:
		'En los últimos siete días. Elija un número para cada zona del cuerpo y añada las que le duelan.',
	noDiscomfort: 'No me ha dolido nada en los últimos siete días',
	worst: 'En el peor momento, de 0 a 10',
	days: 'Cuántos días de los siete',
	another: 'Otra zona del cuerpo',
	kinds: '¿Qué nota?',
	hinders: '¿Le molesta en el trabajo?',
	newsTitle: '¿Algo nuevo?',
	newsLead: 'Marque lo que ha cambiado desde que se hizo su plan.',
	news: {
		glasses: 'Gafas o lentillas nuevas',
		moved: 'Otra habitación u otra mesa',
		chair: 'Otra silla',
		pregnancy: 'Un embarazo',
		other: 'Otra cosa'
	},
	send: 'Enviar mis respuestas',
	missing: 'Todavía falta algo. El primer sitio está marcado.',
	missingDiscomfort: 'Elija un número para cada zona o indique que no le ha dolido nada.',
	doneTitle: 'Gracias',
	doneLead: 'Coordinación ha recibido sus respuestas.',
	doneWell: 'Todo sigue en su sitio y no hay novedades. No tiene que hacer nada.',
	remarks: {
		'see-today':
			'Lo que ha indicado necesita atención médica hoy, aunque su puesto esté bien. No espere a que le llamemos.',
		'see-professional':
			'Consulte lo que ha indicado con un médico o un fisioterapeuta, aunque su puesto esté bien.',
		'still-hurts':
			'Todavía le duele algo. Si empeoró después de un cambio, deshágalo. Si no se alivia, consulte a un médico.',
		'steps-open': 'En su plan quedan pasos por hacer.',
		'problems-open': 'En su plan quedan problemas por resolver.',
		'with-coordinator': 'Un mensaje o una petición suya aún espera respuesta.'
	},
	undoneNext: 'Su plan muestra cómo volver a poner lo que ya no está.',
	newsNext: 'Como algo ha cambiado, revise estas páginas. Corrija solo lo que sea distinto.',
	newsPage: (title) => `Para revisar: ${title}`,
	otherNext: 'Escriba a coordinación en pocas palabras qué ha cambiado.',
	plan: 'Ir a mi plan'
};
