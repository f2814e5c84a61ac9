package scree.app.bin;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Param;
import scree.app.studio.StudioId;

/** What the bin asks of a feature's table; the feature's own mapper extends it. */
public interface BinTable {
    /** Returns 0 when there is no such thing, or it lies in the bin already. */
    int delete(@Param("studio") StudioId studio, @Param("id") long id);

    List<Deleted> deleted(@Param("studio") StudioId studio);

    /** Returns 0 when it does not lie in the bin. */
    int restore(@Param("studio") StudioId studio, @Param("id") long id);

    int erase(@Param("studio") StudioId studio, @Param("before") OffsetDateTime before);
}
