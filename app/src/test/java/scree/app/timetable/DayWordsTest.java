package scree.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;
import static scree.app.timetable.DaySamples.BEA;
import static scree.app.timetable.DaySamples.RUNA;
import static scree.app.timetable.DaySamples.at;
import static scree.app.timetable.DaySamples.moment;
import static scree.app.timetable.DaySamples.sits;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.app.Sentences;
import scree.app.web.Words;
import scree.core.timetable.Seat;
import scree.core.timetable.Slack;
import scree.core.timetable.Timetable;

/** What is said of a day, in sentences that an artist reads in passing. */
class DayWordsTest {
    private static final Booked MEI = sits(1, "Mei Tarnholt", RUNA, 10, 40);
    private static final TakenDay DAY =
            new DaySamples().with(MEI, sits(2, "Noor Vasskog", BEA, 9, 60)).day();
    private static final DayWords WORDS = words();

    private static DayWords words() {
        return new DayWords(new Words(Sentences.all()));
    }

    private static List<String> moved(Place after) {
        return WORDS.moved(DAY, new DayChange.Moved(MEI.place(), after));
    }

    @Test
    void aMoveTellsHowFarAndToWhom() {
        assertThat(moved(MEI.place().at(RUNA, at(10, 15))))
                .containsExactly("Mei Tarnholt", "15 minutes later, 10:00 to 10:15");
        assertThat(moved(MEI.place().at(BEA, at(9, 50))))
                .containsExactly("Mei Tarnholt", "10 minutes earlier, 10:00 to 9:50", "to Bea");
        assertThat(moved(MEI.place().at(BEA, at(10, 0)).holding(true)))
                .containsExactly("Mei Tarnholt", "to Bea", "stays where it is");
    }

    @Test
    void otherMinutesTellWhereTheyComeFrom() {
        assertThat(moved(MEI.place().taking(45, false))).contains("takes 45 minutes by the running order, not 40");
        assertThat(moved(MEI.place().taking(45, true))).contains("takes 45 minutes, not 40");
        assertThat(moved(MEI.place().arriving(at(10, 20)))).containsExactly("Mei Tarnholt", "comes at 10:20");
        assertThat(moved(MEI.place().wanted(at(12, 0), null))).containsExactly("Mei Tarnholt", "other times");
    }

    private static Proposal proposal(int cost, int bound) {
        DayQuestion question = DayQuestion.of(DAY);
        Timetable table = new Timetable(question.day(), Arrays.asList(new Seat(0, 120), null), cost, bound);
        return new Proposal(DAY, DayChange.What.LATE, MEI, question.places(), table);
    }

    @Test
    void howGoodAnAnswerIsIsSaidInMinutes() {
        assertThat(WORDS.proof(proposal(40, 40))).contains("proven");
        assertThat(WORDS.proof(proposal(46, 40))).contains("At most 6 minutes of waiting");
        assertThat(WORDS.proof(proposal(2500, 400)))
                .as("more than a minute late")
                .contains("At most 3 minutes of lateness");
        assertThat(WORDS.asked(proposal(0, 0))).isEqualTo("If Mei is late");
        assertThat(proposal(0, 0).leftOut())
                .extracting(WORDS::noPlace)
                .singleElement()
                .asString()
                .startsWith("Noor Vasskog finds no place");
    }

    @Test
    void whomToWatchIsTheOneWithTheLeast() {
        assertThat(WORDS.watch(DAY, new Slack(List.of(3, 1)))).contains("Noor Vasskog", "5 minutes");
        assertThat(WORDS.watch(DAY, new Slack(List.of(0, 1)))).contains("Mei Tarnholt", "Five minutes longer there");
        assertThat(WORDS.watch(DAY, new Slack(List.of(Slack.MOST, Slack.MOST)))).contains("Nobody is tight");
        assertThat(WORDS.slack(Slack.MOST)).isEqualTo("120 minutes or more");
        assertThat(WORDS.slack(2)).isEqualTo("10 minutes");
    }

    @Test
    void aPaceIsToldWhereThereIsOne() {
        TakenDay paced = new DaySamples().paces(Map.of(RUNA, 1.12, BEA, .9)).day();
        assertThat(WORDS.pace(paced, RUNA)).contains("12 % over");
        assertThat(WORDS.pace(paced, BEA)).contains("10 % under");
        assertThat(WORDS.pace(DAY, RUNA)).isEmpty();
    }

    @Test
    void theHistoryTellsWhoDidWhatAndWhatWasUndone() {
        List<DayChange.Moved> two =
                List.of(new DayChange.Moved(MEI.place(), MEI.place()), new DayChange.Moved(MEI.place(), MEI.place()));
        DayChange planned = new DayChange(1, DayChange.What.PLANNED, null, "Runa Vestby", moment(8, 5), two, null);
        DayChange late =
                new DayChange(2, DayChange.What.LATE, "Mei Tarnholt", "Bea Hallorin", moment(9, 5), two, moment(9, 6));
        assertThat(WORDS.change(DAY, planned)).isEqualTo("8:05, Runa planned the day: 2 changed");
        assertThat(WORDS.change(DAY, late)).isEqualTo("9:05, Bea: Mei Tarnholt is late, 2 changed (undone)");
    }
}
