package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Table;

/**
 * The two printed cards in millimetres from their upper left corner. Both are white with a black dot near each corner. The
 * colour card has a white core in the upper left dot and 24 fields like a dry-stone wall, six courses of four; the grey card
 * has cores in both upper dots and three greys.
 */
public final class CardLayout {
    public static final double WIDTH = 72;
    public static final double HEIGHT = 115.5;
    /** Centre of a dot from both edges; half the white border, so that a ring round the dot stays white. */
    public static final double MARK_INSET = 3.6;

    public static final double MARK_RADIUS = 2.3;
    public static final double CORE_RADIUS = 1.05;
    /** Reflectance of the white border. */
    public static final double BORDER_REFLECTANCE = 0.86;

    private static final double BORDER = 7.2;
    private static final double GAP = 1.6;
    /** Field numbers by course; neighbours differ in light and hue, so no field vanishes beside another. */
    private static final int[][] COURSES = {
        {19, 1, 7, 9}, {3, 21, 10, 13}, {8, 5, 23, 15}, {20, 11, 2, 17}, {14, 4, 22, 18}, {12, 6, 16, 24}
    };
    /** Relative widths by course; joints never stand above each other. */
    private static final double[][] WIDTHS = {
        {1.10, 0.85, 1.15, 0.90},
        {0.85, 1.15, 0.90, 1.10},
        {1.15, 0.95, 1.10, 0.80},
        {0.90, 1.10, 0.85, 1.15},
        {1.12, 0.80, 1.18, 0.90},
        {0.82, 0.98, 1.08, 1.12}
    };

    private static final List<CardField> FIELDS = readFields();
    private static final List<Place> COLOUR_PLACES = wall();
    private static final List<Place> GREY_PLACES = greys();

    private CardLayout() {}

    /** The two kinds of card. */
    public enum Kind {
        COLOUR,
        GREY
    }

    /** Where a field lies, in mm. */
    public record Place(CardField field, double left, double top, double right, double bottom) {}

    /** Returns the 24 fields by number. */
    public static List<CardField> fields() {
        return FIELDS;
    }

    /** Returns the places of a card's fields, in the order of their numbers. */
    public static List<Place> places(Kind kind) {
        return kind == Kind.COLOUR ? COLOUR_PLACES : GREY_PLACES;
    }

    /** Returns the curves that the grey card's three greys would give, from the six greys' codes of a colour card. */
    static ToneCurves threeGreys(List<double[]> six) {
        List<CardField> fields = GREY_PLACES.stream().map(Place::field).toList();
        List<double[]> codes = fields.stream()
                .map(f -> six.get(f.number() - CardField.FIRST_GREY))
                .toList();
        return new ToneCurves(codes, fields, 1);
    }

    /** Returns the centres of the four dots: upper left, upper right, lower right, lower left. */
    public static List<Point> marks() {
        double right = WIDTH - MARK_INSET;
        double bottom = HEIGHT - MARK_INSET;
        return List.of(
                new Point(MARK_INSET, MARK_INSET), new Point(right, MARK_INSET),
                new Point(right, bottom), new Point(MARK_INSET, bottom));
    }

    /** Returns places on the white border between the dots, for the light field. */
    static List<Point> borderPoints() {
        List<Point> points = new ArrayList<>();
        for (double x = 12; x <= WIDTH - 12; x += 8) {
            points.add(new Point(x, MARK_INSET));
            points.add(new Point(x, HEIGHT - MARK_INSET));
        }
        for (double y = 12; y <= HEIGHT - 12; y += 7.6) {
            points.add(new Point(MARK_INSET, y));
            points.add(new Point(WIDTH - MARK_INSET, y));
        }
        return points;
    }

    private static List<CardField> readFields() {
        Table table = Table.beside(CardLayout.class, "card_patches.csv");
        List<CardField> fields = new ArrayList<>();
        for (int i = 0; i < table.rows().size(); i++) {
            String[] row = table.rows().get(i);
            var lab = scree.core.colour.Lab.of(
                    Double.parseDouble(row[2]), Double.parseDouble(row[3]), Double.parseDouble(row[4]));
            fields.add(new CardField(i + 1, lab, scree.core.colour.Spectrum.of(table.numbers(i, 5))));
        }
        return List.copyOf(fields);
    }

    private static List<Place> wall() {
        Place[] places = new Place[FIELDS.size()];
        double height = (HEIGHT - 2 * BORDER - 5 * GAP) / 6;
        for (int course = 0; course < 6; course++) {
            double top = BORDER + course * (height + GAP);
            double left = BORDER;
            for (int stone = 0; stone < 4; stone++) {
                double width = WIDTHS[course][stone] / 4 * (WIDTH - 2 * BORDER - 3 * GAP);
                CardField field = FIELDS.get(COURSES[course][stone] - 1);
                places[field.number() - 1] = new Place(field, left, top, left + width, top + height);
                left += width + GAP;
            }
        }
        return List.of(places);
    }

    private static List<Place> greys() {
        List<Place> places = new ArrayList<>();
        double height = (HEIGHT - 2 * BORDER - 2 * GAP) / 3;
        int[] numbers = {19, 22, 24};
        for (int i = 0; i < 3; i++) {
            double top = BORDER + i * (height + GAP);
            places.add(new Place(FIELDS.get(numbers[i] - 1), BORDER, top, WIDTH - BORDER, top + height));
        }
        return List.copyOf(places);
    }
}
