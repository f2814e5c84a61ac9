package scree.core.skin;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.image.Calibration;
import scree.core.image.CardCalibration;
import scree.core.image.CardLayout;
import scree.core.image.CardSamples;
import scree.core.image.CardSighting;
import scree.core.image.GreyCalibration;
import scree.core.image.PlainDecoding;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.image.ZoneSample;
import scree.core.skin.SkinReading.Unread;
import scree.core.skin.SkinReading.WhyUnread;

/** Reads the skin of a face in a picture: calibrates on the card that was found, then takes robust means over the zones. */
public final class SkinReader {
    /** Under this share of kept pixels a zone says too little. House choice. */
    private static final double LEAST_KEPT = 0.45;

    private static final int LEAST_PIXELS = 60;
    /** Luma of clean skin varies by under 0.03; strands of hair or a shadow's edge by more. House choice. */
    private static final double MOST_SPREAD = 0.065;
    /** A zone darker than the cheeks by this share of linear light is hair or shadow, not skin. House choice. */
    private static final double COVERED_AT = 0.45;

    private SkinReader() {}

    /**
     * Reads one picture.
     *
     * @param outlines of the zones, each zone and side at most once
     */
    public static SkinReading read(Raster picture, CardSighting card, FaceFrame face, List<ZoneOutline> outlines) {
        Calibration calibration = calibrate(picture, card);
        Map<Zone, List<Sampled>> samples = sample(picture, face, outlines);
        double skinLight = skinLight(samples, calibration);
        List<ZoneReading> zones = new ArrayList<>();
        List<Unread> unread = new ArrayList<>();
        for (var entry : samples.entrySet()) {
            List<Sampled> good = new ArrayList<>();
            WhyUnread why = WhyUnread.OUTSIDE;
            for (Sampled sampled : entry.getValue()) {
                WhyUnread problem = problem(sampled.sample(), calibration, skinLight);
                if (problem == null) {
                    good.add(sampled);
                } else {
                    why = problem;
                }
            }
            if (good.isEmpty()) {
                unread.add(new Unread(entry.getKey(), why));
            } else {
                zones.add(reading(entry.getKey(), good, calibration, face.centre()));
            }
        }
        double sideLight = sideLight(samples.getOrDefault(Zone.CHEEK, List.of()), calibration);
        Calibration.Quality quality = calibration.quality();
        return new SkinReading(
                Remarks.trust(card, quality, sideLight),
                quality,
                zones,
                unread,
                sideLight,
                Remarks.on(card, quality, sideLight));
    }

    private record Sampled(Side side, ZoneSample sample) {}

    private static Calibration calibrate(Raster picture, CardSighting card) {
        if (!(card instanceof CardSighting.Found found)) {
            return new PlainDecoding();
        }
        CardSamples samples = CardSamples.of(picture, found);
        return found.kind() == CardLayout.Kind.GREY
                ? GreyCalibration.of(samples, found, GreyCalibration.Light.DAYLIGHT)
                : CardCalibration.of(samples, found);
    }

    private static Map<Zone, List<Sampled>> sample(Raster picture, FaceFrame face, List<ZoneOutline> outlines) {
        Map<Zone, List<Sampled>> samples = new LinkedHashMap<>();
        for (ZoneOutline outline : outlines) {
            samples.computeIfAbsent(outline.zone(), z -> new ArrayList<>())
                    .add(new Sampled(outline.side(), ZoneSample.of(picture, outline.polygon(face))));
        }
        return samples;
    }

    private static WhyUnread problem(ZoneSample sample, Calibration calibration, double skinLight) {
        if (sample.total() < LEAST_PIXELS) {
            return WhyUnread.OUTSIDE;
        }
        if (sample.used() < LEAST_PIXELS || sample.kept() < LEAST_KEPT) {
            return WhyUnread.TOO_FEW;
        }
        if (sample.spread() > MOST_SPREAD) {
            return WhyUnread.COVERED;
        }
        return luminance(calibration.linear(sample.code())) < COVERED_AT * skinLight ? WhyUnread.COVERED : null;
    }

    private static double skinLight(Map<Zone, List<Sampled>> samples, Calibration calibration) {
        return samples.getOrDefault(Zone.CHEEK, List.of()).stream()
                .filter(s -> s.sample().used() >= LEAST_PIXELS)
                .mapToDouble(s -> luminance(calibration.linear(s.sample().code())))
                .max()
                .orElse(0);
    }

    private static double sideLight(List<Sampled> cheeks, Calibration calibration) {
        if (cheeks.size() < 2 || cheeks.stream().anyMatch(s -> s.sample().used() < LEAST_PIXELS)) {
            return 0;
        }
        double a = luminance(calibration.linear(cheeks.get(0).sample().code()));
        double b = luminance(calibration.linear(cheeks.get(1).sample().code()));
        return a <= 0 || b <= 0 ? 0 : Math.abs(Math.log(a / b));
    }

    private static ZoneReading reading(Zone zone, List<Sampled> sides, Calibration calibration, Point face) {
        double[] linear = new double[3];
        double spread = 0;
        int[] counts = new int[4];
        for (Sampled s : sides) {
            double[] one = calibration.linear(s.sample().code());
            for (int c = 0; c < 3; c++) {
                linear[c] += one[c] / zone.facing() / sides.size();
            }
            spread += s.sample().spread() / sides.size();
            counts[0] += s.sample().used();
            counts[1] += s.sample().shine();
            counts[2] += s.sample().shadow();
            counts[3] += s.sample().clipped();
        }
        double[] code = calibration.code(linear);
        Lab colour = calibration.read(code, face);
        double deltaL = Math.abs(calibration.read(brighter(code, spread), face).lightness() - colour.lightness());
        return new ZoneReading(
                zone, colour, deltaL, new ZoneSample(code, spread, counts[0], counts[1], counts[2], counts[3]));
    }

    private static double[] brighter(double[] code, double by) {
        return new double[] {code[0] + by, code[1] + by, code[2] + by};
    }

    private static double luminance(double[] linear) {
        return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2];
    }
}
