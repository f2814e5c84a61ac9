package scree.app.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import scree.app.judge.RoleShelf;
import scree.app.look.Lines;
import scree.app.look.Margin;
import scree.app.look.PictureFrame;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.face.Side;
import scree.core.placement.Area;
import scree.core.placement.Caution;
import scree.core.placement.Family;
import scree.core.placement.Handles;
import scree.core.placement.Piece;
import scree.core.placement.PlacedZone;
import scree.core.placement.Stop;
import scree.core.plane.Curves;
import scree.core.plane.Vec;
import scree.core.shade.Coverage;

/** Draws a plan: zones, washes, tags in the margins, strata; everything that the page shows of it in pixels and words. */
record PlaceDrawing(TakenPlan plan, PictureFrame frame, PlaceWords w) {
    private static final double TAG_STEP = 37;

    double[] at(Vec v) {
        return frame.at(plan.level().toPicture(v));
    }

    List<double[]> at(List<Vec> line) {
        return line.stream().map(this::at).toList();
    }

    WorkedZone chosen(String wanted) {
        return plan.zones().stream()
                .filter(z -> PlaceView.key(z.zone()).equals(wanted))
                .findFirst()
                .or(() -> plan.zones().stream()
                        .filter(z -> z.zone().area() == Area.CHEEK_SHADOW)
                        .findFirst())
                .or(() -> plan.zones().stream().findFirst())
                .orElse(null);
    }

    List<PlaceView.ZoneShape> zones(WorkedZone chosen) {
        List<PlaceView.ZoneShape> shapes = new ArrayList<>();
        for (WorkedZone z : plan.zones()) {
            boolean now = chosen != null && z.zone().area() == chosen.zone().area();
            boolean itself = chosen != null && PlaceView.key(z.zone()).equals(PlaceView.key(chosen.zone()));
            shapes.add(shape(z, now, itself));
        }
        return shapes;
    }

    private PlaceView.ZoneShape shape(WorkedZone z, boolean now, boolean itself) {
        PlacedZone zone = z.zone();
        double px = frame.scale() * plan.level().unit();
        List<PlaceView.Wash> washes = new ArrayList<>();
        List<String> edges = new ArrayList<>();
        for (int i = 0; i < zone.pieces().size(); i++) {
            Piece piece = zone.pieces().get(i);
            String path = Lines.closed(at(piece.edge()));
            edges.add(path);
            if (z.dose() != null) {
                washes.add(wash(z, piece, path, PlaceView.key(zone).replace('.', '-') + "-" + i));
            }
        }
        boolean brighter = z.dose() != null
                && z.dose().result().lightness() > plan.ground().lightness();
        List<PlaceView.HandleAt> handles = new ArrayList<>();
        if (itself) {
            List<Vec> of = Handles.of(zone);
            for (int i = 0; i < of.size(); i++) {
                double[] p = at(of.get(i));
                handles.add(new PlaceView.HandleAt(i, p[0], p[1]));
            }
        }
        return new PlaceView.ZoneShape(
                PlaceView.key(zone),
                zone.area().family().name(),
                z.number() + ", " + w.area(zone.area())
                        + (zone.side() == Side.CENTRE ? "" : ", " + w.say("side." + zone.side())),
                edges,
                washes,
                Math.max(1, .62 * zone.blur() * px),
                brighter ? "screen" : "multiply",
                now,
                zone.edited(),
                zone.area().unsure(plan.face().points()),
                zone.way().size() < 2 ? null : Lines.open(at(Curves.evenly(zone.way(), 9))),
                now ? zone.stops().stream().map(this::stop).toList() : List.of(),
                handles);
    }

    private String stop(Stop s) {
        return Lines.open(List.of(at(s.from()), at(s.to())));
    }

    private PlaceView.Wash wash(WorkedZone z, Piece piece, String path, String id) {
        List<Piece.Cell> cells = piece.layers().get(0).cells();
        List<PlaceView.Amount> amounts = new ArrayList<>();
        for (int i = 0; i <= 4; i++) {
            double a = cells.get(Math.min(cells.size() - 1, i * (cells.size() - 1) / 4))
                    .amount();
            amounts.add(new PlaceView.Amount(25 * i, Math.round(100 * Math.min(1, a)) / 100.0));
        }
        double[] from = at(piece.line().get(0));
        double[] to = at(piece.line().get(piece.line().size() - 1));
        if (piece.line().size() == 1) {
            to = new double[] {from[0] + 1, from[1]};
        }
        return new PlaceView.Wash(
                id, path, change(plan.ground(), z.dose().result()), from[0], from[1], to[0], to[1], amounts);
    }

    List<PlaceView.Tag> tags(WorkedZone chosen) {
        Map<Area, WorkedZone> left = new LinkedHashMap<>();
        Map<Area, WorkedZone> right = new LinkedHashMap<>();
        for (WorkedZone z : plan.zones()) {
            Area area = z.zone().area();
            boolean shadow =
                    area.family() == Family.SHADOW || area.family() == Family.SUN || area.family() == Family.POWDER;
            if (shadow && z.zone().side() != Side.LEFT) {
                left.putIfAbsent(area, z);
            } else if (!shadow && z.zone().side() != Side.RIGHT) {
                right.putIfAbsent(area, z);
            }
        }
        List<PlaceView.Tag> tags = new ArrayList<>(column(left.values(), true, chosen));
        tags.addAll(column(right.values(), false, chosen));
        return tags;
    }

    /** Spreads the numbers down a margin in the order of their zones' heights, so that leaders do not cross. */
    private List<PlaceView.Tag> column(java.util.Collection<WorkedZone> of, boolean left, WorkedZone chosen) {
        List<WorkedZone> sorted = new ArrayList<>(of);
        sorted.sort(Comparator.comparingDouble(z -> at(z.zone().heart())[1]));
        double[] y = new Margin(TAG_STEP + 8, 20, frame.height() - 20.0)
                .down(sorted.stream().mapToDouble(z -> at(z.zone().heart())[1]).toArray());
        double x = left ? 108 : frame.width() - 124; // the longest name, at a tablet's size of letters
        uncross(sorted, y, x);
        List<PlaceView.Tag> tags = new ArrayList<>();
        for (int i = 0; i < y.length; i++) {
            WorkedZone z = sorted.get(i);
            double[] to = at(z.zone().heart());
            tags.add(new PlaceView.Tag(
                    PlaceView.key(z.zone()),
                    z.number(),
                    w.tag(z.zone().area()),
                    x,
                    y[i],
                    to[0],
                    to[1],
                    left,
                    chosen != null && chosen.zone().area() == z.zone().area()));
        }
        return tags;
    }

    /** Swaps neighbours until no two leaders cross. */
    private void uncross(List<WorkedZone> sorted, double[] y, double x) {
        for (int pass = 0; pass < y.length; pass++) {
            for (int i = 0; i + 1 < y.length; i++) {
                double[] a = at(sorted.get(i).zone().heart());
                double[] b = at(sorted.get(i + 1).zone().heart());
                if (java.awt.geom.Line2D.linesIntersect(x, y[i], a[0], a[1], x, y[i + 1], b[0], b[1])) {
                    java.util.Collections.swap(sorted, i, i + 1);
                }
            }
        }
    }

    List<PlaceView.FamilyStone> families() {
        List<PlaceView.FamilyStone> stones = new ArrayList<>();
        for (Family f :
                new Family[] {Family.SHADOW, Family.LIGHT, Family.COLOUR, Family.SHEEN, Family.SUN, Family.POWDER}) {
            boolean on = !plan.sheet().off().contains(f);
            Set<Area> areas = EnumSet.noneOf(Area.class);
            plan.plan().zones().stream()
                    .map(PlacedZone::area)
                    .filter(a -> a.family() == f)
                    .forEach(areas::add);
            String colour = plan.zones().stream()
                    .filter(z -> z.zone().area().family() == f && z.product() != null)
                    .findFirst()
                    .map(z -> Srgb.hex(z.product().settled()))
                    .orElse("#B4B4B4");
            boolean dark = plan.zones().stream()
                    .filter(z -> z.zone().area().family() == f && z.product() != null)
                    .findFirst()
                    .map(z -> z.product().settled().lightness() < 60)
                    .orElse(false);
            stones.add(new PlaceView.FamilyStone(f.name(), w.family(f), areas.size(), on, colour, dark));
        }
        return stones;
    }

    List<PlaceView.CautionRow> cautions() {
        List<PlaceView.CautionRow> rows = new ArrayList<>();
        Set<String> said = new java.util.HashSet<>();
        for (Caution c : plan.plan().cautions()) {
            if (plan.sheet().off().contains(c.area().family()) || !said.add(c.fault() + "" + c.area())) {
                continue;
            }
            rows.add(new PlaceView.CautionRow(
                    w.say("fault." + c.fault(), w.area(c.area())),
                    w.say("remedy." + c.fault().remedy()),
                    c.area().name(),
                    c.side().name(),
                    c.fault().remedy().name()));
        }
        for (WorkedZone z : plan.zones()) {
            Area area = z.zone().area();
            boolean wrong = z.verdict() != null && !z.verdict().fits();
            boolean byHand = plan.sheet().products().containsKey(area);
            if (wrong && byHand && said.add("product" + area)) {
                rows.add(new PlaceView.CautionRow(
                        w.say("place.productCaution", w.area(area), w.judgement(z.verdict())),
                        w.say("remedy.PRODUCT"),
                        area.name(),
                        z.zone().side().name(),
                        "PRODUCT"));
            }
        }
        if (plan.known().base() != null
                && Coverage.of(plan.known().base().contrastRatio()) == Coverage.SHEER
                && PlannedContour.cream(plan.zones())) {
            rows.add(new PlaceView.CautionRow(w.say("wear.TOO_THIN_FOR_CONTOUR"), null, null, null, null));
        }
        for (Caution c : plan.plan().withheld()) {
            if (said.add("withheld" + c.area())) {
                rows.add(new PlaceView.CautionRow(
                        w.say("place.withheld", w.area(c.area())),
                        null,
                        c.area().name(),
                        c.side().name(),
                        null));
            }
        }
        return rows;
    }

    List<PlaceView.KeptOffRow> keptOff() {
        return plan.plan().keptOff().stream()
                .filter(k -> !plan.sheet().off().contains(k.area().family()))
                .map(k -> new PlaceView.KeptOffRow(
                        w.area(k.area()),
                        w.say("why." + k.why()),
                        k.insist() == null ? null : k.insist().name()))
                .toList();
    }

    PlaceView.Chosen why(WorkedZone z, String baseName, Lab baseColour) {
        PlacedZone zone = z.zone();
        int last = plan.zones().stream().mapToInt(WorkedZone::number).max().orElse(1);
        String next = plan.zones().stream()
                .filter(o -> o.number() == z.number() % last + 1)
                .findFirst()
                .map(o -> PlaceView.key(o.zone()))
                .orElse(PlaceView.key(zone));
        PlaceSheet.Edited edit = plan.sheet().edit(zone.area(), zone.side()).orElse(null);
        Schools.Other other = Schools.otherWay(zone.area(), plan, w);
        boolean caution = z.verdict() != null && !z.verdict().fits();
        return new PlaceView.Chosen(
                PlaceView.key(zone),
                zone.area().name(),
                zone.side().name(),
                w.say("place.kicker", z.number(), last, w.sides(zone)),
                w.area(zone.area()),
                w.product(z.product()),
                w.amount(z),
                w.tilt(z),
                z.verdict() == null ? w.say("judge.nothing") : w.judgement(z.verdict()),
                caution,
                zone.reasons().stream().map(w::reason).distinct().limit(4).toList(),
                (int) Math.round(zone.strength() * 100),
                w.strength(zone.strength()),
                zone.edited(),
                edit == null ? null : w.say("place.editedBy", edit.who().split(" ")[0]),
                z.product() == null ? sought(z) : null,
                z.answer().foremost().stream()
                        .limit(6)
                        .map(c -> new PlaceView.Other(
                                c.product().id(),
                                c.product().fullName(),
                                c.product().stoneId(),
                                Srgb.hex(c.product().settled()),
                                w.judgement(c.verdict()),
                                z.product() != null
                                        && c.product().id() == z.product().id()))
                        .toList(),
                other == null ? null : other.words(),
                other == null ? null : other.field(),
                other == null ? null : other.value(),
                next,
                strata(z, baseName, baseColour));
    }

    private PlaceView.Sought sought(WorkedZone z) {
        RoleShelf.Answer answer = z.answer();
        Lab colour = answer.mix() == null
                ? answer.sought().colour()
                : answer.mix().laid().coat().product().toLab();
        return new PlaceView.Sought(w.sought(answer, z.zone().area().family()), Srgb.hex(colour));
    }

    /** Skin lowest, then base, then this product; heights after the film's thickness, at least 12 px to be seen. */
    private List<PlaceView.Stratum> strata(WorkedZone z, String baseName, Lab baseColour) {
        List<PlaceView.Stratum> layers = new ArrayList<>();
        double y = 84;
        layers.add(stratum("skin", 30, y, Srgb.hex(plan.known().skin().skin()), w.say("place.skin"), false));
        y -= 30;
        if (baseName != null) {
            layers.add(stratum("base", 18, y, Srgb.hex(baseColour), baseName, false));
            y -= 18;
        }
        if (z.dose() != null) {
            double high = Math.max(15, Math.min(28, 18 * z.dose().coats()));
            layers.add(stratum(
                    "own", high, y, Srgb.hex(z.dose().result()), z.product().fullName(), true));
        }
        return layers;
    }

    private static PlaceView.Stratum stratum(
            String id, double high, double bottom, String colour, String name, boolean strong) {
        double top = bottom - high;
        StringBuilder d = new StringBuilder("M0 " + bottom);
        int seed = id.hashCode();
        d.append(String.format(Locale.ROOT, "L0 %.1f", top));
        for (int i = 1; i <= 6; i++) {
            double wobble = 2.2 * Math.sin(seed * .7 + i * 1.9);
            d.append(String.format(
                    Locale.ROOT, "Q%.1f %.1f %.1f %.1f", i * 40.0 - 20, top + wobble, i * 40.0, top + wobble / 3));
        }
        d.append(String.format(Locale.ROOT, "L240 %.1fZ", bottom));
        return new PlaceView.Stratum(d.toString(), colour, name, top + high / 2, strong);
    }

    /** Returns the colour that turns skin into the result by multiplying, or by screening where it is lighter. */
    private static String change(Lab skin, Lab result) {
        double[] s = code(skin);
        double[] r = code(result);
        boolean screen = result.lightness() > skin.lightness();
        StringBuilder hex = new StringBuilder("#");
        for (int c = 0; c < 3; c++) {
            double v = screen ? 1 - (1 - r[c]) / Math.max(.02, 1 - s[c]) : r[c] / Math.max(.02, s[c]);
            hex.append(String.format(Locale.ROOT, "%02x", Math.round(255 * Math.max(0, Math.min(1, v)))));
        }
        return hex.toString();
    }

    private static double[] code(Lab lab) {
        double[] linear = Srgb.toLinear(lab.toXyz());
        return new double[] {Srgb.toCode(linear[0]), Srgb.toCode(linear[1]), Srgb.toCode(linear[2])};
    }
}
