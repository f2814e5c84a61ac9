package scree.app.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.Ground;
import scree.app.Race;
import scree.app.TestDatabase;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.kit.Swatch;
import scree.app.picture.Upload;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.Touched;
import scree.app.skin.Touches;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.cover.CoverPlan;
import scree.core.cover.Place;
import scree.core.cover.Seen;
import scree.core.face.Side;
import scree.core.image.PictureIntake;
import scree.core.image.Point;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.FreeSpot;
import scree.core.skin.SkinFinding;
import scree.core.skin.SkinType;
import scree.core.skin.Texture;
import scree.core.skin.Zone;
import scree.standins.camera.Camera;
import scree.standins.camera.Concern;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;

/** Correction in the real database: what is planned, what an artist changes, and what is never planned. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class CorrectionsIT {
    private static final int WIDTH = 640;
    private static final int RASMUS = 4;

    @Autowired
    private Ground ground;

    @Autowired
    private Clients clients;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Readings readings;

    @Autowired
    private Faces faces;

    @Autowired
    private Touches touches;

    @Autowired
    private Kit kit;

    @Autowired
    private Corrections corrections;

    @Autowired
    private CorrectLines lines;

    private Member mine;
    private Member theirs;
    private byte[] picture;

    @BeforeAll
    void aStudioAndAFaceWithRedCheeksAndABlemish() {
        mine = ground.artist("correct");
        theirs = ground.artist("bare");
        Sitter red = Ensemble.all()
                .get(RASMUS)
                .troubledBy(List.of(
                        new Concern(.6, .56, .32, .26, 0, .36, true), new Concern(.42, 1.3, .05, .05, .1, .5, false)));
        picture = PictureIntake.encodeJpeg(
                Studio.seat(red, Lighting.facingWindow(), WIDTH)
                        .shoot(Camera.quiet(2), Lamp.daylight(5500), Shot.withCard(4)),
                .92f);
        add("Base", Role.BASE, Form.LIQUID, Lab.of(64, 11, 17), .78, null);
        add("Deeper", Role.BASE, Form.LIQUID, Lab.of(56, 12, 19), .78, null);
        add("Sand", Role.CONCEALER, Form.CREAM, Lab.of(66, 9, 18), .93, null);
        add("Olive", Role.CORRECTOR, Form.CREAM, Lab.of(70, 1, 26), .8, "lanolin");
        add("Moss", Role.CORRECTOR, Form.CREAM, Lab.of(76, -14, 14), .72, null);
    }

    private void add(String name, Role role, Form form, Lab colour, double contrast, String label) {
        kit.add(
                mine.studio(),
                Product.fresh("Marl", name, role, form, Finish.SATIN, contrast, Swatch.of(colour))
                        .withAllergens(label));
    }

    private long sitting(String allergies) {
        return sitting(mine, allergies);
    }

    private long sitting(Member mine, String allergies) {
        long client = clients.add(
                mine.studio(),
                new Client(
                        0, "Rasmus Alder", null, 1990, "Horn", SkinType.NORMAL, allergies, null, LocalDate.now(), 0));
        long id = sittings.add(mine.studio(), client, mine.artistId(), LocalDateTime.now(), 45, "Concert");
        readings.take(mine.studio(), id, Upload.of(picture));
        faces.take(mine, id, Studio.points(Ensemble.all().get(RASMUS), WIDTH), FaceSheet.Found.TEMPLATE);
        return id;
    }

    private TakenCorrections taken(long id) {
        return corrections.of(mine.studio(), id).orElseThrow();
    }

    private TakenCorrections.Treated cheeks(long id) {
        return taken(id).mark("CHEEK").orElseThrow();
    }

    private void spot(long id) {
        Point at = Studio.place(.42, 1.3, WIDTH);
        readings.relay(mine.studio(), id, f -> f.withSpot(FreeSpot.Kind.BLEMISH, at.x(), at.y()));
    }

    @Test
    void redCheeksAreBroughtBackToTheSkinBesideThem() {
        TakenCorrections.Treated cheeks = cheeks(sitting(null));
        assertThat(cheeks.mark().seen()).isEqualTo(Seen.REDNESS);
        assertThat(cheeks.plan().left()).isLessThanOrEqualTo(Place.TARGET);
        assertThat(cheeks.plan().level()).isEqualTo(CoverPlan.Level.SAFE);
        assertThat(cheeks.plan().left()).isLessThan(cheeks.mark().difference() / 2);
        assertThat(cheeks.answer().table().plan())
                .as("the craft's green is in the kit")
                .isPresent();
    }

    @Test
    void whatTheClientReactsToIsInNoPlan() {
        assertThat(taken(sitting(null)).wares())
                .extracting(w -> w.what().name())
                .contains("Marl Olive");
        TakenCorrections t = taken(sitting("lanolin"));
        assertThat(t.wares()).extracting(w -> w.what().name()).doesNotContain("Marl Olive");
        assertThat(t.marks())
                .flatExtracting(m -> m.plan().under())
                .extracting(l -> l.ware().what().name())
                .doesNotContain("Marl Olive");
    }

    @Test
    void aPlanIsChangedByHandUndoneAndLeftToScreeAgain() {
        long id = sitting(null);
        CoverPlan<Pot> proposed = cheeks(id).plan();
        corrections.edit(mine, id, "CHEEK", h -> h.with(false, -1, new CorrectSheet.Dab(null, "Base", 4)));
        assertThat(cheeks(id).byHand()).isTrue();
        assertThat(cheeks(id).plan().microns()).isGreaterThan(proposed.microns());
        corrections.undo(mine.studio(), id);
        assertThat(cheeks(id).byHand()).isFalse();
        corrections.redo(mine.studio(), id);
        corrections.change(mine, id, s -> s.by("CHEEK", null));
        assertThat(cheeks(id).plan()).isEqualTo(proposed);
        corrections.change(mine, id, s -> s.leaving("CHEEK"));
        assertThat(cheeks(id).laid()).as("left as it is").isEmpty();
    }

    @Test
    void aPoppedBlemishHasNoPlanUntilTheArtistsOwnNote() {
        long id = sitting(null);
        spot(id);
        assertThat(taken(id).mark("SPOT-1").orElseThrow().plan()).isNotNull();
        corrections.callBroken(mine, id, 1);
        TakenCorrections.Treated popped = taken(id).mark("SPOT-1").orElseThrow();
        assertThat(popped.broken()).isTrue();
        assertThat(popped.plan()).isNull();
        assertThatThrownBy(() -> corrections.edit(
                        mine, id, "SPOT-1", h -> h.with(false, -1, new CorrectSheet.Dab(null, "Base", 2))))
                .isInstanceOf(NotHere.class);
        corrections.change(mine, id, s -> s.noting("SPOT-1", "closed since Monday"));
        corrections.edit(mine, id, "SPOT-1", h -> h.with(false, -1, new CorrectSheet.Dab(null, "Base", 2)));
        assertThat(taken(id).mark("SPOT-1").orElseThrow().plan().over()).hasSize(1);
        assertThat(taken(id).mark("SPOT-1").orElseThrow().answer().care())
                .as("the caution stays")
                .isNotEmpty();
    }

    @Test
    void brokenSkinFeltOnAZoneStandsInTheListWithoutAPlan() {
        long id = sitting(null);
        touches.toggle(mine.studio(), id, new Touched(Zone.CHIN, Side.CENTRE, Texture.BROKEN_SKIN));
        assertThat(taken(id).mark("CHIN").orElseThrow().plan()).isNull();
    }

    @Test
    void aProductThatIsDeletedMeanwhileIsNamedAndTheRestStays() {
        long id = sitting(null);
        add("Gone", Role.CONCEALER, Form.CREAM, Lab.of(66, 10, 18), .9, null);
        long gone = kit.named(mine.studio(), "Gone", 1).get(0).id();
        corrections.edit(
                mine,
                id,
                "CHEEK",
                h -> new CorrectSheet.Hand(
                        List.of(),
                        List.of(new CorrectSheet.Dab(gone, "Marl Gone", 2), new CorrectSheet.Dab(null, "Base", 4))));
        assertThat(cheeks(id).gone()).isEmpty();
        kit.delete(mine.studio(), gone);
        assertThat(cheeks(id).gone()).containsExactly("Marl Gone");
        assertThat(cheeks(id).plan().over()).hasSize(1);
    }

    /** On this skin a powder deepens and a stripe taught otherwise: the base on the face is still the product of the kit. */
    @Test
    void aBaseThatLooksOtherOnThisSkinIsNoSecondProduct() {
        Product base = kit.named(mine.studio(), "Base", 1).get(0);
        Pot worn = new Pot(base.id(), base.fullName(), base.stoneId(), Lab.of(60, 12, 18), true);
        assertThat(worn).isEqualTo(Pot.of(base)).hasSameHashCodeAs(Pot.of(base));
        assertThat(Pot.of(base))
                .isNotEqualTo(Pot.of(kit.named(mine.studio(), "Deeper", 1).get(0)));
    }

    @Test
    void thePrintedPlanTellsWhatIsCorrectedAndWhatIsLeftToHeal() {
        long id = sitting(null);
        spot(id);
        corrections.callBroken(mine, id, 1);
        corrections.edit(
                mine,
                id,
                "CHEEK",
                h -> new CorrectSheet.Hand(List.of(), List.of(new CorrectSheet.Dab(null, "Base", 4))));
        assertThat(lines.of(mine.studio(), id))
                .anySatisfy(l -> assertThat(l).contains("Cheek: red").contains("then Marl Base, one thin coat"))
                .anySatisfy(l -> assertThat(l).contains("nothing goes on there"));
    }

    @Test
    void ofTwoLayersAddedAtOnceNoneIsLost() throws Exception {
        long id = sitting(null);
        CorrectSheet.Dab dab = new CorrectSheet.Dab(null, "Base", 2);
        for (int round = 0; round < 10; round++) {
            corrections.change(mine, id, s -> s.by("CHEEK", new CorrectSheet.Hand(List.of(), List.of(dab))));
            Race.run(2, () -> corrections.edit(mine, id, "CHEEK", h -> h.with(false, -1, dab)));
            assertThat(cheeks(id).plan().over()).hasSize(3);
        }
    }

    /** What is shown counts without what is gone, so a press on the second layer means the second that is shown. */
    @Test
    void aLayerIsChangedByItsPlaceAmongThoseThatAreStillThere() {
        long id = sitting(null);
        add("Lost", Role.CONCEALER, Form.CREAM, Lab.of(66, 10, 18), .9, null);
        long lost = kit.named(mine.studio(), "Lost", 1).get(0).id();
        CorrectSheet.Dab first = new CorrectSheet.Dab(lost, "Marl Lost", 2);
        CorrectSheet.Dab second = new CorrectSheet.Dab(null, "Base", 2);
        corrections.change(mine, id, s -> s.by("CHEEK", new CorrectSheet.Hand(List.of(), List.of(first, second))));
        kit.delete(mine.studio(), lost);
        corrections.edit(mine, id, "CHEEK", h -> h.with(false, 0, new CorrectSheet.Dab(null, "Base", 6)));
        assertThat(cheeks(id).gone()).isEmpty();
        assertThat(cheeks(id).plan().over())
                .singleElement()
                .satisfies(l -> assertThat(l.amount()).isEqualTo(1.5));
    }

    /** Skin's own colour stands in where no base is known; nobody can lay that. */
    @Test
    void withoutABaseNothingIsLaidThatIsNotInTheKit() {
        Member without = ground.artist("nobase");
        kit.add(
                without.studio(),
                Product.fresh(
                        "Marl", "Sand", Role.CONCEALER, Form.CREAM, Finish.SATIN, .93, Swatch.of(Lab.of(66, 9, 18))));
        long id = sitting(without, null);
        TakenCorrections t = corrections.of(without.studio(), id).orElseThrow();
        assertThat(t.marks()).isNotEmpty().allSatisfy(m -> {
            assertThat(m.plan().strata())
                    .extracting(s -> s.layer().ware().what().name())
                    .doesNotContainNull();
            assertThat(m.answer().shortCuts())
                    .flatExtracting(s -> s.plan().strata())
                    .extracting(s -> s.layer().ware().what().name())
                    .doesNotContainNull();
        });
        long sand = kit.named(without.studio(), "Sand", 1).get(0).id();
        CorrectSheet.Dab thin = new CorrectSheet.Dab(sand, "Marl Sand", 2);
        CorrectSheet.Hand twice = new CorrectSheet.Hand(List.of(), List.of(thin, thin));
        corrections.change(without, id, s -> s.by("CHEEK", twice));
        corrections.edit(without, id, "CHEEK", h -> h.with(false, 0, new CorrectSheet.Dab(sand, "Marl Sand", 6)));
        TakenCorrections again = corrections.of(without.studio(), id).orElseThrow();
        assertThat(again.mark("CHEEK").orElseThrow().plan().over())
                .as("two coats of one product are one film, and a press means what is shown")
                .singleElement()
                .satisfies(l -> assertThat(l.amount()).isEqualTo(1.5));
    }

    @Test
    void aFindingThatTheArtistRuledOutIsNotCorrected() {
        long id = sitting(null);
        touches.rule(mine, id, SkinFinding.Code.CHEEKS_RED);
        assertThat(taken(id).mark("CHEEK")).isEmpty();
    }

    @Test
    void aSpotBesideTheFaceTellsNothingAndIsNamed() {
        long id = sitting(null);
        readings.relay(mine.studio(), id, f -> f.withSpot(FreeSpot.Kind.BLEMISH, 60, 160));
        TakenCorrections t = taken(id);
        assertThat(t.mark("SPOT-1")).isEmpty();
        assertThat(t.unread()).extracting(FreeSpot::id).containsExactly(1);
    }

    @Test
    void anotherStudioSeesNothing() {
        long id = sitting(null);
        assertThatThrownBy(() -> corrections.of(theirs.studio(), id)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> corrections.change(theirs, id, s -> s.leaving("CHEEK")))
                .isInstanceOf(NotHere.class);
    }
}
