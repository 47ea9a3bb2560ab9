ALTER TABLE "lessons" ADD COLUMN "clock" jsonb;--> statement-breakpoint
ALTER TABLE "lessons" ADD COLUMN "clock_version" integer DEFAULT 0 NOT NULL;