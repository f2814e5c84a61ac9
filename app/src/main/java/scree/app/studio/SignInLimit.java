package scree.app.studio;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.distributed.proxy.ProxyManager;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * How often a password may be tried. Buckets lie in the database, so that several processes share them; each has a few quick
 * tries, then ever fewer an hour and a day, so that the wait grows. A stranger cannot lock an artist out: what one address tires
 * is its own, and a browser on which the artist signed in before has a bucket apart from everyone's. Accounts that do not exist
 * have buckets like any other.
 */
@Component
public class SignInLimit {
    /** House choice: a slip or two, then a breath; by day a guesser gets thirty, of which none is likely. */
    private static final List<Bandwidth> OF_PAIR =
            List.of(a(5, Duration.ofMinutes(1)), a(15, Duration.ofHours(1)), a(30, Duration.ofDays(1)));

    /** House choice: thirty people behind one address sign in at once in the morning, some of them twice. */
    private static final List<Bandwidth> OF_ADDRESS =
            List.of(a(60, Duration.ofMinutes(1)), a(300, Duration.ofHours(1)));

    /** House choice: many addresses together get no further than a few dozen a day. */
    private static final List<Bandwidth> OF_ACCOUNT = List.of(a(30, Duration.ofHours(1)), a(60, Duration.ofDays(1)));

    /** House choice: a browser that is known may be stolen, so it tires too. */
    private static final List<Bandwidth> OF_DEVICE = List.of(a(10, Duration.ofMinutes(1)), a(30, Duration.ofHours(1)));

    private final ProxyManager<Long> buckets;

    SignInLimit(DataSource store) {
        buckets = Bucket4jPostgreSQL.selectForUpdateBasedBuilder(store)
                .expirationAfterWrite(
                        ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(Duration.ofMinutes(1)))
                .build();
    }

    private static Bandwidth a(int tries, Duration in) {
        return Bandwidth.builder().capacity(tries).refillGreedy(tries, in).build();
    }

    /**
     * Counts a try.
     *
     * @param account as typed, whether there is one or not
     * @param device token of a browser that is known to the account, or null
     * @return how long to wait before trying again; zero when this try may go on
     */
    public Duration tried(String account, String address, String device) {
        String who = account.strip().toLowerCase(Locale.ROOT);
        if (device != null) {
            return take("device", who + " " + device, OF_DEVICE);
        }
        Duration pair = take("pair", who + " " + address, OF_PAIR);
        if (!pair.isZero()) {
            return pair;
        }
        Duration here = take("address", address, OF_ADDRESS);
        return here.isZero() ? take("account", who, OF_ACCOUNT) : here;
    }

    /** Gives back what a try with the right password took. */
    public void succeeded(String account, String address, String device) {
        String who = account.strip().toLowerCase(Locale.ROOT);
        if (device != null) {
            giveBack("device", who + " " + device, OF_DEVICE);
        } else {
            giveBack("pair", who + " " + address, OF_PAIR);
            giveBack("address", address, OF_ADDRESS);
            giveBack("account", who, OF_ACCOUNT);
        }
    }

    /**
     * Counts a question to a key: no account is told with it, so it is the address alone that tires.
     *
     * @return how long to wait; zero when it may be asked
     */
    public Duration asked(String address) {
        return take("key", address, OF_ADDRESS);
    }

    /** Gives back what a question took that a key answered. */
    public void answered(String address) {
        giveBack("key", address, OF_ADDRESS);
    }

    private Duration take(String kind, String of, List<Bandwidth> limits) {
        ConsumptionProbe probe = bucket(kind, of, limits).tryConsumeAndReturnRemaining(1);
        return probe.isConsumed() ? Duration.ZERO : Duration.ofNanos(probe.getNanosToWaitForRefill());
    }

    private void giveBack(String kind, String of, List<Bandwidth> limits) {
        bucket(kind, of, limits).addTokens(1);
    }

    private io.github.bucket4j.Bucket bucket(String kind, String of, List<Bandwidth> limits) {
        return buckets.builder().build(key(kind + " " + of), () -> {
            var configuration = BucketConfiguration.builder();
            limits.forEach(configuration::addLimit);
            return configuration.build();
        });
    }

    private static long key(String text) {
        return ByteBuffer.wrap(Secrets.sha256(text.getBytes(StandardCharsets.UTF_8)))
                .getLong();
    }
}
