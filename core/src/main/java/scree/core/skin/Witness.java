package scree.core.skin;

/** Who speaks about an undertone. Trust is the weight of its log-odds; craft table, figures are house choices, docs/method.md. */
public enum Witness {
    /** The hue of sheltered skin against usual skin of that depth; its trust follows the reading's. */
    MEASURED(1),
    /** Veins at the wrist in daylight; weak on deep skin. */
    VEINS(.45),
    /** A vivid cool pink against a vivid orange beside the bare face. */
    BRIGHT(.6),
    /** Cloths or cards: pink, neutral, yellow, olive. */
    DRAPES(.6),
    /** Beside another person's arm. */
    BESIDE(.3),
    /** What bases did before. */
    PAST(.6);

    private final double trust;

    Witness(double trust) {
        this.trust = trust;
    }

    double trust() {
        return trust;
    }

    /** Returns whether redness on the face sways it. */
    boolean looksAtFace() {
        return this == BRIGHT || this == DRAPES;
    }
}
