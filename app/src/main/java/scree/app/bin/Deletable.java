package scree.app.bin;

import java.time.OffsetDateTime;
import java.util.List;
import scree.app.studio.StudioId;

/** A feature whose things can be deleted, brought back, and in the end erased. */
public interface Deletable {
    /** Returns what its things are called in addresses and messages. */
    String kind();

    /** Returns what lies in the bin, the newest first. */
    List<Deleted> deleted(StudioId studio);

    /** @throws scree.app.web.NotHere when it does not lie in the bin */
    void restore(StudioId studio, long id);

    /** Erases for good what was deleted before a time. */
    void erase(StudioId studio, OffsetDateTime before);
}
