package scree.seeded;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.StringJoiner;
import java.util.function.Supplier;

/**
 * What chance gives a property, from one seed. Faults live at edges, so one number in eight is the least, the most or nought. Each
 * draw is noted, and {@link #toString()} tells it beside the seed.
 */
public final class Draw {
    private static final int EDGE_IN = 8;
    /** What people paste: letters of several scripts, a part of a pair alone, blanks, marks of code and of speech. */
    private static final String PASTED = "aZ09 .,;:-_'\"<>&%$#/\\\n\t\r\0åßéçñøΩжłق漢字😀\u200b\u0301\ud83d\ufeff";

    private final int seed;
    private final Random random;
    private final StringJoiner drawn = new StringJoiner(", ");

    Draw(int seed) {
        this.seed = seed;
        this.random = new Random(seed * 0x9E3779B97F4A7C15L + seed);
    }

    /** Returns a number from the least to the most, both included. */
    public double between(double least, double most) {
        return note(number(least, most));
    }

    /** Returns a whole number from the least to the most, both included. */
    public int whole(int least, int most) {
        return note(wholeNumber(least, most));
    }

    /** Returns one of them. */
    @SafeVarargs
    public final <T> T one(T... of) {
        return note(of[random.nextInt(of.length)]);
    }

    /** Returns a list of least to most draws. */
    public <T> List<T> list(int least, int most, Supplier<T> draw) {
        int size = wholeNumber(least, most);
        List<T> list = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            list.add(draw.get());
        }
        return list;
    }

    /** Returns a text of up to so many characters, of all that people paste. */
    public String text(int longest) {
        int length = wholeNumber(0, longest);
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < length; i++) {
            text.append(
                    random.nextInt(EDGE_IN) == 0
                            ? (char) random.nextInt(Character.MAX_VALUE)
                            : PASTED.charAt(random.nextInt(PASTED.length())));
        }
        return note(text.toString());
    }

    /** Returns a source of more chance, of its own. */
    public Random random() {
        return new Random(random.nextLong());
    }

    private double number(double least, double most) {
        if (random.nextInt(EDGE_IN) != 0) {
            return least + random.nextDouble() * (most - least);
        }
        double[] edges = least < 0 && most > 0 ? new double[] {least, 0, most} : new double[] {least, most};
        return edges[random.nextInt(edges.length)];
    }

    private int wholeNumber(int least, int most) {
        return random.nextInt(EDGE_IN) == 0
                ? (random.nextBoolean() ? least : most)
                : least + random.nextInt(most - least + 1);
    }

    private <T> T note(T value) {
        drawn.add(String.valueOf(value));
        return value;
    }

    @Override
    public String toString() {
        return drawn.length() == 0 ? "seed " + seed : "seed " + seed + ": " + drawn;
    }
}
