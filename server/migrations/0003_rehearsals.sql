CREATE TABLE "rehearsals" (
	"exercise_id" text PRIMARY KEY NOT NULL,
	"book_id" text NOT NULL,
	"begun_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "rehearsals" ADD CONSTRAINT "rehearsals_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rehearsals" ADD CONSTRAINT "rehearsals_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "rehearsals_book" ON "rehearsals" USING btree ("book_id");