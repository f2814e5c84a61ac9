package scree.app.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.base.BaseSettings;
import scree.app.correct.Corrections;
import scree.app.order.OrderSheet;
import scree.app.order.Orders;
import scree.app.place.Placements;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.core.method.Aim;
import scree.core.method.CoverSchool;
import scree.core.method.PlacementMethod.BlushWay;
import scree.core.placement.Family;
import scree.core.routine.OrderSchool;
import scree.core.routine.SchoolChoice;
import scree.core.skin.MatchTarget;

/** Who settles what for whom, from when, and that the work starts from it. */
@TestDatabase
class MethodsIT {
    private static final Methods.Whose STUDIO = new Methods.Whose(Level.STUDIO, null);
    private static final Methods.Whose MINE = new Methods.Whose(Level.ARTIST, null);

    @Autowired
    private Ground ground;

    @Autowired
    private Methods methods;

    @Autowired
    private Sittings sittings;

    @Autowired
    private BaseSettings bases;

    @Autowired
    private Corrections corrections;

    @Autowired
    private Placements placements;

    @Autowired
    private Orders orders;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private MockMvc http;

    private Member owner;
    private long client;
    private long sitting;

    @BeforeEach
    void aStudio() {
        owner = ground.artist("method");
        client = ground.client(owner, null);
        sitting = ground.sitting(owner, client);
    }

    private Methods.Whose withClient() {
        return new Methods.Whose(Level.CLIENT, client);
    }

    private String blush() {
        return methods.of(owner.studio(), sittings.get(owner.studio(), sitting)).value(Setting.BLUSH);
    }

    @Test
    void theClientsWordGoesBeforeTheArtistsAndTheArtistsBeforeTheStudios() {
        methods.settle(owner, withClient(), Setting.BLUSH, "DRAPE");
        methods.settle(owner, STUDIO, Setting.BLUSH, "LIFT");
        assertThat(blush()).isEqualTo("DRAPE");
        methods.settle(owner, withClient(), Setting.BLUSH, null);
        assertThat(blush()).isEqualTo("LIFT");
        methods.settle(owner, MINE, Setting.BLUSH, "APPLES");
        assertThat(blush()).isEqualTo("APPLES");
        methods.reset(owner, MINE);
        assertThat(blush()).isEqualTo("LIFT");
        methods.reset(owner, STUDIO);
        assertThat(blush()).isEqualTo("USUAL");
        assertThat(sql.queryForObject(
                        "select count(*) from method_choice where studio_id = ?",
                        Integer.class,
                        owner.studio().value()))
                .as("nothing is rewritten")
                .isEqualTo(6);
    }

    @Test
    void anotherArtistAndAnotherStudioDoNotSeeIt() {
        Member other = ground.joined(owner, Role.ARTIST, "Second");
        methods.settle(owner, MINE, Setting.AIM, "SCULPT");
        assertThat(methods.of(other).value(Setting.AIM)).isEqualTo("BALANCE");
        Member stranger = ground.artist("method-elsewhere");
        assertThat(methods.of(stranger).value(Setting.AIM)).isEqualTo("BALANCE");
        assertThatThrownBy(() -> methods.settle(stranger, withClient(), Setting.AIM, "LIFT"))
                .isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> methods.of(stranger, withClient())).isInstanceOf(NotHere.class);
    }

    @Test
    void aSittingThatIsOverStaysAsThingsStoodOnItsDay() {
        methods.settle(owner, STUDIO, Setting.BLUSH, "LIFT");
        sql.update(
                "update method_choice set since = now() - interval '40 days' where studio_id = ?",
                owner.studio().value());
        sql.update("update sitting set starts_at = starts_at - interval '20 days' where id = ?", sitting);
        methods.settle(owner, STUDIO, Setting.BLUSH, "DRAPE");
        assertThat(blush()).isEqualTo("LIFT");
        assertThat(methods.of(owner).value(Setting.BLUSH)).isEqualTo("DRAPE");
    }

    @Test
    void everyStageStartsFromIt() {
        ground.seat(owner, sitting, 3);
        methods.settle(owner, STUDIO, Setting.MATCH_AREA, "FACE_TO_BODY");
        methods.settle(owner, STUDIO, Setting.COVER_SCHOOL, "BY_TABLE");
        methods.settle(owner, MINE, Setting.AIM, "LIFT");
        methods.settle(owner, MINE, Setting.WORK_SUN, "YES");
        methods.settle(owner, withClient(), Setting.ORDER_SCHOOL, "UNDERPAINTING");
        methods.settle(owner, withClient(), Setting.SUN_CARE, "ALWAYS");

        assertThat(bases.of(owner.studio(), sitting).school()).isEqualTo(MatchTarget.School.FACE_TO_BODY);
        assertThat(corrections.of(owner.studio(), sitting).orElseThrow().sheet().school())
                .isEqualTo(CoverSchool.BY_TABLE);
        var plan = placements.of(owner.studio(), sitting).orElseThrow();
        assertThat(plan.sheet().method().aim()).isEqualTo(Aim.LIFT);
        assertThat(plan.sheet().off()).containsExactly(Family.POWDER);
        assertThat(plan.asLastTime()).isFalse();
        var order = orders.of(owner.studio(), sitting);
        assertThat(order.choice()).isEqualTo(new SchoolChoice(OrderSchool.UNDERPAINTING, SchoolChoice.Why.METHOD));
        assertThat(order.gathered().done()).contains(OrderSheet.Extra.SUN_CARE);
    }

    @Test
    void whatAHandDidTheLastTimeIsDoneAgainAndTheRestFollowsTheMethod() {
        ground.seat(owner, sitting, 3);
        placements.method(owner, sitting, m -> m.withBlushWay(BlushWay.APPLES));
        sql.update("update sitting set starts_at = starts_at - interval '20 days' where id = ?", sitting);
        methods.settle(owner, MINE, Setting.AIM, "SOFTEN");
        long next = ground.sitting(owner, client);
        ground.seat(owner, next, 3);
        var plan = placements.of(owner.studio(), next).orElseThrow();
        assertThat(plan.asLastTime()).isTrue();
        assertThat(plan.sheet().method().blush()).isEqualTo(BlushWay.APPLES);
        assertThat(plan.sheet().method().aim()).isEqualTo(Aim.SOFTEN);
    }

    @Test
    void onlyOwnersSettleForTheStudioAndMeasuresAreNoClients() throws Exception {
        Member artist = ground.joined(owner, Role.ARTIST, "Second");
        assertThat(settled(artist, "/method/studio", "AIM", "LIFT").getStatus()).isEqualTo(403);
        assertThat(settled(owner, "/method/studio", "AIM", "LIFT").getStatus()).isEqualTo(200);
        assertThat(settled(artist, "/method/clients/" + client, "DROP_ML", "0.04")
                        .getStatus())
                .isEqualTo(404);
        assertThat(methods.of(artist).value(Setting.AIM)).isEqualTo("LIFT");
    }

    @Test
    void aWrongAmountIsSaidBesideItAndStays() throws Exception {
        MockHttpServletResponse answer = settled(owner, "/method", "DROP_ML", "half a drop");
        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(answer.getContentAsString())
                .contains("Give a number from 0.01 to 0.2", "value=\"half a drop\"", "aria-invalid=\"true\"");
        assertThat(methods.of(owner).value(Setting.DROP_ML)).isEqualTo("0.05");
        assertThat(settled(owner, "/method", "AIM", "PRETTY").getStatus()).isEqualTo(400);
        assertThat(settled(owner, "/method", "NOTHING", "LIFT").getStatus()).isBetween(400, 404);
    }

    private MockHttpServletResponse settled(Member who, String url, String setting, String value) throws Exception {
        return http.perform(post(url)
                        .param("setting", setting)
                        .param("value", value)
                        .header("HX-Request", "true")
                        .with(user(who))
                        .with(csrf()))
                .andReturn()
                .getResponse();
    }
}
