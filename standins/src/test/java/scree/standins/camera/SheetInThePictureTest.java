package scree.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.image.CardLayout;
import scree.core.image.PrintedCard;
import scree.core.image.Raster;
import scree.core.swatch.SheetReader;
import scree.core.swatch.SheetReading;
import scree.core.swatch.SheetReading.Verdict;
import scree.core.swatch.SheetRefused;
import scree.standins.camera.SheetScene.Fault;
import scree.standins.makeup.MadeUpProduct;

/** Swatch sheets in whole pictures: what lies there comes back, and what went wrong is said by its name. */
class SheetInThePictureTest {
    private static final int NUMBER = 1234;
    private static final Map<Integer, SheetScene.Coat> COATS = new HashMap<>();

    @BeforeAll
    static void smear() {
        Random random = new Random(3);
        for (int f = 1; f <= 11; f++) {
            MadeUpProduct product = f == 8 ? MadeUpProduct.vivid(random) : MadeUpProduct.skinLike(random);
            COATS.put(f, SheetScene.Coat.even(product, f == 11 ? .05 : .3 + .12 * f));
        }
    }

    private static SheetReading read(SheetScene.Setting setting) throws SheetRefused {
        Raster picture = new SheetScene(setting, COATS)
                .shoot(new Camera(Camera.Family.TUNING, 8), Lamp.daylight(5600), Shot.withCard(2), 1200);
        return SheetReader.read(picture, PrintedCard.design());
    }

    @Test
    void aCarefulPictureTellsNumberColourCoverAndWhatIsBare() throws SheetRefused {
        SheetReading sheet = read(SheetScene.Setting.careful(NUMBER));
        assertThat(sheet.number()).hasValue(NUMBER);
        assertThat(sheet.colourCard()).isTrue();
        for (SheetReading.Field field : sheet.fields().subList(0, 10)) {
            SheetScene.Coat coat = COATS.get(field.number());
            var film = field.film().orElseThrow();
            assertThat(field.verdict().good()).as("field " + field.number()).isTrue();
            assertThat(film.colour().differenceFrom(coat.product().colour()))
                    .as("field " + field.number())
                    .isLessThan(2.5);
            assertThat(film.contrast()).isCloseTo(coat.product().contrast(coat.onPaper()), within(.03));
        }
        assertThat(sheet.fields().get(10).verdict()).isEqualTo(Verdict.THIN);
        assertThat(sheet.fields().get(10).film().orElseThrow().coat()).isCloseTo(.05, within(.01));
        assertThat(sheet.fields().get(11).verdict()).isEqualTo(Verdict.EMPTY);
    }

    @Test
    void everyFieldThatWentWrongSaysHowAndLeavesTheOthersAlone() throws SheetRefused {
        List<SheetReading.Field> fields = read(SheetScene.Setting.careful(NUMBER)
                        .with(
                                Fault.TWO_PRODUCTS,
                                Fault.GLARE,
                                Fault.SHADOW,
                                Fault.ONE_GROUND,
                                Fault.SMEARED,
                                Fault.HAND))
                .fields();
        assertThat(fields.subList(0, 5))
                .extracting(SheetReading.Field::verdict)
                .containsExactly(
                        Verdict.TWO_PRODUCTS, Verdict.GLARE, Verdict.SHADOW, Verdict.ONE_GROUND, Verdict.COVERED);
        assertThat(fields.subList(5, 10)).allMatch(f -> f.verdict().good());
    }

    @Test
    void aLampOfAnotherColourIsToldWhereItFalls() throws SheetRefused {
        List<SheetReading.Field> fields =
                read(SheetScene.Setting.careful(NUMBER).with(Fault.SECOND_LAMP)).fields();
        assertThat(fields.subList(8, 11)).allMatch(f -> f.verdict() == Verdict.OTHER_LIGHT);
        assertThat(fields.subList(0, 8)).allMatch(f -> f.verdict().good());
    }

    @ParameterizedTest
    @CsvSource({
        "CUT_OFF, HALF_SHEET",
        "CORNER_HIDDEN, HALF_SHEET",
        "NO_CARD, NO_CARD",
        "CARD_TILTED, CARD_NOT_FLAT",
        "BLURRED, BLURRED",
        "TOO_BRIGHT, TOO_BRIGHT"
    })
    void aPictureThatCannotBeReadIsRefusedWithItsReason(Fault fault, SheetRefused.Why why) {
        assertThatThrownBy(() -> read(SheetScene.Setting.careful(NUMBER).with(fault)))
                .isInstanceOfSatisfying(
                        SheetRefused.class, e -> assertThat(e.why()).isEqualTo(why));
    }

    @Test
    void theGreyCardTellsCoverAndOnlyRoughColour() throws SheetRefused {
        SheetReading sheet = read(SheetScene.Setting.careful(NUMBER).withCard(CardLayout.Kind.GREY));
        assertThat(sheet.colourCard()).isFalse();
        assertThat(sheet.kelvin()).isEmpty();
        for (SheetReading.Field field : sheet.fields().subList(0, 8)) {
            SheetScene.Coat coat = COATS.get(field.number());
            assertThat(field.film().orElseThrow().contrast())
                    .isCloseTo(coat.product().contrast(coat.onPaper()), within(.06));
        }
    }

    @Test
    void aPortraitHasNoSheet() {
        Raster face = Seats.of(Ensemble.all().get(2), Lighting.facingWindow(), 700)
                .shoot(Camera.quiet(5), Lamp.daylight(5600), Shot.withCard(1));
        assertThatThrownBy(() -> SheetReader.read(face, PrintedCard.design()))
                .isInstanceOfSatisfying(
                        SheetRefused.class, e -> assertThat(e.why()).isEqualTo(SheetRefused.Why.NO_SHEET));
    }
}
