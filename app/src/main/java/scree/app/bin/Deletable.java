package scree.app.bin;

import java.time.OffsetDateTime;
import java.util.List;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;

/** A feature whose things can be deleted, brought back for thirty days, and in the end erased. */
public interface Deletable {
    /** Returns what its things are called in addresses and messages. */
    String kind();

    /** Returns its table as the bin sees it. */
    BinTable table();

    /** @throws NotHere when there is none */
    default void delete(StudioId studio, long id) {
        if (table().delete(studio, id) == 0) {
            throw new NotHere(kind());
        }
    }

    /** Returns what lies in the bin, the newest first. */
    default List<Deleted> deleted(StudioId studio) {
        return table().deleted(studio);
    }

    /** @throws NotHere when it does not lie in the bin */
    default void restore(StudioId studio, long id) {
        if (table().restore(studio, id) == 0) {
            throw new NotHere(kind());
        }
    }

    /** Erases for good what was deleted before a time. */
    default void erase(StudioId studio, OffsetDateTime before) {
        table().erase(studio, before);
    }
}
