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

        public Point centre() {
            return toPicture().map(CardLayout.WIDTH / 2, CardLayout.HEIGHT / 2);
        }
    }

    /** A part of a card: {@code marks} of its four dots, 2 or 3. The rest is hidden, cut off or in glare. */
    record Partial(int marks) implements CardSighting {}

    /** No card. */
    record None() implements CardSighting {}
}
