CREATE TABLE "excused" (
	"exercise_id" text NOT NULL,
	"person_id" text NOT NULL,
	CONSTRAINT "excused_exercise_id_person_id_pk" PRIMARY KEY("exercise_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "term_weights" (
	"group_id" text NOT NULL,
	"exercise_id" text NOT NULL,
	"weight" integer NOT NULL,
	CONSTRAINT "term_weights_group_id_exercise_id_pk" PRIMARY KEY("group_id","exercise_id")
);
--> statement-breakpoint
ALTER TABLE "groups" ADD COLUMN "drop_worst" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "excused" ADD CONSTRAINT "excused_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "excused" ADD CONSTRAINT "excused_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "term_weights" ADD CONSTRAINT "term_weights_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "term_weights" ADD CONSTRAINT "term_weights_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "excused_person" ON "excused" USING btree ("person_id");