package scree.app.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StudioTimeTest {
    private static final StudioId EAST = new StudioId(1);
    private static final StudioId WEST = new StudioId(2);
    private static final StudioId HERE = new StudioId(3);
    private static final StudioId UNKNOWN = new StudioId(4);

    private final Clock server = Clock.fixed(Instant.parse("2026-06-30T22:30:00Z"), ZoneOffset.UTC);
    private final Map<StudioId, String> zones =
            Map.of(EAST, "Europe/Oslo", WEST, "America/Lima", UNKNOWN, "Middle/Earth");
    private final StudioTime time = new StudioTime(server, zones::get);

    @Test
    void aDayIsTheStudiosDay() {
        assertThat(time.today(EAST)).isEqualTo(LocalDate.of(2026, 7, 1));
        assertThat(time.today(WEST)).isEqualTo(LocalDate.of(2026, 6, 30));
        assertThat(time.now(EAST)).isEqualTo(LocalDateTime.of(2026, 7, 1, 0, 30));
    }

    @Test
    void withoutAZoneOrWithAnUnknownOneItIsTheServers() {
        assertThat(time.zone(HERE)).isEqualTo(ZoneOffset.UTC);
        assertThat(time.zone(UNKNOWN)).isEqualTo(ZoneOffset.UTC);
    }

    @Test
    void aZoneKnowsItsSeasons() {
        assertThat(time.zone(EAST)).isEqualTo(ZoneId.of("Europe/Oslo"));
        StudioTime winter =
                new StudioTime(Clock.fixed(Instant.parse("2026-01-10T12:00:00Z"), ZoneOffset.UTC), zones::get);
        assertThat(winter.now(EAST).getHour()).isEqualTo(13);
    }
}
