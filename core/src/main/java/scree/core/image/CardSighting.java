package scree.core.image;

import java.util.List;

/** What the card finder saw. */
public sealed interface CardSighting {
    /**
     * The whole card.
     *
     * @param marks centres of the dots in pixels: upper left, upper right, lower right, lower left as printed
     */
    record Found(CardLayout.Kind kind, List<Point> marks) implements CardSighting {
        public Found {
            marks = List.copyOf(marks);
        }

        /** Returns the map from the card's millimetres to pixels. */
        public Homography toPicture() {
            return Homography.between(CardLayout.marks(), marks);
        }

        /** Returns the card's outline in pixels, clockwise from its upper left corner. */
        public List<Point> outline() {
            Homography h = toPicture();
            return List.of(
                    h.map(0, 0),
                    h.map(CardLayout.WIDTH, 0),
                    h.map(CardLayout.WIDTH, CardLayout.HEIGHT),
                    h.map(0, CardLayout.HEIGHT));
        }

        /** Returns the scale of the picture at the card, from its four edges; a face beside it lies about as far away. */
        public double millimetresPerPixel() {
            List<Point> o = outline();
            double pixels = 0;
            for (int i = 0; i < 4; i++) {
                pixels += o.get(i).distanceTo(o.get((i + 1) % 4));
            }
            return 2 * (CardLayout.WIDTH + CardLayout.HEIGHT) / pixels;
        }

        public Point centre() {
            return toPicture().map(CardLayout.WIDTH / 2, CardLayout.HEIGHT / 2);
        }
    }

    /** A part of a card: {@code marks} of its four dots, 2 or 3. The rest is hidden, cut off or in glare. */
    record Partial(int marks) implements CardSighting {}

    /** A colour card of another layout: only Scree's own can be read. */
    record Other() implements CardSighting {}

    /** No card. */
    record None() implements CardSighting {}
}
