ALTER TABLE "contacts" ADD COLUMN "saw" jsonb;--> statement-breakpoint
ALTER TABLE "contacts" ADD COLUMN "known" jsonb;--> statement-breakpoint
CREATE INDEX "contacts_look_idx" ON "contacts" USING btree ("person_id","at" DESC NULLS LAST) WHERE "contacts"."saw" is not null;--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_look_check" CHECK (("contacts"."saw" is null) = ("contacts"."known" is null));