import type { StopTexts } from '../../shapes';

/** Texts of the stop page and related pages. */
export const stopTexts: StopTexts = {
	lead: 'Usted ha indicado:',
	do: [
		'Llame. Diga qué nota y desde cuándo.',
		'No conduzca. Abra el cerrojo de la puerta y, si puede, no se quede solo.',
		'Deje su mesa como está. Sus respuestas están guardadas y su enlace seguirá funcionando mañana.'
	],
	reportReceived:
		'Coordinación ha recibido su aviso, pero quizá no esté trabajando. No espere: llame ahora. Esta herramienta no hace diagnósticos.',
	deputyTold: (minutes) =>
		`Si nadie lo ha abierto después de ${minutes} minutos, avisamos por correo a una persona suplente. Aun así, no espere.`,
	outOfHours: 'Fuera del horario de trabajo, según su organización:',
	openAgain: 'Para volver a usar sus páginas',
	slip: 'Lo he tocado por error',
	seen: 'Me ha visto un médico o el servicio de emergencias',
	safe: 'Ahora estoy a salvo y hay alguien conmigo',
	note: 'Coordinación ve lo que indique aquí y comprobará de todos modos que está bien.',
	needsNetwork: 'Esto funcionará cuando tenga conexión. Las llamadas funcionan sin internet.',
	mistakeTitle: '¿Lo ha tocado por error?',
	mistakeLead: 'Usted ha indicado:',
	mistakeYes: 'Sí, por error. No tengo esto',
	mistakeNo: 'No, tengo esto',
	staysOpen: 'Sigue disponible',
	write: 'Escribir a coordinación',
	privacy: 'Leer cómo se usan sus datos',
	download: 'Descargar sus datos',
	withdraw: 'Retirar sus respuestas',
	distressTitle: 'No tiene que pasar por esto solo.',
	distressLead: 'Ha pensado en quitarse la vida. Gracias por decirlo. Hable con alguien ahora, por favor.',
	distressNoLine: (number) =>
		`Su organización no ha indicado una línea de ayuda para su país. Llame al ${number} o a su número de emergencias local: allí también le ayudarán.`,
	distressDo: [
		'No se quede solo. Vaya con alguien de confianza, o pídale que venga o que siga al teléfono.',
		'Si está en peligro ahora o se ha hecho daño, llame al número de emergencias.',
		'Aleje todo lo que pudiera usar para hacerse daño.'
	],
	distressTold: 'Coordinación ha recibido su aviso, pero quizá no esté trabajando. No espere, por favor.',
	privacyTitle: 'Cómo se usan sus datos',
	privacyBack: 'Volver al principio',
	after: {
		title: (name) => `Hola, ${name}. Tómese su tiempo.`,
		happened: (day) => `El ${day} indicó una señal de emergencia y nos detuvimos aquí.`,
		how: {
			seen: 'Desde entonces ha indicado que le ha visto un médico o un servicio de emergencias.',
			mistake: 'Desde entonces ha indicado que fue un error.',
			'safe-now': 'Desde entonces ha indicado que está a salvo y acompañado.',
			outcome: 'Desde entonces, coordinación ha anotado lo que pasó.'
		},
		ifAgain: (number) =>
			`Si vuelve, llame enseguida al ${number} o al número de emergencias del lugar donde esté.`,
		noHurry: 'Su puesto puede esperar. Todo está guardado y su enlace sigue funcionando.',
		another: 'Hoy no',
		rested: (day) => `No le enviaremos recordatorios antes del ${day}. Abra este enlace cuando quiera.`
	}
};
