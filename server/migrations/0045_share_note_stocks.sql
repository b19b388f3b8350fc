ALTER TABLE "shares" DROP CONSTRAINT "shares_of_one";--> statement-breakpoint
ALTER TABLE "shares" ADD COLUMN "stock_of_id" text;--> statement-breakpoint
ALTER TABLE "shares" ADD CONSTRAINT "shares_stock_of_id_people_id_fk" FOREIGN KEY ("stock_of_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "shares_stock" ON "shares" USING btree ("stock_of_id","person_id");--> statement-breakpoint
ALTER TABLE "shares" ADD CONSTRAINT "shares_of_one" CHECK (num_nonnulls(company_id, exercise_id, group_id, stock_of_id) = 1);