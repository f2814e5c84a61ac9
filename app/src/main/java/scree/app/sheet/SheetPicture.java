package scree.app.sheet;

import java.time.OffsetDateTime;
import java.util.List;
import scree.core.colour.Lab;
import scree.core.swatch.FieldRead;

/**
 * A picture of a sheet that was read.
 *
 * @param paper bare paper as it was read
 * @param print bare print as it was read
 * @param kelvin of the light, or null with the grey card
 * @param fields what it says of each field, by number
 */
public record SheetPicture(
        long id,
        Stage stage,
        OffsetDateTime takenAt,
        boolean colourCard,
        Double kelvin,
        Lab paper,
        Lab print,
        List<FieldRead> fields) {

    /** A picture as its own row has it, before its fields. */
    SheetPicture(
            long id, Stage stage, OffsetDateTime takenAt, boolean colourCard, Double kelvin, Lab paper, Lab print) {
        this(id, stage, takenAt, colourCard, kelvin, paper, print, List.of());
    }

    /** When it was taken. */
    public enum Stage {
        /** Just laid. */
        WET,
        /** After its dry-down. */
        SETTLED
    }

    SheetPicture withFields(List<FieldRead> read) {
        return new SheetPicture(id, stage, takenAt, colourCard, kelvin, paper, print, List.copyOf(read));
    }

    /** Returns what it says of a field. */
    FieldRead field(int number) {
        return fields.get(number - 1);
    }
}
