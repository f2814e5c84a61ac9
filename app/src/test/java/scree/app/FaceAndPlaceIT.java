package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.face.FirstLooks;
import scree.app.kit.Kit;
import scree.app.kit.Opened;
import scree.app.kit.Product;
import scree.app.kit.Stock;
import scree.app.kit.Swatch;
import scree.app.picture.Upload;
import scree.app.place.Placements;
import scree.app.place.TakenPlan;
import scree.app.sitting.Sittings;
import scree.app.sitting.Steps;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.face.Landmark;
import scree.core.face.PointKey;
import scree.core.face.PointState;
import scree.core.face.PointsRefused;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.method.Aim;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.core.skin.SkinType;
import scree.standins.camera.StandInSearch;

/** Points, rulings and edits in the real database: kept step by step, undone and redone, and no other studio's business. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class FaceAndPlaceIT {

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
    private FirstLooks looks;

    @Autowired
    private Placements placements;

    @Autowired
    private Steps steps;

    @Autowired
    private Kit kit;

    private Member mine;
    private Member theirs;
    private byte[] picture;

    @BeforeAll
    void aStudioWithAKit() {
        mine = ground.artist("face");
        theirs = ground.artist("else");
        picture = Twelve.portrait(3);
        kit.add(mine.studio(), product("Slate", "Own", Role.CONTOUR, 48, 9, 12, null, true));
        kit.add(mine.studio(), product("Slate", "Gone", Role.CONTOUR, 46, 9, 12, null, false));
        kit.add(mine.studio(), product("Slate", "Lanolin", Role.CONTOUR, 47, 9, 12, "lanolin", true));
        kit.add(mine.studio(), product("Slate", "Orange", Role.CONTOUR, 52, 20, 46, null, true));
    }

    private static Product product(
            String line, String name, Role role, double l, double a, double b, String allergens, boolean inStock) {
        return new Product(
                0,
                line,
                name,
                role,
                Form.CREAM,
                Finish.MATTE,
                .75,
                Swatch.of(Lab.of(l, a, b), Lab.of(l, a, b)),
                Traits.UNTOLD,
                Opened.UNKNOWN,
                allergens,
                inStock ? Stock.ENOUGH : Stock.OUT,
                0);
    }

    private long sitting() {
        long client = clients.add(
                mine.studio(),
                new Client(0, "Petra Kvist", null, 1982, "Viola", SkinType.DRY, "lanolin", null, LocalDate.now(), 0));
        long id = sittings.add(mine.studio(), client, mine.artistId(), LocalDateTime.now(), 45, "Concert");
        readings.take(mine.studio(), id, Upload.of(picture));
        return id;
    }

    private long withFace() {
        long id = sitting();
        faces.take(mine, id, Twelve.points(3), FaceSheet.Found.TEMPLATE);
        return id;
    }

    @Test
    void everyStepOnAFaceIsUndoneAndRedoneInOrder() {
        long id = withFace();
        PointKey jaw = new PointKey(Landmark.JAW, Side.LEFT);
        double was =
                faces.of(mine.studio(), id).orElseThrow().points().at(jaw).at().x();
        faces.move(mine, id, jaw, 6, 0, false);
        faces.tick(mine, id, Tick.JOWL);
        faces.rule(mine, id, Shape.HEART);
        faces.rule(mine, id, Trait.FOREHEAD, FaceSheet.TraitRuling.Say.HIGH);
        faces.undo(mine.studio(), id);
        faces.undo(mine.studio(), id);
        var back = faces.of(mine.studio(), id).orElseThrow();
        assertThat(back.sheet().shape()).isNull();
        assertThat(back.sheet().ticks()).containsExactly(Tick.JOWL);
        assertThat(back.redoable()).isTrue();
        faces.redo(mine.studio(), id);
        var again = faces.of(mine.studio(), id).orElseThrow();
        assertThat(again.sheet().shape().shape()).isEqualTo(Shape.HEART);
        assertThat(again.sheet().shape().who()).isEqualTo(mine.name());
        assertThat(again.points().at(jaw).at().x()).isEqualTo(was + 6, org.assertj.core.api.Assertions.within(.02));
        faces.tick(mine, id, Tick.JOWL); // a new step forgets what was undone
        assertThat(faces.of(mine.studio(), id).orElseThrow().redoable()).isFalse();
    }

    @Test
    void aRefusedPointChangesNothing() {
        long id = withFace();
        int before = faces.of(mine.studio(), id).orElseThrow().seq();
        assertThatThrownBy(() -> faces.move(mine, id, PointKey.of(Landmark.CHIN), 0, -400, false))
                .isInstanceOf(PointsRefused.class);
        assertThatThrownBy(() -> faces.move(mine, id, PointKey.of(Landmark.CHIN), 5000, 0, false))
                .isInstanceOf(PointsRefused.class);
        assertThat(faces.of(mine.studio(), id).orElseThrow().seq()).isEqualTo(before);
    }

    @Test
    void theArtistsWordGoesOverTheReadingIntoThePlan() {
        long id = withFace();
        faces.rule(mine, id, Shape.OBLONG);
        assertThat(placements.of(mine.studio(), id).orElseThrow().plan().areas())
                .contains(Area.CHIN_SHADOW);
        faces.rule(mine, id, Shape.HEART);
        assertThat(placements.of(mine.studio(), id).orElseThrow().plan().areas())
                .doesNotContain(Area.CHIN_SHADOW);
        assertThat(faces.of(mine.studio(), id).orElseThrow().reading().shape().share(Shape.HEART))
                .as("the reading itself is not overwritten")
                .isLessThan(.9);
    }

    @Test
    void onlyProductsThatTheClientMayHaveAreChosenAndOrangeComesLast() {
        long id = withFace();
        TakenPlan plan = placements.of(mine.studio(), id).orElseThrow();
        var names = plan.zone(Area.CHEEK_SHADOW, Side.LEFT).orElseThrow().answer().foremost().stream()
                .map(c -> c.product().name())
                .toList();
        assertThat(names).containsExactly("Own", "Orange");
        assertThat(plan.zone(Area.CHEEK_SHADOW, Side.LEFT)
                        .orElseThrow()
                        .product()
                        .name())
                .isEqualTo("Own");
        assertThat(plan.zone(Area.BLUSH, Side.LEFT).orElseThrow().product())
                .as("nothing in this kit")
                .isNull();
    }

    @Test
    void editsSurviveAnotherAimAndAnotherFaceAndCanBePutBack() {
        long id = withFace();
        placements.strength(mine, id, Area.CHEEK_SHADOW, Side.LEFT, .3);
        placements.move(mine, id, Area.CHEEK_SHADOW, Side.LEFT, 2, .03, 0);
        placements.move(mine, id, Area.CHEEK_SHADOW, Side.LEFT, 2, .03, .01);
        placements.leaveOut(mine, id, Area.JAW_SHADOW, Side.LEFT, true);
        placements.method(mine, id, m -> m.withAim(Aim.SCULPT));
        faces.move(mine, id, PointKey.of(Landmark.CHIN), 0, 4, false);
        TakenPlan plan = placements.of(mine.studio(), id).orElseThrow();
        assertThat(plan.zone(Area.CHEEK_SHADOW, Side.RIGHT).orElseThrow().zone().strength())
                .isEqualTo(.3);
        assertThat(plan.sheet().edit(Area.CHEEK_SHADOW, Side.LEFT).orElseThrow().moves())
                .singleElement()
                .satisfies(m -> assertThat(m.dx()).isEqualTo(.06, org.assertj.core.api.Assertions.within(1e-9)));
        assertThat(plan.zone(Area.JAW_SHADOW, Side.LEFT)).isEmpty();
        placements.back(mine, id, Area.CHEEK_SHADOW, Side.LEFT);
        assertThat(placements
                        .of(mine.studio(), id)
                        .orElseThrow()
                        .zone(Area.CHEEK_SHADOW, Side.RIGHT)
                        .orElseThrow()
                        .zone()
                        .edited())
                .isFalse();
        assertThatThrownBy(() -> placements.move(mine, id, Area.BLUSH, Side.LEFT, 0, 2, 0))
                .hasMessageContaining("draw it less far");
    }

    @Test
    void theFirstChangeOfAPlanCanBeUndoneToo() {
        long id = withFace();
        placements.family(mine, id, Family.LIGHT);
        assertThat(placements.of(mine.studio(), id).orElseThrow().sheet().off()).contains(Family.LIGHT);
        placements.undo(mine.studio(), id);
        TakenPlan plan = placements.of(mine.studio(), id).orElseThrow();
        assertThat(plan.sheet().off()).doesNotContain(Family.LIGHT);
        assertThat(plan.undoable()).isFalse();
    }

    @Test
    void oldStepsAreForgottenNotPiledUp() {
        long id = withFace();
        for (int i = 0; i < 70; i++) {
            faces.tick(mine, id, Tick.FRINGE);
        }
        int undone = 0;
        while (faces.of(mine.studio(), id).orElseThrow().undoable()) {
            faces.undo(mine.studio(), id);
            undone++;
        }
        assertThat(undone).isBetween(55, 61);
    }

    @Test
    void anotherStudioNeitherSeesNorTouchesIt() {
        long id = withFace();
        assertThat(steps.present(theirs.studio(), id, new Steps.Kind<>("FACE", FaceSheet.class)))
                .isEmpty();
        assertThatThrownBy(() -> placements.of(theirs.studio(), id)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> faces.tick(theirs, id, Tick.JOWL)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> faces.undo(theirs.studio(), id)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> steps.begin(theirs, id, new Steps.Kind<>("FACE", String.class), any -> "{}"))
                .isInstanceOf(NotHere.class);
        assertThat(faces.of(mine.studio(), id)).isPresent();
    }

    @Test
    void aHandOnATurnedHeadKnowsThatItIsTurned() {
        long id = sitting();
        var truth = Twelve.points(3);
        looks.take(mine, id, StandInSearch.of(truth, 13));
        assertThat(faces.of(mine.studio(), id)).as("asked for again").isEmpty();
        faces.template(
                mine,
                id,
                truth.at(new PointKey(Landmark.PUPIL, Side.RIGHT)).at(),
                truth.at(new PointKey(Landmark.PUPIL, Side.LEFT)).at(),
                truth.at(PointKey.of(Landmark.CHIN)).at());
        var face = faces.of(mine.studio(), id).orElseThrow();
        assertThat(face.points().turn().sidesTold()).isFalse();
        assertThat(face.reading().balance().turned()).isNotNull();
    }

    @Test
    void aTemplateByThreeTapsLiesOnThePictureAndSaysWhatIsGuessed() {
        long id = sitting();
        var truth = Twelve.points(3);
        faces.template(
                mine,
                id,
                truth.at(new PointKey(Landmark.PUPIL, Side.RIGHT)).at(),
                truth.at(new PointKey(Landmark.PUPIL, Side.LEFT)).at(),
                truth.at(PointKey.of(Landmark.CHIN)).at());
        var face = faces.of(mine.studio(), id).orElseThrow();
        assertThat(face.points().at(PointKey.of(Landmark.CHIN)).state()).isEqualTo(PointState.PLACED);
        assertThat(face.reading().shape().settled()).isFalse();
        assertThat(faces.millimetresPerPixel(mine.studio(), face.sheet().pictureId()))
                .hasValueSatisfying(mm -> assertThat(mm * face.points().unit()).isBetween(50.0, 75.0));
    }
}
