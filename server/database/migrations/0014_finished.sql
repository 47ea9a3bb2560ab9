ALTER TABLE "lessons" ADD COLUMN "finished_at" timestamp with time zone;--> statement-breakpoint
UPDATE "lessons" SET "finished_at" = (SELECT max("taken_at") FROM "entries" WHERE "entries"."lesson_id" = "lessons"."id") WHERE "date" < current_date;
