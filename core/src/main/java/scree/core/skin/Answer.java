package scree.core.skin;

import java.util.Arrays;
import java.util.List;
import scree.core.skin.Undertone.Family;

/**
 * What a witness may say: how likely it says so for cool, neutral and warm skin, and how it speaks for an olive or a peach cast
 * in log-odds. After the craft's table; the figures are house choices, docs/method.md.
 */
public enum Answer {
    /** The measurement as it is; only there so that it, too, can be set aside. */
    MEASURED_AS_READ(Witness.MEASURED, 1 / 3.0, 1 / 3.0, 1 / 3.0, 0, 0),
    VEINS_BLUE(Witness.VEINS, .60, .28, .12, 0, 0),
    VEINS_MIXED(Witness.VEINS, .25, .50, .25, 0, 0),
    VEINS_GREEN(Witness.VEINS, .12, .28, .60, .3, 0),
    BRIGHT_PINK(Witness.BRIGHT, .65, .25, .10, -.2, -.2),
    BRIGHT_BOTH(Witness.BRIGHT, .22, .56, .22, 0, 0),
    BRIGHT_ORANGE(Witness.BRIGHT, .10, .25, .65, 0, .4),
    DRAPES_PINK(Witness.DRAPES, .65, .25, .10, -.6, 0),
    DRAPES_NEUTRAL(Witness.DRAPES, .22, .56, .22, 0, 0),
    DRAPES_YELLOW(Witness.DRAPES, .10, .25, .65, -.2, .2),
    /** The muted, green-grey one disappears. */
    DRAPES_OLIVE(Witness.DRAPES, .28, .40, .32, 1.8, -.6),
    BESIDE_PINKER(Witness.BESIDE, .60, .28, .12, -.4, 0),
    BESIDE_SAME(Witness.BESIDE, .33, .34, .33, 0, 0),
    BESIDE_YELLOWER(Witness.BESIDE, .12, .28, .60, 0, 0),
    BESIDE_GREENER(Witness.BESIDE, .25, .35, .40, 1.2, -.4),
    PAST_ORANGE(Witness.PAST, .55, .30, .15, .5, -.2),
    PAST_FINE(Witness.PAST, .33, .34, .33, 0, 0),
    PAST_PINK(Witness.PAST, .15, .30, .55, .3, 0),
    PAST_ASHY(Witness.PAST, .18, .32, .50, -.2, .2);

    private final Witness witness;
    private final double[] likely;
    private final double olive;
    private final double peach;

    Answer(Witness witness, double cool, double neutral, double warm, double olive, double peach) {
        this.witness = witness;
        this.likely = new double[] {cool, neutral, warm};
        this.olive = olive;
        this.peach = peach;
    }

    public Witness witness() {
        return witness;
    }

    /** Returns the answers that a witness may give. */
    public static List<Answer> of(Witness witness) {
        return Arrays.stream(values()).filter(a -> a.witness == witness).toList();
    }

    double likelyFor(Family family) {
        return likely[family.ordinal()];
    }

    double olive() {
        return olive;
    }

    double peach() {
        return peach;
    }
}
