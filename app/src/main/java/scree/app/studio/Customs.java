package scree.app.studio;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a studio is called, where it works and what it counts in. */
@Service
public class Customs {
    private static final int STUDIOS_KEPT = 1000;
    /** After so long a process sees what another one has changed. */
    private static final Duration KEPT = Duration.ofMinutes(1);

    private final AccountMapper mapper;
    private final StudioTime zones;
    private final LoadingCache<StudioId, Kept> kept;

    Customs(AccountMapper mapper, StudioTime zones) {
        this.mapper = mapper;
        this.zones = zones;
        this.kept = Caffeine.newBuilder()
                .maximumSize(STUDIOS_KEPT)
                .expireAfterWrite(KEPT)
                .build(mapper::customs);
    }

    /** In what amounts are also said, and on what paper is printed. */
    public enum Units {
        /** Millilitres alone, A4. */
        METRIC,
        /** What a pack holds also in fluid ounces, Letter. */
        US
    }

    /**
     * What is kept of it.
     *
     * @param zone the tz database's name, null for where the server is
     * @param currency a code of ISO 4217, null while nobody said
     */
    public record Kept(String name, String zone, String currency, Units units) {
        private static final int ML_PER_100_OUNCES = 2957;
        private static final int HUNDRED = 100;

        /** Of nobody. */
        public static Kept none() {
            return new Kept("", null, null, Units.METRIC);
        }

        /** Returns an amount as it is written, with the currency where one is known. */
        public String money(double amount) {
            String figure = String.format(Locale.ROOT, "%.2f", amount);
            return currency == null ? figure : figure + " " + currency;
        }

        /**
         * Returns fluid ounces of what a pack holds where the studio thinks in them, else null.
         *
         * @param millilitres null while nobody said
         */
        public String ounces(Double millilitres) {
            return units == Units.US && millilitres != null
                    ? String.format(Locale.ROOT, "%.2f", millilitres * HUNDRED / ML_PER_100_OUNCES)
                    : null;
        }
    }

    /** Returns a studio's customs. */
    public Kept of(StudioId studio) {
        return kept.get(studio);
    }

    /** Changes them; prices stay the figures that they are. */
    @Transactional
    public void put(StudioId studio, Kept customs) {
        mapper.putCustoms(studio, customs);
        kept.invalidate(studio);
        zones.forget(studio);
    }

    /** Returns zones by place, as people know them. */
    public static List<String> zones() {
        return ZoneId.getAvailableZoneIds().stream()
                .filter(z -> z.equals("UTC") || z.contains("/") && !z.startsWith("Etc/") && !z.startsWith("SystemV/"))
                .sorted()
                .toList();
    }

    /** Returns the codes of what is paid with; metals, test codes and "none" have no smaller unit, francs and dollars of several countries do. */
    public static List<String> currencies() {
        return Currency.getAvailableCurrencies().stream()
                .filter(c -> c.getDefaultFractionDigits() >= 0)
                .map(Currency::getCurrencyCode)
                .sorted(Comparator.naturalOrder())
                .toList();
    }
}
