CREATE TABLE "case_visitors" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"user_id" uuid NOT NULL,
	"since" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "case_visitors" ADD CONSTRAINT "case_visitors_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "case_visitors" ADD CONSTRAINT "case_visitors_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "case_visitors_person_idx" ON "case_visitors" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "case_visitors_since_idx" ON "case_visitors" USING btree ("since");