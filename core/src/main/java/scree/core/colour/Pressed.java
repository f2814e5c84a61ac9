package scree.core.colour;

import java.util.List;
import java.util.Optional;

/** Presses of a contact meter on one place, the newest up to three, oldest first. */
public record Pressed(List<Lab> presses) {
    public static final int NEEDED = 3;
    /** Presses that part by more are asked for again. House choice: four times the meter's repeatability. */
    public static final double MOST_SPREAD = 1.0;

    public Pressed {
        presses = List.copyOf(presses);
    }

    /** Returns the newest of all. */
    public static Pressed of(List<Lab> all) {
        return new Pressed(all.subList(Math.max(0, all.size() - NEEDED), all.size()));
    }

    /** Returns the mean in L*, a*, b*, once there are three. */
    public Optional<Lab> mean() {
        if (presses.size() < NEEDED) {
            return Optional.empty();
        }
        return Optional.of(Lab.of(
                presses.stream().mapToDouble(Lab::lightness).average().orElseThrow(),
                presses.stream().mapToDouble(Lab::a).average().orElseThrow(),
                presses.stream().mapToDouble(Lab::b).average().orElseThrow()));
    }

    /** Returns the largest ΔE00 of a press from the mean; 0 while there is none. */
    public double spread() {
        return mean().map(m -> presses.stream()
                        .mapToDouble(p -> p.differenceFrom(m))
                        .max()
                        .orElse(0))
                .orElse(0.0);
    }

    /** Returns whether three presses agree. */
    public boolean agree() {
        return mean().isPresent() && spread() <= MOST_SPREAD;
    }
}
