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

    /** Returns the points of all its outlines, for the box that holds them. */
    List<Vec> points() {
        return layers.stream()
                .flatMap(List::stream)
                .flatMap(c -> c.outline().stream())
                .toList();
    }
}
