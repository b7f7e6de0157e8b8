CREATE TABLE "roster_mappings" (
	"user_id" uuid NOT NULL,
	"headings" text NOT NULL,
	"columns" jsonb NOT NULL,
	"at" timestamp with time zone NOT NULL,
	CONSTRAINT "roster_mappings_user_id_headings_pk" PRIMARY KEY("user_id","headings")
);
--> statement-breakpoint
ALTER TABLE "roster_mappings" ADD CONSTRAINT "roster_mappings_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;