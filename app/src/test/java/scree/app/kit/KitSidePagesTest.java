package scree.app.kit;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import scree.app.Samples;
import scree.app.WebTest;
import scree.app.base.Bases;
import scree.app.skin.Readings;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.mix.Carrier;
import scree.core.shade.DryDown;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.MatchTarget;
import scree.core.skin.ReferenceCurve;

/** A product in a mix and the gaps of a kit: bad input is named and kept, nothing is guessed silently. */
@WebTest
class KitSidePagesTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private Kit kit;

    @Autowired
    private KitShelf shelf;

    @Autowired
    private Formulas formulas;

    @Autowired
    private Readings readings;

    @Autowired
    private Bases bases;

    @Autowired
    private DryDowns dryDowns;

    private static Product product(long id, double l, boolean inStock) {
        return Samples.base(id, "N" + id, ReferenceCurve.at(l), 0).inStock(inStock);
    }

    @BeforeEach
    void aKit() {
        given(kit.get(any(), anyLong())).willReturn(product(1, 68, true));
        given(formulas.of(any(StudioId.class), any())).willReturn(Formula.guessed(product(1, 68, true)));
        given(formulas.recorded(any())).willReturn(Map.of());
        given(formulas.purchases(any())).willReturn(new Formulas.Purchases("", 3));
        given(shelf.today(any())).willReturn(LocalDate.of(2026, 6, 20));
        given(shelf.of(any()))
                .willReturn(new KitShelf.Shelf(
                        1, LocalDate.of(2026, 6, 20), role -> List.of(product(1, 68, true), product(2, 33, false))));
        given(dryDowns.of(any(), anyLong())).willReturn(List.of());
    }

    @Test
    void figuresOutOfRangeAreNamedAndWhatWasTypedStays() throws Exception {
        http.perform(product()
                        .param("carrier", "SILICONE")
                        .param("density", "88")
                        .param("price", "24.50")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("id=\"density-problem\""),
                                containsString("value=\"88\""),
                                containsString("value=\"24.5\""),
                                not(containsString("id=\"price-problem\"")))));
        verify(formulas, never()).save(any(), any());
    }

    @Test
    void whatIsSavedGoesOnTheVersionThatWasSeen() throws Exception {
        http.perform(product()
                        .param("carrier", "SILICONE")
                        .param("density", "1.1")
                        .param("packVersion", "4")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrl("/kit/1?saved"));
        verify(formulas).save(RUNA.studio(), new Formula(1, Carrier.SILICONE, 1.1, null, null, null, 4, false));
    }

    @Test
    void aPackNobodySpokeOfIsNotStored() throws Exception {
        http.perform(product().with(user(RUNA)).with(csrf())).andExpect(redirectedUrl("/kit/1?saved"));
        verify(formulas, never()).save(any(), any());
    }

    @Test
    void observationsAreListedAndCanBeTakenBack() throws Exception {
        given(dryDowns.of(any(), anyLong()))
                .willReturn(List.of(new WatchedStripe(
                        9,
                        DryDown.Answer.VANISHED,
                        -2,
                        0,
                        0,
                        1.2,
                        OffsetDateTime.parse("2026-06-01T10:00:00Z"),
                        "Runa Vestby")));
        http.perform(get("/kit/1").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(
                                containsString("It vanished, Runa Vestby, 1 June 2026"),
                                containsString("/kit/1/forget?seen=9"))));
        http.perform(post("/kit/1/forget?seen=9").with(user(RUNA)).with(csrf()))
                .andExpect(redirectedUrl("/kit/1#dry-down"));
        verify(dryDowns).forget(RUNA.studio(), 1, 9);
    }

    /** A base colours as bases do; of drops it has to be learned. */
    @Test
    void onlyDropsAreSaidToColourStronglyUntilAMixTaughtIt() throws Exception {
        http.perform(get("/kit/1").with(user(RUNA)))
                .andExpect(content().string(not(containsString("drops are taken for strong ones"))));
        Product base = product(1, 68, true);
        given(kit.get(any(), anyLong()))
                .willReturn(Product.fresh("Marl", "Red", Role.MIXER, Form.DROPS, Finish.MATTE, 1, base.swatch())
                        .stored(1, 0));
        http.perform(get("/kit/1").with(user(RUNA)))
                .andExpect(content().string(containsString("drops are taken for strong ones")));
    }

    private static MockHttpServletRequestBuilder product() {
        return post("/kit/1")
                .param("line", "Marl")
                .param("name", "N1")
                .param("role", "BASE")
                .param("form", "LIQUID")
                .param("finish", "SATIN")
                .param("coverage", "80")
                .param("way", "KEEP")
                .param("version", "0");
    }

    @Test
    void whatIsOutOfStockMeetsNobody() throws Exception {
        http.perform(get("/kit/gaps").with(user(RUNA)))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("neutral, L* 68: Marl N1 alone"),
                                containsString("neutral, L* 33: not met. Nearest Marl N1"))));
    }

    @Test
    void aPurchaseIsWeighedAndALineThatCannotBeReadIsNamed() throws Exception {
        http.perform(post("/kit/gaps")
                        .param("list", "Deep, 33, 9, 9\nOdd, x, 1, 2")
                        .param("version", "3")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content()
                        .string(allOf(
                                containsString("Line 2: L* is no number"),
                                containsString("Odd, x, 1, 2"),
                                containsString("Deep"))));
        verify(formulas).putPurchases(RUNA.studio(), new Formulas.Purchases("Deep, 33, 9, 9\nOdd, x, 1, 2", 3));
    }

    @Test
    void aRoleSaysWhomTheKitServesAndWhatTheRestWouldLook() throws Exception {
        Product rose = Product.fresh(
                        "Jasper", "Rose", Role.BLUSH, Form.CREAM, Finish.SATIN, .25, Swatch.of(Lab.of(63, 20, 13)))
                .stored(7, 0);
        given(kit.withRole(any(), eq(Role.BLUSH))).willReturn(List.of(rose));
        http.perform(get("/kit/gaps?role=BLUSH").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(
                                containsString("neutral, L* 68: Jasper Rose looks right"),
                                containsString("neutral, L* 28: not in this kit. Jasper Rose would look chalky"))));
    }

    @Test
    void aRoleWithoutProductsSaysSoAndJudgesNothing() throws Exception {
        http.perform(get("/kit/gaps?role=LID").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(
                                containsString("Lid colour: nothing in the kit is in stock"),
                                containsString("/kit/new?role=LID"),
                                not(containsString("gap-cell")))));
        http.perform(get("/kit/gaps?role=CORRECTOR").with(user(RUNA)))
                .andExpect(content().string(containsString("takes a corrector and a concealer")));
    }

    @Test
    void theCheapestSetSaysWhoIsMetWhatToBuyAndWhoIsNot() throws Exception {
        given(formulas.purchases(any()))
                .willReturn(new Formulas.Purchases(
                        "Deep, 33, 8.6, 10.4, water, 30\nDear, 33, 8.6, 10.4, water, 90\nNo price, 33, 8, 10", 3));
        given(readings.known(any()))
                .willReturn(List.of(
                        new Readings.Known(1, "Ada Lind", 11),
                        new Readings.Known(2, "Bo Lund", 12),
                        new Readings.Known(3, "Cai Holm", 13)));
        given(bases.target(any(), eq(11L))).willReturn(target(ReferenceCurve.at(68)));
        given(bases.target(any(), eq(12L))).willReturn(target(Lab.of(33, 8.6, 10.4)));
        given(bases.target(any(), eq(13L))).willReturn(target(Lab.of(50, 20, 2)));
        http.perform(get("/kit/gaps/cheapest?clients=1&clients=2&clients=3").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(
                                containsString("Met by the kit as it is: Ada Lind."),
                                containsString("Buy Deep: 30.00 together."),
                                containsString("Nothing on the list meets Cai Holm."),
                                containsString("1 on the list have no price"))));
        http.perform(get("/kit/gaps/cheapest").with(user(RUNA)))
                .andExpect(content().string(containsString("Tick the clients first.")));
        http.perform(get("/kit/gaps?role=TOOL").with(user(RUNA))).andExpect(redirectedUrl("/kit/gaps"));
    }

    private static Optional<MatchTarget> target(Lab skin) {
        return Optional.of(new MatchTarget(skin, skin, skin, skin, MatchTarget.School.JAW_TO_NECK));
    }

    @Test
    void aListThatIsTooLongIsKeptOnThePageAndNotStored() throws Exception {
        String list = "Marl, 60, 10, 17\n".repeat(1400);
        http.perform(post("/kit/gaps").param("list", list).with(user(RUNA)).with(csrf()))
                .andExpect(content().string(containsString("at most 20,000 fit")));
        verify(formulas, never()).putPurchases(any(), any());
    }
}
