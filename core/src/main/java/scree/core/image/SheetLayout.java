package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * The printed swatch sheet in millimetres from its upper left corner, A4 upright: a black square near each corner, a row of stones
 * that tells its number, a place for the colour card in the middle third, and twelve fields of which each is half paper and half
 * print, with bare strips of both on either side.
 */
public final class SheetLayout {
    public static final double WIDTH = 210;
    public static final double HEIGHT = 297;
    /** Centre of a corner square from both edges. */
    public static final double MARK_INSET = 15;

    public static final double MARK_SIDE = 8;
    /** The upper left square has a light core. */
    public static final double CORE_SIDE = 3.4;

    public static final int FIELDS = 12;
    private static final int COLUMNS = 4;
    /** A field's ground with its strips; the upper half is paper, the lower print. */
    public static final double GROUND_WIDTH = 40;

    public static final double GROUND_HEIGHT = 26;
    /** Bare ground on either side. */
    public static final double STRIP = 4;

    private static final double LEFT = 13;
    private static final double ACROSS = 48;
    private static final double[] ROWS = {32, 70, 190};
    /** The card lies on its side. */
    public static final double CARD_LEFT = 47.25;

    public static final double CARD_TOP = 108.5;
    /** Stones of the number: eleven for itself, five to check it. */
    private static final int NUMBER_STONES = 11;

    private static final int CHECK_STONES = 5;
    private static final int CHECK = 31;
    private static final int CHECK_FACTOR = 11;
    private static final int CHECK_START = 5;
    public static final int HIGHEST_NUMBER = (1 << NUMBER_STONES) - 1;
    public static final double STONE_RADIUS = 1.6;
    private static final double STONES_LEFT = 60;
    private static final double STONES_ACROSS = 6;
    private static final double STONES_TOP = 15;
    /** How far beside the card its paper is looked at. */
    private static final double BESIDE_CARD = 3;

    private SheetLayout() {}

    /** A field's ground with strips; its number runs from 1. */
    public record Field(int number, double left, double top) {
        public double right() {
            return left + GROUND_WIDTH;
        }

        public double bottom() {
            return top + GROUND_HEIGHT;
        }

        /** Returns the height of the border between paper and print. */
        public double border() {
            return top + GROUND_HEIGHT / 2;
        }

        /** Returns the number of the field that it makes a pair with: thin products are laid twice, usual and thick. */
        public int partner() {
            return number % 2 == 1 ? number + 1 : number - 1;
        }
    }

    /** Returns the fields by number. */
    public static List<Field> fields() {
        List<Field> fields = new ArrayList<>();
        for (int i = 0; i < FIELDS; i++) {
            fields.add(new Field(i + 1, LEFT + i % COLUMNS * ACROSS, ROWS[i / COLUMNS]));
        }
        return fields;
    }

    /** Returns the centres of the corner squares: upper left, upper right, lower right, lower left. */
    public static List<Point> marks() {
        double right = WIDTH - MARK_INSET;
        double bottom = HEIGHT - MARK_INSET;
        return List.of(
                new Point(MARK_INSET, MARK_INSET), new Point(right, MARK_INSET),
                new Point(right, bottom), new Point(MARK_INSET, bottom));
    }

    /** Returns the centres of the number's stones, the highest first. */
    public static List<Point> stones() {
        List<Point> stones = new ArrayList<>();
        for (int i = 0; i < NUMBER_STONES + CHECK_STONES; i++) {
            stones.add(new Point(STONES_LEFT + i * STONES_ACROSS, STONES_TOP));
        }
        return stones;
    }

    /**
     * Returns which stones are dark for a number.
     *
     * @throws IllegalArgumentException unless it runs from 1 to 2047
     */
    public static boolean[] dark(int number) {
        if (number < 1 || number > HIGHEST_NUMBER) {
            throw new IllegalArgumentException(
                    "sheet number is %d, but runs from 1 to %d: begin again at 1".formatted(number, HIGHEST_NUMBER));
        }
        int all = number << CHECK_STONES | check(number);
        boolean[] dark = new boolean[NUMBER_STONES + CHECK_STONES];
        for (int i = 0; i < dark.length; i++) {
            dark[i] = (all >> dark.length - 1 - i & 1) == 1;
        }
        return dark;
    }

    /** Returns the number that dark stones tell, or empty when the check says that some were misread. */
    static OptionalInt number(boolean[] dark) {
        int all = 0;
        for (boolean stone : dark) {
            all = all << 1 | (stone ? 1 : 0);
        }
        int number = all >> CHECK_STONES;
        return number > 0 && check(number) == (all & CHECK) ? OptionalInt.of(number) : OptionalInt.empty();
    }

    private static int check(int number) {
        return (CHECK_FACTOR * number + CHECK_START) % CHECK;
    }

    /** Returns points of bare paper round the card's place. */
    static List<Point> besideCard() {
        double top = CARD_TOP - BESIDE_CARD;
        double bottom = CARD_TOP + CardLayout.WIDTH + BESIDE_CARD;
        double left = CARD_LEFT - BESIDE_CARD;
        double right = CARD_LEFT + CardLayout.HEIGHT + BESIDE_CARD;
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= 6; i++) {
            double y = top + i / 6.0 * (bottom - top);
            points.add(new Point(left - BESIDE_CARD, y));
            points.add(new Point(right + BESIDE_CARD, y));
        }
        return points;
    }
}
