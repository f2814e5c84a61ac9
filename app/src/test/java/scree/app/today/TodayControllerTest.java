package scree.app.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.BDDMockito.given;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.Samples;
import scree.app.WebTest;
import scree.app.base.Bases;
import scree.app.event.Events;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.timetable.DayPages;
import scree.core.skin.ReferenceCurve;

/** The day at a glance: who is next, what to look out for, what ends. */
@WebTest
class TodayControllerTest {
    private static final LocalDateTime EIGHT = LocalDateTime.of(2026, 6, 20, 8, 0);

    @Autowired
    private MockMvc http;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Events events;

    @Autowired
    private DayPages pages;

    @Autowired
    private Bases bases;

    @Autowired
    private Kit kit;

    @BeforeEach
    void aMorning() {
        given(sittings.cameIn(any())).willReturn(List.of());
        given(pages.on(any(), any())).willReturn(List.of());
        given(events.dayBefore(any(), any()))
                .willReturn(Optional.of(EIGHT.toLocalDate().minusDays(3)));
        given(events.dayAfter(any(), any())).willReturn(Optional.empty());
        given(bases.choices(any(), any())).willReturn(Map.of());
        given(kit.soonPastTheirTime(any(), anyInt())).willReturn(List.of());
    }

    private void day(Sitting... day) {
        given(sittings.on(any(), any())).willReturn(List.of(day));
    }

    private String page() throws Exception {
        return http.perform(get("/").with(user(RUNA)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private static Product opened(LocalDate on, int months) {
        return Samples.opened(Samples.base(1, "31", ReferenceCurve.at(64), 4), on, months);
    }

    @Test
    void aDayWithoutSittingsIsSaidToBeQuiet() throws Exception {
        day();
        assertThat(page()).contains("Saturday 20 June").contains("No one sits today");
    }

    /** The artist's own open sitting goes before a colleague's earlier one. */
    @Test
    void myOwnNextSittingLeads() throws Exception {
        day(
                Members.sittingAt(11, 2, EIGHT, 40, false),
                Members.sittingAt(12, RUNA.artistId(), EIGHT.plusHours(2), 40, true),
                Members.sittingAt(13, RUNA.artistId(), EIGHT.plusHours(3), 40, false));
        assertThat(page()).containsPattern("data-main[^>]*href=\"/sittings/13|href=\"/sittings/13[^>]*data-main");
    }

    @Test
    void anAllergyIsToLookOutForUntilTheSittingIsDone() throws Exception {
        day(Members.sitting("nickel", null, null, "left cheek"));
        assertThat(page()).as("one caution hides no other").contains("nickel", "left cheek");
    }

    @Test
    void brokenSkinIsToLookOutForWhereThereIsNoAllergy() throws Exception {
        day(Members.sitting(null, null, "CLEAR", "left cheek"));
        assertThat(page()).contains("left cheek");
    }

    @ParameterizedTest
    @CsvSource({"2025-06-01, 12, past its time", "2025-06-30, 12, days", "2025-08-20, 12, weeks"})
    void whatEndsSoonIsCountedInDaysOrWeeks(LocalDate opened, int months, String words) throws Exception {
        day(Members.sittingAt(11, 2, EIGHT, 40, false));
        given(kit.soonPastTheirTime(any(), anyInt())).willReturn(List.of(opened(opened, months)));
        assertThat(page()).contains("Marl 31").containsIgnoringCase(words);
    }

    @Test
    void theDayBeforeWithAnEventIsOneTapAwayAndThereIsNoneAfter() throws Exception {
        day();
        assertThat(page()).contains("/days/2026-06-17", "17 June 2026").doesNotContain("rel=\"next\"");
    }

    /** Who was borne last time is known; of whom nothing is known within two days, it is said once, with all names. */
    @Test
    void whoHasNoPatchTestWithinTwoDaysIsNamed() throws Exception {
        day(
                Members.sittingAt(11, 2, EIGHT.plusHours(4), 40, false),
                Members.sittingAt(12, 2, EIGHT.plusHours(5), 40, true),
                Members.sittingAt(13, 2, EIGHT.plusHours(60), 40, false));
        assertThat(page()).contains("Patch test, 1", "None is known of Client.");
    }
}
