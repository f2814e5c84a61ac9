package scree.app.privacy;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioId;

/**
 * Who saw, changed, gave away and erased what of whom. Lines are added, and the database itself refuses to change one. Looking at and working on
 * one client is one line an hour and page: the list is to be read.
 */
@Service
public class Audit {
    private static final Duration ONE_LINE = Duration.ofHours(1);
    private static final int MOST_REMEMBERED = 20_000;
    private static final int SHOWN = 200;

    private final AuditMapper mapper;
    /** Forgotten by a restart and known to one process only: then there are two lines. */
    private final Cache<Told, Boolean> told = Caffeine.newBuilder()
            .maximumSize(MOST_REMEMBERED)
            .expireAfterWrite(ONE_LINE)
            .build();

    Audit(AuditMapper mapper) {
        this.mapper = mapper;
    }

    /** What was done. */
    public enum Act {
        SAW,
        CHANGED,
        /** Given away as a file. */
        GAVE,
        TOOK_IN,
        ERASED,
        /** A consent was withdrawn. */
        WITHDREW,
        /** How long things are kept was changed. */
        RULED
    }

    /** A line. */
    public record Line(OffsetDateTime at, String artist, Act act, Long client, String clientName, String page) {}

    private record Told(StudioId studio, long artist, Act act, long client, String page) {}

    /**
     * Adds a line.
     *
     * @param client null when it is about none
     * @param page null for the whole
     * @param counted as JSON, or null
     */
    @Transactional
    public void did(Member me, Act act, Long client, String page, String counted) {
        mapper.add(me.studio(), me.artistId(), act, client, page, counted);
    }

    /** Adds a line for looking or working, unless there is one of this hour. */
    @Transactional
    public void passed(Member me, Act act, long client, String page) {
        Told line = new Told(me.studio(), me.artistId(), act, client, page);
        if (told.getIfPresent(line) == null) {
            mapper.add(me.studio(), me.artistId(), act, client, page, null);
            told.put(line, true);
        }
    }

    /** Returns whose a sitting is, null for none. */
    Long clientOf(StudioId studio, long sitting) {
        return mapper.clientOf(studio, sitting);
    }

    /** Returns the newest lines, of one client or of all for null. */
    @Transactional(readOnly = true)
    public List<Line> newest(StudioId studio, Long client) {
        return mapper.newest(studio, client, SHOWN);
    }
}
