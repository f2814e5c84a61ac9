package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import scree.app.base.BaseChoice;
import scree.app.base.BaseSetting;
import scree.app.base.BaseSettings;
import scree.app.base.Bases;
import scree.app.base.StripeTests;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.kit.Kit;
import scree.app.mix.MixBench;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.place.Placements;
import scree.app.sitting.Steps;
import scree.app.skin.Readings;
import scree.app.skin.Touched;
import scree.app.skin.Touches;
import scree.app.studio.Member;
import scree.app.web.StaleSave;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.mix.Batch;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.skin.FreeSpot;
import scree.core.skin.MatchTarget;
import scree.core.skin.Texture;
import scree.core.skin.Zone;

/** Two at once, again and again, on the real database: whatever both did is there afterwards. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RacesIT {
    private static final int ROUNDS = 20;
    private static final int SITTER = 3;
    private static final Steps.Kind<FaceSheet> FACE = new Steps.Kind<>("FACE", FaceSheet.class);

    @Autowired
    private Ground ground;

    @Autowired
    private Readings readings;

    @Autowired
    private Pictures pictures;

    @Autowired
    private Faces faces;

    @Autowired
    private Placements placements;

    @Autowired
    private MixBench mix;

    @Autowired
    private Bases bases;

    @Autowired
    private BaseSettings settings;

    @Autowired
    private StripeTests stripes;

    @Autowired
    private Touches touches;

    @Autowired
    private Kit kit;

    @Autowired
    private Steps steps;

    @Autowired
    private JdbcTemplate sql;

    private Member me;
    private long client;
    private byte[] portrait;
    private List<Long> bare;

    @BeforeAll
    void aStudioWithAKit() {
        me = ground.artist("races");
        client = ground.client(me, null);
        bare = List.of(
                kit.add(me.studio(), Ground.base("Marl", "21", 68, null)),
                kit.add(me.studio(), Ground.base("Marl", "23", 65, null)),
                kit.add(me.studio(), Ground.base("Marl", "25", 62, null)),
                kit.add(me.studio(), Ground.base("Marl", "27", 59, null)));
        portrait = Twelve.portrait(SITTER);
    }

    @Test
    void ofTwoTicksOnAFaceNoneIsLost() throws Exception {
        long id = withFace();
        for (int i = 0; i < ROUNDS; i++) {
            boolean jowl = ticked(id, Tick.JOWL);
            boolean folds = ticked(id, Tick.NOSE_FOLDS);
            int before = seq(id);
            Race.all(() -> faces.tick(me, id, Tick.JOWL), () -> faces.tick(me, id, Tick.NOSE_FOLDS));
            assertThat(ticked(id, Tick.JOWL)).as("round %d", i).isEqualTo(!jowl);
            assertThat(ticked(id, Tick.NOSE_FOLDS)).as("round %d", i).isEqualTo(!folds);
            assertThat(seq(id)).as("each is a step of its own").isEqualTo(before + 2);
            faces.undo(me.studio(), id);
            faces.undo(me.studio(), id);
            assertThat(ticked(id, Tick.JOWL)).as("both can be undone").isEqualTo(jowl);
            faces.redo(me.studio(), id);
            faces.redo(me.studio(), id);
        }
    }

    @Test
    void ofTwoChangesOfAPlanNoneIsLost() throws Exception {
        long id = withFace();
        for (int i = 0; i < ROUNDS; i++) {
            double strength = .3 + .03 * i;
            boolean sheen =
                    placements.of(me.studio(), id).orElseThrow().sheet().off().contains(Family.SHEEN);
            Race.all(
                    () -> placements.strength(me, id, Area.CHEEK_SHADOW, Side.LEFT, strength),
                    () -> placements.family(me, id, Family.SHEEN));
            var sheet = placements.of(me.studio(), id).orElseThrow().sheet();
            assertThat(sheet.edit(Area.CHEEK_SHADOW, Side.LEFT).orElseThrow().strength())
                    .isEqualTo(strength);
            assertThat(sheet.off().contains(Family.SHEEN)).isEqualTo(!sheen);
        }
    }

    @Test
    void ofFourTapsOnAMixEveryOneCounts() throws Exception {
        long id = withSkin();
        for (int i = 0; i < ROUNDS; i++) {
            mix.lay(me, id, 1);
            Race.run(4, () -> mix.tap(me, id, bare.get(0), 1));
            int count = sql.queryForObject(
                    "SELECT sum((p ->> 'count')::int) FROM step s, jsonb_array_elements(s.state -> 'parts') p"
                            + " WHERE s.sitting_id = ? AND s.stage = 'MIX' AND s.present AND (p ->> 'product')::bigint = ?",
                    Integer.class,
                    id,
                    bare.get(0));
            mix.lay(me, id, 1);
            int laid = sql.queryForObject(
                    "SELECT coalesce(sum((p ->> 'count')::int), 0) FROM step s, jsonb_array_elements(s.state -> 'parts') p"
                            + " WHERE s.sitting_id = ? AND s.stage = 'MIX' AND s.present AND (p ->> 'product')::bigint = ?",
                    Integer.class,
                    id,
                    bare.get(0));
            assertThat(count - laid).isEqualTo(4);
        }
        Race.all(() -> mix.tap(me, id, bare.get(0), 1), () -> mix.batch(me, id, Batch.For.BODY, 7, Batch.Unit.PUMP));
        assertThat(sql.queryForObject(
                        "SELECT state ->> 'people' FROM step WHERE sitting_id = ? AND stage = 'MIX' AND present",
                        String.class,
                        id))
                .isEqualTo("7");
    }

    @Test
    void ofTwoSpotsMarkedAtOnceBothAreMeasured() throws Exception {
        for (int round = 0; round < ROUNDS; round += 10) { // a face bears thirty spots
            long id = withSkin();
            for (int i = 0; i < 10; i++) {
                double y = 330 + 9 * i;
                Race.all(
                        () -> readings.relay(me.studio(), id, f -> spot(f, 260, y)),
                        () -> readings.relay(me.studio(), id, f -> spot(f, 380, y)));
                var taken = readings.of(me.studio(), id).orElseThrow();
                assertThat(taken.face().spots()).hasSize(2 * i + 2);
                assertThat(taken.skin().spots())
                        .as("measured with what was laid")
                        .hasSizeGreaterThan(i);
            }
        }
    }

    private static scree.app.skin.FaceState spot(scree.app.skin.FaceState face, double x, double y) {
        return face.withSpot(FreeSpot.Kind.BLEMISH, x, y);
    }

    @Test
    void ofTwoPicturesAtOnceTheReadingIsOfTheNewer() throws Exception {
        for (int i = 0; i < ROUNDS; i++) {
            long id = sitting();
            Race.run(2, () -> {
                readings.take(me.studio(), id, Upload.of(portrait));
                faces.take(me, id, Twelve.points(SITTER), FaceSheet.Found.TEMPLATE);
            });
            long newest = sql.queryForObject("SELECT max(id) FROM picture WHERE sitting_id = ?", Long.class, id);
            assertThat(readings.of(me.studio(), id).orElseThrow().pictureId()).isEqualTo(newest);
        }
    }

    /** The database is held by nobody while a picture is read, which may take seconds. */
    @Test
    void noTransactionIsOpenWhileAPictureIsRead() {
        long id = sitting();
        boolean[] open = {true};
        readings.take(me.studio(), id, new Upload() {
            @Override
            public long size() {
                return portrait.length;
            }

            @Override
            public byte[] bytes() {
                open[0] = TransactionSynchronizationManager.isActualTransactionActive();
                return portrait;
            }
        });
        assertThat(open[0]).isFalse();
    }

    @Test
    void ofTwoSettingsOfABaseBothStand() throws Exception {
        long id = withSkin();
        for (int i = 0; i < ROUNDS; i++) {
            BaseSetting before = settings.of(me.studio(), id);
            double powder = .5 + .05 * i;
            Race.all(
                    () -> settings.toggle(me.studio(), id, BaseSetting.Ask.FRECKLES),
                    () -> settings.powderBy(me.studio(), id, powder - before.powder()));
            assertThat(settings.of(me.studio(), id).freckles()).isEqualTo(!before.freckles());
            assertThat(settings.of(me.studio(), id).powder()).isCloseTo(powder, within(1e-9));
            MatchTarget.School school = i % 2 == 0 ? MatchTarget.School.OUTER_FACE : MatchTarget.School.JAW_TO_NECK;
            Race.all(() -> settings.school(me.studio(), id, school), () -> settings.powderBy(me.studio(), id, .25));
            assertThat(settings.of(me.studio(), id).school()).isEqualTo(school);
            assertThat(settings.of(me.studio(), id).powder()).isCloseTo(Math.min(2, powder + .25), within(1e-9));
        }
    }

    @Test
    void ofTwoBasesTakenAtOnceOneIsPresentAndTheOtherIsTold() throws Exception {
        for (int i = 0; i < ROUNDS; i++) {
            long id = withSkin();
            AtomicInteger which = new AtomicInteger();
            List<Throwable> told =
                    Race.failures(2, () -> bases.take(me, id, bare.get(which.getAndIncrement()), null, null, 0));
            assertThat(told).hasSize(1).allMatch(e -> e instanceof StaleSave);
            assertThat(bases.choice(me.studio(), id)).isPresent();
            Race.run(2, () -> take(id, bare.get(2)));
            assertThat(bases.choice(me.studio(), id)
                            .orElseThrow()
                            .worn()
                            .shade()
                            .product())
                    .isEqualTo(bare.get(2));
        }
    }

    private void take(long id, long product) {
        try {
            long instead = bases.choice(me.studio(), id).map(BaseChoice::id).orElse(0L);
            bases.take(me, id, product, null, null, instead);
        } catch (StaleSave meanwhile) {
            take(id, product); // as an artist who looks and presses again
        }
    }

    @Test
    void whatWasTakenCanBePutBack() {
        long id = withSkin();
        BaseChoice first = bases.take(me, id, bare.get(0), "first", null, 0);
        BaseChoice second = bases.take(me, id, bare.get(1), null, null, first.id());
        assertThat(bases.former(me.studio(), id).orElseThrow().id()).isEqualTo(first.id());
        bases.putBack(me.studio(), id, first.id());
        assertThat(bases.choice(me.studio(), id).orElseThrow().note()).isEqualTo("first");
        assertThat(bases.former(me.studio(), id).orElseThrow().id()).isEqualTo(second.id());
        bases.putBack(me.studio(), id, 0);
        assertThat(bases.choice(me.studio(), id)).isEmpty();
        assertThat(bases.former(me.studio(), id).orElseThrow().id()).isEqualTo(first.id());
    }

    @Test
    void stripesTouchesAndPressesDoNotTreadOnEachOther() throws Exception {
        long id = withSkin();
        for (int i = 0; i < ROUNDS; i++) {
            sql.update("DELETE FROM stripe WHERE sitting_id = ?", id);
            sql.update("DELETE FROM touch WHERE sitting_id = ?", id);
            Race.all(
                    () -> bases.toggleStripe(me.studio(), id, bare.get(0), List.of()),
                    () -> bases.toggleStripe(me.studio(), id, bare.get(1), List.of()),
                    () -> touches.toggle(me.studio(), id, new Touched(Zone.CHEEK, Side.LEFT, Texture.values()[0])),
                    () -> touches.toggle(me.studio(), id, new Touched(Zone.CHEEK, Side.RIGHT, Texture.values()[0])),
                    () -> settings.primer(me.studio(), id, 4));
            Integer laid = sql.queryForObject("SELECT count(*) FROM stripe WHERE sitting_id = ?", Integer.class, id);
            assertThat(laid).isEqualTo(2);
            assertThat(touches.of(me.studio(), id)).hasSize(2);
            Race.run(3, () -> stripes.lay(me.studio(), id, bare, 5));
        }
    }

    private boolean ticked(long id, Tick tick) {
        return faces.of(me.studio(), id).orElseThrow().sheet().ticks().contains(tick);
    }

    private int seq(long id) {
        return steps.present(me.studio(), id, FACE).orElseThrow().seq();
    }

    private long sitting() {
        return ground.sitting(me, client);
    }

    private long withSkin() {
        long id = sitting();
        readings.takeReady(me.studio(), id, pictures.ready(Upload.of(portrait)));
        faces.take(me, id, Twelve.points(SITTER), FaceSheet.Found.TEMPLATE);
        return id;
    }

    private long withFace() {
        return withSkin();
    }
}
