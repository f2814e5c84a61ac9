package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataIntegrityViolationException;
import scree.app.base.BaseFilter;
import scree.app.base.Bases;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.kit.Kit;
import scree.app.kit.Measure;
import scree.app.kit.Product;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Intake;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Accounts;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.care.Care;
import scree.core.colour.Lab;
import scree.core.method.Occasion;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;

/** Real rows in a real database: what one studio writes, another never sees; stale saves are caught; the past stays. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class StudioIsolationIT {
    @Autowired
    private Faces faces;

    @Autowired
    private Ground ground;

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
    private Kit kit;

    @Autowired
    private Bases bases;

    private Member mine;
    private Member theirs;
    private long client;
    private long sitting;
    private long picture;
    private long product;

    @BeforeAll
    void twoStudiosAndOneFullSitting() {
        mine = ground.artist("mine");
        theirs = ground.artist("theirs");
        client = ground.client(mine, "lanolin");
        sitting = ground.sitting(mine, client);
        product = kit.add(mine.studio(), Ground.base("Marl", "21", 68, null));
        kit.add(mine.studio(), Ground.base("Marl", "23", 65, null));
        readings.take(mine.studio(), sitting, Upload.of(Twelve.portrait(3)));
        faces.take(mine, sitting, Twelve.points(3), FaceSheet.Found.TEMPLATE);
        picture = readings.of(mine.studio(), sitting).orElseThrow().pictureId();
        readings.keep(mine.studio(), sitting, 0);
        bases.take(mine, sitting, product, "first", null, 0);
    }

    @Test
    void anotherStudioSeesNothing() {
        StudioId other = theirs.studio();
        assertThat(clients.search(other, "")).isEmpty();
        assertThatThrownBy(() -> clients.get(other, client)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> sittings.get(other, sitting)).isInstanceOf(NotHere.class);
        assertThat(sittings.on(other, LocalDate.now())).isEmpty();
        assertThat(sittings.ofClient(other, client)).isEmpty();
        assertThatThrownBy(() -> pictures.jpeg(other, picture)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> pictures.thumb(other, picture)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> pictures.raster(other, picture)).isInstanceOf(NotHere.class);
        assertThat(pictures.latest(other, List.of(sitting))).isEmpty();
        assertThat(readings.of(other, sitting)).isEmpty();
        assertThat(readings.of(other, List.of(sitting))).isEmpty();
        assertThat(kit.all(other)).isEmpty();
        assertThat(kit.some(other, List.of(product))).isEmpty();
        assertThat(kit.soonPastTheirTime(other, 9)).isEmpty();
        assertThatThrownBy(() -> kit.get(other, product)).isInstanceOf(NotHere.class);
        assertThat(bases.choice(other, sitting)).isEmpty();
        assertThat(bases.choices(other, List.of(sitting))).isEmpty();
        assertThat(accounts.artists(other)).hasSize(1);
    }

    @Test
    void anotherStudioChangesNothing() {
        StudioId other = theirs.studio();
        Client stolen = new Client(
                client,
                "Stolen",
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                clients.get(mine.studio(), client).version());
        assertThatThrownBy(() -> clients.change(other, stolen)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> readings.take(other, sitting, Upload.of(Twelve.portrait(3))))
                .isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> readings.keep(other, sitting, 0)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> bases.take(theirs, sitting, product, null, null, 0))
                .isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> sittings.add(other, client, theirs.artistId(), LocalDateTime.now(), 45, "x"))
                .isInstanceOf(DataIntegrityViolationException.class);
        assertThat(clients.get(mine.studio(), client).name()).isEqualTo("Petra Kvist");
    }

    @Test
    void theReadingComesBackAsItWasTaken() {
        var taken = readings.of(mine.studio(), sitting).orElseThrow();
        assertThat(taken.skin().trust().name()).isEqualTo("COLOUR_CARD");
        assertThat(taken.skin().zones()).hasSizeGreaterThan(7);
        assertThat(taken.face().outlines()).hasSize(22);
        var list = bases.shortlist(mine.studio(), sitting, BaseFilter.ANY).orElseThrow();
        assertThat(list.ranked())
                .hasSize(2)
                .isSortedAccordingTo(
                        java.util.Comparator.comparingDouble(r -> r.placed().standing()));
    }

    @Test
    void aLaterChangeOfTheProductNeverRewritesThePast() {
        double then =
                bases.choice(mine.studio(), sitting).orElseThrow().settled().lightness();
        Product now = kit.get(mine.studio(), product);
        Product changed = now.measured(Lab.of(40, 9, 15), Lab.of(39, 9, 15), Measure.TYPED);
        kit.change(mine.studio(), changed);
        assertThat(bases.choice(mine.studio(), sitting).orElseThrow().settled().lightness())
                .isEqualTo(then);
        assertThatThrownBy(() -> kit.change(mine.studio(), changed)).isInstanceOfSatisfying(StaleSave.class, stale -> {
            assertThat(((Product) stale.stored()).settled().lightness()).isEqualTo(39);
        });
        kit.change(mine.studio(), now.stored(now.id(), now.version() + 1));
    }

    @Test
    void aStaleIntakeIsAnsweredWithWhatIsStored() {
        long id = sittings.add(
                mine.studio(), client, mine.artistId(), LocalDateTime.now().plusDays(2), 45, "Concert");
        sittings.saveIntake(mine.studio(), id, 0, answers(Occasion.STAGE));
        assertThatThrownBy(() -> sittings.saveIntake(mine.studio(), id, 0, answers(Occasion.CAMERA)))
                .isInstanceOf(StaleSave.class);
        assertThat(sittings.get(mine.studio(), id).intake().occasion()).isEqualTo(Occasion.STAGE);
    }

    private static Intake answers(Occasion occasion) {
        return new Intake(
                occasion,
                8,
                false,
                Coverage.MEDIUM,
                Finish.SATIN,
                null,
                Care.PatchTest.CLEAR,
                null,
                null,
                null,
                null,
                null);
    }
}
