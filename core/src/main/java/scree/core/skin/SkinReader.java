package scree.core.skin;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import scree.core.colour.Lab;
import scree.core.image.Calibration;
import scree.core.image.CameraProfile;
import scree.core.image.CardCalibration;
import scree.core.image.CardLayout;
import scree.core.image.CardSamples;
import scree.core.image.CardSighting;
import scree.core.image.GreyCalibration;
import scree.core.image.PlainDecoding;
import scree.core.image.Point;
import scree.core.image.PrintedCard;
import scree.core.image.Raster;
import scree.core.image.ZoneSample;
import scree.core.light.LightFigures;
import scree.core.light.LightJudge;
import scree.core.light.ShineOut;
import scree.core.skin.LightSurvey.Sampled;
import scree.core.skin.SkinReading.Unread;
import scree.core.skin.SkinReading.WhyUnread;

/** Reads the skin of a face in a picture: calibrates on the card that was found, then takes robust means over the zones. */
public final class SkinReader {
    /**
     * Under this share of kept pixels a zone says too little. Derived: clean zones of twelve sitters keep 0.92 and more, beards on any depth of
     * skin 0.43 and less at jaw and chin. At 0.35, as on photographs, the skin between the hairs of a deep beard was read.
     */
    private static final double LEAST_KEPT = 0.5;

    private static final int LEAST_PIXELS = 60;
    private static final int LEAST_SPOT_PIXELS = 12;
    /** A hand draws round what it sees, and marks fade at their edge: the spot's own colour is read within this share of its outline. */
    private static final double CORE = .7;

    /** Chroma against the cheek's under which a zone is hair. House choice: the greyest zones of bare skin keep 0.7. */
    private static final double HAIR_CHROMA = 0.55;
    /** How far the skin round a spot is looked at, in its radius. House choice. */
    private static final double RING = 2.2;

    /** Spread over the zone's own brightness, so that deep skin counts alike. Derived: clean zones to 0.043, hair on lips from 0.093. */
    private static final double MOST_SPREAD = 0.085;
    /** A zone darker than the cheeks by this share of linear light is hair or shadow, not skin. House choice. */
    private static final double COVERED_AT = 0.45;

    private SkinReader() {}

    /**
     * Reads one picture.
     *
     * @param outlines of the zones, each zone and side at most once
     */
    public static SkinReading read(Raster picture, CardSighting card, FaceFrame face, List<ZoneOutline> outlines) {
        return read(picture, card, SkinScene.of(face, outlines));
    }

    /** Reads one picture of which this is known. */
    public static SkinReading read(Raster picture, CardSighting card, SkinScene scene) {
        Calibration calibration = calibrate(picture, card, scene);
        List<Sampled> all = sample(picture, scene);
        Map<Zone, List<Sampled>> samples =
                all.stream().collect(Collectors.groupingBy(Sampled::zone, LinkedHashMap::new, Collectors.toList()));
        double skinLight = skinLight(samples, calibration);
        Point middle = scene.face().centre();
        List<ZoneReading> zones = new ArrayList<>();
        List<Unread> unread = new ArrayList<>();
        for (var entry : samples.entrySet()) {
            List<Sampled> good = new ArrayList<>();
            WhyUnread why = WhyUnread.OUTSIDE;
            for (Sampled sampled : entry.getValue()) {
                WhyUnread problem = problem(picture, scene, sampled, calibration, skinLight);
                if (problem == null) {
                    good.add(sampled);
                } else {
                    why = problem;
                }
            }
            if (good.isEmpty()) {
                unread.add(new Unread(entry.getKey(), why));
            } else {
                zones.add(reading(entry.getKey(), good, calibration, middle));
            }
        }
        uncover(zones, unread);
        Calibration.Quality quality = calibration.quality();
        LightFigures light = new LightSurvey(picture, card, calibration, scene).figures(all);
        return new SkinReading(
                Remarks.trust(card, quality, LightJudge.judge(light, null)),
                quality,
                zones,
                unread,
                spots(picture, scene, calibration),
                light,
                Remarks.on(card, quality));
    }

    /** Skin may be redder or deeper from zone to zone, but never much greyer: a zone that is lies under grey or fair hair. */
    private static void uncover(List<ZoneReading> zones, List<Unread> unread) {
        double cheek = zones.stream()
                .filter(z -> z.zone() == Zone.CHEEK)
                .mapToDouble(z -> z.colour().chroma())
                .findFirst()
                .orElse(0);
        for (ZoneReading z : List.copyOf(zones)) {
            if (z.colour().chroma() < HAIR_CHROMA * cheek) {
                zones.remove(z);
                unread.add(new Unread(z.zone(), WhyUnread.COVERED));
            }
        }
    }

    /** Returns what a daylight picture with the colour card teaches about the phone, for its later grey-card pictures. */
    public static Optional<CameraProfile> learn(Raster picture, CardSighting card, PrintedCard print) {
        return card instanceof CardSighting.Found found && found.kind() == CardLayout.Kind.COLOUR
                ? Optional.of(CardCalibration.of(CardSamples.of(picture, found), found, print)
                        .profile())
                : Optional.empty();
    }

    private static Calibration calibrate(Raster picture, CardSighting card, SkinScene scene) {
        if (!(card instanceof CardSighting.Found found)) {
            return new PlainDecoding();
        }
        CardSamples samples = CardSamples.of(picture, found);
        if (found.kind() == CardLayout.Kind.COLOUR) {
            return CardCalibration.of(samples, found, scene.print());
        }
        return scene.phone()
                .map(phone -> GreyCalibration.of(samples, found, scene.print(), phone))
                .orElseGet(() -> GreyCalibration.of(samples, found, scene.print(), GreyCalibration.Light.DAYLIGHT));
    }

    private static List<Sampled> sample(Raster picture, SkinScene scene) {
        List<List<Point>> without = scene.without();
        return scene.outlines().stream()
                .map(o -> new Sampled(
                        o.zone(),
                        o.side(),
                        ZoneSample.of(picture, o.polygon(scene.face()), without, scene.bareOf(o.zone()))))
                .toList();
    }

    /** A spot against the ring of skin round it, both in the same light, so that no shading has to be told. */
    private static List<SpotReading> spots(Raster picture, SkinScene scene, Calibration calibration) {
        List<SpotReading> read = new ArrayList<>();
        Point middle = scene.face().centre();
        for (FreeSpot spot : scene.spots()) {
            List<List<Point>> notRing = new ArrayList<>(scene.without());
            ZoneSample inner = ZoneSample.of(picture, spot.polygon(scene.face(), CORE));
            ZoneSample ring = ZoneSample.of(picture, spot.polygon(scene.face(), RING), notRing);
            if (inner.used() >= LEAST_SPOT_PIXELS && ring.used() >= LEAST_SPOT_PIXELS) {
                read.add(new SpotReading(
                        spot, calibration.read(inner.code(), middle), calibration.read(ring.code(), middle)));
            }
        }
        return read;
    }

    private static WhyUnread problem(
            Raster picture, SkinScene scene, Sampled sampled, Calibration calibration, double skinLight) {
        ZoneSample sample = sampled.sample();
        if (sample.total() < LEAST_PIXELS) { // a small zone of a small face may lie well inside
            return inside(picture, scene, sampled) ? WhyUnread.TOO_FEW : WhyUnread.OUTSIDE;
        }
        if (sample.used() < LEAST_PIXELS || sample.kept() < LEAST_KEPT) {
            return WhyUnread.TOO_FEW;
        }
        if (sample.spread() > MOST_SPREAD * brightness(sample.code())) {
            return WhyUnread.COVERED;
        }
        return luminance(calibration.linear(sample.code())) < COVERED_AT * skinLight ? WhyUnread.COVERED : null;
    }

    private static double brightness(double[] code) {
        return (code[0] + code[1] + code[2]) / 3;
    }

    private static boolean inside(Raster picture, SkinScene scene, Sampled sampled) {
        return scene.outlines().stream()
                .filter(o -> o.zone() == sampled.zone() && o.side() == sampled.side())
                .map(o -> o.polygon(scene.face()))
                .flatMap(List::stream)
                .allMatch(p -> p.x() >= 0 && p.y() >= 0 && p.x() < picture.width() && p.y() < picture.height());
    }

    private static double skinLight(Map<Zone, List<Sampled>> samples, Calibration calibration) {
        return samples.getOrDefault(Zone.CHEEK, List.of()).stream()
                .filter(s -> s.sample().used() >= LEAST_PIXELS)
                .mapToDouble(s -> luminance(calibration.linear(s.sample().code())))
                .max()
                .orElse(0);
    }

    private static ZoneReading reading(Zone zone, List<Sampled> sides, Calibration calibration, Point face) {
        double[] linear = new double[3];
        double spread = 0;
        int[] counts = new int[5];
        for (Sampled s : sides) {
            double[] one = calibration.linear(s.sample().code());
            for (int c = 0; c < 3; c++) {
                linear[c] += zone.evened(one[c]) / sides.size();
            }
            spread += s.sample().spread() / sides.size();
            counts[0] += s.sample().used();
            counts[1] += s.sample().shine();
            counts[2] += s.sample().shadow();
            counts[3] += s.sample().clipped();
            counts[4] += s.sample().feature();
        }
        double[] code = calibration.code(linear);
        Lab colour = calibration.read(code, face);
        double deltaL = Math.abs(calibration.read(brighter(code, spread), face).lightness() - colour.lightness());
        return new ZoneReading(
                zone,
                colour,
                deltaL,
                new ZoneSample(code, spread, counts[0], counts[1], counts[2], counts[3], counts[4]));
    }

    private static double[] brighter(double[] code, double by) {
        return new double[] {code[0] + by, code[1] + by, code[2] + by};
    }

    private static double luminance(double[] linear) {
        return ShineOut.luminance(linear);
    }
}
