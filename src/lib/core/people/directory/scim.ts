import { Type, type Static } from 'typebox';

/**
 * What is read of a SCIM 2.0 service: of its resources (RFC 7643) only the attributes that say something here. Others may be there, and a
 * value that isn't there may be null, as some services write it.
 */
const maybe = Type.Optional(Type.Union([Type.String(), Type.Null()]));

/** Longest texts and lists are limited where they are used: this is only their kind. */
const values = Type.Optional(
	Type.Union([
		Type.Array(
			Type.Object({
				value: maybe,
				type: maybe,
				primary: Type.Optional(Type.Union([Type.Boolean(), Type.Null()]))
			})
		),
		Type.Null()
	])
);

/** Schema of the extension that has the staff number and the department (RFC 7643, section 4.3). */
export const ENTERPRISE_USER = 'urn:ietf:params:scim:schemas:extension:enterprise:2.0:User';

/** A user (RFC 7643, section 4.1). */
export const scimUser = Type.Object({
	id: Type.String({ minLength: 1 }),
	userName: maybe,
	displayName: maybe,
	name: Type.Optional(
		Type.Union([Type.Object({ formatted: maybe, givenName: maybe, familyName: maybe }), Type.Null()])
	),
	/** Whether they still work there; true where a service doesn't say. */
	active: Type.Optional(Type.Union([Type.Boolean(), Type.Null()])),
	emails: values,
	phoneNumbers: values,
	addresses: Type.Optional(
		Type.Union([
			Type.Array(
				Type.Object({
					country: maybe,
					region: maybe,
					type: maybe,
					primary: Type.Optional(Type.Union([Type.Boolean(), Type.Null()]))
				})
			),
			Type.Null()
		])
	),
	timezone: maybe,
	preferredLanguage: maybe,
	[ENTERPRISE_USER]: Type.Optional(
		Type.Union([Type.Object({ employeeNumber: maybe, department: maybe }), Type.Null()])
	)
});

/** A group (RFC 7643, section 4.2). */
export const scimGroup = Type.Object({
	id: Type.String({ minLength: 1 }),
	displayName: maybe,
	members: Type.Optional(Type.Union([Type.Array(Type.Object({ value: maybe })), Type.Null()]))
});

/** One page of an answer (RFC 7644, section 3.4.2). Without a match a service may leave the resources out. */
export const scimPage = Type.Object({
	totalResults: Type.Integer({ minimum: 0 }),
	startIndex: Type.Optional(Type.Integer()),
	Resources: Type.Optional(Type.Array(Type.Unknown()))
});

/** A user as read: see {@link scimUser}. */
export type ScimUser = Static<typeof scimUser>;
/** A group as read: see {@link scimGroup}. */
export type ScimGroup = Static<typeof scimGroup>;
