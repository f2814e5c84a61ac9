package scree.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;
import static scree.app.timetable.DaySamples.BEA;
import static scree.app.timetable.DaySamples.RUNA;
import static scree.app.timetable.DaySamples.at;
import static scree.app.timetable.DaySamples.careful;
import static scree.app.timetable.DaySamples.keeping;
import static scree.app.timetable.DaySamples.moment;
import static scree.app.timetable.DaySamples.needing;
import static scree.app.timetable.DaySamples.sits;
import static scree.app.timetable.DaySamples.worked;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.app.Sentences;
import scree.app.event.Break;
import scree.app.web.Words;

/** What stands on the call sheet. */
class CallSheetTest {
    private static CallSheet.Sheet sheet(DaySamples day) {
        return new CallSheet(null, new Words(Sentences.all())).sheet(day.day());
    }

    @Test
    void everybodyStandsOnItByTimeWithWhenTheyComeSitAndAreWanted() {
        Booked mei = sits(1, "Mei Tarnholt", RUNA, 11, 40);
        CallSheet.Sheet sheet = sheet(new DaySamples()
                .with(
                        keeping(mei, mei.place().arriving(at(10, 45)).wanted(at(12, 5), null)),
                        sits(2, "Noor Vasskog", BEA, 9, 60)));
        assertThat(sheet.rows()).extracting(CallSheet.Row::name).containsExactly("Noor Vasskog", "Mei Tarnholt");
        CallSheet.Row row = sheet.rows().get(1);
        assertThat(List.of(row.comes(), row.sits(), row.ready(), row.artist()))
                .containsExactly("10:45", "11:00–11:40", "12:05", "Runa");
        assertThat(sheet.rows().get(0).comes()).isEmpty();
        assertThat(sheet.place()).isEqualTo("Pier 2");
    }

    /** What a person reacts to is never mixed with what they need; a patch test that is not known of is told while it matters. */
    @Test
    void whoToBeCarefulWithIsMarkedByThemselves() {
        Booked noor = careful(
                needing(sits(2, "Noor Vasskog", BEA, 9, 60), List.of("beard"), new Booked.Tool("airbrush", 10, 15)),
                "nickel",
                false);
        CallSheet.Sheet sheet = sheet(new DaySamples()
                .now(11, 0)
                .with(
                        noor,
                        careful(
                                worked(sits(1, "Mei Tarnholt", RUNA, 8, 60), null, null, moment(8, 0), moment(9, 0)),
                                null,
                                false)));
        CallSheet.Row row = sheet.rows().get(1);
        assertThat(row.careful()).isEqualTo("nickel");
        assertThat(row.notes())
                .contains("beard", "airbrush, minute 10 to 25", "no patch test known")
                .doesNotContain("nickel");
        assertThat(sheet.rows().get(0).notes()).isEqualTo("Done.");
        assertThat(sheet.rows().get(0).careful()).isNull();
    }

    @Test
    void whoWorksStandsOnItWithBreaksAndWhoLeftDoesNot() {
        CallSheet.Sheet sheet = sheet(new DaySamples()
                .crew(
                        DaySamples.working(
                                RUNA,
                                "Runa Vestby",
                                8,
                                16,
                                new Break(at(12, 0), at(12, 30), "lunch"),
                                new Break(at(14, 0), at(14, 10), null)),
                        DaySamples.working(BEA, "Bea Hallorin", 0, 0))
                .with(sits(2, "Noor Vasskog", BEA, 9, 60)));
        assertThat(sheet.crew())
                .containsExactly(new CallSheet.Hours("Runa Vestby", "8:00–16:00", "12:00–12:30 lunch, 14:00–14:10"));
        assertThat(sheet.rows().get(0).artist())
                .as("who did it is told all the same")
                .isEqualTo("Bea");
    }
}
