package scree.core.placement;

import java.util.List;
import java.util.function.UnaryOperator;
import scree.core.plane.Vec;

/**
 * One patch of product: a closed smooth edge and, within it, layers whose cells carry how much lies there.
 *
 * @param edge closed, the first point not repeated
 * @param layers widest first; each cell's amount is 0 to 1 of the zone's strength
 * @param line the middle line in the direction of its points; a single point for a dab
 */
public record Piece(List<Vec> edge, List<Layer> layers, List<Vec> line) {
    public Piece {
        edge = List.copyOf(edge);
        layers = List.copyOf(layers);
        line = List.copyOf(line);
    }

    /** One sheet of cells. */
    public record Layer(List<Cell> cells) {
        public Layer {
            cells = List.copyOf(cells);
        }
    }

    /** A small polygon with one amount. */
    public record Cell(List<Vec> outline, double amount) {
        public Cell {
            outline = List.copyOf(outline);
        }
    }

    /** Returns the piece with every point moved. */
    public Piece map(UnaryOperator<Vec> move) {
        return new Piece(
                edge.stream().map(move).toList(),
                layers.stream()
                        .map(l -> new Layer(l.cells().stream()
                                .map(c ->
                                        new Cell(c.outline().stream().map(move).toList(), c.amount()))
                                .toList()))
                        .toList(),
                line.stream().map(move).toList());
    }
}
