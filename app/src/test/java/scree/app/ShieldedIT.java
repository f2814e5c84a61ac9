package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import scree.app.base.Bases;
import scree.app.bin.Bin;
import scree.app.client.Clients;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Intake;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Accounts;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.app.web.Once;
import scree.core.care.Care;

/** One bad row takes nothing else down; what is deleted comes back and in the end is gone; what was told is never overlooked. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ShieldedIT {
    private static final List<String> PAGES =
            List.of("intake", "light", "skin", "base", "base/mix", "base/stripes", "base/neck", "face", "place");

    @Autowired
    private Ground ground;

    @Autowired
    private MockMvc http;

    @Autowired
    private Accounts accounts;

    @Autowired
    private Clients clients;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Readings readings;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Faces faces;

    @Autowired
    private Bases bases;

    @Autowired
    private Kit kit;

    @Autowired
    private Bin bin;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private Clock clock;

    private byte[] portrait;
    private Member me;
    private long client;
    private long sitting;
    private long product;

    @BeforeAll
    void aPicture() {
        portrait = Twelve.portrait(3);
    }

    @BeforeEach
    void aStudioAtWork() {
        me = ground.artist("shielded");
        var studio = me.studio();
        client = ground.client(me, null);
        product = kit.add(studio, Ground.base("Marl", "21", 66, "lanolin"));
        kit.add(studio, Ground.base("Marl", "23", 63, "lanolin"));
        sitting = ground.sitting(me, client);
        readings.take(studio, sitting, Upload.of(portrait));
        faces.take(me, sitting, Twelve.points(3), FaceSheet.Found.TEMPLATE);
    }

    private void allPagesOpen() throws Exception {
        for (String page : PAGES) {
            http.perform(get("/sittings/" + sitting + "/" + page).with(user(me)))
                    .andExpect(status().isOk());
        }
    }

    /** A strength of 900 was once stored, and then every page of the sitting fell. */
    @Test
    void aStrengthThatNoZoneHasIsRefusedAndNothingIsStored() throws Exception {
        http.perform(post("/sittings/" + sitting + "/place/strength")
                        .param("area", "CHEEK_SHADOW")
                        .param("side", "LEFT")
                        .param("strength", "900")
                        .with(user(me))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("role=\"alert\"")));
        assertThat(sql.queryForObject(
                        "SELECT count(*) FROM step WHERE sitting_id = ? AND stage = 'PLACE'", Integer.class, sitting))
                .isZero();
        allPagesOpen();
    }

    /** However a bad state came in: its own stone and page say so, the others are as they were, and undo leads out. */
    @Test
    void aStageWhoseStateCannotBeReadSaysSoAloneAndUndoLeadsOut() throws Exception {
        for (String stage : List.of("FACE", "PLACE", "MIX")) {
            for (String state : List.of("{}", "[1]", "{\"edits\":[{\"strength\":900}],\"parts\":[]}")) {
                sql.update("DELETE FROM step WHERE sitting_id = ? AND stage = ?", sitting, stage);
                sql.update(
                        "INSERT INTO step (studio_id, sitting_id, stage, seq, state, artist_id, present)"
                                + " VALUES (?, ?, ?, 1, ?::jsonb, ?, TRUE)",
                        me.studio().value(),
                        sitting,
                        stage,
                        state,
                        me.artistId());
                allPagesOpen();
                String page = stage.equals("MIX") ? "base/mix" : stage.toLowerCase(java.util.Locale.ROOT);
                http.perform(get("/sittings/" + sitting + "/" + page).with(user(me)))
                        .andExpect(content().string(containsString("cannot be read, so nothing is built on it")));
                if (!stage.equals("MIX")) {
                    http.perform(get("/sittings/" + sitting + "/intake").with(user(me)))
                            .andExpect(content().string(containsString("cannot be read")));
                }
                String undo = stage.equals("MIX") ? "base/mix/undo?back=true" : page + "/undo";
                http.perform(post("/sittings/" + sitting + "/" + undo)
                                .with(user(me))
                                .with(csrf()))
                        .andExpect(status().isOk());
                assertThat(sql.queryForObject(
                                "SELECT count(*) FROM step WHERE sitting_id = ? AND stage = ?",
                                Integer.class,
                                sitting,
                                stage))
                        .isZero();
            }
        }
        sql.update("UPDATE reading SET face = '{}'::jsonb WHERE sitting_id = ?", sitting);
        allPagesOpen();
    }

    /** A product opened in the year 300000 once made Today, Kit, Base and Mix fall for the whole studio. */
    @Test
    void aProductOpenedOnNoDayIsShownAndCanBeMended() throws Exception {
        assertThatThrownBy(() ->
                        sql.update("UPDATE product SET opened_on = make_date(300000, 1, 1) WHERE id = ?", product))
                .isInstanceOf(DataIntegrityViolationException.class);
        sql.execute("ALTER TABLE product DROP CONSTRAINT product_opened_on_exists");
        try {
            sql.update(
                    "UPDATE product SET opened_on = make_date(300000, 1, 1), months_open = 12 WHERE id = ?", product);
            http.perform(get("/").with(user(me))).andExpect(status().isOk());
            http.perform(get("/kit").with(user(me)))
                    .andExpect(status().isOk())
                    .andExpect(content().string(containsString("opened on an impossible day")));
            http.perform(get("/kit/export.csv").with(user(me))).andExpect(status().isOk());
            allPagesOpen();
            http.perform(get("/kit/" + product).with(user(me)))
                    .andExpect(content().string(containsString("none that a calendar has")));
            Product bad = kit.get(me.studio(), product);
            kit.change(me.studio(), bad);
            assertThat(kit.get(me.studio(), product).opened().bad()).isFalse();
        } finally {
            sql.update("UPDATE product SET opened_on = NULL WHERE opened_on > '2199-12-31'");
            sql.execute("ALTER TABLE product ADD CONSTRAINT product_opened_on_exists"
                    + " CHECK (opened_on BETWEEN date '1990-01-01' AND date '2199-12-31')");
        }
    }

    @Test
    void whatIsDeletedIsGoneFromEveryPageAndComesBackWhole() throws Exception {
        long picture = readings.of(me.studio(), sitting).orElseThrow().pictureId();
        pictures.delete(me.studio(), picture);
        assertThat(readings.of(me.studio(), sitting)).as("read from it").isEmpty();
        http.perform(get("/pictures/" + picture + ".jpg").with(user(me))).andExpect(status().isNotFound());
        allPagesOpen();
        pictures.restore(me.studio(), picture);
        assertThat(readings.of(me.studio(), sitting)).isPresent();

        sittings.delete(me.studio(), sitting);
        assertThat(sittings.ofClient(me.studio(), client)).isEmpty();
        assertThat(sittings.on(me.studio(), LocalDate.now())).isEmpty();
        http.perform(get("/sittings/" + sitting + "/skin").with(user(me))).andExpect(status().isNotFound());
        http.perform(get("/pictures/" + picture + ".jpg").with(user(me))).andExpect(status().isNotFound());
        assertThatThrownBy(() -> faces.undo(me.studio(), sitting)).isInstanceOf(NotHere.class);
        sittings.restore(me.studio(), sitting);

        clients.delete(me.studio(), client);
        assertThat(clients.search(me.studio(), "")).isEmpty();
        assertThatThrownBy(() -> sittings.get(me.studio(), sitting)).isInstanceOf(NotHere.class);
        http.perform(get("/deleted").with(user(me))).andExpect(content().string(containsString("Petra Kvist")));
        clients.restore(me.studio(), client);
        allPagesOpen();
    }

    @Test
    void aDeletedProductLeavesTheKitAndTheRecordKeepsWhatItWas() {
        bases.take(me, sitting, product, null, null, 0);
        kit.delete(me.studio(), product);
        assertThat(kit.all(me.studio())).extracting(Product::id).doesNotContain(product);
        assertThat(bases.choice(me.studio(), sitting).orElseThrow().fullName()).isEqualTo("Marl 21");
        kit.add(me.studio(), Ground.base("Marl", "21", 70, "lanolin"));
        assertThatThrownBy(() -> kit.restore(me.studio(), product)).isInstanceOf(DuplicateKeyException.class);
        kit.erase(me.studio(), OffsetDateTime.now(clock).plusMinutes(1));
        assertThat(bases.choice(me.studio(), sitting).orElseThrow().fullName()).isEqualTo("Marl 21");
    }

    @Test
    void afterThirtyDaysItIsErasedForGoodAndNotBefore() {
        clients.delete(me.studio(), client);
        sql.update("UPDATE client SET deleted_at = now() - interval '29 days' WHERE id = ?", client);
        bin.keepUp(me.studio());
        assertThat(clients.deleted(me.studio())).hasSize(1);
        sql.update("UPDATE client SET deleted_at = now() - interval '31 days' WHERE id = ?", client);
        bin.keepUp(accounts.foundStudio("another"));
        assertThat(clients.deleted(me.studio())).as("another studio's upkeep").hasSize(1);
        bin.keepUp(me.studio());
        assertThat(sql.queryForObject("SELECT count(*) FROM picture WHERE sitting_id = ?", Integer.class, sitting))
                .isZero();
    }

    @Test
    void anotherStudioDeletesAndBringsBackNothing() {
        var other = accounts.foundStudio("other");
        assertThatThrownBy(() -> clients.delete(other, client)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> sittings.delete(other, sitting)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> kit.delete(other, product)).isInstanceOf(NotHere.class);
        kit.delete(me.studio(), product);
        assertThatThrownBy(() -> kit.restore(other, product)).isInstanceOf(NotHere.class);
        assertThat(kit.deleted(other)).isEmpty();
    }

    /** A test that reacted once read "no patch test noted"; what was told at another sitting, from home too, was never seen. */
    @Test
    void whatWasToldIsSaidOnTodayAndSetsProductsAside() throws Exception {
        long before = sittings.add(
                me.studio(), client, me.artistId(), LocalDateTime.now().minusDays(3), 30, "From home");
        sittings.saveIntake(me.studio(), before, 0, Intake.told(null, null, "wool wax", null));
        sittings.saveIntake(
                me.studio(),
                sitting,
                0,
                new Intake(
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        Care.PatchTest.REACTED,
                        "left cheek",
                        null,
                        null,
                        null,
                        null));
        http.perform(get("/").with(user(me)))
                .andExpect(content().string(containsString("The patch test reacted")))
                .andExpect(content().string(containsString("Reacts to wool wax")))
                .andExpect(content().string(containsString("left cheek")))
                .andExpect(content().string(org.hamcrest.Matchers.not(containsString("No patch test noted"))));
        assertThat(sittings.get(me.studio(), sitting).sensitivities().meet("talc, lanolin"))
                .isTrue();
        http.perform(get("/sittings/" + sitting + "/place/chart.svg").with(user(me)))
                .andExpect(status().isOk());
    }

    /** 20,000 rows once took 84 seconds, each in a statement of its own. */
    @Test
    void aLargeKitComesInWholeOnceAndTellsHowFarItIs() throws Exception {
        StringBuilder csv = new StringBuilder(
                "line,name,role,form,finish,coverage_percent,wet_l,wet_a,wet_b,settled_l,settled_a,settled_b,in_stock\n");
        for (int i = 0; i < 2300; i++) {
            csv.append("Gneiss,")
                    .append(i)
                    .append(",BASE,LIQUID,SATIN,75,60,9,17,59,9,17,")
                    .append(i % 2 == 0 ? "out" : "yes")
                    .append('\n');
        }
        http.perform(MockMvcRequestBuilders.multipart("/kit/import")
                        .file(new MockMultipartFile(
                                "file", "kit.csv", "text/csv", csv.toString().getBytes(StandardCharsets.UTF_8)))
                        .with(user(me))
                        .with(csrf()))
                .andExpect(content().string(containsString("2,300 new, 0 changed")));
        http.perform(get("/kit/import/progress").with(user(me)))
                .andExpect(content().string("0 2300"));
        String token = Once.fresh();
        Race.run(
                2,
                () -> http.perform(post("/kit/import/yes")
                                .param("once", token)
                                .with(user(me))
                                .with(csrf()))
                        .andExpect(status().is3xxRedirection()));
        assertThat(kit.page(me.studio(), null, "gneiss", 0).total()).isEqualTo(2300);
        assertThat(kit.page(me.studio(), null, "gneiss", 0).products())
                .filteredOn(Product::inStock)
                .hasSizeBetween(20, 40);
        http.perform(get("/kit/import/progress").with(user(me)))
                .andExpect(content().string(""));
    }

    @Test
    void aPictureIsAskedForAgainEachTimeAndNotSentTwice() throws Exception {
        long picture = readings.of(me.studio(), sitting).orElseThrow().pictureId();
        String tag = http.perform(get("/pictures/" + picture + ".jpg").with(user(me)))
                .andExpect(header().string("Cache-Control", containsString("no-cache")))
                .andReturn()
                .getResponse()
                .getHeader("ETag");
        http.perform(get("/pictures/" + picture + ".jpg")
                        .header("If-None-Match", tag)
                        .with(user(me)))
                .andExpect(status().isNotModified());
    }

    @Test
    void sittingsAndClientsOfNoDayAreRefusedByTheSchemaToo() {
        assertThatThrownBy(() ->
                        sittings.add(me.studio(), client, me.artistId(), LocalDateTime.of(1950, 1, 1, 10, 0), 45, "x"))
                .isInstanceOf(DataIntegrityViolationException.class);
    }
}
