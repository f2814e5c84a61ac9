package scree.app.kit;

import java.time.LocalDate;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.core.shade.BaseShelf;
import scree.core.shade.Role;
import scree.core.shade.ShadeIndex;

/**
 * A studio's bases ready to be ranked, kept in memory until the kit changes: its version is asked each time, which is cheap, and
 * reading and indexing ten thousand products is not.
 */
@Service
public class KitShelf {
    private static final int MOST_STUDIOS = 32;
    private static final int MOST_WETTINGS = 12;

    private final ProductMapper mapper;
    private final StudioTime time;
    private final Map<StudioId, Object> locks = new ConcurrentHashMap<>();
    private final Map<StudioId, Shelf> shelves = new LinkedHashMap<>(16, .75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<StudioId, Shelf> eldest) {
            return size() > MOST_STUDIOS;
        }
    };

    KitShelf(ProductMapper mapper, StudioTime time) {
        this.mapper = mapper;
        this.time = time;
    }

    /** The bases of a kit at one version. Immutable but for the skins that were asked for, which are kept. */
    public static final class Shelf {
        private final long version;
        private final LocalDate day;
        private final List<Product> bases;
        private final BitSet doubtful = new BitSet();
        private final ShadeIndex settled;
        private final Map<Double, BaseShelf> onSkins = new ConcurrentHashMap<>();

        Shelf(long version, LocalDate today, List<Product> bases) {
            this.version = version;
            this.day = today;
            this.bases = List.copyOf(bases);
            this.settled =
                    new ShadeIndex(this.bases.stream().map(Product::settled).toList());
            for (int i = 0; i < this.bases.size(); i++) {
                Product p = this.bases.get(i);
                doubtful.set(i, !p.inStock() || p.allergens() != null || p.pastItsTime(today));
            }
        }

        /** Returns the version of the kit that this is. */
        public long version() {
            return version;
        }

        /** Returns whether the base at a position may have to stand apart; for all others nobody need ask. */
        public boolean doubtful(int position) {
            return doubtful.get(position);
        }

        /** Returns the positions of those that may have to stand apart. */
        public IntStream doubtful() {
            return doubtful.stream();
        }

        /** Returns the bases in the order of the ranking's positions. */
        public List<Product> bases() {
            return bases;
        }

        /** Returns the bases by their settled colours. */
        public ShadeIndex settled() {
            return settled;
        }

        /** @param wetting factor of the powder model */
        public BaseShelf onSkin(double wetting) {
            if (onSkins.size() > MOST_WETTINGS) {
                onSkins.clear();
            }
            return onSkins.computeIfAbsent(
                    wetting,
                    w -> new BaseShelf(bases.stream().map(Product::candidate).toList(), w));
        }
    }

    /** Returns the shelf as the kit is now. When it has to be read anew, one asks and the others of the studio wait for it. */
    public Shelf of(StudioId studio) {
        long version = mapper.kitVersion(studio);
        Shelf known = known(studio, version);
        if (known != null) {
            return known;
        }
        synchronized (locks.computeIfAbsent(studio, s -> new Object())) {
            Shelf meanwhile = known(studio, version);
            if (meanwhile != null) {
                return meanwhile;
            }
            Shelf fresh = new Shelf(version, today(studio), mapper.withRole(studio, Role.BASE));
            synchronized (shelves) {
                shelves.put(studio, fresh);
            }
            return fresh;
        }
    }

    private Shelf known(StudioId studio, long version) {
        synchronized (shelves) {
            Shelf kept = shelves.get(studio);
            return kept != null && kept.version == version && kept.day.equals(today(studio)) ? kept : null;
        }
    }

    /** Returns the studio's day, for what is past its time. */
    public LocalDate today(StudioId studio) {
        return time.today(studio);
    }
}
