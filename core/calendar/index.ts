export { addDays, daysBetween, isDay, weekday } from './days'
export {
  canPrepareOn,
  closedReason,
  isSchoolDay,
  preparingDayBy,
  saysStaffIn,
  schoolDays,
  schoolDaysBefore,
  usualCalendar,
  type ClosedDays,
  type SchoolCalendar,
} from './schoolCalendar'
export { pictureKeeping, pictureKeptUntil, usualPictureRule, type PictureRule } from './pictureRule'
