package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.face.Unevenness;
import scree.core.method.Aim;
import scree.core.method.Insist;
import scree.core.method.PlacementMethod;
import scree.core.plane.Vec;
import scree.core.reason.Reason;

/** A plan in the making: the face as the rules see it, and the zones so far. */
final class Draft {
    static final Side[] BOTH = {Side.RIGHT, Side.LEFT};
    /** A fuller side gets this much more shadow for each share of width that it is fuller, up to the most. House choice. */
    private static final double FULLER_MORE = 2.5;

    private static final double FULLER_MOST = .25;
    /** A side that the artist calls fuller. House choice: about what a difference of six percent gets. */
    private static final double FULLER_TICKED = .15;
    /** Light, colour and sheen follow the aim's factor by this share only: a light hand must still be seen. House choice. */
    private static final double FOLLOWS_AIM = .6;
    /** No zone is worked more strongly than this. */
    static final double MOST_STRENGTH = 1.3;

    final FaceBrief brief;
    final PlacementMethod method;
    final Tuning tuning;
    final Outline outline;
    final KeepOff keepOff;
    private final Map<Side, SideMap> sides;
    private final Map<Side, CheekLines> cheeks;
    private final List<PlacedZone> zones = new ArrayList<>();
    private final List<KeptOff> keptOff = new ArrayList<>();

    Draft(FaceBrief brief, PlacementMethod method) {
        this.brief = brief;
        this.method = method;
        this.tuning = Tuning.of(brief, method.aim());
        this.outline = new Outline(brief.face());
        this.keepOff = new KeepOff(brief.face());
        this.sides = Map.of(
                Side.RIGHT, new SideMap(brief.face(), Side.RIGHT, outline, keepOff),
                Side.LEFT, new SideMap(brief.face(), Side.LEFT, outline, keepOff));
        this.cheeks = Map.of(
                Side.RIGHT, new CheekLines(this, side(Side.RIGHT)),
                Side.LEFT, new CheekLines(this, side(Side.LEFT)));
    }

    SideMap side(Side side) {
        return sides.get(side);
    }

    CheekLines cheek(Side side) {
        return cheeks.get(side);
    }

    List<PlacedZone> zones() {
        return zones;
    }

    List<KeptOff> keptOff() {
        return keptOff;
    }

    /** Notes that an area is left out, and why. */
    void keepOff(Area area, Why why) {
        keptOff.add(new KeptOff(area, why, null));
    }

    /** Notes that a chosen school is not followed, why, and how to have it all the same. */
    void keepOff(Area area, Why why, Insist insist) {
        keptOff.add(new KeptOff(area, why, insist));
    }

    boolean insisted(Insist on) {
        return method.insisted().contains(on);
    }

    // ---- often asked ----

    boolean aim(Aim aim) {
        return method.aim() == aim;
    }

    boolean has(Tick tick) {
        return brief.has(tick);
    }

    boolean is(Trait trait, boolean high) {
        return brief.is(trait, high);
    }

    /** Returns the height from the hairline to the brows' starts. */
    double foreheadHeight() {
        return browHeight() - brief.face().at(Landmark.HAIRLINE).y();
    }

    double browHeight() {
        return (side(Side.RIGHT).browStart.y() + side(Side.LEFT).browStart.y()) / 2;
    }

    /** Returns the height from the brows' starts to the nose base. */
    double middleThird() {
        return brief.face().at(Landmark.SUBNASALE).y() - browHeight();
    }

    /** Returns the mean of a value over both sides: for zones of the middle. */
    double both(ToDoubleFunction<SideMap> of) {
        return (of.applyAsDouble(side(Side.RIGHT)) + of.applyAsDouble(side(Side.LEFT))) / 2;
    }

    /** Returns a point of the midline as it lies on the face. */
    Vec middle(double y) {
        return new Vec(side(Side.LEFT).middle(y), y);
    }

    /** Returns how much more shadow a fuller side gets, 1 when the sides are alike, and notes why. */
    double fuller(Side side, List<Reason> reasons) {
        for (Unevenness u : brief.balance().uneven()) {
            boolean width = u.kind() == Unevenness.Kind.CHEEK_WIDTH || u.kind() == Unevenness.Kind.JAW_WIDTH;
            if (width && u.side() == side) {
                reasons.add(Reason.note(Why.FULLER_SIDE, (int) Math.round(u.percent())));
                return 1 + Math.min(FULLER_MOST, FULLER_MORE * u.percent() / 100);
            }
        }
        if (has(side == Side.RIGHT ? Tick.FULLER_RIGHT : Tick.FULLER_LEFT)) {
            reasons.add(Reason.note(Why.FULLER_SIDE_TICKED));
            return 1 + FULLER_TICKED;
        }
        return 1;
    }

    void add(Zoning zoning) {
        zones.add(zoning.zone(method.aim()));
    }

    /** Collects what makes a zone. */
    final class Zoning {
        private final Area area;
        private final Side side;
        private final List<Piece> pieces = new ArrayList<>();
        private final List<Reason> reasons = new ArrayList<>();
        private final List<Stop> stops = new ArrayList<>();
        private List<Vec> way = List.of();
        private double strength;
        private double blur;

        Zoning(Area area, Side side) {
            this.area = area;
            this.side = side;
        }

        /** @param strength before the aim's factor */
        Zoning strength(double value, double softness) {
            double overall = tuning.overall();
            double byAim = area.family() == Family.SHADOW || area.family() == Family.SUN
                    ? overall
                    : 1 - FOLLOWS_AIM + FOLLOWS_AIM * overall;
            this.strength = Math.min(MOST_STRENGTH, value * byAim);
            this.blur = softness;
            return this;
        }

        Zoning piece(Piece made) {
            pieces.add(side == Side.CENTRE ? made : side(side).real(made));
            return this;
        }

        Zoning way(List<Vec> line) {
            way = side == Side.CENTRE
                    ? line
                    : line.stream().map(side(side)::turn).toList();
            return this;
        }

        Zoning why(Why why, Object... args) {
            reasons.add(Reason.note(why, args));
            return this;
        }

        Zoning why(List<Reason> more) {
            reasons.addAll(more);
            return this;
        }

        Zoning stop(Stop.Kind kind, Vec from, Vec to) {
            stops.add(new Stop(kind, side(side).turn(from), side(side).turn(to)));
            return this;
        }

        private PlacedZone zone(Aim aim) {
            if (aim != Aim.BALANCE && area.family() != Family.POWDER) {
                reasons.add(Reason.note(Why.AIM_ASKS, aim));
            }
            return new PlacedZone(area, side, pieces, strength, blur, way, stops, reasons, false);
        }
    }

    Zoning zone(Area area, Side side) {
        return new Zoning(area, side);
    }

    Zoning zone(Area area) {
        return new Zoning(area, Side.CENTRE);
    }
}
