CREATE TABLE "words" (
	"id" text PRIMARY KEY NOT NULL,
	"try_id" text NOT NULL,
	"by_id" text NOT NULL,
	"text" text NOT NULL,
	"about" text DEFAULT '' NOT NULL,
	"ref" text,
	"answers" text,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"seen_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "words" ADD CONSTRAINT "words_try_id_tries_id_fk" FOREIGN KEY ("try_id") REFERENCES "public"."tries"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "words" ADD CONSTRAINT "words_by_id_people_id_fk" FOREIGN KEY ("by_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "words_try" ON "words" USING btree ("try_id");--> statement-breakpoint
CREATE INDEX "words_answers" ON "words" USING btree ("answers");