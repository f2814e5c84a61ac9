package scree.app.skin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import scree.app.look.Figures;
import scree.app.look.Lines;
import scree.app.look.Margin;
import scree.app.look.Stones;
import scree.app.picture.Picture;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.face.Side;
import scree.core.image.CardSighting;
import scree.core.image.Point;
import scree.core.skin.MatchTarget;
import scree.core.skin.Remarks;
import scree.core.skin.SkinReading;
import scree.core.skin.Undertone;
import scree.core.skin.Witness;
import scree.core.skin.Zone;
import scree.core.skin.ZoneOutline;
import scree.core.skin.ZoneReading;

/** What the Skin page shows, with all geometry done. */
record SkinView(
        long sittingId,
        int version,
        boolean kept,
        PictureBox picture,
        List<ZoneShape> zones,
        List<Tag> tags,
        List<Handle> handles,
        String cardPath,
        String cardWords,
        double cardX,
        double cardY,
        String trust,
        double within,
        String verdict,
        List<String> cautions,
        SkinField field,
        UndertoneSlab shares,
        String overtone,
        String overtoneFace,
        String overtoneRest,
        List<String> missing,
        List<Row> rows) {
    /** Returns whether a zone may lie on hair. */
    public boolean anyUnsure() {
        return zones.stream().anyMatch(ZoneShape::unsure);
    }

    /** The picture scaled into the drawing. */
    record PictureBox(long id, double width, double height, double scale) {}

    /** A zone's outline on the picture. */
    record ZoneShape(
            String zone,
            String side,
            String name,
            String path,
            double left,
            double y,
            double gripX,
            double gripY,
            boolean read,
            boolean unsure) {}

    /** A zone's stone in the margin with its leader. */
    record Tag(
            String id,
            String name,
            String path,
            String colour,
            double x,
            double y,
            double fromX,
            double fromY,
            boolean read,
            double textY) {}

    /** A point to be dragged. */
    record Handle(String key, double x, double y) {}

    /** A zone's figures. */
    record Row(
            String name,
            String stone,
            String colour,
            String l,
            String a,
            String b,
            String ita,
            String spread,
            int kept,
            String out) {}

    private static final double BOX_WIDTH = 492;
    private static final double BOX_HEIGHT = 600;
    private static final Stones STONES = new Stones();

    /** @param unsure zones that may lie on hair unless a hand laid them */
    static SkinView of(TakenReading taken, Picture picture, CardSighting card, Set<Zone> unsure, SkinWords words) {
        double scale = Math.min(BOX_WIDTH / picture.width(), BOX_HEIGHT / picture.height());
        PictureBox box = new PictureBox(picture.id(), picture.width() * scale, picture.height() * scale, scale);
        SkinReading skin = taken.skin();
        List<ZoneShape> zones = zones(taken, box, unsure, words);
        List<Point> cardLine = card instanceof CardSighting.Found f
                ? f.outline().stream()
                        .map(p -> new Point(p.x() * scale, p.y() * scale))
                        .toList()
                : List.of();
        Optional<Undertone> undertone = taken.undertone();
        Optional<MatchTarget> target = MatchTarget.from(skin, MatchTarget.School.JAW_TO_NECK);
        return new SkinView(
                taken.sittingId(),
                taken.version(),
                taken.kept(),
                box,
                zones,
                tags(taken, zones, box, cardLine, words),
                handles(taken.face(), scale),
                polygon(cardLine),
                cardWords(card, skin, words),
                cardLine.stream().mapToDouble(Point::x).average().orElse(0),
                cardLine.stream().mapToDouble(Point::y).min().orElse(0) - 10,
                skin.trust().name(),
                skin.within(),
                words.verdict(taken),
                cautions(skin, card, words),
                target.map(t -> SkinField.of(skin, t, words)).orElse(null),
                undertone
                        .map(u -> UndertoneSlab.of(
                                u,
                                (int) taken.said().keySet().stream()
                                        .filter(w -> w != Witness.MEASURED)
                                        .count(),
                                words))
                        .orElse(null),
                words.overtone(skin),
                skin.tellingColourOf(Zone.CHEEK).map(Srgb::hex).orElse(null),
                skin.tellingColourOf(Zone.NECK).map(Srgb::hex).orElse(null),
                words.missing(skin),
                skin.zones().stream().map(z -> row(z, words)).toList());
    }

    // ---- the picture ----

    private static List<ZoneShape> zones(TakenReading taken, PictureBox box, Set<Zone> unsure, SkinWords words) {
        List<ZoneShape> shapes = new ArrayList<>();
        for (ZoneOutline o : taken.face().outlines()) {
            List<Point> line = o.polygon(taken.face().frame()).stream()
                    .map(p -> new Point(p.x() * box.scale(), p.y() * box.scale()))
                    .toList();
            double left = line.stream().mapToDouble(Point::x).min().orElse(0);
            double y = line.stream().mapToDouble(Point::y).average().orElse(0);
            double right = line.stream().mapToDouble(Point::x).max().orElse(0);
            boolean read = taken.skin().colourOf(o.zone()).isPresent();
            String side = o.side() == Side.CENTRE ? "" : " " + words.say("side." + o.side());
            String name = words.say("zone." + o.zone()) + side;
            boolean perhapsHair = unsure.contains(o.zone()) && !taken.face().byHand(o);
            shapes.add(new ZoneShape(
                    o.zone().name(), o.side().name(), name, polygon(line), left, y, right, y, read, perhapsHair));
        }
        return shapes;
    }

    /** Puts the larger zones' stones in the nearer margin, rows apart, so that leaders do not cross; small ones speak when touched. */
    private static List<Tag> tags(
            TakenReading taken, List<ZoneShape> shapes, PictureBox box, List<Point> card, SkinWords words) {
        double cardTop = card.stream().mapToDouble(Point::y).min().orElse(1e9) - 34;
        double cardBottom = card.stream().mapToDouble(Point::y).max().orElse(-1e9) + 12;
        boolean cardRight = card.stream().mapToDouble(Point::x).average().orElse(box.width()) > box.width() / 2;
        List<Zone> left = List.of(Zone.TEMPLE, Zone.UNDER_EYE, Zone.OUTER_CHEEK, Zone.NOSE, Zone.JAW, Zone.NECK);
        List<Zone> right = List.of(Zone.FOREHEAD, Zone.CHEEK, Zone.CHIN, Zone.CHEST);
        List<Tag> tags = new ArrayList<>();
        column(tags, cardRight ? left : right, true, shapes, taken, box, -1, -1, words);
        column(tags, cardRight ? right : left, false, shapes, taken, box, cardTop, cardBottom, words);
        return tags;
    }

    private static void column(
            List<Tag> tags,
            List<Zone> zones,
            boolean onLeft,
            List<ZoneShape> shapes,
            TakenReading taken,
            PictureBox box,
            double avoidTop,
            double avoidBottom,
            SkinWords words) {
        List<ZoneShape> named = zones.stream()
                .map(zone -> shape(shapes, zone, onLeft))
                .sorted(Comparator.comparingDouble(ZoneShape::y))
                .toList();
        Margin margin = new Margin(58, 34, box.height() - 34);
        double[] wanted = named.stream().mapToDouble(s -> s.y() - 8).toArray();
        double[] heights =
                avoidBottom > 0 ? margin.downAround(avoidTop - 30, avoidBottom + 26, wanted) : margin.down(wanted);
        for (int i = 0; i < heights.length; i++) {
            ZoneShape shape = named.get(i);
            Zone zone = Zone.valueOf(shape.zone());
            double y = heights[i];
            double x = onLeft ? 40 : box.width() - 42;
            Optional<Lab> colour = taken.skin().colourOf(zone);
            boolean byMeter = taken.byMeter().contains(zone);
            tags.add(new Tag(
                    zone.name(),
                    words.say("zone." + zone) + (byMeter ? words.say("skin.by.meter") : ""),
                    STONES.pebble("zone-" + zone, x, y, 15),
                    colour.map(Srgb::hex).orElse("none"),
                    x,
                    y,
                    onLeft ? shape.left() : shape.gripX(),
                    shape.y(),
                    colour.isPresent(),
                    y + 31));
        }
    }

    private static ZoneShape shape(List<ZoneShape> shapes, Zone zone, boolean onLeft) {
        Side side = zone.paired() ? onLeft ? Side.RIGHT : Side.LEFT : Side.CENTRE;
        return shapes.stream()
                .filter(s -> s.zone().equals(zone.name()) && s.side().equals(side.name()))
                .findFirst()
                .orElseThrow();
    }

    private static List<Handle> handles(FaceState face, double scale) {
        List<Handle> handles = new ArrayList<>();
        for (FaceState.Handle h : FaceState.Handle.values()) {
            Point p = face.at(h);
            handles.add(new Handle(h.name(), p.x() * scale, p.y() * scale));
        }
        return handles;
    }

    static String polygon(List<Point> line) {
        return line.isEmpty()
                ? null
                : Lines.closed(
                        line.stream().map(p -> new double[] {p.x(), p.y()}).toList());
    }

    private static String cardWords(CardSighting card, SkinReading skin, SkinWords words) {
        if (!(card instanceof CardSighting.Found)) {
            return null;
        }
        int fields = skin.quality().fields();
        return words.say("skin.card.found", fields - skin.quality().unusable(), fields);
    }

    private static List<String> cautions(SkinReading skin, CardSighting card, SkinWords words) {
        return Remarks.on(card, skin.quality()).stream()
                .map(r -> words.say("remark." + r.code().name(), r.args().toArray()))
                .toList();
    }

    private static Row row(ZoneReading z, SkinWords words) {
        Lab c = z.colour();
        var s = z.sample();
        List<String> out = new ArrayList<>();
        add(out, s.shine(), s.total(), "skin.out.shine", words);
        add(out, s.shadow(), s.total(), "skin.out.shadow", words);
        add(out, s.clipped(), s.total(), "skin.out.clipped", words);
        String ita = c.b() > 0 ? one(scree.core.skin.Depth.itaDegrees(c)) + "°" : "–";
        return new Row(
                words.say("zone." + z.zone()),
                STONES.pebble("zone-" + z.zone(), 16, 14, 11),
                Srgb.hex(c),
                one(c.lightness()),
                one(c.a()),
                one(c.b()),
                ita,
                "± " + one(z.spread()),
                (int) Math.round(100 * s.kept()),
                out.isEmpty() ? words.say("skin.out.none") : String.join(", ", out));
    }

    private static void add(List<String> out, int count, int total, String key, SkinWords words) {
        int share = total == 0 ? 0 : (int) Math.round(100.0 * count / total);
        if (share > 0) {
            out.add(words.say(key, share));
        }
    }

    private static String one(double v) {
        return Figures.one(v);
    }
}
