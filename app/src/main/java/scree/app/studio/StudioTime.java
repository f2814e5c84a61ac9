package scree.app.studio;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.function.Function;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Service;

/**
 * What time it is where a studio works. Moments are stored as such; whatever a page calls a day or an hour is that of the studio,
 * not of the server.
 */
@Service
public class StudioTime {
    private static final int STUDIOS_KEPT = 1000;
    /** After so long a process sees a zone that another one has changed. */
    private static final Duration KEPT = Duration.ofMinutes(1);

    private final Clock clock;
    private final LoadingCache<StudioId, ZoneId> zones;

    @Autowired
    StudioTime(Clock clock, AccountMapper mapper) {
        this(clock, mapper::timeZone);
    }

    /** @param zones the tz database's name of where a studio works, or null */
    public StudioTime(Clock clock, Function<StudioId, String> zones) {
        this.clock = clock;
        this.zones = Caffeine.newBuilder()
                .maximumSize(STUDIOS_KEPT)
                .expireAfterWrite(KEPT)
                .build(studio -> zone(zones.apply(studio), clock.getZone()));
    }

    private static ZoneId zone(String name, ZoneId otherwise) {
        try {
            return name == null ? otherwise : ZoneId.of(name);
        } catch (DateTimeException unknown) { // this Java's table of zones may be older than the one it was chosen from
            return otherwise;
        }
    }

    /** Returns where the studio works. */
    public ZoneId zone(StudioId studio) {
        return zones.get(studio);
    }

    /** Asks again where the studio works. */
    void forget(StudioId studio) {
        zones.invalidate(studio);
    }

    /** Returns the studio's day. */
    public LocalDate today(StudioId studio) {
        return now(studio).toLocalDate();
    }

    /** Returns what the clock on the studio's wall says. */
    public LocalDateTime now(StudioId studio) {
        return LocalDateTime.ofInstant(clock.instant(), zone(studio));
    }
}
