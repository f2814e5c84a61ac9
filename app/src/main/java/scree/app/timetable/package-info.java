/**
 * The day: who sits when, with whom; what it means that somebody is late; the calendar and the call sheet. {@code Timetables} is the way in: a
 * {@code TakenDay} is a day as it stands, a {@code Proposal} what would change, shown before it is taken.
 */
package scree.app.timetable;
