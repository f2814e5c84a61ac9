package scree.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import scree.app.event.Break;
import scree.app.event.Working;
import scree.app.studio.Artist;
import scree.app.web.BadInput;

/** What is typed about a day: read, or refused by the name of its field. */
class FormsTest {
    private static final LocalDate DAY = LocalDate.of(2026, 6, 20);
    private static final DayClock CLOCK = new DayClock(ZoneOffset.UTC, DAY);
    private static final Artist RUNA = new Artist(1, "Runa Vestby");

    private static TermsForm terms(
            String starts, String arrives, String ready, String minutes, String skills, String tools) {
        return new TermsForm(starts, 1L, arrives, ready, null, minutes, skills, tools);
    }

    @Test
    void whatASittingKeepsIsRead() throws TermsForm.Unreadable {
        DayWork.Terms t = terms(
                        "2026-06-20T23:30",
                        "2026-06-20T23:00",
                        "2026-06-21T00:40",
                        "40",
                        "beard, airbrush",
                        "airbrush 10-25, big mirror 0 – 15")
                .read(CLOCK);
        assertThat(t.readyBy()).isEqualTo(LocalDateTime.of(2026, 6, 21, 0, 40));
        assertThat(t.skills()).containsExactly("beard", "airbrush");
        assertThat(t.tools())
                .containsExactly(new Booked.Tool("airbrush", 10, 15), new Booked.Tool("big mirror", 0, 15));
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            delimiter = '|',
            value = {
                "- | - | - | 40 | - | - | starts",
                "half past | - | - | 40 | - | - | starts",
                "2026-06-25T08:00 | - | - | 40 | - | - | starts",
                "2026-06-20T08:00 | 8 | - | 40 | - | - | arrives",
                "2026-06-20T08:00 | 2026-06-20T09:00 | 2026-06-20T08:30 | 40 | - | - | ready",
                "2026-06-20T08:00 | - | - | 4 | - | - | minutes",
                "2026-06-20T08:00 | - | - | many | - | - | minutes",
                "2026-06-20T08:00 | - | - | 40 | a,b,c,d,e,f,g,h,i | - | skills",
                "2026-06-20T08:00 | - | - | 40 | - | airbrush | tools",
                "2026-06-20T08:00 | - | - | 40 | - | airbrush 20-10 | tools",
                "2026-06-20T08:00 | - | - | 40 | - | airbrush 0-10, airbrush 20-30 | tools"
            })
    void whatCannotBeReadIsNamed(
            String starts, String arrives, String ready, String minutes, String skills, String tools, String field) {
        assertThatThrownBy(() ->
                        terms(starts, arrives, ready, minutes, skills, tools).read(CLOCK))
                .isInstanceOf(TermsForm.Unreadable.class)
                .hasMessage(field);
    }

    private static Map<String, String> day(String... changes) {
        Map<String, String> sent = new HashMap<>(Map.of(
                "name",
                "Concert",
                "day",
                "2026-06-20",
                "chairs",
                "2",
                "works.1",
                "on",
                "from.1",
                "8:00",
                "until.1",
                "18:00",
                "pace.1",
                "on"));
        for (int i = 0; i < changes.length; i += 2) {
            sent.put(changes[i], changes[i + 1]);
        }
        return sent;
    }

    private static Working runa(Map<String, String> sent) throws SetUpForm.Unreadable {
        return SetUpForm.of(sent, List.of(RUNA)).crew(DAY, List.of(RUNA)).get(0);
    }

    @Test
    void anEndBeforeTheBeginningLiesInTheNightAfterAndBreaksFollowIt() throws SetUpForm.Unreadable {
        Working w = runa(day("from.1", "18:00", "until.1", "02:00", "breaks.1", "21:00-21:30 supper, 0:30–0:45"));
        assertThat(w.endsAt()).isEqualTo(DAY.plusDays(1).atTime(2, 0));
        assertThat(w.breaks())
                .containsExactly(
                        new Break(DAY.atTime(21, 0), DAY.atTime(21, 30), "supper"),
                        new Break(DAY.plusDays(1).atTime(0, 30), DAY.plusDays(1).atTime(0, 45), null));
    }

    @Test
    void whatIsKeptIsShownAsItIsTyped() throws SetUpForm.Unreadable {
        Map<String, String> sent = day("breaks.1", "12:00-12:30 lunch", "skills.1", "beard, airbrush");
        SetUpForm again =
                SetUpForm.of(SetUpForm.of(sent, List.of(RUNA)).event(5, DAY), DAY, List.of(runa(sent)), List.of(RUNA));
        assertThat(again.rows().get(1L).breaks()).isEqualTo("12:00-12:30 lunch");
        assertThat(again.rows().get(1L).skills()).isEqualTo("beard, airbrush");
    }

    @ParameterizedTest
    @CsvSource({
        "name, ' ', name",
        "day, 31 June, day",
        "day, 1950-01-01, day",
        "chairs, 0, chairs",
        "chairs, 99, chairs",
        "from.1, early, from",
        "until.1, 25:00, until",
        "breaks.1, noon, breaks"
    })
    void aDayThatCannotBeSetUpSaysWhatIsWrong(String field, String typed, String named) {
        assertThatThrownBy(() -> {
                    SetUpForm form = SetUpForm.of(day(field, typed), List.of(RUNA));
                    form.event(0, DAY);
                    form.crew(DAY, List.of(RUNA));
                })
                .isInstanceOf(SetUpForm.Unreadable.class)
                .hasMessage(named);
    }

    @Test
    void somebodyHasToWork() {
        Map<String, String> sent = day();
        sent.remove("works.1");
        assertThatThrownBy(() -> runa(sent))
                .isInstanceOf(SetUpForm.Unreadable.class)
                .hasMessage("crew");
    }

    @Test
    void aPlaceIsWrittenAndReadBack() {
        Place place = new Place(4, 1, DAY.atTime(8, 0), 45, true, null, DAY.atTime(9, 30), 2L, true);
        assertThat(PlaceField.read(PlaceField.write(place))).isEqualTo(place);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "1;2",
                "x;1;2026-06-20T08:00;45;true;-;-;-;true",
                "1;1;2026-06-20T08:00;9999;true;-;-;-;true",
                "1;1;tomorrow;45;true;-;-;-;true",
                "1;1;2026-06-20T08:00;45;true;-;-;-;true;more"
            })
    void aPlaceThatNoPageWroteIsRefused(String field) {
        assertThatThrownBy(() -> PlaceField.read(field)).isInstanceOf(BadInput.class);
    }
}
