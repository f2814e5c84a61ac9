package scree.core.image;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Codes read off a card in a picture: a trimmed mean per field, its unevenness, and points of the white border.
 *
 * @param fields codes 0..1 per field, {r, g, b}, in the order of {@link CardLayout#places}
 * @param uneven per field, the spread of luma over its inner part in codes 0..1; high when something lies on it
 * @param border light points of the border with their codes 0..1
 */
public record CardSamples(CardLayout.Kind kind, List<double[]> fields, List<Double> uneven, List<BorderPoint> border) {
    /** A field rougher than this is covered or in glare. House choice: print grain and noise stay under 0.03. */
    static final double MOST_UNEVEN = 0.055;

    private static final double INNER = 0.6;
    private static final double TRIM = 0.15;
    private static final int GRID = 9;

    public CardSamples {
        fields = List.copyOf(fields);
        uneven = List.copyOf(uneven);
        border = List.copyOf(border);
    }

    /** A point of the border with its codes 0..1. */
    public record BorderPoint(Point at, double[] code) {}

    /** Reads the fields of a card that was found. */
    public static CardSamples of(Raster picture, CardSighting.Found card) {
        Homography map = card.toPicture();
        List<double[]> fields = new ArrayList<>();
        List<Double> uneven = new ArrayList<>();
        for (CardLayout.Place place : CardLayout.places(card.kind())) {
            double[][] codes = gridCodes(picture, map, place);
            fields.add(new double[] {trimmedMean(codes[0]), trimmedMean(codes[1]), trimmedMean(codes[2])});
            uneven.add(spread(codes[1]));
        }
        List<BorderPoint> border = new ArrayList<>();
        for (Point mm : CardLayout.borderPoints()) {
            Point p = map.map(mm.x(), mm.y());
            border.add(new BorderPoint(p, smallMean(picture, p)));
        }
        return new CardSamples(card.kind(), fields, uneven, border);
    }

    /** Returns how many fields are covered or in glare. */
    public int coveredFields() {
        return (int) uneven.stream().filter(u -> u > MOST_UNEVEN).count();
    }

    private static double[][] gridCodes(Raster picture, Homography map, CardLayout.Place place) {
        double[][] codes = new double[3][GRID * GRID];
        double marginX = (place.right() - place.left()) * (1 - INNER) / 2;
        double marginY = (place.bottom() - place.top()) * (1 - INNER) / 2;
        for (int i = 0; i < GRID * GRID; i++) {
            double u = (i % GRID) / (GRID - 1.0);
            double v = (i / GRID) / (GRID - 1.0);
            Point p = map.map(
                    place.left() + marginX + u * (place.right() - place.left() - 2 * marginX),
                    place.top() + marginY + v * (place.bottom() - place.top() - 2 * marginY));
            for (int c = 0; c < 3; c++) {
                codes[c][i] = picture.code((int) Math.round(p.x()), (int) Math.round(p.y()), c) / 255.0;
            }
        }
        return codes;
    }

    private static double[] smallMean(Raster picture, Point p) {
        double[] mean = new double[3];
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                for (int c = 0; c < 3; c++) {
                    mean[c] += picture.code((int) Math.round(p.x()) + dx, (int) Math.round(p.y()) + dy, c) / 2295.0;
                }
            }
        }
        return mean;
    }

    private static double trimmedMean(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int cut = (int) (TRIM * sorted.length);
        return Arrays.stream(sorted, cut, sorted.length - cut).average().orElseThrow();
    }

    /** Interquartile range: noise widens it a little, a finger or glare over a quarter of the field a lot. */
    private static double spread(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length * 85 / 100] - sorted[sorted.length * 15 / 100];
    }
}
