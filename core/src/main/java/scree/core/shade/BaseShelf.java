package scree.core.shade;

import java.util.List;
import scree.core.colour.Lab;
import scree.core.skin.Undertone;

/** Bases ready to be asked for: each with its colour on a skin of one kind, indexed. Made once for a kit and a wetting. */
public final class BaseShelf {
    private final List<Candidate> candidates;
    private final List<Lab> onSkin;
    private final ShadeIndex index;
    private final double[] leans;
    private final double[] olives;

    /** @param wetting factor from {@link PowderOnSkin#wetting} */
    public BaseShelf(List<Candidate> candidates, double wetting) {
        this.candidates = List.copyOf(candidates);
        this.onSkin = candidates.stream().map(c -> c.onSkin(wetting)).toList();
        this.index = new ShadeIndex(onSkin);
        this.leans = onSkin.stream().mapToDouble(Undertone::leanOf).toArray();
        this.olives = onSkin.stream().mapToDouble(Undertone::oliveOf).toArray();
    }

    public int size() {
        return candidates.size();
    }

    Candidate candidate(int position) {
        return candidates.get(position);
    }

    /** Returns the colour on the skin of the base at a position. */
    Lab onSkin(int position) {
        return onSkin.get(position);
    }

    /** Returns how its hue leans from usual, degrees, without an olive's green cast. */
    double lean(int position) {
        return leans[position];
    }

    /** Returns how olive it is, 0 to 1. */
    double olive(int position) {
        return olives[position];
    }

    ShadeIndex index() {
        return index;
    }
}
