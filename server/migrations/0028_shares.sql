CREATE TABLE "shares" (
	"id" serial PRIMARY KEY NOT NULL,
	"company_id" text,
	"exercise_id" text,
	"group_id" text,
	"person_id" text NOT NULL,
	"how" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "shares_of_one" CHECK (num_nonnulls(company_id, exercise_id, group_id) = 1)
);
--> statement-breakpoint
ALTER TABLE "shares" ADD CONSTRAINT "shares_company_id_companies_id_fk" FOREIGN KEY ("company_id") REFERENCES "public"."companies"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shares" ADD CONSTRAINT "shares_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shares" ADD CONSTRAINT "shares_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shares" ADD CONSTRAINT "shares_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "shares_company" ON "shares" USING btree ("company_id","person_id");--> statement-breakpoint
CREATE UNIQUE INDEX "shares_exercise" ON "shares" USING btree ("exercise_id","person_id");--> statement-breakpoint
CREATE UNIQUE INDEX "shares_group" ON "shares" USING btree ("group_id","person_id");--> statement-breakpoint
CREATE INDEX "shares_person" ON "shares" USING btree ("person_id");