/**
 * The day: who sits when and with whom, what to look out for, what ends soon. Start at {@code TodayController}.
 */
package scree.app.today;
