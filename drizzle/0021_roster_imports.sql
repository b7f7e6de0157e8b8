CREATE TABLE "roster_import_people" (
	"import_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"before" jsonb,
	"after" jsonb,
	CONSTRAINT "roster_import_people_import_id_person_id_pk" PRIMARY KEY("import_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "roster_imports" (
	"id" uuid PRIMARY KEY NOT NULL,
	"user_id" uuid,
	"at" timestamp with time zone NOT NULL,
	"on_day" date NOT NULL,
	"added" integer NOT NULL,
	"changed" integer NOT NULL,
	"moved" integer NOT NULL,
	"undone_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "roster_import_people" ADD CONSTRAINT "roster_import_people_import_id_roster_imports_id_fk" FOREIGN KEY ("import_id") REFERENCES "public"."roster_imports"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "roster_import_people" ADD CONSTRAINT "roster_import_people_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "roster_imports" ADD CONSTRAINT "roster_imports_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "roster_import_people_person_idx" ON "roster_import_people" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "roster_imports_day_idx" ON "roster_imports" USING btree ("on_day","at");