package scree.core.swatch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.swatch.SheetReading.Verdict;
import scree.core.swatch.Swatched.At;
import scree.core.swatch.Swatched.Drying;

/** What a product is by its fields: just laid and settled, usual and thick put together. */
class SwatchedTest {
    private static final Lab LAID = Lab.of(64, 12, 20);
    private static final Lab DRY = Lab.of(61, 12.5, 20);

    private static FieldRead read(Verdict verdict, Lab colour, double contrast, Double usual) {
        return new FieldRead(1, verdict, colour, .6, .3, contrast, 1.1, .05, 1, false, usual);
    }

    private static FieldRead good(Lab colour) {
        return read(Verdict.FITS, colour, .7, null);
    }

    private static Swatched of(At wet, At settled) {
        return Swatched.of(wet, settled, Form.LIQUID).orElseThrow();
    }

    @Test
    void twoPicturesThatPartAreADryDown() {
        Swatched s = of(new At(good(LAID), null), new At(good(DRY), null));
        assertThat(s.dryDown()).isEqualTo(Drying.SEEN);
        assertThat(s.wet()).isEqualTo(LAID);
        assertThat(s.settled()).isEqualTo(DRY);
        assertThat(s.shift().lightness()).isCloseTo(-3, within(1e-9));
    }

    @Test
    void whatPartsByNoMoreThanPicturesDoIsOneColour() {
        Swatched s = of(new At(good(LAID), null), new At(good(Lab.of(63.2, 12, 20)), null));
        assertThat(s.dryDown()).isEqualTo(Drying.NONE_SEEN);
        assertThat(s.wet()).isEqualTo(s.settled());
    }

    @Test
    void oneOfTheTwoPicturesStandsInAsFarAsItCan() {
        Swatched wet = of(new At(good(LAID), null), null);
        assertThat(wet.dryDown()).isEqualTo(Drying.USUAL);
        assertThat(wet.settled()).isEqualTo(Form.LIQUID.usualShift().from(LAID));
        Swatched settled = of(null, new At(good(DRY), null));
        assertThat(settled.dryDown()).isEqualTo(Drying.SETTLED_ONLY);
        assertThat(settled.wet()).isEqualTo(DRY);
        Swatched spoilt = of(new At(good(LAID), null), new At(read(Verdict.GLARE, null, 0, null), null));
        assertThat(spoilt.dryDown())
                .as("a field that shines later says nothing")
                .isEqualTo(Drying.USUAL);
    }

    @Test
    void aThinCoatTellsItsCoverAndTheThickOneItsColour() {
        FieldRead thin = read(Verdict.THIN, Lab.of(70, 3, 5), .12, .09);
        Swatched s = of(null, new At(thin, good(DRY)));
        assertThat(s.settled()).isEqualTo(DRY);
        assertThat(s.contrast()).as("fitted by the thick one's colour").isEqualTo(.09);
        assertThat(Swatched.of(null, new At(thin, null), Form.POWDER))
                .as("alone it has no colour")
                .isEmpty();
        FieldRead bare = read(Verdict.EMPTY, null, 0, null);
        assertThat(Swatched.of(null, new At(bare, good(DRY)), Form.POWDER))
                .as("no cover")
                .isEmpty();
        assertThat(Swatched.of(null, null, Form.POWDER)).isEmpty();
    }

    @Test
    void coverStaysWithinWhatAKitHolds() {
        assertThat(of(null, new At(read(Verdict.HIDES, DRY, 1, null), null)).contrast())
                .isEqualTo(.999);
        assertThat(of(null, new At(read(Verdict.THIN, DRY, .001, null), good(DRY)))
                        .contrast())
                .isEqualTo(.02);
    }

    @Test
    void aCoatLiesBetweenItsGroundAndItself() {
        FieldRead film = good(DRY);
        double overPaper = film.over(Lab.of(94, 0, -1)).lightness();
        double overPrint = film.over(Lab.of(27, 0, 0)).lightness();
        assertThat(overPaper).isBetween(DRY.lightness(), 94.0);
        assertThat(overPrint).isBetween(27.0, DRY.lightness());
        assertThatThrownBy(() -> read(Verdict.SHADOW, null, 0, null).over(DRY))
                .isInstanceOf(IllegalStateException.class);
    }
}
