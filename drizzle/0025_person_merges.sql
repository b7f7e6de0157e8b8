CREATE TABLE "person_merges" (
	"from_id" uuid PRIMARY KEY NOT NULL,
	"into_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "person_merges" ADD CONSTRAINT "person_merges_into_id_people_id_fk" FOREIGN KEY ("into_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "person_merges_into_idx" ON "person_merges" USING btree ("into_id");