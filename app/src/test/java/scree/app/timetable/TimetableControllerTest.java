package scree.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.BDDMockito.given;
import static org.mockito.BDDMockito.willThrow;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.reset;
import static org.mockito.Mockito.verify;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;
import static scree.app.timetable.DaySamples.at;
import static scree.app.timetable.DaySamples.sits;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import scree.app.WebTest;
import scree.app.event.Break;
import scree.app.event.Events;
import scree.app.studio.Accounts;
import scree.app.studio.Artist;
import scree.app.web.StaleSave;

/** What the pages of a day send, and what comes back when it cannot be taken. */
@WebTest
class TimetableControllerTest {
    private static final Booked MEI = sits(1, "Mei Tarnholt", DaySamples.RUNA, 10, 40);
    private static final TakenDay DAY = new DaySamples().with(MEI).day();

    @Autowired
    private MockMvc http;

    @Autowired
    private TakenDays days;

    @Autowired
    private Timetables timetables;

    @Autowired
    private DayWork work;

    @Autowired
    private DayPages pages;

    @Autowired
    private Events events;

    @Autowired
    private Accounts accounts;

    @Autowired
    private Calendars calendars;

    @BeforeEach
    void aDay() {
        reset(work, timetables, pages, calendars, events);
        given(days.of(any(), anyLong())).willReturn(DAY);
        given(events.get(any(), anyLong())).willReturn(DAY.event());
        given(accounts.artists(any())).willReturn(List.of(new Artist(1, "Runa Vestby")));
        DayPage page = new DayPage(
                DayView.of(DAY, List.of(MEI.place()), Map.of(), List.of()),
                List.of(),
                List.of(),
                false,
                null,
                null,
                List.of(),
                null);
        given(pages.of(any(), anyLong(), any())).willAnswer(a -> with(page, a.getArgument(2)));
        given(pages.desk(any(), anyLong(), anyLong(), any())).willAnswer(a -> with(page, a.getArgument(3)));
        given(pages.proposed(any(), any(), any())).willAnswer(a -> with(page, a.getArgument(2)));
    }

    private static DayPage with(DayPage page, String message) {
        return new DayPage(page.view(), List.of(), List.of(), false, null, null, List.of(), message);
    }

    private String sent(MockHttpServletRequestBuilder what, int status) throws Exception {
        return http.perform(what.with(user(RUNA)).with(csrf()))
                .andExpect(status().is(status))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private MockHttpServletRequestBuilder take() {
        return post("/events/9/take")
                .param("version", "3")
                .param("what", "MOVED")
                .param("about", "1")
                .param("place", PlaceField.write(MEI.place().at(DaySamples.BEA, at(11, 0))));
    }

    @Test
    void whatIsTakenIsWhatWasShown() throws Exception {
        sent(take(), 200);
        verify(work)
                .take(RUNA, 9, 3, DayChange.What.MOVED, 1L, List.of(MEI.place().at(DaySamples.BEA, at(11, 0))));
    }

    /** Nothing that was asked is lost when somebody else was first: the same is asked of the day as it is now. */
    @Test
    void whenSomebodyElseWasFirstTheSameIsAskedAgain() throws Exception {
        willThrow(new StaleSave(DAY.event())).given(work).take(any(), anyLong(), anyInt(), any(), any(), any());
        assertThat(sent(take(), 200)).contains("Somebody else changed this day in between");
        verify(timetables).move(RUNA.studio(), 9, 1, DaySamples.BEA, at(11, 0));
    }

    @Test
    void anUndoThatCannotBeSaysSo() throws Exception {
        given(work.undo(any(), anyLong(), anyInt())).willReturn(DayWork.Undone.CHANGED_SINCE);
        assertThat(sent(post("/events/9/undo").param("version", "3"), 200))
                .contains("one of these sittings was changed since");
        given(work.undo(any(), anyLong(), anyInt())).willReturn(DayWork.Undone.DONE);
        assertThat(sent(post("/events/9/undo").param("version", "3"), 200)).doesNotContain("role=\"alert\"");
    }

    @ParameterizedTest
    @CsvSource({"move, minute, -5", "move, minute, 99999", "late, minutes, 100000", "longer, minutes, -1"})
    void minutesOfNoDayAreRefused(String path, String field, String value) throws Exception {
        sent(
                post("/events/9/" + path)
                        .param("sitting", "1")
                        .param("artist", "1")
                        .param(field, value),
                400);
        verify(timetables, never()).late(any(), anyLong(), anyLong(), anyInt());
        verify(timetables, never()).move(any(), anyLong(), anyLong(), anyLong(), any());
    }

    @Test
    void whatCannotBeReadOfTheTermsStaysAsTypedBesideASentence() throws Exception {
        String page = sent(
                post("/events/9/sittings/1")
                        .param("version", "3")
                        .param("artist", "1")
                        .param("starts", "2026-06-20T10:00")
                        .param("minutes", "soon"),
                200);
        assertThat(page).contains("Minutes lie between 5 and 480");
        verify(work, never()).terms(any(), anyLong(), anyInt(), anyLong(), any());
    }

    @Test
    void aDayIsSetUpOnceWithWhoWorks() throws Exception {
        given(events.on(any(), any())).willReturn(List.of());
        given(events.newest(any())).willReturn(List.of());
        MockHttpServletRequestBuilder without = post("/events/new")
                .param("name", "Concert")
                .param("day", "2026-06-21")
                .param("chairs", "2");
        assertThat(sent(without, 200)).contains("Somebody has to work", "value=\"Concert\"");
        verify(events, never()).add(any(), any(), any());
    }

    @Test
    void aDayThatSomebodyElseChangedKeepsWhatWasTyped() throws Exception {
        given(events.crew(any(), anyLong())).willReturn(DAY.crew());
        willThrow(new StaleSave(DAY.event())).given(events).change(any(), any(), any());
        String page = sent(
                post("/events/9/set-up")
                        .param("name", "Concert by the lake")
                        .param("day", "2026-06-20")
                        .param("chairs", "3")
                        .param("works.1", "on")
                        .param("from.1", "9:30")
                        .param("until.1", "17:00"),
                200);
        assertThat(page).contains("Somebody else changed this day", "value=\"Concert by the lake\"", "value=\"9:30\"");
        assertThat(page).as("what is typed can be written over theirs").contains("name=\"version\" value=\"3\"");
    }

    @Test
    void anAddressThatWasNeverMadeOpensNothingAndOneThatWasNeedsNoAccount() throws Exception {
        given(calendars.subscribed("abc")).willReturn(Optional.of("BEGIN:VCALENDAR".getBytes()));
        given(calendars.subscribed("abd")).willReturn(Optional.empty());
        http.perform(get("/calendar/abc.ics")).andExpect(status().isOk());
        http.perform(get("/calendar/abd.ics")).andExpect(status().isNotFound());
    }

    @Test
    void aFileThatIsNoCalendarSaysSoAndOneThatIsShowsWhatItBrings() throws Exception {
        given(events.crew(any(), anyLong())).willReturn(DAY.crew());
        given(calendars.read(any(), anyLong(), any())).willThrow(new IOException("no calendar"));
        MockMultipartFile file = new MockMultipartFile("file", "x.ics", "text/calendar", "x".getBytes());
        String refused = http.perform(multipart("/events/9/calendar")
                        .file(file)
                        .with(user(RUNA))
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(refused).contains("This is no calendar that can be read");
        reset(calendars);
        var taken = new CalendarRead.Entry(at(12, 0), at(12, 30), "Dentist");
        given(calendars.read(any(), anyLong(), any()))
                .willReturn(new Calendars.Brought(
                        List.of(new Calendars.Arrival(1, "Mei Tarnholt", at(9, 40))), List.of(taken), 5, 2));
        String shown = http.perform(multipart("/events/9/calendar")
                        .file(file)
                        .with(user(RUNA))
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(shown)
                .contains(
                        "5 entries in the file, 2 of them left out",
                        "Mei Tarnholt comes at 9:40",
                        "12:00 to 12:30 is taken: Dentist");
    }

    @Test
    void whatIsTickedOfACalendarIsTaken() throws Exception {
        http.perform(post("/events/9/calendar/take")
                        .param("version", "3")
                        .param("artist", "2")
                        .param("arrival", "1;2026-06-20T09:40")
                        .param("taken", "2026-06-20T12:00;2026-06-20T12:30;Dentist  far away")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrl("/events/9"));
        Break rest = new Break(at(12, 0), at(12, 30), "Dentist  far away");
        verify(calendars)
                .take(
                        eq(RUNA),
                        eq(9L),
                        eq(3),
                        eq(List.of(new Calendars.Arrival(1, "", at(9, 40)))),
                        eq(2L),
                        eq(List.of(rest)));
        sent(
                post("/events/9/calendar/take")
                        .param("version", "3")
                        .param("taken", "2026-06-20T12:00;2026-06-20T11:30;x"),
                400);
        sent(post("/events/9/calendar/take").param("version", "3").param("arrival", "Mei"), 400);
    }
}
