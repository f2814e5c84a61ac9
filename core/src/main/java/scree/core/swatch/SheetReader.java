package scree.core.swatch;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import scree.core.colour.FilmFit;
import scree.core.colour.Lab;
import scree.core.image.CardFinder;
import scree.core.image.CardLayout;
import scree.core.image.CardSamples;
import scree.core.image.CardSighting;
import scree.core.image.Homography;
import scree.core.image.Point;
import scree.core.image.PrintedCard;
import scree.core.image.Raster;
import scree.core.image.SheetCalibration;
import scree.core.image.SheetFinder;
import scree.core.image.SheetLayout;
import scree.core.image.SheetSamples;
import scree.core.image.SheetSighting;
import scree.core.light.LampGuess;

/**
 * Reads a picture of a swatch sheet: sheet and card are found, the card calibrates, the white beside every field tells the light
 * there, paper and print are read and never assumed, and each field is fitted as a film on its own. What the strips say against a
 * field is said before any fit, since a coat that hides fully hides its faults too. Figures: docs/method.md, "A kit from pictures".
 */
public final class SheetReader {
    /** Left and right white of one field part by this share: a shadow's edge, and from where it is said. Derived. */
    private static final double SHADOW = .04;

    private static final double SHADE = .02;
    /** Colour of the light at a field against the card's, ln per channel. Derived. */
    private static final double OTHER_LIGHT = .03;
    /** The same, past which no lamp explains it: something lies on the paper. House choice. */
    private static final double COVERED = .12;
    /** Light of a field over the card's under which the film's error grows. Derived. */
    private static final double DARKEST = .4;

    private static final double CLIPPED = .985;
    /** Linear light by which a print strip may be over the middle one. House choice (start value). */
    private static final double GLARE = .02;
    /** A card tilted by one degree under a window at 45° gets 1.7 % of other light. Derived. */
    private static final double MOST_TILT = 3;
    /** Usual main camera of a phone, in longer sides of the picture: 26 to 28 mm on 36. House choice. */
    private static final double FOCAL = .75;
    /** A border between paper and print that takes more than this to pass is blurred. House choice: a strip is 4 mm wide. */
    private static final double MOST_BLUR = 1.1;

    private static final double EDGE_REACH = 4;
    private static final double EDGE_STEP = .1;
    /** Millimetres by which the card may lie off its place. */
    private static final double CARD_OFF = 30;

    private static final int MOST_COVERED = 3;
    /** Light at the card over which it is clipped, and its light in codes under which noise rules. House choice. */
    private static final double DIM = .35;
    /** Warm lamps make the fit's own doubt too small. Derived. */
    private static final double WARM_DOUBT = 1.25;

    private final SheetSighting.Found sheet;
    private final SheetCalibration calibration;
    private final SheetSamples samples;
    private final double[] whiteAtCard;
    private final boolean warm;

    private SheetReader(SheetSighting.Found sheet, SheetCalibration calibration, SheetSamples samples, boolean warm) {

        this.sheet = sheet;
        this.calibration = calibration;
        this.samples = samples;
        this.warm = warm;
        this.whiteAtCard =
                middle(samples.besideCard().stream().map(calibration::light).toList());
    }

    /**
     * Reads a picture.
     *
     * @param print what is known of the studio's card
     * @throws SheetRefused when nothing on it can be read
     */
    public static SheetReading read(Raster picture, PrintedCard print) throws SheetRefused {
        SheetSighting.Found sheet = sheet(picture);
        if (blur(picture, sheet.toPicture()) > MOST_BLUR) {
            throw new SheetRefused(SheetRefused.Why.BLURRED);
        }
        CardSighting.Found card = card(picture, sheet);
        CardSamples cardSamples = CardSamples.of(picture, card);
        if (cardSamples.coveredFields() > MOST_COVERED) {
            throw new SheetRefused(SheetRefused.Why.CARD_COVERED);
        }
        SheetSamples samples = SheetSamples.of(picture, sheet);
        double[] white = middle(samples.besideCard());
        if (Arrays.stream(white).max().orElse(0) > CLIPPED) {
            throw new SheetRefused(SheetRefused.Why.TOO_BRIGHT);
        }
        if (Arrays.stream(white).max().orElse(0) < DIM) {
            throw new SheetRefused(SheetRefused.Why.TOO_DARK);
        }
        SheetCalibration calibration = SheetCalibration.of(cardSamples, card, print);
        OptionalDouble kelvin = calibration.camera().stream()
                .mapToDouble(c -> LampGuess.kelvin(c.components()))
                .findFirst();
        boolean warm = kelvin.isPresent() && SheetReading.warm(kelvin.getAsDouble());
        return new SheetReader(sheet, calibration, samples, warm).read(kelvin);
    }

    private static SheetSighting.Found sheet(Raster picture) throws SheetRefused {
        SheetSighting seen = SheetFinder.find(picture);
        if (seen instanceof SheetSighting.Found found) {
            return found;
        }
        throw new SheetRefused(
                seen instanceof SheetSighting.Partial ? SheetRefused.Why.HALF_SHEET : SheetRefused.Why.NO_SHEET);
    }

    private static CardSighting.Found card(Raster picture, SheetSighting.Found sheet) throws SheetRefused {
        CardSighting seen = CardFinder.find(picture);
        if (!(seen instanceof CardSighting.Found card)) {
            throw new SheetRefused(
                    seen instanceof CardSighting.Partial ? SheetRefused.Why.HALF_CARD : SheetRefused.Why.NO_CARD);
        }
        Point centre = card.centre();
        Point onSheet = sheet.toSheet().map(centre.x(), centre.y());
        Point place =
                new Point(SheetLayout.CARD_LEFT + CardLayout.HEIGHT / 2, SheetLayout.CARD_TOP + CardLayout.WIDTH / 2);
        if (onSheet.distanceTo(place) > CARD_OFF) {
            throw new SheetRefused(SheetRefused.Why.CARD_ELSEWHERE);
        }
        double focal = FOCAL * Math.max(picture.width(), picture.height());
        Point middle = new Point(picture.width() / 2.0, picture.height() / 2.0);
        Homography flat = sheet.toPicture();
        if (flat.degreesTo(card.toPicture(), focal, middle) > MOST_TILT) {
            throw new SheetRefused(SheetRefused.Why.CARD_NOT_FLAT);
        }
        return card;
    }

    private SheetReading read(OptionalDouble kelvin) {
        ProductGrounds grounds = grounds();
        List<SheetReading.Field> fields =
                samples.fields().stream().map(f -> field(f, grounds)).toList();
        return new SheetReading(sheet.number(), calibration.camera().isPresent(), kelvin, grounds.grounds(), fields);
    }

    /** Bare paper and print over all fields, and the middle linear light of the print. */
    private record ProductGrounds(FilmFit.Grounds grounds, double print) {}

    private ProductGrounds grounds() {
        List<double[]> paper = new ArrayList<>();
        List<double[]> print = new ArrayList<>();
        List<double[]> dark = new ArrayList<>();
        for (SheetSamples.Field f : samples.fields()) {
            double[] light = light(f);
            paper.add(calibration.roots(f.leftPaper(), light));
            paper.add(calibration.roots(f.rightPaper(), light));
            print.add(calibration.roots(f.leftPrint(), light));
            print.add(calibration.roots(f.rightPrint(), light));
            dark.add(calibration.light(f.leftPrint()));
            dark.add(calibration.light(f.rightPrint()));
        }
        var map = calibration.products();
        Lab white = map.at(middle(paper));
        Lab black = map.at(middle(print));
        return new ProductGrounds(new FilmFit.Grounds(white, black), mean(middle(dark)));
    }

    private SheetReading.Field field(SheetSamples.Field f, ProductGrounds grounds) {
        double[] light = light(f);
        double left = mean(calibration.light(f.leftPaper()));
        double right = mean(calibration.light(f.rightPaper()));
        double edge = Math.abs(Math.log(left / right));
        double level = mean(light);
        Optional<SheetReading.Verdict> fault =
                f.empty() ? Optional.of(SheetReading.Verdict.EMPTY) : fault(f, light, edge, level, grounds.print());
        if (fault.isPresent()) {
            return new SheetReading.Field(
                    f.number(), fault.get(), Optional.empty(), Optional.empty(), level, edge > SHADE);
        }
        double[] onPaper = calibration.roots(f.onPaper().code(), light);
        double[] onPrint = calibration.roots(f.onPrint().code(), light);
        Optional<FilmFit.Responses> reading =
                calibration.camera().map(c -> new FilmFit.Responses(onPaper, onPrint, c.weights()));
        FilmFit.Seen seen = reading.isPresent()
                ? reading.get()
                : new FilmFit.Colours(
                        calibration.products().at(onPaper),
                        calibration.products().at(onPrint));
        FilmFit.Film film = FilmFit.of(grounds.grounds(), seen);
        film = warm ? film.withDoubt(WARM_DOUBT * film.doubt()) : film;
        return new SheetReading.Field(
                f.number(),
                verdict(film, f.onPaper().supposed() || f.onPrint().supposed()),
                Optional.of(film),
                reading,
                level,
                edge > SHADE);
    }

    /** What was supposed to lie alike on both halves and does not fit lies on one only. */
    private static SheetReading.Verdict verdict(FilmFit.Film film, boolean supposed) {
        return supposed && film.finding() == FilmFit.Finding.UNEVEN
                ? SheetReading.Verdict.ONE_GROUND
                : SheetReading.Verdict.valueOf(film.finding().name());
    }

    private Optional<SheetReading.Verdict> fault(
            SheetSamples.Field f, double[] light, double edge, double level, double middlePrint) {
        double cast = cast(light);
        double leftCast = cast(over(calibration.light(f.leftPaper()), whiteAtCard));
        double rightCast = cast(over(calibration.light(f.rightPaper()), whiteAtCard));
        double print = Math.max(mean(calibration.light(f.leftPrint())), mean(calibration.light(f.rightPrint())));
        if (Math.max(leftCast, rightCast) > COVERED) {
            return Optional.of(SheetReading.Verdict.COVERED);
        }
        if (brightest(f) > CLIPPED) {
            return Optional.of(SheetReading.Verdict.TOO_BRIGHT);
        }
        if (level < DARKEST) {
            return Optional.of(SheetReading.Verdict.TOO_DARK);
        }
        if (edge > SHADOW) {
            return Optional.of(SheetReading.Verdict.SHADOW);
        }
        if (cast > OTHER_LIGHT) {
            return Optional.of(SheetReading.Verdict.OTHER_LIGHT);
        }
        if (print - middlePrint > GLARE) {
            return Optional.of(SheetReading.Verdict.GLARE);
        }
        if (f.onPaper().two() || f.onPrint().two()) {
            return Optional.of(SheetReading.Verdict.TWO_PRODUCTS);
        }
        return f.onPaper().readable() && f.onPrint().readable()
                ? Optional.empty()
                : Optional.of(SheetReading.Verdict.ONE_GROUND);
    }

    private static double brightest(SheetSamples.Field f) {
        double most = 0;
        for (int c = 0; c < 3; c++) {
            most = Math.max(most, Math.max(f.leftPaper()[c], f.rightPaper()[c]));
        }
        return most;
    }

    /** Returns the light at a field over the light at the card, by the white on both sides. */
    private double[] light(SheetSamples.Field f) {
        double[] left = calibration.light(f.leftPaper());
        double[] right = calibration.light(f.rightPaper());
        return over(
                new double[] {(left[0] + right[0]) / 2, (left[1] + right[1]) / 2, (left[2] + right[2]) / 2},
                whiteAtCard);
    }

    /** Returns how far light has another colour: the largest part of ln per channel from their mean. */
    private static double cast(double[] light) {
        double[] ln = new double[3];
        for (int c = 0; c < 3; c++) {
            ln[c] = Math.log(Math.max(1e-4, light[c]));
        }
        double mean = mean(ln);
        return Math.max(Math.abs(ln[0] - mean), Math.max(Math.abs(ln[1] - mean), Math.abs(ln[2] - mean)));
    }

    /** Returns how many millimetres the borders beside the fields take to pass from a tenth to nine tenths, the middle of all. */
    private static double blur(Raster picture, Homography map) {
        return SheetLayout.fields().stream()
                .mapToDouble(f -> Math.min(
                        passage(picture, map, f.left() + SheetLayout.STRIP / 2, f.border()),
                        passage(picture, map, f.right() - SheetLayout.STRIP / 2, f.border())))
                .sorted()
                .skip(SheetLayout.FIELDS / 2)
                .findFirst()
                .orElse(0);
    }

    private static double passage(Raster picture, Homography map, double x, double border) {
        double paper = luma(picture, map, x, border - EDGE_REACH);
        double print = luma(picture, map, x, border + EDGE_REACH);
        double from = Double.NaN;
        for (double y = border - EDGE_REACH; y < border + EDGE_REACH; y += EDGE_STEP) {
            double share = (luma(picture, map, x, y) - print) / Math.max(1, paper - print);
            if (Double.isNaN(from) && share < .9) {
                from = y;
            }
            if (share < .1) {
                return y - from;
            }
        }
        return 2 * EDGE_REACH;
    }

    private static double luma(Raster picture, Homography map, double x, double y) {
        double sum = 0;
        for (int i = -2; i <= 2; i++) {
            Point p = map.map(x + i * .4, y);
            sum += picture.luma((int) Math.round(p.x()), (int) Math.round(p.y()));
        }
        return sum / 5;
    }

    private static double[] over(double[] a, double[] b) {
        return new double[] {a[0] / b[0], a[1] / b[1], a[2] / b[2]};
    }

    private static double mean(double[] of) {
        return Arrays.stream(of).average().orElse(0);
    }

    /** Returns the median of each channel. */
    private static double[] middle(List<double[]> of) {
        return new double[] {median(of, v -> v[0]), median(of, v -> v[1]), median(of, v -> v[2])};
    }

    private static double median(List<double[]> of, ToDoubleFunction<double[]> channel) {
        double[] sorted = of.stream().mapToDouble(channel).sorted().toArray();
        int n = sorted.length;
        return n % 2 == 1 ? sorted[n / 2] : (sorted[n / 2 - 1] + sorted[n / 2]) / 2;
    }
}
