package scree.app.base;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.kit.Product;
import scree.app.look.Cairn;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.studio.SecurityConfig;
import scree.core.colour.Lab;
import scree.core.light.LightVerdict;
import scree.core.shade.ShadeReason;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;

/** What the Base page says for a shortlist, without a skin, and when a note is too long. */
@WebMvcTest(BaseController.class)
@Import(SecurityConfig.class)
class BaseControllerTest {
    private static final Lab SKIN = Lab.of(60, 10, 17);
    private static final MatchTarget TARGET =
            new MatchTarget(SKIN, Lab.of(58, 13, 17), SKIN, Lab.of(64, 8, 17), MatchTarget.School.JAW_TO_NECK);

    private static final LightVerdict GOOD = new LightVerdict(LightVerdict.Grade.GOOD, List.of());

    @Autowired
    private MockMvc http;

    @MockitoBean
    private Bases bases;

    @MockitoBean
    private Sittings sittings;

    @MockitoBean
    private Cairns cairns;

    @BeforeEach
    void aSitting() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(bases.choice(any(), anyLong())).willReturn(Optional.empty());
    }

    @Test
    void withoutASkinThePageSaysWhatItLacksAndTheShortestWay() throws Exception {
        given(bases.shortlist(any(), anyLong(), any(), any())).willReturn(Optional.empty());
        http.perform(get("/sittings/5/base").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(containsString("No skin to match yet"), containsString("/sittings/5/skin"))));
    }

    @Test
    void theVerdictNamesTheBestThatIsNotSetAside() throws Exception {
        given(bases.shortlist(any(), anyLong(), any(), any()))
                .willReturn(Optional.of(list(SkinReading.Trust.COLOUR_CARD, 3)));
        http.perform(get("/sittings/5/base").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Marl 1 ")))
                .andExpect(content().string(containsString("Set aside")))
                .andExpect(content().string(not(containsString("provisional"))))
                .andExpect(content().string(not(containsString("style=\""))));
    }

    @Test
    void aProvisionalReadingIsSaidDownToTheBase() throws Exception {
        given(bases.shortlist(any(), anyLong(), any(), any()))
                .willReturn(Optional.of(list(SkinReading.Trust.PROVISIONAL, 3)));
        http.perform(get("/sittings/5/base").with(user(RUNA)))
                .andExpect(content().string(containsString("every figure here is provisional")));
    }

    @Test
    void filtersThatLeaveNothingSaySo() throws Exception {
        given(bases.shortlist(
                        any(), anyLong(), any(), eq(new BaseFilter(scree.core.shade.Form.DROPS, null, null, false))))
                .willReturn(Optional.of(
                        new Shortlist(TARGET, SkinReading.Trust.COLOUR_CARD, List.of(), List.of(), 9, GOOD)));
        http.perform(get("/sittings/5/base?form=DROPS").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(
                                containsString("No base passes these filters"), containsString("Nothing passes"))));
    }

    @Test
    void aNoteThatIsTooLongIsKeptAndNothingIsTaken() throws Exception {
        given(bases.shortlist(any(), anyLong(), any(), any()))
                .willReturn(Optional.of(list(SkinReading.Trust.COLOUR_CARD, 3)));
        String note = "long ".repeat(120);
        http.perform(post("/sittings/5/base/take")
                        .param("product", "2")
                        .param("note", note)
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(
                        content().string(allOf(containsString("at most 500 fit"), containsString("long long long"))));
        verify(bases, never()).take(any(), anyLong(), anyLong(), any(), any());
    }

    @Test
    void takingABaseHandsOnTheSchoolAndTheNote() throws Exception {
        http.perform(post("/sittings/5/base/take?school=OUTER_FACE")
                        .param("product", "2")
                        .param("note", " softer ")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrlPattern("/sittings/5/base?taken*"));
        verify(bases).take(RUNA, 5, 2, MatchTarget.School.OUTER_FACE, "softer");
    }

    @Test
    void aStripeIsToggledAgainstWhatIsSeen() throws Exception {
        given(bases.shortlist(any(), anyLong(), any(), any()))
                .willReturn(Optional.of(list(SkinReading.Trust.COLOUR_CARD, 4)));
        http.perform(post("/sittings/5/base/stripe?product=3")
                        .header("HX-Request", "true")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content().string(allOf(containsString("id=\"base-work\""), not(containsString("<html")))));
        verify(bases).toggleStripe(RUNA.studio(), 5, 3, List.of(1L, 2L, 3L));
    }

    private static Shortlist list(SkinReading.Trust trust, int size) {
        List<Shortlist.Ranked> ranked = new ArrayList<>();
        for (int i = 0; i <= size; i++) {
            Product p = new Product(
                    i,
                    "Marl",
                    String.valueOf(i),
                    "BASE",
                    "LIQUID",
                    "SATIN",
                    .8,
                    61,
                    10,
                    17,
                    60 + .9 * i,
                    10,
                    17,
                    null,
                    null,
                    null,
                    true,
                    0);
            ranked.add(new Shortlist.Ranked(
                    p, i + 1, p.settled().differenceFrom(SKIN), ShadeReason.of(p.settled(), TARGET), i == 0));
        }
        return new Shortlist(TARGET, trust, ranked, ranked.subList(1, Math.min(4, ranked.size())), 2, GOOD);
    }
}
