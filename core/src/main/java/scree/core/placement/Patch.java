package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import scree.core.judge.LaidProduct;
import scree.core.plane.Vec;

/**
 * Where something lies on a face and how much of it, drawn softly.
 *
 * @param layers sheets of cells; each adds its share
 * @param softness standard deviation of the edge, pupil distances
 * @param room where it may show
 */
public record Patch(List<List<Piece.Cell>> layers, double softness, Room room) {
    /** Parts of a face that product keeps to. */
    public enum Room {
        /** The face without eyes, lips and nostrils. */
        FACE,
        /** The same without brows: where a base goes. */
        BASE,
        /** The face up into the hair's edge. */
        TO_HAIR,
        /** The same with the neck. */
        TO_NECK,
        /** The lips alone. */
        LIPS,
        /** All but the open eye. */
        AROUND_EYE
    }

    public Patch {
        layers = layers.stream().map(List::copyOf).toList();
    }

    /** Returns the patch that a zone is in a product. */
    public static Patch of(PlacedZone zone, LaidProduct product) {
        int most = zone.pieces().stream().mapToInt(p -> p.layers().size()).max().orElse(0);
        List<List<Piece.Cell>> layers = new ArrayList<>();
        for (int l = 0; l < most; l++) {
            List<Piece.Cell> cells = new ArrayList<>();
            for (Piece piece : zone.pieces()) {
                if (l < piece.layers().size()) {
                    cells.addAll(piece.layers().get(l).cells());
                }
            }
            layers.add(cells);
        }
        Room room = zone.area().meetsHair() ? Room.TO_HAIR : zone.area().meetsNeck() ? Room.TO_NECK : Room.FACE;
        return new Patch(layers, Dose.softness(zone, product), room);
    }

    /** Returns one even patch. */
    public static Patch even(List<Vec> outline, double softness, Room room) {
        return new Patch(List.of(List.of(new Piece.Cell(outline, 1))), softness, room);
    }

    /** What each nested layer adds. */
    private static final double[] LAYER_SHARE = {.36, .34, .30};

    /** Returns how much lies at a place on the face, 0 to 1 of its peak, before edges are softened. */
    public double amountAt(Vec at) {
        double sum = 0;
        for (int l = 0; l < layers.size(); l++) {
            double share = layers.size() == 1 ? 1 : shareOf(l);
            for (Piece.Cell cell : layers.get(l)) {
                if (holds(cell.outline(), at)) {
                    sum += share * cell.amount();
                    break;
                }
            }
        }
        return Math.min(1, sum);
    }

    private static boolean holds(List<Vec> line, Vec at) {
        boolean inside = false;
        for (int i = 0; i < line.size(); i++) {
            Vec a = line.get(i);
            Vec b = line.get((i + 1) % line.size());
            if (a.y() > at.y() != b.y() > at.y()
                    && at.x() < a.x() + (at.y() - a.y()) / (b.y() - a.y()) * (b.x() - a.x())) {
                inside = !inside;
            }
        }
        return inside;
    }

    /** Returns what a nested layer adds, widest first. */
    static double shareOf(int layer) {
        return LAYER_SHARE[Math.min(layer, LAYER_SHARE.length - 1)];
    }

    /** Returns the points of all its outlines, for the box that holds them. */
    List<Vec> points() {
        return layers.stream()
                .flatMap(List::stream)
                .flatMap(c -> c.outline().stream())
                .toList();
    }
}
