ALTER TABLE "predictions" ADD COLUMN "step" text DEFAULT 'before' NOT NULL;--> statement-breakpoint
ALTER TABLE "predictions" ADD COLUMN "known" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "predictions" DROP CONSTRAINT "predictions_lesson_id_group_id_seat_pk";--> statement-breakpoint
ALTER TABLE "predictions" ADD CONSTRAINT "predictions_lesson_id_group_id_seat_step_pk" PRIMARY KEY("lesson_id","group_id","seat","step");
