package scree.core.placement;

import static scree.core.placement.SideMap.clamp;
import static scree.core.placement.SideMap.mix;

import java.util.ArrayList;
import java.util.List;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/**
 * The room between brow and lid, from past the arch to the brow's end.
 *
 * @param line under the brow, as far down as asked, within the room
 * @param room from the brow to the lid at each point
 */
record UnderBrow(List<Vec> line, List<Double> room) {
    private static final int POINTS = 17;
    /** It begins this share of the way from the brow's start to its arch. */
    private static final double BEGINS = .70;
    /** Half a brow's thickness. */
    private static final double HALF_BROW = .048;
    /** Room that is counted, at least and at most. */
    private static final double LEAST = .03;

    private static final double MOST = .2;
    /** A brow steeper than this over its length is taken as this wide. */
    private static final double LEAST_LENGTH = .02;
    /** Share of the room that a stroke may fill, and its taper to both ends. */
    private static final double FILLS = .4;

    private static final double ENDS = .35;

    /** @param drop how far under the brow the line lies, at most half of the room */
    static UnderBrow of(SideMap s, double drop) {
        List<Vec> brow = s.brow();
        double from = mix(brow.get(0).x(), brow.get(1).x(), BEGINS);
        double to = brow.get(2).x();
        List<Vec> raw = new ArrayList<>();
        List<Double> room = new ArrayList<>();
        for (int i = 0; i < POINTS; i++) {
            double x = mix(from, to, i / (POINTS - 1.0));
            double under = under(brow, x);
            double gap = Math.min(s.eyeTop(x), under + MOST) - under;
            room.add(gap);
            raw.add(new Vec(x, under + Math.min(drop, .5 * clamp(gap, LEAST, MOST))));
        }
        return new UnderBrow(evened(raw), room);
    }

    /** Returns the height of the brow's lower edge. */
    private static double under(List<Vec> brow, double x) {
        int piece = x < brow.get(1).x() ? 0 : 1;
        Vec a = brow.get(piece);
        Vec b = brow.get(piece + 1);
        double slope = (b.y() - a.y()) / Math.max(LEAST_LENGTH, b.x() - a.x());
        return a.y() + slope * (x - a.x()) + HALF_BROW * Math.sqrt(1 + slope * slope);
    }

    private static List<Vec> evened(List<Vec> raw) {
        List<Vec> line = new ArrayList<>(raw);
        for (int i = 1; i + 1 < raw.size(); i++) {
            double y = (raw.get(i - 1).y() + 2 * raw.get(i).y() + raw.get(i + 1).y()) / 4;
            line.set(i, new Vec(raw.get(i).x(), y));
        }
        return line;
    }

    /** Returns a width within the room of each place, tapered to both ends. */
    Profile width(double most) {
        double[] w = new double[room.size()];
        for (int i = 0; i < w.length; i++) {
            double t = i / (double) (w.length - 1);
            double taper = ENDS + (1 - ENDS) * Math.sin(Math.PI * t);
            w[i] = Math.min(most, FILLS * clamp(room.get(i), LEAST, MOST)) * taper;
        }
        return Profile.even(w);
    }

    /** Returns whether brow and lid leave any room. */
    boolean open() {
        return room.stream().mapToDouble(g -> g).min().orElse(0) >= LEAST;
    }
}
