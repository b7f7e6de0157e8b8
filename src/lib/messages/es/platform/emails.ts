import { PROMISED_MINUTES } from '$lib/core/questionnaire/promise';
import type { EmailTexts } from '../../shapes';
import type { EmailFields } from '../../text-parts';

const IS_NOT_YOU = 'Si no fue usted, cambie ahora su contraseña y avise a quien gestiona Easy Corner.';

/** The sender, in the first sentence of an invitation. */
const introduction = ({ contact, organisation }: EmailFields) => {
	if (contact && organisation) return `Soy ${contact}, de ${organisation}. `;
	if (organisation) return `Este correo es de ${organisation}. `;
	return '';
};

const byDay = (until: string | null) => (until ? ` antes del ${until}` : '');

const YOUR_ANSWER =
	'Si algo se lo impide, o si prefiere no participar, dígalo a coordinación en la misma página. También es una respuesta.';

export const emailTexts: EmailTexts = {
	greeting: ({ name }) => `Hola, ${name}:`,
	kinds: {
		invitation: {
			subject: `Revise su puesto de trabajo en casa (unos ${PROMISED_MINUTES.short} minutos)`,
			paragraphs: (fields) => [
				`${introduction(fields)}Responda a unas preguntas sobre su puesto en casa y mida algunas alturas${byDay(fields.until)}. Recibirá un plan que usa objetos que tiene en casa.`,
				`Lleva unos ${PROMISED_MINUTES.short} minutos. Una cinta métrica ayuda, pero bastan unas hojas de papel. No pedimos fotos. Puede parar y seguir más tarde.`,
				'Si algo le duele mucho, o si un entumecimiento persiste o le despierta de noche, no espere. Consulte a un médico.'
			],
			button: 'Empezar mi autoevaluación'
		},
		reminder: {
			subject: ({ subject }) => `Recordatorio: ${subject}`,
			paragraphs: ({ minutesLeft }) => [
				minutesLeft === null
					? `Todavía no ha empezado su autoevaluación. Lleva unos ${PROMISED_MINUTES.short} minutos.`
					: `Su autoevaluación no está terminada. Todo lo que escribió está guardado. Queda alrededor de ${minutesLeft === 1 ? 'un minuto' : `${minutesLeft} minutos`}.`,
				YOUR_ANSWER
			],
			button: 'Seguir con mi autoevaluación'
		},
		message: {
			subject: 'Tiene un mensaje sobre su puesto',
			paragraphs: () => [
				'Coordinación le ha escrito. Puede leer el mensaje y responder en su página personal. Para proteger sus datos, este correo no lo repite.'
			],
			button: 'Leer el mensaje'
		},
		equipment: {
			subject: 'Hay novedades sobre su material',
			paragraphs: () => [
				'Hay novedades sobre lo que pidió. Puede leerlas en su página personal. Para proteger sus datos, este correo no dice de qué se trata.'
			],
			button: 'Ver mi material'
		},
		'plan-reminder': {
			subject: 'Su plan está listo',
			paragraphs: () => [
				'Hace unas semanas recibió un plan para su puesto. Usa objetos que tiene en casa. Todavía no ha marcado ningún paso.',
				'Si un paso no es posible en su casa, indíquelo en el plan y haremos otro sin él. Allí también puede escribir a coordinación.'
			],
			button: 'Abrir mi plan'
		},
		'trial-question': {
			subject: '¿Qué tal el día? (una pregunta)',
			paragraphs: () => [
				'Está probando otra cosa en su puesto y la compara con su plan. ¿Fue cómodo el día? Es una sola pregunta, al principio de su plan.',
				'Pare si algo le duele más que antes. Allí también puede dejar de probarlo.'
			],
			button: 'Decir cómo fue el día'
		},
		'check-in': {
			subject: '¿Cómo va su puesto ahora? (de dos a tres minutos)',
			paragraphs: () => [
				'Hace unas semanas terminó de cambiar su puesto. ¿Qué sigue en su sitio y cómo se encuentra? Responder lleva de dos a tres minutos.'
			],
			button: 'Responder al seguimiento'
		},
		'check-in-reminder': {
			subject: 'Recordatorio: ¿cómo va su puesto ahora?',
			paragraphs: () => [
				'Le preguntamos cómo va su puesto y aún no tenemos respuesta. Lleva de dos a tres minutos. Si algo ya no está en su sitio, también queremos saberlo.'
			],
			button: 'Responder al seguimiento'
		},
		recheck: {
			subject: 'Es el momento de su próxima autoevaluación',
			paragraphs: () => [
				'Hace ya un tiempo que midió su puesto. El cuerpo, las gafas y las sillas cambian. Sus últimas respuestas ya están puestas; solo corrige lo que sea distinto.'
			],
			button: 'Revisar mi puesto de nuevo'
		},
		'recheck-reminder': {
			subject: 'Recordatorio: es el momento de su próxima autoevaluación',
			paragraphs: () => [
				'Su próxima autoevaluación no está terminada. Sus últimas respuestas ya están puestas; solo corrige lo que sea distinto.',
				YOUR_ANSWER
			],
			button: 'Revisar mi puesto de nuevo'
		},
		'referral-new': {
			subject: 'Tiene una nueva derivación en Easy Corner',
			paragraphs: () => [
				'Una coordinación de salud laboral le pide opinión sobre una persona que trabaja con pantalla en casa. Inicie sesión para leer la pregunta, consultar algo o responder. Para proteger a esa persona, este correo no dice quién es.'
			],
			button: 'Leer la pregunta'
		},
		'referral-answered': {
			subject: 'Han respondido a su pregunta sobre una derivación',
			paragraphs: () => [
				'Coordinación ha respondido a su pregunta sobre una derivación. Inicie sesión para leer la respuesta. Para proteger a la persona, este correo no dice quién es.'
			],
			button: 'Leer la respuesta'
		},
		'referral-ended': {
			subject: 'Se ha cancelado una derivación en Easy Corner',
			paragraphs: () => [
				'Se ha cancelado una derivación. No tiene que responder. Para proteger a la persona, este correo no dice quién es.'
			],
			button: 'Ver mis derivaciones'
		},
		'deputy-alert': {
			subject: 'Actúe ahora: nadie ha abierto un aviso en Easy Corner',
			paragraphs: () => [
				'Una persona ha avisado de algo que puede ser una urgencia, y nadie lo ha abierto todavía. Usted es la persona suplente. Inicie sesión, abra el aviso que está arriba en la lista y llame a la persona.',
				'Para proteger su intimidad, este correo no dice de quién se trata.'
			],
			button: 'Abrir la lista'
		},
		'account-invitation': {
			subject: 'Su cuenta en Easy Corner',
			paragraphs: () => [
				'Le han invitado a Easy Corner. Elija una contraseña para abrir su cuenta. El enlace funciona una vez y durante siete días.'
			],
			button: 'Elegir una contraseña'
		},
		'password-reset': {
			subject: '¿Ha olvidado su contraseña?',
			paragraphs: () => [
				'Alguien ha pedido una contraseña nueva para su cuenta. Si fue usted, elija una en las próximas dos horas. Si no, no tiene que hacer nada: su contraseña no cambia.'
			],
			button: 'Elegir una contraseña nueva'
		},
		'api-token': {
			subject: 'Un programa tiene acceso a su cuenta',
			paragraphs: () => [
				'Alguien ha creado un token de API en su cuenta. Con él, un programa puede hacer en su nombre lo que el token permite. Si fue usted, no tiene que hacer nada.',
				'Si no fue usted, elimine el token en la página de su cuenta y cambie su contraseña.'
			],
			button: 'Revisar mi cuenta'
		},
		'new-device': {
			subject: 'Inicio de sesión desde un navegador nuevo',
			paragraphs: () => [
				'Alguien ha iniciado sesión en su cuenta desde un navegador que usted no había usado. Si fue usted, no tiene que hacer nada.',
				'Si no fue usted, cambie su contraseña y cierre la sesión en todos los demás navegadores en la página de su cuenta.'
			],
			button: 'Revisar mi cuenta'
		},
		tries: {
			subject: 'Alguien está probando contraseñas en su cuenta',
			paragraphs: () => [
				'Alguien ha escrito varias contraseñas erróneas para su cuenta. Estamos frenando esos intentos. Usted puede iniciar sesión desde los navegadores que ya ha usado.',
				'Si su contraseña es corta, o si la usa en otro sitio, cámbiela.'
			],
			button: 'Revisar mi cuenta'
		},
		codes: {
			subject: 'Alguien intenta adivinar sus códigos de acceso',
			paragraphs: () => [
				'Alguien ha escrito su contraseña correcta y después varios códigos erróneos. Si fue usted, espere unos minutos e inténtelo de nuevo.',
				'Si no fue usted, alguien conoce su contraseña. Cámbiela ahora y avise a quien gestiona Easy Corner.'
			],
			button: 'Revisar mi cuenta'
		},
		password: {
			subject: 'Se ha cambiado su contraseña',
			paragraphs: () => [
				'Se ha cambiado la contraseña de su cuenta. Hemos cerrado la sesión en todos sus demás navegadores.',
				'Si no fue usted, use ahora «Forgot your password?» en la página de inicio de sesión y avise a quien gestiona Easy Corner.'
			],
			button: 'Revisar mi cuenta'
		},
		passkey: {
			subject: 'Se ha añadido una llave de acceso a su cuenta',
			paragraphs: () => [
				'Se ha añadido una llave de acceso a su cuenta. Quien pueda desbloquear ese dispositivo puede iniciar sesión en su lugar.',
				'Si no fue usted, quite esa llave en la página de su cuenta. Después cambie su contraseña y avise a quien gestiona Easy Corner.'
			],
			button: 'Revisar mi cuenta'
		},
		'passkey-removed': {
			subject: 'Se ha quitado una llave de acceso de su cuenta',
			paragraphs: () => [
				'Se ha quitado una llave de acceso de su cuenta. Ya no sirve para iniciar sesión.',
				`${IS_NOT_YOU} Cierre también la sesión en todos los demás navegadores en la página de su cuenta.`
			],
			button: 'Revisar mi cuenta'
		},
		'factor-set': {
			subject: 'Su cuenta tiene ahora un segundo factor',
			paragraphs: () => [
				'A partir de ahora hace falta un código de su teléfono, además de la contraseña, para iniciar sesión.',
				'Si no lo activó usted, lo hizo otra persona y usted ya no puede iniciar sesión. Avise ahora a quien gestiona Easy Corner.'
			],
			button: 'Revisar mi cuenta'
		},
		'factor-ended': {
			subject: 'Se ha quitado el segundo factor de su cuenta',
			paragraphs: () => [
				'Los códigos de su teléfono ya no hacen falta. Su contraseña por sí sola abre su cuenta.',
				IS_NOT_YOU
			],
			button: 'Revisar mi cuenta'
		},
		'log-given': {
			subject: 'Ahora tiene acceso al registro',
			paragraphs: () => [
				'Le han dado acceso al registro. Muestra quién hizo qué y qué datos se consultaron. Si no lo necesita, pida que se lo quiten.'
			],
			button: 'Abrir mi cuenta'
		},
		'log-taken': {
			subject: 'Ya no tiene acceso al registro',
			paragraphs: () => [
				'Le han quitado el acceso al registro. Si no sabe por qué, pregunte a coordinación.'
			],
			button: 'Abrir mi cuenta'
		},
		provider: {
			subject: 'Su cuenta se abre ahora con el inicio de sesión de su organización',
			paragraphs: () => [
				'Alguien ha entrado por primera vez en su cuenta con el inicio de sesión de su organización. A partir de ahora usted también puede usarlo.',
				'Si no fue usted, avise ahora a quien gestiona Easy Corner.'
			],
			button: 'Revisar mi cuenta'
		}
	},

	footer: {
		personalLink: 'Este enlace abre su página personal. No lo reenvíe.',
		participation: ({ participation, dutyLaw }) =>
			participation === 'voluntary'
				? 'La participación es voluntaria.'
				: `La participación forma parte de la obligación de prevención de su empresa${dutyLaw ? ` (${dutyLaw})` : ''}.`,
		seenBy: (organisation) =>
			`Las personas que coordinan${organisation ? ` en ${organisation}` : ''} ven sus respuestas; un médico, solo si usted está de acuerdo. Los demás solo ven totales de cinco personas o más.`,
		genuine: ({ genuinePage, phone }) => {
			if (genuinePage && phone) return `¿Es auténtico este correo? Vea ${genuinePage} o llame al ${phone}.`;
			if (genuinePage) return `¿Es auténtico este correo? Vea ${genuinePage}.`;
			if (phone) return `¿Es auténtico este correo? Llame al ${phone}.`;
			return '';
		},
		product: (organisation) =>
			organisation
				? `${organisation} usa Easy Corner para las autoevaluaciones de los puestos en casa.`
				: 'Enviado por Easy Corner, la herramienta de autoevaluación de los puestos en casa.',
		stopReminders: (address) => `¿No quiere más recordatorios? Puede pararlos aquí: ${address}`,
		phone: (phone) => `Teléfono: ${phone}`
	},

	round: {
		subject: `Revise su puesto de trabajo en casa (unos ${PROMISED_MINUTES.short} minutos)`,
		body: [
			'Hola, {name}:',
			'Soy {contact}, de {organisation}. Responda a unas preguntas sobre su puesto en casa y mida algunas alturas antes del {until}. Recibirá un plan que usa objetos que tiene en casa.',
			`Lleva unos ${PROMISED_MINUTES.short} minutos. Una cinta métrica ayuda, pero bastan unas hojas de papel. No pedimos fotos. Puede parar y seguir más tarde.`,
			'Si algo le duele mucho, o si un entumecimiento persiste o le despierta de noche, no espere. Consulte a un médico.'
		].join('\n\n'),
		unknownOrganisation: 'su organización',
		unknownContact: 'coordinación'
	}
};
