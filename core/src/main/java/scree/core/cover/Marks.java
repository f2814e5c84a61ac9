package scree.core.cover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.skin.FreeSpot;
import scree.core.skin.SkinFinding;
import scree.core.skin.SkinFindings;
import scree.core.skin.SkinReading;
import scree.core.skin.SpotReading;
import scree.core.skin.Texture;
import scree.core.skin.Zone;
import scree.core.skin.ZoneOutline;
import scree.core.skin.ZoneReading;

/** Gathers what parts from the skin beside it on a face: what was found zone against zone, what the artist marked, what feels broken. */
public final class Marks {
    /** Centimetres between the pupils. Cited: the usual distance of adults is 6.3 cm (ANSUR). */
    static final double PUPILS_CM = 6.3;

    private Marks() {}

    /**
     * Returns them, largest first in what they ask for: difference by the root of their size.
     *
     * @param ruledOut findings that the artist ruled out
     * @param feel texture by zone, of either side
     * @param broken spots whose skin the artist called broken: a popped blemish is
     * @param outlines where the zones lie, so that a spot on a zone that is corrected first is judged beside corrected skin
     */
    public static List<Mark> of(
            SkinReading reading,
            Set<SkinFinding.Code> ruledOut,
            Map<Zone, List<Texture>> feel,
            Set<Integer> broken,
            List<ZoneOutline> outlines) {
        List<Mark> all = new ArrayList<>();
        Set<Zone> taken = new HashSet<>();
        for (SkinFinding f : SkinFindings.of(reading)) {
            Seen seen = Seen.of(f.code());
            if (seen != null && !ruledOut.contains(f.code()) && taken.add(f.zone())) {
                found(reading, f, seen, feel).ifPresent(all::add);
            }
        }
        for (Map.Entry<Zone, List<Texture>> e : feel.entrySet()) {
            if (e.getValue().contains(Texture.BROKEN_SKIN) && taken.add(e.getKey())) {
                broken(reading, e.getKey(), e.getValue()).ifPresent(all::add);
            }
        }
        List<Mark> zones = List.copyOf(all);
        for (SpotReading s : reading.spots()) {
            Mark mark = spot(s, broken.contains(s.spot().id()), under(s.spot(), zones, outlines));
            if (!offSkin(s, reading) && (mark.difference() >= Place.SEEN || mark.bears() == Bears.BROKEN)) {
                all.add(mark);
            }
        }
        all.sort(Comparator.comparingDouble((Mark m) -> m.difference() * Math.sqrt(m.area()))
                .reversed()
                .thenComparing(Mark::key));
        return List.copyOf(all);
    }

    private static Optional<Mark> found(SkinReading reading, SkinFinding f, Seen seen, Map<Zone, List<Texture>> feel) {
        Optional<Lab> at = reading.tellingColourOf(f.zone());
        Optional<Lab> beside = reading.tellingColourOf(f.against());
        if (at.isEmpty() || beside.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Mark(
                seen, f.zone(), null, at.get(), beside.get(), area(f.zone()), feel.getOrDefault(f.zone(), List.of())));
    }

    /** Broken skin stands in the list whatever its colour: nothing goes there, and the artist has to see it. */
    private static Optional<Mark> broken(SkinReading reading, Zone zone, List<Texture> feel) {
        return reading.zones().stream()
                .filter(z -> z.zone() == zone)
                .map(ZoneReading::colour)
                .findFirst()
                .map(c -> new Mark(Seen.BLEMISH, zone, null, c, c, area(zone), feel));
    }

    /** Farther than this from every zone that was read, the ring round a spot is hair, cloth or background. House choice, ΔE00. */
    private static final double OFF_SKIN = 16;

    /** Returns whether a spot does not lie on skin. */
    public static boolean offSkin(SpotReading s, SkinReading reading) {
        return !reading.zones().isEmpty()
                && reading.zones().stream().noneMatch(z -> z.colour().differenceFrom(s.surround()) <= OFF_SKIN);
    }

    /** Returns what the spot lies on, where that is corrected itself. */
    private static Optional<Mark> under(FreeSpot spot, List<Mark> zones, List<ZoneOutline> outlines) {
        return outlines.stream()
                .filter(o -> o.holds(spot.x(), spot.y()))
                .flatMap(o -> zones.stream().filter(m -> m.zone() == o.zone() && m.bears() != Bears.BROKEN))
                .findFirst();
    }

    private static Mark spot(SpotReading s, boolean broken, Optional<Mark> under) {
        FreeSpot spot = s.spot();
        double radius = spot.radius() * PUPILS_CM;
        List<Texture> feel = broken ? List.of(Texture.BROKEN_SKIN) : List.of();
        return new Mark(
                Seen.of(spot.kind()),
                under.map(Mark::zone).orElse(null),
                spot,
                s.colour(),
                under.map(Mark::surround).orElse(s.surround()),
                Math.PI * radius * radius,
                feel);
    }

    /** Returns a zone's size on both sides, cm². */
    public static double area(Zone zone) {
        var outline = zone.template(zone.paired() ? Side.LEFT : Side.CENTRE);
        double one = Math.PI * outline.radiusX() * outline.radiusY() * PUPILS_CM * PUPILS_CM;
        return zone.paired() ? 2 * one : one;
    }
}
