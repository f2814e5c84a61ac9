package scree.core.skin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.image.Bare;
import scree.core.image.Calibration;
import scree.core.image.CardCalibration;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.image.ZoneSample;
import scree.core.light.LampGuess;
import scree.core.light.LightFigures;
import scree.core.light.LightRange;
import scree.core.light.ShineOut;

/** Measures the light of a picture on the skin, the card and the wall behind. */
final class LightSurvey {
    private static final int LEAST_PIXELS = 60;
    /** Linear light under which nothing is told. */
    private static final double DARKEST = 1e-4;

    /** Where a wall stands beside the head: pupil distances from the middle, above the shoulders. House choice. */
    private static final double WALL_FROM = 1.75;

    private static final double WALL_TO = 3.2;
    private static final double WALL_TOP = -1.6;
    private static final double WALL_BOTTOM = 1.2;
    private static final double WALL_STEP = 0.07;
    /** A forehead so much darker than the chin is under hair. House choice. */
    private static final double HAIR_OVER_FOREHEAD = -0.6;

    /**
     * Where a nose throws its shadow under a high light: this far over the upper lip's zone, in its half height, and this wide and high.
     * Derived: 0.80 pupil distances below the pupils.
     */
    private static final double SHADOW_OVER = 1.6;

    private static final double SHADOW_WIDE = 0.10;
    private static final double SHADOW_HIGH = 0.03;
    /** Beside it, past the nostrils' wings. House choice. */
    private static final double BESIDE = 0.34;

    private static final double BESIDE_WIDE = 0.05;

    private final Raster picture;
    private final CardSighting card;
    private final Calibration calibration;
    private final SkinScene scene;
    private final FaceFrame face;

    LightSurvey(Raster picture, CardSighting card, Calibration calibration, SkinScene scene) {
        this.picture = picture;
        this.card = card;
        this.calibration = calibration;
        this.scene = scene;
        this.face = scene.face();
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
                fromAbove(),
                underNose(right, left),
                wall == null || !(card instanceof CardSighting.Found)
                        ? null
                        : luminance(wall) / CardLayout.BORDER_REFLECTANCE,
                right == null || left == null ? null : coloursApart(right, left),
                wall == null ? null : colour(wall).chroma(),
                total == 0 ? 0 : clipped / total,
                calibration.quality().halo(),
                card instanceof CardSighting.Found ? null : Boolean.valueOf(scene.tinted()));
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

    /** Shine is white on every skin, and most of what a deep forehead sends back: it is taken out before places are compared. */
    private Double fromAbove() {
        List<double[]> chin = pixels(Zone.CHIN);
        List<double[]> forehead = pixels(Zone.FOREHEAD);
        if (chin.size() < LEAST_PIXELS || forehead.size() < LEAST_PIXELS) {
            return null;
        }
        double[] skin = ShineOut.middle(chin);
        if (luminance(skin) < DARKEST) {
            return null;
        }
        ShineOut shineOut = new ShineOut(skin);
        double low = shineOut.median(chin);
        double high = shineOut.median(forehead);
        double above = low > 0 && high > 0 ? Math.log(high / low) : Double.NaN;
        return above >= HAIR_OVER_FOREHEAD ? Double.valueOf(above - LightRange.ABOVE_BY_A_WINDOW) : null;
    }

    private List<double[]> pixels(Zone zone) {
        return scene.outlines().stream()
                .filter(o -> o.zone() == zone)
                .flatMap(o -> ZoneSample.codes(picture, o.polygon(face), scene.without(), scene.bareOf(zone)).stream())
                .map(calibration::linear)
                .toList();
    }

    /** The nose's shadow is narrow; hair on the lip darkens both its sides as well, and says nothing. */
    private Double underNose(double[] right, double[] left) {
        Optional<ZoneOutline> lip = scene.outlines().stream()
                .filter(o -> o.zone() == Zone.UPPER_LIP)
                .findFirst();
        if (right == null || left == null || lip.isEmpty()) {
            return null;
        }
        double under = light(under(lip.get(), 0, SHADOW_WIDE));
        double beside =
                Math.sqrt(light(under(lip.get(), -BESIDE, BESIDE_WIDE)) * light(under(lip.get(), BESIDE, BESIDE_WIDE)));
        double cheek = Math.sqrt(luminance(right) * luminance(left));
        return under > DARKEST && beside > DARKEST ? Double.valueOf(Math.log(Math.min(cheek, beside) / under)) : null;
    }

    private static ZoneOutline under(ZoneOutline lip, double dx, double wide) {
        double y = lip.y() - SHADOW_OVER * lip.radiusY();
        return new ZoneOutline(lip.zone(), lip.side(), lip.x() + dx, y, wide, SHADOW_HIGH, lip.leanDegrees());
    }

    /** Returns the median light of a patch that may lie in shadow, 0 when it lies outside the picture. */
    private double light(ZoneOutline patch) {
        List<double[]> codes = ZoneSample.codes(picture, patch.polygon(face), List.of(), Bare.EVERYWHERE);
        return luminance(ShineOut.middle(codes.stream().map(calibration::linear).toList()));
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
                .filter(v -> luminance(v) > DARKEST)
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

    private static double luminance(double[] linear) {
        return ShineOut.luminance(linear);
    }
}
