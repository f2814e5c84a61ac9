package scree.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.kit.Kit;
import scree.app.kit.KitChanges;
import scree.app.kit.Measure;
import scree.app.kit.Product;
import scree.app.picture.Upload;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.image.CardLayout;
import scree.core.image.PictureIntake;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.swatch.SheetRefused;
import scree.core.swatch.Swatched;
import scree.standins.camera.Camera;
import scree.standins.camera.Lamp;
import scree.standins.camera.SheetScene;
import scree.standins.camera.Shot;
import scree.standins.makeup.MadeUpProduct;

/** Sheets on the real database: what two pictures say becomes the kit's, once, and nobody else's. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SheetsIT {
    @Autowired
    private Ground ground;

    @Autowired
    private Sheets sheets;

    @Autowired
    private Kit kit;

    @Autowired
    private KitChanges changes;

    @Autowired
    private JdbcTemplate sql;

    private Member mine;
    private Member theirs;
    private final Map<Integer, SheetScene.Coat> wet = new HashMap<>();
    private final Map<Integer, SheetScene.Coat> settled = new HashMap<>();

    @BeforeAll
    void studiosAndSmears() {
        mine = ground.artist("home");
        theirs = ground.artist("away");
        Random random = new Random(21);
        for (int f = 1; f <= 6; f++) {
            MadeUpProduct product = f == 6
                    ? wet.get(5).product()
                    : f == 1 ? MadeUpProduct.smooth(Lab.of(64, 11, 19), .3) : MadeUpProduct.skinLike(random);
            MadeUpProduct dry = f == 6
                    ? settled.get(5).product()
                    : f == 1 ? MadeUpProduct.smooth(Lab.of(60, 12, 20), .3) : product.settled(random);
            double coat = f == 5 ? .07 : .9;
            wet.put(f, SheetScene.Coat.even(product, coat));
            settled.put(f, SheetScene.Coat.even(dry, coat));
        }
    }

    private static byte[] picture(SheetScene.Setting setting, Map<Integer, SheetScene.Coat> coats) {
        return TAKEN.computeIfAbsent(
                List.of(setting, coats),
                k -> PictureIntake.encodeJpeg(
                        new SheetScene(setting, coats)
                                .shoot(Camera.quiet(5), Lamp.daylight(5600), Shot.withCard(3), 960),
                        .93f));
    }

    /** The same sheet is developed once. */
    private static final Map<List<Object>, byte[]> TAKEN = new java.util.concurrent.ConcurrentHashMap<>();

    private SheetPicture.Stage send(long sheet, SheetScene.Setting setting, Map<Integer, SheetScene.Coat> coats)
            throws Exception {
        return sheets.keep(mine.studio(), sheet, sheets.read(mine.studio(), sheet, Upload.of(picture(setting, coats))));
    }

    private static SheetField fresh(int number, String name, Role role, boolean thick) {
        return new SheetField(number, null, "Scarp", name, role, Form.CREAM, Finish.MATTE, thick, null);
    }

    @Test
    void twoPicturesTellColourCoverAndDryDownAndTheKitTakesThem() throws Exception {
        long id = sheets.add(mine);
        SheetScene.Setting setting =
                SheetScene.Setting.careful(sheets.get(mine.studio(), id).number());
        assertThat(send(id, setting, wet)).isEqualTo(SheetPicture.Stage.WET);
        assertThat(send(id, setting, wet)).as("sooner than anything settles").isEqualTo(SheetPicture.Stage.WET);
        sql.update("UPDATE swatch_picture SET taken_at = taken_at - interval '20 minutes' WHERE sheet_id = ?", id);
        assertThat(send(id, setting, settled)).isEqualTo(SheetPicture.Stage.SETTLED);

        long base = kit.add(mine.studio(), Ground.base("Scarp", "one", 60, "lanolin"));
        sheets.lay(mine.studio(), id, new SheetField(1, base, null, null, null, null, null, false, null));
        sheets.lay(mine.studio(), id, fresh(2, "two", Role.CONCEALER, false));
        sheets.lay(mine.studio(), id, fresh(5, "glow", Role.BLUSH, true));
        assertThat(sheets.take(mine, id, List.of(1, 2, 5, 9), false))
                .containsExactly("Scarp one", "Scarp two", "Scarp glow");

        Product one = kit.get(mine.studio(), base);
        SheetScene.Coat truth = settled.get(1);
        assertThat(one.settled().differenceFrom(truth.product().colour())).isLessThan(2.5);
        assertThat(one.contrastRatio()).isCloseTo(truth.product().contrast(.9), within(.03));
        assertThat(one.allergens()).as("what was known stays").isEqualTo("lanolin");
        assertThat(one.swatch().measure().by()).isEqualTo(Measure.By.SHEET);
        assertThat(one.swatch().measure().on()).isNotNull();
        assertThat(one.swatch().measure().doubt()).isBetween(.2, 2.5);

        Sheets.Laid laid = sheets.laid(mine.studio(), id);
        assertThat(laid.fields().get(1).takenAt()).isNotNull();
        Product glow = kit.get(mine.studio(), laid.fields().get(5).productId());
        assertThat(glow.settled().differenceFrom(settled.get(6).product().colour()))
                .as("told by the thick coat beside it")
                .isLessThan(2.5);
        assertThat(glow.contrastRatio())
                .as("of the usual coat")
                .isCloseTo(settled.get(5).product().contrast(.07), within(.02));
        undoneItCanBeTakenAgain(id, one);
        Swatched swatched = laid.swatched(laid.fields().get(1)).orElseThrow();
        double shift = wet.get(1)
                .product()
                .colour()
                .differenceFrom(settled.get(1).product().colour());
        assertThat(swatched.wet().differenceFrom(swatched.settled())).isCloseTo(shift, within(1.3));
    }

    /** Undone, the kit has what it had, a new product is gone, and both fields can be taken once more. */
    private void undoneItCanBeTakenAgain(long id, Product measured) {
        long change = changes.last(mine.studio()).orElseThrow().id();
        assertThat(changes.undo(mine, change)).isEmpty();
        Product before = kit.get(mine.studio(), measured.id());
        assertThat(before.swatch().measure()).isEqualTo(Measure.TYPED);
        assertThat(before.settled().lightness()).isEqualTo(60);
        assertThat(kit.named(mine.studio(), "Scarp two", 5)).isEmpty();
        Sheets.Laid laid = sheets.laid(mine.studio(), id);
        assertThat(laid.fields().get(1).takenAt()).isNull();
        assertThat(laid.fields().get(2).name()).as("named on its field again").isEqualTo("two");
        assertThat(laid.fields().get(2).productId()).isNull();
        assertThat(sheets.take(mine, id, List.of(1, 2), false)).containsExactly("Scarp one", "Scarp two");
        assertThat(kit.get(mine.studio(), measured.id()).swatch()).isEqualTo(measured.swatch());
    }

    @Test
    void aProductLiesOnOneFieldAndATakenNameStopsAllOfThem() throws Exception {
        long id = sheets.add(mine);
        SheetScene.Setting setting =
                SheetScene.Setting.careful(sheets.get(mine.studio(), id).number());
        send(id, setting, wet);
        long base = kit.add(mine.studio(), Ground.base("Scree", "here", 60, null));
        SheetField on1 = new SheetField(1, base, null, null, null, null, null, false, null);
        assertThat(sheets.lay(mine.studio(), id, on1)).isEmpty();
        SheetField on3 = new SheetField(3, base, null, null, null, null, null, false, null);
        assertThat(sheets.lay(mine.studio(), id, on3)).hasValue(1);
        assertThat(sheets.laid(mine.studio(), id).fields()).doesNotContainKey(3);

        double before = kit.get(mine.studio(), base).settled().lightness();
        sheets.lay(
                mine.studio(),
                id,
                new SheetField(2, null, "Scree", "here", Role.BASE, Form.LIQUID, Finish.SATIN, false, null));
        assertThatThrownBy(() -> sheets.take(mine, id, List.of(1, 2), false)).isInstanceOf(DuplicateKeyException.class);
        assertThat(kit.get(mine.studio(), base).settled().lightness()).isEqualTo(before);
    }

    @Test
    void theGreyCardGivesCoverButNoColourToWhatTheKitKnows() throws Exception {
        long id = sheets.add(mine);
        SheetScene.Setting setting =
                SheetScene.Setting.careful(sheets.get(mine.studio(), id).number());
        send(id, setting.withCard(CardLayout.Kind.GREY), settled);
        long base = kit.add(mine.studio(), Ground.base("Scree", "rough", 60, null));
        sheets.lay(mine.studio(), id, new SheetField(2, base, null, null, null, null, null, false, null));
        sheets.take(mine, id, List.of(2), true);
        Product now = kit.get(mine.studio(), base);
        assertThat(now.settled().lightness()).isEqualTo(60);
        assertThat(now.traits().wornShare()).as("laid as thin as on a face").isEqualTo(1);
        assertThat(now.swatch().measure()).isEqualTo(Measure.TYPED);
        assertThat(now.contrastRatio()).isCloseTo(settled.get(2).product().contrast(.9), within(.06));
    }

    @Test
    void aPictureOfAnotherSheetOrOfNoneChangesNothing() throws Exception {
        long id = sheets.add(mine);
        int number = sheets.get(mine.studio(), id).number();
        assertThatThrownBy(() -> send(id, SheetScene.Setting.careful(number + 700), wet))
                .isInstanceOfSatisfying(
                        Sheets.OtherSheet.class,
                        other -> assertThat(other.number()).isEqualTo(number + 700));
        assertThatThrownBy(() -> send(id, SheetScene.Setting.careful(number).with(SheetScene.Fault.NO_CARD), wet))
                .isInstanceOfSatisfying(
                        SheetRefused.class, e -> assertThat(e.why()).isEqualTo(SheetRefused.Why.NO_CARD));
        assertThat(sheets.laid(mine.studio(), id).newest()).isEmpty();
    }

    @Test
    void aSheetIsItsStudiosAloneAndComesBackFromTheBin() {
        long id = sheets.add(mine);
        assertThatThrownBy(() -> sheets.laid(theirs.studio(), id)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> sheets.lay(theirs.studio(), id, fresh(1, "x", Role.BASE, false)))
                .isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> sheets.delete(theirs.studio(), id)).isInstanceOf(NotHere.class);
        int number = sheets.get(mine.studio(), id).number();
        sheets.delete(mine.studio(), id);
        assertThat(sheets.all(mine.studio())).noneMatch(s -> s.id() == id);
        assertThat(sheets.get(mine.studio(), sheets.add(mine)).number())
                .as("its print lies about")
                .isGreaterThan(number);
        sheets.restore(mine.studio(), id);
        assertThat(sheets.get(mine.studio(), id).number()).isEqualTo(number);
    }
}
