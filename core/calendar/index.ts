export { addDays, daysBetween, isDay, weekday } from './days'
export {
  canPrepareOn,
  closedReason,
  isSchoolDay,
  preparingDayBy,
  schoolDays,
  usualCalendar,
  type ClosedDays,
  type SchoolCalendar,
} from './schoolCalendar'
