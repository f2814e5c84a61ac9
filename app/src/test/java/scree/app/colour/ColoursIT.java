package scree.app.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.Twelve;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.kit.Kit;
import scree.app.kit.Opened;
import scree.app.kit.Product;
import scree.app.kit.Stock;
import scree.app.kit.Swatch;
import scree.app.picture.Upload;
import scree.app.place.Placements;
import scree.app.place.TakenPlan;
import scree.app.sitting.Intake;
import scree.app.sitting.OwnColours;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.HarmonyCode;
import scree.core.harmony.Part;
import scree.core.judge.EyeTone;
import scree.core.judge.HairTone;
import scree.core.judge.Looks;
import scree.core.method.Aim;
import scree.core.method.Insist;
import scree.core.placement.Area;
import scree.core.placement.FacePaint.Lips;
import scree.core.reason.Reason;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Told;
import scree.core.shade.Traits;
import scree.core.skin.SkinType;

/** Colour in the real database: what is proposed, chosen, undone, and never worn by whom it could hurt. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ColoursIT {
    /** Fair, freckled, red hair. */
    private static final int PETRA = 3;

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
    private Placements placements;

    @Autowired
    private Kit kit;

    @Autowired
    private Colours colours;

    private Member mine;
    private Member theirs;
    private byte[] picture;

    @BeforeAll
    void aStudioWithColours() {
        mine = ground.artist("colour");
        theirs = ground.artist("grey");
        picture = Twelve.portrait(PETRA);
        add(Role.BLUSH, "Rose", Form.POWDER, .25, 63, 20, 13, null);
        add(Role.BLUSH, "Apricot", Form.POWDER, .25, 61, 17, 19, null);
        add(Role.BLUSH, "Sloe", Form.POWDER, .25, 28, 14, 7, null);
        add(Role.LIP, "Petal", Form.CREAM, .55, 60, 30, 10, "carmine");
        add(Role.LIP, "Rose stone", Form.CREAM, .55, 55, 22, 10, null);
        add(Role.LIP, "Coral rag", Form.CREAM, .55, 58, 29, 17, null);
        add(Role.LINER, "Black", Form.PENCIL, .97, 8, 1, 1, null);
        add(Role.LINER, "Fawn", Form.PENCIL, .97, 32, 6, 9, null);
        add(Role.LID, "Unsaid", Form.POWDER, .45, 52, 9, 12, null, Told.UNKNOWN);
        add(Role.LIP_STAIN, "Cool stain", Form.LIQUID, .25, 44, 26, -10, null);
    }

    private void add(Role role, String name, Form form, double contrast, double l, double a, double b, String label) {
        add(role, name, form, contrast, l, a, b, label, Told.YES);
    }

    private void add(
            Role role,
            String name,
            Form form,
            double contrast,
            double l,
            double a,
            double b,
            String label,
            Told eyeSafe) {
        Traits safe = new Traits(null, false, null, Told.UNKNOWN, Told.UNKNOWN, Told.UNKNOWN, eyeSafe, null);
        kit.add(
                mine.studio(),
                new Product(
                        0,
                        "Line",
                        name,
                        role,
                        form,
                        Finish.SATIN,
                        contrast,
                        Swatch.of(Lab.of(l, a, b), Lab.of(l, a, b)),
                        safe,
                        Opened.UNKNOWN,
                        label,
                        Stock.ENOUGH,
                        0));
    }

    private long sitting(String allergies) {
        long client = clients.add(
                mine.studio(),
                new Client(
                        0, "Petra Kvist", null, 1982, "Viola", SkinType.NORMAL, allergies, null, LocalDate.now(), 0));
        long id = sittings.add(mine.studio(), client, mine.artistId(), LocalDateTime.now(), 45, "Concert");
        sittings.saveIntake(
                mine.studio(),
                id,
                0,
                new Intake(
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        new OwnColours(HairTone.RED, HairTone.RED, EyeTone.GREEN),
                        true));
        readings.take(mine.studio(), id, Upload.of(picture));
        faces.take(mine, id, Twelve.points(PETRA), FaceSheet.Found.TEMPLATE);
        return id;
    }

    private TakenColour taken(long id) {
        return colours.of(mine.studio(), id).orElseThrow();
    }

    @Test
    void whatIsProposedLooksRightAndSaysWhy() {
        TakenColour t = taken(sitting(null));
        assertThat(t.picks().get(Part.CHEEK).looks()).isEqualTo(Looks.FITS);
        assertThat(t.picks().get(Part.LIP).looks()).isEqualTo(Looks.FITS);
        assertThat(t.picks().get(Part.LIP).why())
                .extracting(Reason::code)
                .contains(HarmonyCode.BY_UNDERTONE)
                .doesNotContain(HarmonyCode.CONTRAST_SUPPOSED);
        assertThat(t.picks().get(Part.LINER).product().name())
                .as("brown where brows are not dark")
                .isEqualTo("Fawn");
        assertThat(t.nothing()).as("nothing in this kit").containsKeys(Part.LID, Part.MASCARA, Part.BROW);
        assertThat(t.lip().a())
                .as("their own lip, read from the picture")
                .isGreaterThan(t.plan().known().skin().skin().a() + 3);
    }

    @Test
    void whatWouldHurtIsNeverWornNorOffered() {
        TakenColour t = taken(sitting("carmine"));
        assertThat(t.picks().get(Part.LIP).product().name()).isNotEqualTo("Petal");
        assertThat(t.picks().get(Part.LIP).others()).extracting(Product::name).doesNotContain("Petal");
        long id = sitting("carmine");
        long petal = kit.named(mine.studio(), "Petal", 1).get(0).id();
        colours.change(mine, id, s -> s.using(Part.LIP, petal));
        assertThat(taken(id).picks().get(Part.LIP).product().name())
                .as("chosen by hand or not")
                .isNotEqualTo("Petal");
    }

    @Test
    void whatNobodyCalledSafeAtTheEyeIsLeftOutAndNamed() {
        TakenColour t = taken(sitting(null));
        assertThat(t.picks()).doesNotContainKey(Part.LID);
        assertThat(t.unsaid().get(Part.LID)).extracting(Product::name).containsExactly("Unsaid");
        assertThat(t.unsaid().get(Part.LIP))
                .as("nothing is asked away from the eye")
                .isEmpty();
    }

    @Test
    void aChosenFamilyIsWornUndoneAndKnownToPlace() {
        long id = sitting(null);
        colours.change(mine, id, s -> s.family(Part.LIP, ColourFamily.PEACH));
        assertThat(taken(id).picks().get(Part.LIP).product().name())
                .as("the nearest of it, right or not: it was asked for")
                .isEqualTo("Coral rag");
        assertThat(taken(id).picks().get(Part.CHEEK).product().name()).isEqualTo("Apricot");
        assertThat(blushOnPlace(id)).isEqualTo("Apricot");
        colours.change(mine, id, s -> s.twoFamilies(true).family(Part.CHEEK, ColourFamily.ROSE));
        assertThat(blushOnPlace(id)).isEqualTo("Rose");
        assertThat(taken(id).family(Part.LIP)).isEqualTo(ColourFamily.PEACH);
        colours.undo(mine.studio(), id);
        assertThat(blushOnPlace(id)).isEqualTo("Apricot");
        colours.redo(mine.studio(), id);
        assertThat(blushOnPlace(id)).isEqualTo("Rose");
    }

    private String blushOnPlace(long id) {
        return placements
                .of(mine.studio(), id)
                .orElseThrow()
                .zone(Area.BLUSH, Side.LEFT)
                .orElseThrow()
                .product()
                .name();
    }

    /** Brows that were not told are read from the picture: for Place's blush as for Colour's, or both would part. */
    @Test
    void placeAndColourWearTheSameBlushWhenBrowsWereNotTold() {
        long id = sitting(null);
        Intake told = sittings.get(mine.studio(), id).intake();
        sittings.saveIntake(
                mine.studio(),
                id,
                sittings.get(mine.studio(), id).version(),
                new Intake(
                        told.occasion(),
                        told.lastsHours(),
                        told.flash(),
                        told.coverage(),
                        told.finish(),
                        told.reactions(),
                        told.patchTest(),
                        told.brokenSkin(),
                        told.bothers(),
                        told.loves(),
                        OwnColours.UNTOLD,
                        true));
        colours.change(mine, id, s -> s.turned(-1));
        TakenColour t = taken(id);
        assertThat(t.picks().get(Part.CHEEK).why())
                .as("read from the picture")
                .extracting(Reason::code)
                .doesNotContain(HarmonyCode.CONTRAST_SUPPOSED);
        assertThat(blushOnPlace(id))
                .isEqualTo(t.picks().get(Part.CHEEK).product().name());
    }

    @Test
    void lipsThatAreDrawnTakeTheNearestLiner() {
        long id = sitting(null);
        assertThat(taken(id).edge()).as("their own edge").isNull();
        colours.change(mine, id, s -> s.with(Lips.FULLER));
        assertThat(taken(id).edge()).as("no liner in this kit").isNull();
        add(Role.LIP_LINER, "Rose line", Form.PENCIL, .8, 56, 21, 10, null);
        add(Role.LIP_LINER, "Heath line", Form.PENCIL, .8, 29, 18, 8, null);
        assertThat(taken(id).edge().name()).isEqualTo("Rose line");
        assertThat(ColourPaint.layers(taken(id)).size())
                .isGreaterThan(ColourPaint.layers(taken(sitting(null))).size());
    }

    @Test
    void aProductChosenAgainstTheJudgementIsKeptAndNamed() {
        long id = sitting(null);
        long sloe = kit.named(mine.studio(), "Sloe", 1).get(0).id();
        colours.change(mine, id, s -> s.using(Part.CHEEK, sloe));
        TakenColour.Pick cheek = taken(id).picks().get(Part.CHEEK);
        assertThat(cheek.product().name()).isEqualTo("Sloe");
        assertThat(cheek.byHand()).isTrue();
        assertThat(cheek.looks()).isNotEqualTo(Looks.FITS);
    }

    @Test
    void aStainCoolsTheLipAndNothingInTheKitWarmsIt() {
        long id = sitting(null);
        colours.change(mine, id, s -> s.turned(-1));
        TakenColour t = taken(id);
        assertThat(t.layer().product().name()).isEqualTo("Cool stain");
        assertThat(t.layer().turn().turn()).isLessThan(-3);
        colours.change(mine, id, s -> s.turned(2));
        assertThat(taken(id).layer()).isNull();
    }

    /** What an artist chose is where the same client begins the next time, on Place and on Colour; another client does not. */
    @Test
    void whatWasChosenIsRememberedForTheClient() {
        long before = sitting(null);
        long client = sittings.get(mine.studio(), before).clientId();
        colours.change(mine, before, s -> s.family(Part.LIP, ColourFamily.PEACH));
        placements.method(mine, before, m -> m.withAim(Aim.SCULPT).insisting(Insist.UNDER_EYE));
        placements.strength(mine, before, Area.CHEEK_SHADOW, Side.LEFT, .3);
        long now = sittings.add(
                mine.studio(), client, mine.artistId(), LocalDateTime.now().plusDays(1), 45, "Concert");
        readings.take(mine.studio(), now, Upload.of(picture));
        faces.take(mine, now, Twelve.points(PETRA), FaceSheet.Found.TEMPLATE);
        assertThat(taken(now).sheet().families()).containsEntry(Part.LIP, ColourFamily.PEACH);
        TakenPlan plan = placements.of(mine.studio(), now).orElseThrow();
        assertThat(plan.asLastTime()).isTrue();
        assertThat(plan.sheet().method().aim()).isEqualTo(Aim.SCULPT);
        assertThat(plan.sheet().method().insisted()).isEmpty();
        assertThat(plan.sheet().edits()).as("drawn by hand that day").isEmpty();
        assertThat(taken(sitting(null)).sheet().families()).as("another client").isEmpty();
    }

    @Test
    void anotherStudioSeesAndChangesNothing() {
        long id = sitting(null);
        assertThatThrownBy(() -> colours.of(theirs.studio(), id)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> colours.change(theirs, id, s -> s.turned(1))).isInstanceOf(NotHere.class);
        assertThat(colours.worked(theirs.studio(), id)).isFalse();
    }
}
