package scree.standins.camera;

import java.util.List;
import scree.core.colour.Lab;

/**
 * A made-up person. Lengths in pupil distances.
 *
 * @param name invented
 * @param skin base colour wanted under D65; the model's nearest skin is used
 * @param face outline, proportions and features
 * @param hair style and colour
 * @param marks what lies on the skin
 */
public record Sitter(
        String name, int age, boolean man, Lab skin, Face face, Hair hair, Marks marks, Lab wrap, int iris, long seed) {

    /** Outline types with their half widths, see {@link HeadOutline}. */
    public enum Shape {
        OVAL(.985, 1.06, .985, .80, .46, 1.84, 1.25),
        ROUND(1.01, 1.13, 1.08, .90, .53, 1.76, 1.14),
        SQUARE(1.04, 1.10, 1.08, .97, .60, 1.80, 1.15),
        OBLONG(.97, 1.02, .97, .82, .49, 1.98, 1.30),
        HEART(1.05, 1.08, .97, .73, .37, 1.84, 1.23),
        DIAMOND(.91, 1.09, .985, .74, .39, 1.87, 1.25),
        WIDE_JAW(.90, 1.06, 1.05, .97, .60, 1.84, 1.15);

        final double temple;
        final double cheek;
        final double middle;
        final double jaw;
        final double chinHalf;
        final double chin;
        /** Reach of the hairline over the eyes. */
        final double forehead;

        Shape(double temple, double cheek, double middle, double jaw, double chinHalf, double chin, double forehead) {
            this.temple = temple;
            this.cheek = cheek;
            this.middle = middle;
            this.jaw = jaw;
            this.chinHalf = chinHalf;
            this.chin = chin;
            this.forehead = forehead;
        }
    }

    /** Ways to wear hair. */
    public enum Style {
        CROPPED,
        SIDE_PARTED,
        TIED,
        BOB,
        LONG,
        FRINGE_BOB,
        COILY,
        SHORT_COILY,
        CURLS
    }

    /** Outline, nose, eyes, brows, mouth and age features. */
    public record Face(
            Shape shape,
            double asymmetry,
            double noseLength,
            double noseWidth,
            double noseHeight,
            double crook,
            double eyeUpper,
            double eyeLower,
            double eyeTilt,
            double eyeDifference,
            double browHeight,
            double browArch,
            double browThickness,
            double mouthWidth,
            double lipUpper,
            double lipLower,
            double smile,
            double fold,
            double bag,
            double jowl,
            double earSize) {}

    /** Style, colours, length and form of hair. */
    public record Hair(
            Style style,
            Lab colour,
            double grey,
            double length,
            double part,
            double waveHeight,
            double waves,
            double volume,
            double taper,
            double recession) {}

    /** Freckles, blemishes, stubble, sun on the chest and redness, each 0..1 or a count, and what parts from the skin beside it. */
    public record Marks(
            double freckles, int blemishes, double stubble, double chest, double redness, List<Concern> concerns) {
        /** Skin without concerns. */
        public Marks(double freckles, int blemishes, double stubble, double chest, double redness) {
            this(freckles, blemishes, stubble, chest, redness, List.of());
        }
    }

    /** Returns the same person with something to be corrected. */
    public Sitter troubledBy(List<Concern> concerns) {
        Marks m = new Marks(
                marks.freckles(), marks.blemishes(), marks.stubble(), marks.chest(), marks.redness(), concerns);
        return new Sitter(name, age, man, skin, face, hair, m, wrap, iris, seed);
    }

    /** Returns the same person with a full beard and moustache. */
    public Sitter bearded() {
        Marks m =
                new Marks(marks.freckles(), marks.blemishes(), BEARD, marks.chest(), marks.redness(), marks.concerns());
        return new Sitter(name, age, man, skin, face, hair, m, wrap, iris, seed);
    }

    /** Stubble grown so dense that hardly any skin shows. */
    private static final double BEARD = 2.4;

    /** Returns 0 to about 35 years, 1 from 75. */
    double aged() {
        return Curves.step(35, 75, age);
    }

    /** Returns 0 for fair skin, 1 for deep. */
    double deep() {
        return Curves.step(62, 28, skin.lightness());
    }
}
