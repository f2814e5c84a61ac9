package scree.core.cover;

import java.util.List;
import scree.core.colour.Spectrum;

/** Layers on a place, laid one after the other. */
record Stack<T>(Place<T> place, List<Layer<T>> under, List<Layer<T>> over) {
    /** Returns what is seen in the end. */
    Spectrum seen() {
        Spectrum ground = laid(place.zone(), under);
        return place.finished(laid(place.based(ground), over));
    }

    double left() {
        return seen().toLab().differenceFrom(place.target().toLab());
    }

    private Spectrum laid(Spectrum ground, List<Layer<T>> layers) {
        Spectrum on = ground;
        for (Layer<T> l : layers) {
            on = l.ware().coat().worn(l.amount()).over(on);
        }
        return on;
    }
}
