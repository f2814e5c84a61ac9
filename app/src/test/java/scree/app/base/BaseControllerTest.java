package scree.app.base;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.ArgumentMatchers.same;
import static org.mockito.ArgumentMatchers.startsWith;
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

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Members;
import scree.app.WebTest;
import scree.app.kit.Opened;
import scree.app.kit.Product;
import scree.app.kit.Stock;
import scree.app.kit.Swatch;
import scree.app.look.Cairn;
import scree.app.look.Figures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.core.colour.Lab;
import scree.core.light.LightVerdict;
import scree.core.reason.Reason;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.RankBases;
import scree.core.shade.Role;
import scree.core.shade.ShadeReason;
import scree.core.shade.Traits;
import scree.core.shade.Wear;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;
import scree.core.skin.Undertone;

/** What the Base page says for a shortlist, without a skin, and when a note is too long. */
@WebTest
class BaseControllerTest {
    private static final Lab SKIN = Lab.of(60, 10, 17);
    private static final MatchTarget TARGET =
            new MatchTarget(SKIN, Lab.of(58, 13, 17), SKIN, Lab.of(64, 8, 17), MatchTarget.School.JAW_TO_NECK);

    private static final LightVerdict GOOD = new LightVerdict(LightVerdict.Grade.GOOD, List.of());

    @Autowired
    private MockMvc http;

    @Autowired
    private Bases bases;

    @Autowired
    private BaseSettings settings;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Cairns cairns;

    @BeforeEach
    void aSitting() {
        given(sittings.get(any(), anyLong())).willReturn(Members.sitting(null, null, null, null));
        given(cairns.of(any(), any(), anyString())).willReturn(Cairn.stack(5, "Liv", 1, "8:00", List.of()));
        given(bases.choice(any(), anyLong())).willReturn(Optional.empty());
    }

    @Test
    void withoutASkinThePageSaysWhatItLacksAndTheShortestWay() throws Exception {
        given(bases.shortlist(any(), anyLong(), any())).willReturn(Optional.empty());
        http.perform(get("/sittings/5/base").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(containsString("No skin to match yet"), containsString("/sittings/5/skin"))));
    }

    @Test
    void theVerdictNamesTheBestThatIsNotSetAside() throws Exception {
        given(bases.shortlist(any(), anyLong(), any())).willReturn(Optional.of(list(SkinReading.Trust.COLOUR_CARD, 3)));
        http.perform(get("/sittings/5/base").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Marl 1 ")))
                .andExpect(content().string(containsString("Set apart")))
                .andExpect(content().string(not(containsString("provisional"))))
                .andExpect(content().string(not(containsString("style=\""))));
    }

    @Test
    void aProvisionalReadingIsSaidDownToTheBase() throws Exception {
        given(bases.shortlist(any(), anyLong(), any())).willReturn(Optional.of(list(SkinReading.Trust.PROVISIONAL, 3)));
        http.perform(get("/sittings/5/base").with(user(RUNA)))
                .andExpect(content().string(containsString("every figure here is provisional")));
    }

    @Test
    void filtersThatLeaveNothingSaySo() throws Exception {
        given(bases.shortlist(any(), anyLong(), eq(new BaseFilter(scree.core.shade.Form.DROPS, null, null))))
                .willReturn(Optional.of(
                        of(SkinReading.Trust.COLOUR_CARD, BaseSetting.usual().or(false, false), List.of(), List.of())));
        http.perform(get("/sittings/5/base?form=DROPS").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(
                                containsString("No base passes these filters"), containsString("Nothing passes"))));
    }

    @Test
    void whatStandsApartSaysWhyAndWhatCostsSaysWhat() throws Exception {
        given(bases.shortlist(any(), anyLong(), any())).willReturn(Optional.of(list(SkinReading.Trust.COLOUR_CARD, 3)));
        http.perform(get("/sittings/5/base").with(user(RUNA)))
                .andExpect(content().string(containsString("Set apart")))
                .andExpect(content().string(containsString("Lists something the client reacts to.")))
                .andExpect(content().string(containsString("yet warm on neutral skin")))
                .andExpect(content()
                        .string(containsString("ranked as "
                                + Figures.one(
                                        ranked(3, 3, Form.LIQUID, 1.5).placed().standing()))));
    }

    @Test
    void aPowderShowsPanAndSkinAndWaitsForThePrimer() throws Exception {
        var wet = BaseSetting.usual().or(false, false).withPrimer(OffsetDateTime.now(), 5);
        given(bases.shortlist(any(), anyLong(), any()))
                .willReturn(Optional.of(
                        of(SkinReading.Trust.COLOUR_CARD, wet, List.of(ranked(7, 1, Form.POWDER, 0)), List.of())));
        http.perform(get("/sittings/5/base?form=POWDER").with(user(RUNA)))
                .andExpect(content().string(containsString("Left stone in the pan, right on this skin: 3.0 deeper.")))
                .andExpect(content().string(containsString("The skin is still wet")))
                .andExpect(content().string(containsString("none at the hairline")))
                .andExpect(content().string(containsString("deepens as usual")));
    }

    @Test
    void freckledAndContouredWishesQuarrelInWords() throws Exception {
        var both = BaseSetting.usual()
                .or(false, false)
                .with(BaseSetting.Ask.FRECKLES, true)
                .with(BaseSetting.Ask.HEAVY_CONTOUR, true);
        given(bases.shortlist(any(), anyLong(), any()))
                .willReturn(Optional.of(
                        of(SkinReading.Trust.COLOUR_CARD, both, List.of(ranked(1, 1, Form.LIQUID, 0)), List.of())));
        http.perform(get("/sittings/5/base").with(user(RUNA)))
                .andExpect(content().string(containsString("One of the two has to give")));
    }

    @Test
    void wishesAndSchoolsAreKeptByPost() throws Exception {
        given(bases.shortlist(any(), anyLong(), any())).willReturn(Optional.of(list(SkinReading.Trust.COLOUR_CARD, 3)));
        http.perform(post("/sittings/5/base/school?school=OUTER_FACE")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content().string(containsString("id=\"base-work\"")));
        http.perform(post("/sittings/5/base/ask?ask=FRECKLES").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk());
        http.perform(post("/sittings/5/base/powder?more=true").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk());
        http.perform(post("/sittings/5/base/primer?minutes=5").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk());
        verify(settings).school(RUNA.studio(), 5, MatchTarget.School.OUTER_FACE);
        verify(settings).toggle(RUNA.studio(), 5, BaseSetting.Ask.FRECKLES);
        verify(settings).powder(RUNA.studio(), 5, true);
        verify(settings).primer(RUNA.studio(), 5, 5);
    }

    @Test
    void aNoteThatIsTooLongIsKeptAndNothingIsTaken() throws Exception {
        given(bases.shortlist(any(), anyLong(), any())).willReturn(Optional.of(list(SkinReading.Trust.COLOUR_CARD, 3)));
        String note = "long ".repeat(120);
        http.perform(post("/sittings/5/base/take")
                        .param("product", "2")
                        .param("note", note)
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(
                        content().string(allOf(containsString("at most 500 fit"), containsString("long long long"))));
        verify(bases, never()).take(any(), anyLong(), anyLong(), any(), any(), anyLong());
    }

    @Test
    void takingABaseHandsOnTheNoteAndWhatSpokeAgainstIt() throws Exception {
        Shortlist.Ranked struck = new Shortlist.Ranked(
                ranked(2, 0, Form.LIQUID, 1.5).product(),
                0,
                ranked(2, 0, Form.LIQUID, 1.5).placed(),
                List.of(),
                List.of(Product.Struck.PAST_ITS_TIME));
        given(bases.standing(any(), anyLong(), anyLong())).willReturn(Optional.of(struck));
        http.perform(post("/sittings/5/base/take")
                        .param("product", "2")
                        .param("note", " softer ")
                        .param("instead", "9")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrlPattern("/sittings/5/base?taken*"));
        verify(bases)
                .take(
                        eq(RUNA),
                        eq(5L),
                        same(struck),
                        eq("softer"),
                        startsWith("Past its time after opening. Near by figures"),
                        eq(9L));
    }

    @Test
    void aBaseWithNothingAgainstItIsTakenWithoutAWord() throws Exception {
        Shortlist.Ranked first = ranked(2, 1, Form.LIQUID, 0);
        given(bases.standing(any(), anyLong(), anyLong())).willReturn(Optional.of(first));
        http.perform(post("/sittings/5/base/take")
                        .param("product", "2")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrlPattern("/sittings/5/base?taken*"));
        verify(bases).take(RUNA, 5, first, null, null, 0);
    }

    @Test
    void aStripeIsToggledAgainstWhatIsSeen() throws Exception {
        given(bases.shortlist(any(), anyLong(), any())).willReturn(Optional.of(list(SkinReading.Trust.COLOUR_CARD, 4)));
        http.perform(post("/sittings/5/base/stripe?product=3")
                        .header("HX-Request", "true")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content().string(allOf(containsString("id=\"base-work\""), not(containsString("<html")))));
        verify(bases).toggleStripe(RUNA.studio(), 5, 3, List.of(1L, 2L, 3L));
    }

    private static Shortlist.Ranked ranked(int i, int rank, Form form, double cost) {
        Product p = new Product(
                i,
                "Marl",
                String.valueOf(i),
                Role.BASE,
                form,
                Finish.SATIN,
                .8,
                Swatch.of(Lab.of(61, 10, 17), Lab.of(60 + .9 * i, 10, 17)),
                Traits.UNTOLD,
                Opened.UNKNOWN,
                null,
                Stock.ENOUGH,
                0);
        Lab on = form == Form.POWDER ? Lab.of(p.settled().lightness() - 3, 10, 17) : p.settled();
        List<RankBases.Priced> undertone = cost == 0
                ? List.of()
                : List.of(new RankBases.Priced(
                        Reason.check(
                                RankBases.Code.NEAR_BUT_OTHER_FAMILY, Undertone.Family.WARM, Undertone.Family.NEUTRAL),
                        cost));
        var placed = new RankBases.Placed(i, on, on.differenceFrom(SKIN), cost, undertone, List.of());
        return new Shortlist.Ranked(p, rank, placed, ShadeReason.of(on, TARGET), List.of());
    }

    private static Shortlist of(
            SkinReading.Trust trust, BaseSetting setting, List<Shortlist.Ranked> ranked, List<Shortlist.Ranked> apart) {
        boolean quarrel = setting.freckles() && setting.heavyContour();
        var wish = new Wear.Wish(null, null, Set.of(), Set.of(), quarrel, quarrel, Wear.Day.OPEN);
        return new Shortlist(
                TARGET,
                List.of(),
                trust,
                Undertone.Family.NEUTRAL,
                wish,
                setting,
                ranked,
                apart,
                ranked.subList(0, Math.min(3, ranked.size())),
                20,
                20,
                GOOD);
    }

    private static Shortlist list(SkinReading.Trust trust, int size) {
        List<Shortlist.Ranked> ranked = new ArrayList<>();
        for (int i = 1; i <= size; i++) {
            ranked.add(ranked(i, i, Form.LIQUID, i == 3 ? 1.5 : 0));
        }
        Shortlist.Ranked own = ranked(9, 0, Form.LIQUID, 0);
        Shortlist.Ranked apart =
                new Shortlist.Ranked(own.product(), 0, own.placed(), own.reasons(), List.of(Product.Struck.ALLERGEN));
        return of(trust, BaseSetting.usual().or(false, false), ranked, List.of(apart));
    }
}
