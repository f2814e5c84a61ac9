package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.QRDecomposition;
import scree.core.colour.Lab;

/**
 * Reads colour with the full card: tone curves from the greys, the camera's response estimated from the fields, the
 * saturation that explains them best, a smooth correction of what is left, and a map fitted on virtual skins seen by that
 * response. Steps and figures in docs/method.md, "Reading colour with a card".
 */
public final class CardCalibration implements Calibration, SheetCalibration {
    private static final double DARKEST = 0.10;
    private static final double BRIGHTEST = 0.985;
    private static final double[] SATURATIONS = {1, 1.05, 1.1, 1.15, 1.2, 1.25};
    /** Phones add about a tenth, give or take 0.08. Derived: prior of the calibration study. */
    private static final double USUAL_SATURATION = 1.1;

    private static final double SATURATION_SPREAD = 0.08;
    private static final int POSSIBLE_RESPONSES = 12;
    private static final double CODE_STEP = 1e-3;
    private static final double LEAST_LINEAR = 1e-5;

    private final Trial best;
    private final LightField field;
    private final ToneCurves plain;
    private final RootCorrection correction;
    private final SkinMap map;
    private final Quality quality;
    private final List<double[]> greyCodes;

    private CardCalibration(
            Trial best,
            LightField field,
            ToneCurves plain,
            RootCorrection correction,
            SkinMap map,
            Quality quality,
            List<double[]> greyCodes) {
        this.greyCodes = List.copyOf(greyCodes);
        this.best = best;
        this.field = field;
        this.plain = plain;
        this.correction = correction;
        this.map = map;
        this.quality = quality;
    }

    /** Calibrates from a found colour card, evening out the light over it first. */
    public static CardCalibration of(CardSamples samples, CardSighting.Found card) {
        return of(samples, card, PrintedCard.design());
    }

    /** Calibrates from a found colour card of which this is known. */
    public static CardCalibration of(CardSamples samples, CardSighting.Found card, PrintedCard print) {
        List<CardField> fields = print.fields();
        ToneCurves plain = new ToneCurves(greys(samples.fields()), greyFields(fields), 1);
        LightField light = LightField.of(samples.border(), plain);
        Homography toPicture = card.toPicture();
        List<double[]> codes = new ArrayList<>();
        for (int i = 0; i < fields.size(); i++) {
            CardLayout.Place place = CardLayout.places(CardLayout.Kind.COLOUR).get(i);
            Point at = toPicture.map((place.left() + place.right()) / 2, (place.top() + place.bottom()) / 2);
            codes.add(plain.relit(samples.fields().get(i), light.evening(at)));
        }
        return of(codes, print, samples.uneven(), light);
    }

    /** Calibrates from bare codes in even light: 24 fields in the card's order, greys last from light to dark. */
    static CardCalibration of(List<double[]> codes, PrintedCard print) {
        return of(codes, print, print.fields().stream().map(f -> 0.0).toList(), null);
    }

    private static CardCalibration of(List<double[]> codes, PrintedCard print, List<Double> uneven, LightField light) {
        List<CardField> fields = print.fields();
        List<boolean[]> usable = new ArrayList<>();
        int unusable = 0;
        for (int i = 0; i < codes.size(); i++) {
            boolean clean = uneven.get(i) <= CardSamples.MOST_UNEVEN;
            boolean[] flags = new boolean[3];
            for (int c = 0; c < 3; c++) {
                flags[c] = clean && codes.get(i)[c] > DARKEST && codes.get(i)[c] < BRIGHTEST;
            }
            usable.add(flags);
            boolean clipped =
                    codes.get(i)[0] >= BRIGHTEST || codes.get(i)[1] >= BRIGHTEST || codes.get(i)[2] >= BRIGHTEST;
            unusable += !clean || clipped ? 1 : 0;
        }
        Trial best = null;
        for (double saturation : SATURATIONS) {
            Trial trial = Trial.of(codes, print, usable, saturation);
            best = best == null || trial.evidence > best.evidence ? trial : best;
        }
        RootCorrection correction = RootCorrection.of(best, codes, fields, uneven);
        ToneCurves plain = best.saturation == 1 ? best.curves : new ToneCurves(greys(codes), greyFields(fields), 1);
        double halo = light == null ? 0 : light.misfit();
        var quality = new Quality(fields.size(), unusable, correction.residual(), best.saturation, halo);
        SkinMap map = print.spectraKnown()
                ? SkinMap.of(best.response)
                : SkinMap.pooled(best.response.possible(POSSIBLE_RESPONSES));
        return new CardCalibration(best, light, plain, correction, map, quality, greys(codes));
    }

    @Override
    public Lab read(double[] code, Point face) {
        double factor = field == null ? 1 : field.carriedTo(face);
        double[] p = roots(scaled(best.curves.linear(code), factor));
        return map.at(correction.apply(p));
    }

    @Override
    public double[] linear(double[] code) {
        return plain.linear(code);
    }

    @Override
    public double[] code(double[] linear) {
        return plain.codeOf(linear);
    }

    @Override
    public Quality quality() {
        return quality;
    }

    @Override
    public double[] light(double[] code) {
        return best.curves.linear(code);
    }

    @Override
    public double[] roots(double[] code, double[] light) {
        double[] linear = best.curves.linear(code);
        for (int c = 0; c < linear.length; c++) {
            linear[c] /= light[c];
        }
        return correction.apply(roots(linear));
    }

    @Override
    public Optional<Camera> camera() {
        return Optional.of(new Camera(best.response.weights(), components()));
    }

    @Override
    public ProductMap products() {
        return ProductMap.of(best.response);
    }

    /** Returns what the card tells of camera and lamp: 20 components of the estimated response. */
    public double[] components() {
        return best.response.components();
    }

    /**
     * Returns what later grey-card pictures of the same phone in daylight may use: virtual skins as this picture would show them,
     * read with the three greys of the grey card alone, against their colours. So the rough curve through three greys is part of
     * what is learned.
     */
    public CameraProfile profile() {
        ToneCurves three = CardLayout.threeGreys(greyCodes);
        List<double[]> x = new ArrayList<>();
        double[][] y = new double[3][VirtualSkins.ALL.size()];
        for (VirtualSkins.Skin skin : VirtualSkins.ALL) {
            double[] code = best.curves.saturated(best.curves.codeOf(best.response.response(skin.reflectance())));
            y[0][x.size()] = skin.colour().lightness();
            y[1][x.size()] = skin.colour().a();
            y[2][x.size()] = skin.colour().b();
            x.add(GreyCalibration.features(three.linear(code)));
        }
        var solver = new QRDecomposition(new Array2DRowRealMatrix(x.toArray(new double[0][]), false)).getSolver();
        double[][] map = new double[3][];
        for (int i = 0; i < 3; i++) {
            map[i] = solver.solve(new ArrayRealVector(y[i], false)).toArray();
        }
        return new CameraProfile(map);
    }

    private static List<double[]> greys(List<double[]> codes) {
        return codes.subList(CardField.FIRST_GREY - 1, codes.size());
    }

    private static List<CardField> greyFields(List<CardField> fields) {
        return fields.subList(CardField.FIRST_GREY - 1, fields.size());
    }

    static double[] roots(double[] linear) {
        return new double[] {
            Math.cbrt(Math.max(linear[0], LEAST_LINEAR)),
            Math.cbrt(Math.max(linear[1], LEAST_LINEAR)),
            Math.cbrt(Math.max(linear[2], LEAST_LINEAR))
        };
    }

    private static double[] scaled(double[] linear, double factor) {
        return new double[] {linear[0] * factor, linear[1] * factor, linear[2] * factor};
    }

    /** One trial saturation with the response that it implies. */
    static final class Trial {
        final double saturation;
        final ToneCurves curves;
        final List<double[]> linear;
        final ResponseEstimate response;
        final double evidence;

        private Trial(
                double saturation,
                ToneCurves curves,
                List<double[]> linear,
                ResponseEstimate response,
                double evidence) {
            this.saturation = saturation;
            this.curves = curves;
            this.linear = linear;
            this.response = response;
            this.evidence = evidence;
        }

        static Trial of(List<double[]> codes, PrintedCard print, List<boolean[]> usable, double saturation) {
            ToneCurves curves = new ToneCurves(greys(codes), greyFields(print.fields()), saturation);
            List<double[]> linear = codes.stream().map(curves::linear).toList();
            ResponseEstimate response = ResponseEstimate.of(linear, print, usable);
            double off = (saturation - USUAL_SATURATION) / SATURATION_SPREAD;
            double evidence = response.evidence() - off * off / 2;
            for (int i = 0; i < codes.size(); i++) {
                boolean[] u = usable.get(i);
                if (u[0] && u[1] && u[2]) {
                    evidence += Math.log(Math.abs(stretch(curves, codes.get(i), linear.get(i))) + 1e-9);
                }
            }
            return new Trial(saturation, curves, linear, response, evidence);
        }

        /** The determinant of the derivative of linear light by code: evidence is compared in codes, not in light. */
        private static double stretch(ToneCurves curves, double[] code, double[] linear) {
            double[][] j = new double[3][3];
            for (int in = 0; in < 3; in++) {
                double[] moved = code.clone();
                moved[in] += CODE_STEP;
                double[] there = curves.linear(moved);
                for (int out = 0; out < 3; out++) {
                    j[out][in] = (there[out] - linear[out]) / CODE_STEP;
                }
            }
            return new LUDecomposition(new Array2DRowRealMatrix(j, false)).getDeterminant();
        }
    }
}
