package scree.core.skin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.image.Calibration;
import scree.core.image.CardCalibration;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.image.ZoneSample;
import scree.core.light.LampGuess;
import scree.core.light.LightFigures;

/** Measures the light of a picture on the skin, the card and the wall behind. */
final class LightSurvey {
    private static final int LEAST_PIXELS = 60;
    /** Where a wall stands beside the head: pupil distances from the middle, above the shoulders. House choice. */
    private static final double WALL_FROM = 1.75;

    private static final double WALL_TO = 3.2;
    private static final double WALL_TOP = -1.6;
    private static final double WALL_BOTTOM = 1.2;
    private static final double WALL_STEP = 0.07;
    /** A forehead so much darker than the chin is under hair. House choice. */
    private static final double HAIR_OVER_FOREHEAD = -0.6;

    private final Raster picture;
    private final CardSighting card;
    private final Calibration calibration;
    private final FaceFrame face;

    LightSurvey(Raster picture, CardSighting card, Calibration calibration, FaceFrame face) {
        this.picture = picture;
        this.card = card;
        this.calibration = calibration;
        this.face = face;
    }

    /** One zone's side as sampled. */
    record Sampled(Zone zone, Side side, ZoneSample sample) {
        boolean enough() {
            return sample.used() >= LEAST_PIXELS;
        }
    }

    LightFigures figures(List<Sampled> samples) {
        double[] right = light(samples, Zone.CHEEK, Side.RIGHT);
        double[] left = light(samples, Zone.CHEEK, Side.LEFT);
        double[] wall = wall();
        double total = samples.stream()
                .mapToInt(s -> s.sample().total() - s.sample().feature())
                .sum();
        double clipped = samples.stream().mapToInt(s -> s.sample().clipped()).sum();
        return new LightFigures(
                kind(),
                calibration instanceof CardCalibration c ? LampGuess.kelvin(c.components()) : null,
                right == null || left == null ? null : ratio(right, left),
                fromAbove(samples),
                wall == null || card instanceof CardSighting.None
                        ? null
                        : luminance(wall) / CardLayout.BORDER_REFLECTANCE,
                right == null || left == null ? null : coloursApart(right, left),
                wall == null ? null : colour(wall).chroma(),
                total == 0 ? 0 : clipped / total,
                calibration.quality().halo());
    }

    private LightFigures.Card kind() {
        if (!(card instanceof CardSighting.Found found)) {
            return LightFigures.Card.NONE;
        }
        return found.kind() == CardLayout.Kind.GREY ? LightFigures.Card.GREY : LightFigures.Card.COLOUR;
    }

    private static double ratio(double[] a, double[] b) {
        double ya = luminance(a);
        double yb = luminance(b);
        return ya <= 0 || yb <= 0 ? 0 : Math.log(ya / yb);
    }

    /** A forehead is often deeper than a chin, so the light above is told a little low; under hair the nose's bridge speaks. */
    private Double fromAbove(List<Sampled> samples) {
        Double forehead = overChin(samples, Zone.FOREHEAD);
        return forehead == null || forehead < HAIR_OVER_FOREHEAD ? overChin(samples, Zone.NOSE) : forehead;
    }

    private Double overChin(List<Sampled> samples, Zone zone) {
        double[] high = light(samples, zone, Side.CENTRE);
        double[] chin = light(samples, Zone.CHIN, Side.CENTRE);
        return high == null || chin == null
                ? null
                : Double.valueOf(ratio(high, chin) - Math.log(zone.facing() / Zone.CHIN.facing()));
    }

    /** Two lights of one colour leave two cheeks of one colour; redness differs a little from side to side. */
    private double coloursApart(double[] right, double[] left) {
        double to = Math.sqrt(luminance(right) * luminance(left));
        return colour(scaled(right, to / luminance(right))).differenceFrom(colour(scaled(left, to / luminance(left))));
    }

    private double[] light(List<Sampled> samples, Zone zone, Side side) {
        return samples.stream()
                .filter(s -> s.zone() == zone && s.side() == side && s.enough())
                .map(s -> calibration.linear(s.sample().code()))
                .filter(v -> luminance(v) > 1e-4)
                .findFirst()
                .orElse(null);
    }

    /** The middle of what stands left of the head, where no card is held; hair is darker and is passed over by the upper third. */
    private double[] wall() {
        List<double[]> seen = new ArrayList<>();
        int sign = cardOnRight() ? -1 : 1;
        for (double y = WALL_TOP; y < WALL_BOTTOM; y += WALL_STEP) {
            for (double x = WALL_FROM; x < WALL_TO; x += WALL_STEP) {
                Point p = face.toPicture(sign * x, y);
                if (p.x() >= 0 && p.y() >= 0 && p.x() < picture.width() && p.y() < picture.height()) {
                    seen.add(calibration.linear(new double[] {
                        picture.code((int) p.x(), (int) p.y(), 0) / 255.0,
                        picture.code((int) p.x(), (int) p.y(), 1) / 255.0,
                        picture.code((int) p.x(), (int) p.y(), 2) / 255.0
                    }));
                }
            }
        }
        if (seen.size() < LEAST_PIXELS) {
            return null;
        }
        seen.sort((a, b) -> Double.compare(luminance(a), luminance(b)));
        return seen.get(seen.size() * 2 / 3);
    }

    private boolean cardOnRight() {
        return !(card instanceof CardSighting.Found found)
                || found.centre().x() > face.centre().x();
    }

    private Lab colour(double[] linear) {
        double[] fitting =
                Arrays.stream(linear).map(v -> Math.min(1, Math.max(1e-4, v))).toArray();
        return scree.core.colour.Srgb.toXyz(fitting[0], fitting[1], fitting[2]).toLab(scree.core.colour.Xyz.D65);
    }

    private static double[] scaled(double[] v, double k) {
        return new double[] {v[0] * k, v[1] * k, v[2] * k};
    }

    static double luminance(double[] linear) {
        return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2];
    }
}
