CREATE TABLE "sign_in_links" (
	"id" text PRIMARY KEY NOT NULL,
	"person_id" text NOT NULL,
	"until" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "sign_in_links" ADD CONSTRAINT "sign_in_links_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "sign_in_links_person" ON "sign_in_links" USING btree ("person_id");