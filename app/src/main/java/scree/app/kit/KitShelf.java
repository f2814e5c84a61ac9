package scree.app.kit;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.LocalDate;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import scree.app.memory.Memories;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.core.shade.BaseShelf;
import scree.core.shade.Role;
import scree.core.shade.ShadeIndex;

/**
 * A studio's bases ready to be ranked, kept in memory until the kit changes: its version is asked each time, once a transaction, which is
 * cheap; reading and indexing ten thousand products is not.
 */
@Service
public class KitShelf {
    private static final int MOST_STUDIOS = 32;
    private static final int MOST_WETTINGS = 12;

    private final ProductMapper mapper;
    private final StudioTime time;
    private final Cache<StudioId, Shelf> shelves;

    KitShelf(ProductMapper mapper, StudioTime time, Memories memories) {
        this.shelves = memories.keep("shelves", MOST_STUDIOS);
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
        private final Function<Role, List<Product>> kit;
        private final Map<Role, List<Product>> roles = new ConcurrentHashMap<>();

        /** @param kit what the kit has for a role, asked at most once for each */
        Shelf(long version, LocalDate today, Function<Role, List<Product>> kit) {
            this.version = version;
            this.day = today;
            this.kit = kit;
            this.bases = withRole(Role.BASE);
            this.settled =
                    new ShadeIndex(this.bases.stream().map(Product::settled).toList());
            for (int i = 0; i < this.bases.size(); i++) {
                Product p = this.bases.get(i);
                doubtful.set(i, !p.inStock() || p.allergens() != null || p.pastItsTime(today));
            }
        }

        private boolean is(long otherVersion, LocalDate otherDay) {
            return version == otherVersion && day.equals(otherDay);
        }

        /** Returns the version of the kit that this is. */
        public long version() {
            return version;
        }

        /** Returns the studio's day, for what is past its time. */
        public LocalDate day() {
            return day;
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

        /** Returns all products of a role. */
        public List<Product> withRole(Role role) {
            return roles.computeIfAbsent(role, r -> List.copyOf(kit.apply(r)));
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
        LocalDate today = today(studio);
        Shelf kept = shelves.getIfPresent(studio);
        return kept != null && kept.is(version, today)
                ? kept
                : shelves.asMap()
                        .compute(studio, (s, k) -> k != null && k.is(version, today) ? k : read(s, version, today));
    }

    private Shelf read(StudioId studio, long version, LocalDate today) {
        return new Shelf(version, today, role -> mapper.withRole(studio, role));
    }

    /** Returns the studio's day, for what is past its time. */
    public LocalDate today(StudioId studio) {
        return time.today(studio);
    }
}
