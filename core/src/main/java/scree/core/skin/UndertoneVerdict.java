package scree.core.skin;

import java.util.List;
import java.util.Optional;
import scree.core.skin.Undertone.Family;

/**
 * An undertone by all its witnesses.
 *
 * @param undertone the shares of all together
 * @param peach 0..1, a rosy-golden cast over warm or neutral skin
 * @param heard every witness, strongest pull first
 * @param conflict when two of weight disagree
 */
public record UndertoneVerdict(Undertone undertone, double peach, List<Heard> heard, Optional<Conflict> conflict) {
    /** From this a rosy-golden cast is said. House choice: as an olive one is said plainly. */
    private static final double PEACHY = 0.6;
    /** From this it is shown with its share, if not yet said in the name. House choice: as an olive one is said quietly. */
    private static final double PEACH_SHOWS = 0.3;

    public UndertoneVerdict {
        heard = List.copyOf(heard);
    }

    /** Returns whether a rosy-golden cast is worth showing with its share. */
    public boolean peachShows() {
        return peach >= PEACH_SHOWS;
    }

    /** Returns whether a rosy-golden cast is to be said. */
    public boolean peachy() {
        return peach > PEACHY;
    }

    /**
     * One witness as it was weighed.
     *
     * @param answer null for the measured one
     * @param says the family it speaks for
     * @param pull log-odds of warm over cool that it adds, after its weight; above 0 warmer
     * @param strength largest log-odds between two families that it adds; 0 when struck
     */
    public record Heard(Witness witness, Answer answer, boolean struck, Family says, double pull, double strength) {}

    /**
     * Two witnesses that say the opposite.
     *
     * @param repeat which one to ask again: the less trusted, or the measurement when it was provisional
     */
    public record Conflict(Witness one, Family oneSays, Witness other, Family otherSays, Witness repeat) {}
}
