package scree.app.skin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Pressed;
import scree.core.colour.Srgb;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.skin.FreeSpot;
import scree.core.skin.Region;
import scree.core.skin.SkinFinding;
import scree.core.skin.SkinFindings;
import scree.core.skin.SkinType;
import scree.core.skin.SpotReading;
import scree.core.skin.Texture;
import scree.core.skin.Zone;

/** What stands beside the reading on the Skin page: light, findings, free spots, touch and the colour meter. */
record SkinBeside(
        String grade,
        String gradeWords,
        List<String> lightReasons,
        boolean pointsMoved,
        boolean onPoints,
        List<Found> findings,
        List<Spot> spots,
        List<Kind> kinds,
        List<Mark> marks,
        List<Textured> textures,
        List<Typed> types,
        String broken,
        Meter meter,
        String print) {

    /** A finding in words, with two stones. */
    record Found(
            String code,
            String ruledBy,
            String words,
            String figures,
            String matters,
            String here,
            String there,
            String stoneA,
            String stoneB) {}

    /** A free spot on the picture and in the list. */
    record Spot(
            int id,
            String kind,
            String name,
            String path,
            double x,
            double y,
            double gripX,
            double gripY,
            String colour,
            String surround,
            String figures) {}

    /** A kind of spot to be chosen. */
    record Kind(String key, String words) {}

    /** A texture that was found on a zone. */
    record Mark(String zone, String side, String texture, String words, double x, double y) {}

    /** A texture to be chosen. */
    record Textured(String key, String words) {}

    /** A region and its skin type. */
    record Typed(String key, String words, String type) {}

    /** The colour meter's panel. */
    record Meter(boolean setUp, List<Pressing> zones) {}

    /** A zone under the meter. */
    record Pressing(
            String key,
            String words,
            int presses,
            boolean agree,
            String mean,
            String spread,
            String colour,
            String stone) {}

    private static final Stones STONES = new Stones();
    private static final List<Zone> MOST_PRESSED = List.of(Zone.FOREARM, Zone.NECK, Zone.JAW, Zone.CHEEK);

    static SkinBeside of(
            TakenReading taken,
            double scale,
            boolean pointsMoved,
            List<Touched> touched,
            Map<Region, SkinType> types,
            Map<SkinFinding.Code, String> ruled,
            Map<Zone, Pressed> pressed,
            boolean meter,
            SkinWords words,
            LightWords light) {
        return new SkinBeside(
                taken.light().grade().name(),
                light.grade(taken.light()),
                light.reasons(taken.light()),
                pointsMoved,
                taken.face().laidOn() != null,
                findings(taken, ruled, words),
                spots(taken, scale, words),
                Arrays.stream(FreeSpot.Kind.values())
                        .map(k -> new Kind(k.name(), words.say("spot." + k)))
                        .toList(),
                marks(taken, scale, touched, words),
                Arrays.stream(Texture.values())
                        .map(t -> new Textured(t.name(), words.say("texture." + t)))
                        .toList(),
                Arrays.stream(Region.values())
                        .map(r -> new Typed(
                                r.name(),
                                words.say("region." + r),
                                types.containsKey(r) ? types.get(r).name() : ""))
                        .toList(),
                broken(touched, words),
                meter(pressed, meter, words),
                taken.printName());
    }

    private static List<Found> findings(TakenReading taken, Map<SkinFinding.Code, String> ruled, SkinWords words) {
        List<Found> rows = new ArrayList<>();
        for (SkinFinding f : SkinFindings.of(taken.skin())) {
            rows.add(new Found(
                    f.code().name(),
                    ruled.containsKey(f.code())
                            ? words.say("finding.ruled", ruled.get(f.code()).split(" ")[0])
                            : null,
                    words.say("finding." + f.code()),
                    figures(f, words),
                    words.say("finding.matters." + f.code()),
                    taken.skin().colourOf(f.zone()).map(Srgb::hex).orElse("none"),
                    taken.skin().colourOf(f.against()).map(Srgb::hex).orElse("none"),
                    STONES.pebble("zone-" + f.zone(), 40, 17, 13),
                    STONES.pebble("zone-" + f.against(), 19, 25, 14)));
        }
        return rows;
    }

    /** ΔE and the directions that count, strongest first, at most two. */
    private static String figures(SkinFinding f, SkinWords words) {
        String directions = Stream.of(
                        new Object[] {"l", f.deltaL()}, new Object[] {"a", f.deltaA()}, new Object[] {"b", f.deltaB()})
                .filter(d -> Math.abs((double) d[1]) >= 1)
                .sorted((x, y) -> Double.compare(Math.abs((double) y[1]), Math.abs((double) x[1])))
                .limit(2)
                .map(d -> words.say(
                        "finding.by." + d[0] + ((double) d[1] > 0 ? ".more" : ".less"), one(Math.abs((double) d[1]))))
                .reduce((x, y) -> x + ", " + y)
                .orElse("");
        return words.say(
                "finding.figures",
                one(f.difference()),
                directions,
                words.say("zone." + f.against()).toLowerCase(Locale.ROOT));
    }

    private static List<Spot> spots(TakenReading taken, double scale, SkinWords words) {
        List<Spot> shapes = new ArrayList<>();
        for (FreeSpot s : taken.face().spots()) {
            List<Point> line = s.polygon(taken.face().frame(), 1).stream()
                    .map(p -> new Point(p.x() * scale, p.y() * scale))
                    .toList();
            Point centre = taken.face().frame().toPicture(s.x(), s.y());
            Optional<SpotReading> read = taken.skin().spots().stream()
                    .filter(r -> r.spot().id() == s.id())
                    .findFirst();
            shapes.add(new Spot(
                    s.id(),
                    s.kind().name(),
                    words.say("spot." + s.kind()),
                    SkinView.polygon(line),
                    centre.x() * scale,
                    centre.y() * scale,
                    line.stream().mapToDouble(Point::x).max().orElse(0),
                    centre.y() * scale,
                    read.map(r -> Srgb.hex(r.colour())).orElse("none"),
                    read.map(r -> Srgb.hex(r.surround())).orElse("none"),
                    read.map(r -> spotFigures(r, words)).orElse(words.say("spot.unread"))));
        }
        return shapes;
    }

    private static String spotFigures(SpotReading r, SkinWords words) {
        double l = r.colour().lightness() - r.surround().lightness();
        double a = r.colour().a() - r.surround().a();
        String depth = Math.abs(l) < 1
                ? words.say("spot.level")
                : words.say(l > 0 ? "spot.lighter" : "spot.deeper", one(Math.abs(l)));
        String red = Math.abs(a) < 1 ? "" : ", " + words.say(a > 0 ? "spot.redder" : "spot.paler", one(Math.abs(a)));
        return "ΔE " + one(r.difference()) + ": " + depth + red;
    }

    private static List<Mark> marks(TakenReading taken, double scale, List<Touched> touched, SkinWords words) {
        List<Mark> marks = new ArrayList<>();
        for (Touched t : touched) {
            taken.face().outlines().stream()
                    .filter(o -> o.zone() == t.zone() && o.side() == t.side())
                    .findFirst()
                    .ifPresent(o -> {
                        Point at = taken.face().frame().toPicture(o.x(), o.y());
                        long before = marks.stream()
                                .filter(m -> m.zone().equals(t.zone().name())
                                        && m.side().equals(t.side().name()))
                                .count();
                        marks.add(new Mark(
                                t.zone().name(),
                                t.side().name(),
                                t.texture().name(),
                                words.say("texture." + t.texture()),
                                at.x() * scale,
                                at.y() * scale + 4 + 14 * before));
                    });
        }
        return marks;
    }

    private static String broken(List<Touched> touched, SkinWords words) {
        String where = touched.stream()
                .filter(t -> t.texture().caution())
                .map(t -> words.say("zone." + t.zone()).toLowerCase(Locale.ROOT)
                        + (t.side() == Side.CENTRE ? "" : " " + words.say("side." + t.side())))
                .reduce((x, y) -> x + ", " + y)
                .orElse(null);
        return where == null ? null : words.say("skin.broken", where);
    }

    private static Meter meter(Map<Zone, Pressed> pressed, boolean setUp, SkinWords words) {
        List<Zone> zones = new ArrayList<>(MOST_PRESSED);
        Arrays.stream(Zone.values()).filter(z -> !zones.contains(z)).forEach(zones::add);
        return new Meter(
                setUp,
                zones.stream().map(z -> pressing(z, pressed.get(z), words)).toList());
    }

    private static Pressing pressing(Zone zone, Pressed p, SkinWords words) {
        Optional<Lab> mean = p == null ? Optional.empty() : p.mean();
        return new Pressing(
                zone.name(),
                words.say("zone." + zone),
                p == null ? 0 : p.presses().size(),
                p != null && p.agree(),
                mean.map(m -> "L* " + one(m.lightness()) + "  a* " + one(m.a()) + "  b* " + one(m.b()))
                        .orElse(null),
                p == null ? null : one(p.spread()),
                mean.map(Srgb::hex).orElse("none"),
                STONES.pebble("zone-" + zone, 24, 20, 15));
    }

    private static String one(double v) {
        return Figures.one(v);
    }
}
