/**
 * The day: who sits when, with whom; what it means that somebody is late; the calendar and the call sheet. {@code TakenDays}
 * reads a day as it stands, {@code Timetables} makes a {@code Proposal}, shown before it is taken, {@code DayWork} changes the day.
 */
package scree.app.timetable;
