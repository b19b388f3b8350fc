CREATE TABLE "pictures" (
	"id" text PRIMARY KEY NOT NULL,
	"exercise_id" text NOT NULL,
	"kind" text NOT NULL,
	"data" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "pictures" ADD CONSTRAINT "pictures_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "pictures_exercise" ON "pictures" USING btree ("exercise_id");