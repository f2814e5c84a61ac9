package scree.core.image;

import java.util.List;
import java.util.OptionalInt;

/** What was seen of a swatch sheet. */
public sealed interface SheetSighting {
    /**
     * The whole sheet.
     *
     * @param number that its stones tell; empty when they cannot be read
     * @param marks centres of the squares in pixels: upper left, upper right, lower right, lower left as printed
     */
    record Found(OptionalInt number, List<Point> marks) implements SheetSighting {
        public Found {
            marks = List.copyOf(marks);
        }

        /** Returns the map from the sheet's millimetres to pixels. */
        public Homography toPicture() {
            return Homography.between(SheetLayout.marks(), marks);
        }

        /** Returns the map from pixels to the sheet's millimetres. */
        public Homography toSheet() {
            return Homography.between(marks, SheetLayout.marks());
        }
    }

    /** A part of a sheet: {@code marks} of its four squares, 2 or 3. */
    record Partial(int marks) implements SheetSighting {}

    /** No sheet. */
    record None() implements SheetSighting {}
}
