import type { TrialTexts } from '../../shapes';

export const trialTexts: TrialTexts = {
	trying: { style: 'Está probando otra forma de sentarse.', plan: 'Está probando otro plan.' },
	look: { style: 'Ver cómo sentarse', plan: 'Verlo' },
	day: { tried: 'Hoy es el día de prueba.', own: 'Hoy siéntese y trabaje según su plan, para comparar.' },
	later: {
		tried: (day) => `El día de prueba es el ${day}.`,
		own: (day) => `El ${day}, siéntese y trabaje según su plan. Después responda a la misma pregunta.`
	},
	care: 'Pare si algo le duele más que antes, o si nota hormigueo o entumecimiento.',
	question: '¿Fue cómodo el día? 0 es muy incómodo, 10 muy cómodo.',
	asksByEmail: (time) => `También se lo preguntaremos por correo a las ${time}.`,
	doneForToday: 'He terminado por hoy',
	save: 'Guardar',
	notToday: 'Hoy no lo he hecho',
	days: (tried, own) => `El día de prueba: ${tried} de 10. El día con su plan: ${own} de 10.`,
	better: {
		tried: 'El día de prueba fue mejor.',
		own: 'El día con su plan fue mejor.',
		same: 'No hubo una diferencia clara.'
	},
	keep: { tried: 'Quedarme con lo probado', own: 'Quedarme con mi plan' },
	stop: 'Dejar de probarlo',
	tryPlan: 'Probar este plan un día'
};
