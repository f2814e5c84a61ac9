package scree.core.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;

/**
 * What goes onto a place, in order, and what comes of it.
 *
 * @param under before the base
 * @param over after it
 * @param left ΔE00 to what lies beside it then
 * @param doubt how far that moves when opacities are 10 % and colours 1 ΔE00 off, root of squares
 */
public record CoverPlan<T>(
        Place<T> place, List<Layer<T>> under, List<Layer<T>> over, double left, double doubt, Level level) {
    /** The 90 % quantile over products as they may be is left + 0.70 doubts. Derived by simulation; rounded up. */
    static final double DOUBTS = .75;

    /** How well it does. */
    public enum Level {
        /** Within the target also when products are not quite what they should be. */
        SAFE,
        /** Within it, but only just: look after each coat. */
        JUST,
        /** The nearest that this kit comes. */
        OUT_OF_REACH
    }

    public CoverPlan {
        if (place.baseCoats() == 0) { // no base to be under: one pile
            List<Layer<T>> pile = new ArrayList<>(under);
            pile.addAll(over);
            int correctors =
                    (int) pile.stream().takeWhile(l -> l.ware().corrects()).count();
            under = pile.subList(0, correctors);
            over = merged(pile.subList(correctors, pile.size()));
        }
        under = List.copyOf(under);
        over = List.copyOf(over);
    }

    /** Coats of one product on each other are one film. */
    private static <T> List<Layer<T>> merged(List<Layer<T>> layers) {
        List<Layer<T>> all = new ArrayList<>();
        for (Layer<T> l : layers) {
            Layer<T> last = all.isEmpty() ? null : all.get(all.size() - 1);
            if (last != null && last.ware().equals(l.ware())) {
                all.set(all.size() - 1, new Layer<>(l.ware(), last.amount() + l.amount()));
            } else {
                all.add(l);
            }
        }
        return all;
    }

    /** Returns a plan of these layers as it turns out. */
    public static <T> CoverPlan<T> of(Place<T> place, List<Layer<T>> under, List<Layer<T>> over) {
        double left = new Stack<>(place, under, over).left();
        double doubt = new Doubts<>(place).of(under, over);
        Level level = left + DOUBTS * doubt <= Place.TARGET
                ? Level.SAFE
                : left <= Place.TARGET ? Level.JUST : Level.OUT_OF_REACH;
        return new CoverPlan<>(place, under, over, left, doubt, level);
    }

    /**
     * Returns the plan with another layer.
     *
     * @param below whether it lies under the base
     * @param at its place on that side; past the last it is added
     */
    public CoverPlan<T> with(boolean below, int at, Layer<T> layer) {
        List<Layer<T>> side = new ArrayList<>(below ? under : over);
        if (at < side.size()) {
            side.set(at, layer);
        } else {
            side.add(layer);
        }
        return below ? of(place, side, over) : of(place, under, side);
    }

    /** Returns whether it is no thicker and has no more coats than the skin there bears. */
    public boolean borne() {
        return microns() <= place.bears().microns() + Trial.HARDLY
                && coats() <= place.bears().coats();
    }

    /** Returns ΔE00 to count on. */
    public double careful() {
        return left + DOUBTS * doubt;
    }

    /** Returns coats beside the base. */
    public int coats() {
        return coats(under) + coats(over);
    }

    /** Returns the film's thickness with its base and without powder, µm. */
    public double microns() {
        return place.baseMicrons() + microns(under, place.bears()) + microns(over, place.bears());
    }

    /** Returns whether a corrector is in it. */
    public boolean corrects() {
        return Stream.concat(under.stream(), over.stream())
                .anyMatch(l -> l.ware().corrects());
    }

    /** Returns whether the base does it alone. */
    public boolean baseAlone() {
        return under.isEmpty() && over.isEmpty();
    }

    /** Returns what the place looks like bare and after each layer, base and powder among them. */
    public List<Stratum<T>> strata() {
        List<Stratum<T>> all = new ArrayList<>();
        Spectrum ground = place.zone();
        double thick = 0;
        for (Layer<T> l : under) {
            ground = l.ware().coat().worn(l.amount()).over(ground);
            all.add(stratum(l, ground, l.microns(place.bears()), thick));
            thick += l.microns(place.bears());
        }
        if (place.baseCoats() > 0) {
            Layer<T> base = new Layer<>(place.base(), place.baseCoats());
            ground = place.based(ground);
            all.add(stratum(base, ground, place.baseMicrons(), thick));
            thick += place.baseMicrons();
        }
        for (Layer<T> l : over) {
            ground = l.ware().coat().worn(l.amount()).over(ground);
            all.add(stratum(l, ground, l.microns(place.bears()), thick));
            thick += l.microns(place.bears());
        }
        if (place.powder() != null) {
            Layer<T> last = new Layer<>(place.powder(), place.powderCoats());
            double microns = place.powderCoats() * place.powder().coat().microns();
            all.add(stratum(last, place.finished(ground), microns, thick));
        }
        return all;
    }

    private Stratum<T> stratum(Layer<T> layer, Spectrum seen, double microns, double from) {
        Lab colour = seen.toLab();
        return new Stratum<>(
                layer,
                microns,
                from,
                colour,
                colour.differenceFrom(place.target().toLab()));
    }

    static <T> int coats(List<Layer<T>> layers) {
        return layers.stream().mapToInt(Layer::coats).sum();
    }

    static <T> double microns(List<Layer<T>> layers, Bears bears) {
        return layers.stream().mapToDouble(l -> l.microns(bears)).sum();
    }

    /**
     * One layer of the cross-section.
     *
     * @param microns how thick it is
     * @param from where it begins over the skin, µm
     * @param seen what the place looks like with it on
     * @param left ΔE00 to what lies beside it when all is done
     */
    public record Stratum<T>(Layer<T> layer, double microns, double from, Lab seen, double left) {}
}
